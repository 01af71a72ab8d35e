import { valueAt } from '../bands/varying.ts';
import type { Bands } from '../bands/bands.ts';
import { isUsed, layoutKind, type LayoutId } from '../layouts/index.ts';
import { listed } from '../sentence/sentence.ts';
import { readPath } from '../settings/path.ts';
import type { PlacedSetting } from '../settings/setting.ts';
import type { Shelf } from './shelf.ts';

/** Where a setting has an effect now, and why it has none. */
export interface Effect {
  /** Ids of the bands at which it has one. */
  at: readonly string[];
  /** Null while it has one anywhere. */
  reason: string | null;
}

const lower = (id: LayoutId) => layoutKind(id).name.toLowerCase();

/**
 * What a setting does with the values that are set now.
 * @param document what it is set on, complete
 * @param shelf where that is a shelf, so that its layouts count
 */
export function effectOf(one: PlacedSetting, document: object, shelf: Shelf | null, bands: Bands): Effect {
  const read = (id: string) => readPath(document, id);
  const nowhere = (reason: string): Effect => ({ at: [], reason });
  const layoutAt = (bandId: string) => (shelf ? valueAt(shelf.layout, bands, bandId) : null);
  const used = bands.filter(({ id }) => !shelf || isUsed(one.id, [layoutAt(id)!]));
  if (used.length === 0)
    return nowhere(
      `Not used in a ${listed([...new Set(bands.map(({ id }) => lower(layoutAt(id)!)))], 'or')}`,
    );
  const off = one.offBecause?.(read) ?? null;
  if (off !== null) return nowhere(off);
  if (!shelf) return { at: bands.map(({ id }) => id), reason: null };
  const reasons = used.map(({ id }) => one.offIn?.(layoutKind(layoutAt(id)!), read) ?? null);
  const at = used.filter((_, i) => reasons[i] === null).map(({ id }) => id);
  return { at, reason: at.length ? null : reasons[0]! };
}
