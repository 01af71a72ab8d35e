import type { Of } from '../assortment/of.ts';
import type { ProductFact } from '../catalogue/facts.ts';
import type { Complete, Tree } from '../settings/setting.ts';
import type { Item } from './item.ts';
import { ownWords, readsWords, saidWith, type OwnWords } from './ownWords.ts';
import { partKindOf, type PartContext, type PartKind } from './partKind.ts';
import { linesOf, widthOf } from './text.ts';
import type { TextSize } from './textSize.ts';

type WordSettings = ReturnType<typeof ownWords>;
type LineKind<S extends Tree> = PartKind<WordSettings & S, { text: string }, OwnWords & { own: Complete<S> }>;

/** What is particular to a part that is one text, in as many lines as it needs. */
interface LinePart<Id extends string, S extends Tree> extends Pick<
  LineKind<S>,
  'ofField' | 'named' | 'column'
> {
  id: Id;
  of: readonly Of[];
  name: string;
  find: readonly string[];
  atFirst?: boolean;
  needs?: readonly ProductFact[];
  size?: TextSize;
  /** What else can be set of it; all of it reaches its words. */
  settings?: S;
  /** Null or empty where an item has none. */
  words(item: Item, context: PartContext, own: Complete<S>): string | null;
}

const SMALL: TextSize = { fontPx: 13, linePx: 18, weight: 400 };

/** A part that is one text, with the owner's own words around it. */
export const linePartOf = <Id extends string, S extends Tree = Record<never, never>>({
  words,
  size = SMALL,
  atFirst = false,
  needs = [],
  settings = {} as S,
  ...named
}: LinePart<Id, S>): LineKind<S> =>
  partKindOf<WordSettings & S, { text: string }, OwnWords & { own: Complete<S> }>({
    ...named,
    atFirst,
    needs,
    quiet: true,
    settings: { ...settings, ...ownWords(named.name) },
    text: size,
    reads: (set) => ({
      ...readsWords(set),
      own: Object.fromEntries(
        Object.keys(settings).map((key) => [key, (set as Record<string, unknown>)[key]]),
      ) as Complete<S>,
    }),
    view: (item, set, context) => saidWith(set, words(item, context, set.own)),
    fullest: (view) => view,
    words: ({ text }) => text,
    widthPx: ({ text }, now) => widthOf(text, now),
    heightPx: ({ text }, _own, widthPx, _picture, now) => linesOf(text, now, widthPx) * now.linePx,
    say: () => named.name.toLowerCase(),
  });
