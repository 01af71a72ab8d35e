import type { Of } from '../assortment/of.ts';
import type { ProductFact } from '../catalogue/facts.ts';
import type { Complete } from '../settings/setting.ts';
import type { Item } from './item.ts';
import { ownWords, readsWords, saidWith, type OwnWords } from './ownWords.ts';
import { partKindOf, type PartContext, type PartKind } from './partKind.ts';
import { linesOf, widthOf } from './text.ts';
import type { TextSize } from './textSize.ts';

/** What is particular to a part that is one text, in as many lines as it needs. */
interface LinePart<Id extends string> {
  id: Id;
  of: readonly Of[];
  name: string;
  find: readonly string[];
  atFirst?: boolean;
  needs?: readonly ProductFact[];
  size?: TextSize;
  /** Null or empty where an item has none. */
  words(item: Item, context: PartContext): string | null;
}

const SMALL: TextSize = { fontPx: 13, linePx: 18, weight: 400 };

type Settings = ReturnType<typeof ownWords>;

/** A part that is one text, with the owner's own words around it. */
export const linePartOf = <Id extends string>({
  words,
  size = SMALL,
  atFirst = false,
  needs = [],
  ...named
}: LinePart<Id>): PartKind<Settings, { text: string }, OwnWords> =>
  partKindOf<Settings, { text: string }, OwnWords>({
    ...named,
    atFirst,
    needs,
    quiet: true,
    settings: ownWords(named.name),
    text: size,
    reads: (own: Complete<Settings>) => readsWords(own),
    view: (item, own, context) => saidWith(own, words(item, context)),
    fullest: (view) => view,
    words: ({ text }) => text,
    widthPx: ({ text }) => widthOf(text, size),
    heightPx: ({ text }, _, widthPx) => linesOf(text, size, widthPx) * size.linePx,
    say: () => named.name.toLowerCase(),
  });
