import type { AnyPart, PartView } from '../card/parts/index.ts';
import type { CardView } from './view.ts';

const views = new WeakMap<CardView, ReadonlyMap<string, PartView>>();

/** What a card says in one of its parts; undefined where it says nothing there. */
export function viewOf(card: CardView, part: string): PartView | undefined {
  let known = views.get(card);
  if (!known) views.set(card, (known = new Map(card.parts.map((view) => [view.part, view]))));
  return known.get(part);
}

const widths = new WeakMap<PartView, number>();

/** Width of a part on one line, px, measured once for every view of it; 0 of what has none of its own. */
export function widthOfPart(kind: AnyPart, view: PartView): number {
  let px = widths.get(view);
  if (px === undefined) widths.set(view, (px = kind.widthPx?.(view) ?? 0));
  return px;
}
