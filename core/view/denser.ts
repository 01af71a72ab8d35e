import type { Varying } from '../bands/varying.ts';
import { MOST_ACROSS } from '../geometry/steps.ts';
import type { Shelf } from '../plan/shelf.ts';
import { keptFor } from './keptFor.ts';

/** So many more stand side by side, and so much of the space between them is left. */
const MORE = 1.5;
const LESS_SPACE = 0.5;

const changed = (values: Varying<number>, change: (value: number) => number): Varying<number> =>
  Object.fromEntries(Object.entries(values).map(([band, value]) => [band, change(value)]));

const kept = keptFor<Shelf, Shelf>();

/** A shelf as a shopper has it who would rather see more at once: half as many again side by side, closer together. */
export const denser = (shelf: Shelf): Shelf =>
  kept(shelf, [], () => ({
    ...shelf,
    columns: {
      ...shelf.columns,
      count: changed(shelf.columns.count, (count) => Math.min(MOST_ACROSS, Math.ceil(count * MORE))),
      smallest: changed(shelf.columns.smallest, (px) => Math.max(1, Math.floor(px / MORE))),
    },
    gap: {
      column: changed(shelf.gap.column, (px) => Math.round(px * LESS_SPACE)),
      row: changed(shelf.gap.row, (px) => Math.round(px * LESS_SPACE)),
    },
  }));
