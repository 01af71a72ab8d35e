import type { Plan } from '../plan/plan.ts';
import { readPath } from '../settings/path.ts';
import { NO_SHELF, type StyleElement } from '../style/element.ts';
import { elements } from '../style/elements/index.ts';
import { shelvesIn } from './shelvesIn.ts';
import type { BayView, PageView, ShelfView } from './view.ts';

/** Reads what is set of the shelf or the bay, by the id of the setting. */
type Read = (id: string) => unknown;

/** Whether an element is drawn on a shelf. */
export const isDrawnOn = ({ items, isUsed }: StyleElement, view: ShelfView, read: Read): boolean =>
  (items?.includes(view.of) ?? true) &&
  (isUsed?.(read, { moves: view.steps.some(({ moves }) => moves), isTable: view.table !== null }) ?? true);

/** Whether an element is drawn in a bay, apart from its shelves. */
export const isDrawnIn = ({ id, isUsed }: StyleElement, { style }: BayView, read: Read): boolean =>
  id in style && (isUsed?.(read, NO_SHELF) ?? true);

/** Everything of a page that can be styled: what stands on each, and what its bays and shelves draw, of its edges too. */
export function elementsDrawn(
  view: PageView,
  { pages, shelves }: Pick<Plan, 'pages' | 'shelves'>,
): StyleElement[] {
  const bays = [view, view.head, view.foot].flatMap((part) => {
    if (!part) return [];
    const settings = pages[part.pageId]?.bays;
    return part.bays
      .filter(({ empty }) => !empty)
      .map((bay) => ({ bay, settings: settings?.find(({ id }) => id === bay.id) }));
  });
  const drawn = bays.flatMap(({ bay }) => shelvesIn(bay));
  return elements.filter(
    (one) =>
      one.on === 'house' ||
      bays.some(({ bay, settings }) => isDrawnIn(one, bay, (id) => readPath(settings, id))) ||
      (one.on === 'shelf' &&
        drawn.some((shelf) => isDrawnOn(one, shelf, (id) => readPath(shelves[shelf.id], id)))),
  );
}
