import { bayKind } from '../bays/index.ts';
import type { BayView, PageView, ShelfView } from './view.ts';

/** The shelves of a bay; none where it holds none. */
export const shelvesIn = ({ content }: Pick<BayView, 'content'>): readonly ShelfView[] =>
  bayKind(content.holds).shelfViews(content);

/** Those of them that are drawn: of tabs that of the open one. */
export function shelvesDrawn({ content }: Pick<BayView, 'content'>): readonly ShelfView[] {
  const kind = bayKind(content.holds);
  return kind.shelvesDrawn ? kind.shelvesDrawn(content) : kind.shelfViews(content);
}

/** Every shelf of a page with its bay, from the top down. */
export const shelvesOn = (view: PageView): { bay: BayView; shelf: ShelfView }[] =>
  view.bays.flatMap((bay) => shelvesIn(bay).map((shelf) => ({ bay, shelf })));
