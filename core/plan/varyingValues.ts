import type { Varying } from '../bands/varying.ts';
import type { DocumentKey, Plan } from './plan.ts';
import { allSettings } from './settings/index.ts';
import { readPath, writePath } from './settings/setting.ts';

/** A value that varies by band, and where in the plan it is. */
export interface VaryingPlace {
  key: DocumentKey;
  /** Bay of the page that is meant. */
  bay?: string;
  path: string;
}

const paths = (on: 'shelf' | 'bay', document: object): string[] =>
  allSettings
    .filter((one) => one.on === on && one.varies)
    .map(({ id }) => id)
    .filter((id) => {
      const value = readPath(document, id);
      return typeof value === 'object' && value !== null;
    });

/** Every value of a plan that varies by band. */
export function varyingPlaces(plan: Plan): VaryingPlace[] {
  const places: VaryingPlace[] = [{ key: 'house', path: 'margin' }];
  for (const page of Object.values(plan.pages))
    for (const bay of page.bays)
      for (const path of paths('bay', bay)) places.push({ key: `page:${page.id}`, bay: bay.id, path });
  for (const shelf of Object.values(plan.shelves)) {
    const shown = Object.keys(shelf.card.shown).map((part) => `card.shown.${part}`);
    for (const path of new Set([...paths('shelf', shelf), ...shown]))
      places.push({ key: `shelf:${shelf.id}`, path });
  }
  return places;
}

/** The document, or the bay, that a value is in; undefined where there is none. */
function holderOf(plan: Plan, { key, bay }: VaryingPlace): object | undefined {
  if (key === 'house') return plan.house;
  const [kind, id] = key.split(':') as ['page' | 'shelf', string];
  if (kind === 'shelf') return plan.shelves[id];
  return plan.pages[id]?.bays.find((one) => one.id === bay);
}

export const readVarying = (plan: Plan, place: VaryingPlace): Varying<unknown> | undefined => {
  const holder = holderOf(plan, place);
  const value = holder && readPath(holder, place.path);
  return typeof value === 'object' && value !== null ? (value as Varying<unknown>) : undefined;
};

/** Writes into a plan that may be changed (a draft of immer's); nothing where the value is gone. */
export function writeVarying(plan: Plan, place: VaryingPlace, value: Varying<unknown>): void {
  const holder = holderOf(plan, place);
  if (holder && readVarying(plan, place)) writePath(holder, place.path, value);
}
