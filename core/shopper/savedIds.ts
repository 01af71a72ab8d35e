import { LARGEST_ID } from '../schema/largestId.ts';

/** Products that are kept for later, at most. */
export const MOST_SAVED = 100;

/** Reads what a shopper keeps for later from its text, ids joined by full stops, the most recent first; what is none is passed over. */
export function readSavedIds(text: string | undefined | null): number[] {
  const ids = (text ?? '')
    .split('.')
    .filter((id) => /^[1-9]\d{0,9}$/.test(id))
    .map(Number)
    .filter((id) => id <= LARGEST_ID);
  return [...new Set(ids)].slice(0, MOST_SAVED);
}

export const writtenSavedIds = (ids: readonly number[]): string => ids.join('.');

/** Keeps a product, as the most recent; of too many the oldest goes. */
export const withSaved = (ids: readonly number[], id: number): number[] =>
  [id, ...ids.filter((one) => one !== id)].slice(0, MOST_SAVED);

export const withoutSaved = (ids: readonly number[], id: number): number[] => ids.filter((one) => one !== id);
