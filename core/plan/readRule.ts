import { ruleSchema, type Group } from '../assortment/rule.ts';
import { ownAssortment, type StoredShelf } from './shelf.ts';
import { upgraded, UnreadableDocument } from './formats/format.ts';
import { firstBands } from './firstBands.ts';
import { objectAt } from './upgrades/step.ts';

/**
 * The rule of a collection, kept with or without its format: read as that of a shelf of the same format would be.
 * Null where it cannot be read.
 */
export function readRule(kept: unknown): Group | null {
  const { format, ...rule } = objectAt(kept);
  const shelf = {
    ...(typeof format === 'number' && { format }),
    assortmentId: null,
    card: { text: {} },
    assortment: { of: 'products', rule },
  };
  try {
    const read = upgraded('shelf', shelf, { bands: firstBands, house: {} }) as unknown as StoredShelf;
    const assortment = ownAssortment(read);
    const found = assortment.of === 'products' ? (assortment.rule ?? { join: 'all', parts: [] }) : null;
    return ruleSchema.isValidSync(found, { strict: true }) ? found : null;
  } catch (error) {
    if (error instanceof UnreadableDocument) return null;
    throw error;
  }
}
