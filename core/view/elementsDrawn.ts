import { bayKind } from '../bays/index.ts';
import type { Plan } from '../plan/plan.ts';
import { readPath } from '../settings/path.ts';
import type { StyleElement } from '../style/element.ts';
import { elements } from '../style/elements/index.ts';
import { allBays } from './allBays.ts';
import { shelvesIn } from './shelvesIn.ts';
import type { PageView, ShelfView } from './view.ts';

/** Whether an element is drawn on a shelf, told of what is set of that. */
export const isDrawnOn = (
  { items, isUsed }: StyleElement,
  view: ShelfView,
  read: (id: string) => unknown,
): boolean =>
  (items?.includes(view.of) ?? true) &&
  (isUsed?.(read, { moves: view.steps.some(({ moves }) => moves), isTable: view.table !== null }) ?? true);

/** Everything of a page that can be styled: what stands on each, and what its own bays and shelves draw. */
export function elementsDrawn(view: PageView, shelves: Plan['shelves']): StyleElement[] {
  const bays = allBays(view).filter(({ empty }) => !empty);
  const inBays = new Set(
    bays.flatMap(({ content }) => {
      const { hasHeading, elements: own = [] } = bayKind(content.holds);
      return hasHeading ? ['heading', ...own] : own;
    }),
  );
  const drawn = bays.flatMap(shelvesIn);
  return elements.filter((one) => {
    if (one.on === 'house') return true;
    if (one.on === 'bay') return inBays.has(one.id);
    return drawn.some((shelf) => isDrawnOn(one, shelf, (id) => readPath(shelves[shelf.id], id)));
  });
}
