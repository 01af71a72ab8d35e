import type { Assortment } from '../assortment/assortment.ts';
import type { Plan } from './plan.ts';
import type { SavedAssortment } from './savedAssortment.ts';
import type { Shelf } from './shelf.ts';

/** What a shelf shows: the saved assortment it names, or its own. */
export function assortmentOf(plan: Plan, shelf: Shelf): Assortment {
  const saved = shelf.assortmentId === null ? undefined : plan.assortments[shelf.assortmentId];
  return saved?.assortment ?? shelf.assortment;
}

/** Shelves that show a saved assortment. */
export const shelvesShowing = (plan: Plan, id: string): Shelf[] =>
  Object.values(plan.shelves).filter((shelf) => shelf.assortmentId === id);

/** Saved assortments that are topped up from this one, by id. */
export const toppedUpFrom = (plan: Plan, id: string): SavedAssortment[] =>
  Object.values(plan.assortments).filter(
    ({ assortment }) => 'fallback' in assortment && assortment.fallback?.from === id,
  );
