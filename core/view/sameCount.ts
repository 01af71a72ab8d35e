import { nominalOf } from '../bands/bands.ts';
import { stepAt } from '../geometry/steps.ts';
import { layoutKind } from '../layouts/index.ts';
import { valueAt } from '../bands/varying.ts';
import { apply, type Command } from '../plan/commands.ts';
import { otherWayOf, placesOf } from '../plan/places.ts';
import { MOST_ITEMS, MOST_ROWS } from '../plan/shelfSettings.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { roomsOf } from './rooms.ts';
import { sizedSteps } from './shelfView.ts';

type SetCommand = Extract<Command, { do: 'set' }>;

/** What one band shows: how many items, and how many side by side in rows; null across where it counts in items. */
interface Shown {
  band: string;
  count: number;
  across: number | null;
}

/**
 * At each band's nominal width, where the shelf is shown first; a working copy is shown where what it is a copy of is.
 * Null for one that is shown nowhere.
 */
function shownAt(stored: StoredPlan, shelfId: string): Shown[] | null {
  const plan = completePlan(stored);
  const shelf = plan.shelves[shelfId];
  const original = Object.keys(plan.shelves).find((id) => otherWayOf(id) === shelfId);
  const place = placesOf(plan, shelfId)[0] ?? (original && placesOf(plan, original)[0]);
  if (!shelf || !place) return null;
  const { bands } = plan.house;
  const bay = place.page.bays.find(({ id }) => id === place.bayId)!;
  const steps = sizedSteps(shelf, roomsOf(plan.house, place.page, bay).inside, bands);
  return bands.map((band) => {
    const { size, across } = stepAt(steps, nominalOf(bands, band).width);
    const { inRows } = layoutKind(valueAt(shelf.layout, bands, band.id));
    return { band: band.id, count: size, across: inRows && shelf.amount.by === 'rows' ? across : null };
  });
}

/**
 * A change of a shelf's layout together with what else has to be set so that as many items are shown as before at each
 * width: some layouts count in rows, others in items, and a row of another layout holds another number.
 * @returns the command itself where it changes no layout, or no number
 */
export function withSameCount(plan: StoredPlan, command: SetCommand): Command {
  const { on, setting } = command;
  if (setting !== 'layout' || !('shelf' in on)) return command;
  const before = shownAt(plan, on.shelf);
  const after = before && shownAt(apply(plan, command), on.shelf);
  if (!before || !after) return command;
  const set = (id: string, value: unknown, band?: string): SetCommand => ({
    do: 'set',
    on,
    setting: id,
    value,
    ...(band !== undefined && { band }),
  });
  const wanted = before.map(({ count }) => Math.min(count, MOST_ITEMS));
  const differs = after.some(({ count }, i) => count !== wanted[i]);
  if (!differs) return command;
  const fits = after.every(
    ({ across }, i) => across === null || (wanted[i]! % across === 0 && wanted[i]! / across <= MOST_ROWS),
  );
  const amounts = fits
    ? after.map(({ band, across }, i) =>
        across === null
          ? set('amount.items', wanted[i], band)
          : set('amount.rows', wanted[i]! / across, band),
      )
    : [set('amount.by', 'items'), ...after.map(({ band }, i) => set('amount.items', wanted[i], band))];
  return { do: 'together', commands: [command, ...amounts] };
}
