import type { ByHand } from '../../core/assortment/products.ts';

export const withoutPin = (byHand: ByHand, id: number): ByHand => ({
  ...byHand,
  pins: byHand.pins.filter((pin) => pin.id !== id),
});

/** Pinned at a place counted from 1; others that are pinned stay where they are. */
export const withPin = (byHand: ByHand, id: number, place: number): ByHand => ({
  ...byHand,
  pins: [...byHand.pins.filter((pin) => pin.id !== id), { id, place }].sort((a, b) => a.place - b.place),
});
