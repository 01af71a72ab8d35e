import type { Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { apply, type Command } from '../plan/commands.ts';
import type { Shelf } from '../plan/shelf.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { choice } from '../settings/values.ts';
import type { Card } from './card.ts';

/** Where texts are as an owner says it: at a side of the picture, or over it, which is under it and reaching over. */
export type TextPlace = Card['text']['side'][string] | 'over';

export const textPlaces = choice<TextPlace>({
  under: 'Under',
  over: 'Over',
  above: 'Above',
  before: 'Before',
  after: 'After',
});

/** How far texts reach over the picture that come to be over it, percent. */
const REACH = 30;

const placeAt = ({ card: { text } }: Shelf, bands: Bands, band: string): TextPlace => {
  const side = valueAt(text.side, bands, band);
  return side === 'under' && valueAt(text.reach, bands, band) > 0 ? 'over' : side;
};

/** The place at each band. */
export const textPlacesOf = (shelf: Shelf, bands: Bands): Varying<TextPlace> =>
  Object.fromEntries(bands.map(({ id }) => [id, placeAt(shelf, bands, id)]));

type SetCommand = Extract<Command, { do: 'set' }>;

const SIDE = 'card.text.side';
const REACHES = 'card.text.reach';
const BACKGROUND = 'card.text.background';

/** How far texts reach once they are at a place; undefined where that stays as it is. */
function reachOf(place: TextPlace, shelf: Shelf, bands: Bands, at: readonly string[]): number | undefined {
  const reaches = at.map((band) => valueAt(shelf.card.text.reach, bands, band));
  if (place === 'over') return reaches[0] || REACH;
  // Under the picture is what does not reach over it; at a side it is what was set there.
  const was = at.map((band) => placeAt(shelf, bands, band));
  const ends = place === 'under' ? reaches.some((reach) => reach > 0) : was.includes('over');
  return ends ? 0 : undefined;
}

/**
 * Puts texts to a place: both settings that it is made of. Between the sides and above, how far they reach over the
 * picture stays as it is.
 * @param command sets or resets the place of a shelf, at one band, or at all of them by the narrowest
 */
export function withTextPlace(plan: StoredPlan, command: SetCommand): Command {
  const { on, value, band } = command;
  const complete = completePlan(plan);
  const shelf = 'shelf' in on ? complete.shelves[on.shelf] : undefined;
  if (!shelf) return command;
  const { bands } = complete.house;
  const set = (setting: string, to: unknown): SetCommand => ({ ...command, setting, value: to });
  const commands: Command[] = [];
  if (value === undefined) commands.push(set(SIDE, undefined), set(REACHES, undefined));
  else {
    const first = bands[0]!.id;
    const place = (band === undefined ? (value as Varying<TextPlace>)[first] : value) as TextPlace;
    const by = (one: unknown) => (band === undefined ? { [first]: one } : one);
    const reach = reachOf(place, shelf, bands, band === undefined ? bands.map(({ id }) => id) : [band]);
    commands.push(set(SIDE, by(place === 'over' ? 'under' : place)));
    if (reach !== undefined) commands.push(set(REACHES, by(reach)));
  }
  return withReadableText(plan, { do: 'together', commands }, shelf.id);
}

/** A change that brings text over pictures for the first time, together with a dark background for it. */
export function withReadableText(plan: StoredPlan, command: Command, shelfId: string): Command {
  const isOver = (stored: StoredPlan) => {
    const shelf = completePlan(stored).shelves[shelfId];
    return shelf !== undefined && Object.values(shelf.card.text.reach).some((reach) => reach > 0);
  };
  if (isOver(plan) || !isOver(apply(plan, command))) return command;
  if (plan.shelves[shelfId]?.card?.text?.background !== undefined) return command;
  return {
    do: 'together',
    commands: [command, { do: 'set', on: { shelf: shelfId }, setting: BACKGROUND, value: 'dark' }],
  };
}
