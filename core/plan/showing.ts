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

/** Name of the saved assortment that tops this one up; null where none does. */
export function topUpName(plan: Plan, assortment: Assortment): string | null {
  const { from, then } = (assortment.of === 'products' && assortment.fallback) || { from: null, then: null };
  return then === 'topUp' && from !== null ? (plan.assortments[from]?.name ?? null) : null;
}
