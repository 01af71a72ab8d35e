import type { AnyPart, PartView } from '../card/parts/index.ts';
import type { TextSize } from '../card/textSize.ts';
import type { CardView, StepView } from './view.ts';

const views = new WeakMap<CardView, ReadonlyMap<string, PartView>>();

/** What a card says in one of its parts; undefined where it says nothing there. */
export function viewOf(card: CardView, part: string): PartView | undefined {
  let known = views.get(card);
  if (!known) views.set(card, (known = new Map(card.parts.map((view) => [view.part, view]))));
  return known.get(part);
}

/** Finds something of a card once for all that ask for it. */
function ofCard<V>(find: (card: CardView) => V): (card: CardView) => V {
  const found = new WeakMap<CardView, { made: V }>();
  return (card) => {
    let known = found.get(card);
    if (!known) found.set(card, (known = { made: find(card) }));
    return known.made;
  };
}

/** What a card says in the part that is its picture; undefined where it shows none. */
export const pictureOf = ofCard(({ parts }) =>
  parts.flatMap((part) => ('picture' in part && part.picture ? [part] : [])).at(0),
);

/** The labels of a card, of whatever width. */
export const labelsOf = ofCard(({ parts }) => parts.flatMap((part) => ('labels' in part ? part.labels : [])));

const widths = new WeakMap<PartView, WeakMap<TextSize, number>>();

/** Of a part that is not text. */
export const NO_TEXT: TextSize = { fontPx: 0, linePx: 0, weight: 400 };

/** What a part is set in at a step. */
export const sizeIn = ({ figures }: Pick<StepView, 'figures'>, { id, text }: AnyPart): TextSize =>
  figures[id] ?? text ?? NO_TEXT;

/** Width of a part on one line, px, measured once for every view of it; 0 of what has none of its own. */
export function widthOfPart(kind: AnyPart, view: PartView, size: TextSize): number {
  let ofView = widths.get(view);
  if (!ofView) widths.set(view, (ofView = new WeakMap()));
  let px = ofView.get(size);
  if (px === undefined) ofView.set(size, (px = kind.widthPx?.(view, size) ?? 0));
  return px;
}
