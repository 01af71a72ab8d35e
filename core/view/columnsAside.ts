import { nominalOf } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { innerWidth } from '../geometry/steps.ts';
import { acrossBySmallest } from '../geometry/rows.ts';
import { apply, type Command } from '../plan/commands.ts';
import { placesOf, shelvesOf } from '../plan/places.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { isBeside, roomsOf, sideOf } from './rooms.ts';

type SetCommand = Extract<Command, { do: 'set' }>;

/** A card in a sidebar is at least so wide, px, where it is put there with others beside it. */
const LEAST_CARD_PX = 110;

/**
 * Putting a bay into the sidebar together with fewer columns on its shelves, where as many as before would leave
 * cards too narrow to be read. Shelves that stand elsewhere too, and those with columns by width, stay as they are.
 * @returns the command itself where it does nothing of the kind
 */
export function withColumnsAside(stored: StoredPlan, command: SetCommand): Command {
  const { on, setting, value } = command;
  if (setting !== 'aside' || value !== true || !('page' in on) || on.bay === undefined) return command;
  const plan = completePlan(apply(stored, command));
  const page = plan.pages[on.page];
  const bay = page?.bays.find(({ id }) => id === on.bay);
  if (!page || !bay) return command;
  const { house } = plan;
  const { bands } = house;
  const side = sideOf(house, page);
  if (!side) return command;
  const room = roomsOf(house, page, bay).inside;
  const fewer = shelvesOf(bay).flatMap((id): SetCommand[] => {
    const shelf = plan.shelves[id];
    if (!shelf || shelf.columns.by !== 'count' || placesOf(plan, id).length > 1) return [];
    const counts = bands.map((band) => {
      const count = valueAt(shelf.columns.count, bands, band.id);
      if (!isBeside(valueAt(side.stands, bands, band.id))) return count;
      const innerPx = innerWidth(room, bands, band.id, nominalOf(bands, band).width);
      const gapPx = valueAt(shelf.gap.column, bands, band.id);
      return Math.min(count, Math.max(1, acrossBySmallest(innerPx, LEAST_CARD_PX, gapPx)));
    });
    if (bands.every(({ id: band }, i) => counts[i] === valueAt(shelf.columns.count, bands, band))) return [];
    const fitting = Object.fromEntries(bands.map((band, i) => [band.id, counts[i]]));
    return [{ do: 'set', on: { shelf: id }, setting: 'columns.count', value: fitting }];
  });
  return fewer.length > 0 ? { do: 'together', commands: [command, ...fewer] } : command;
}
