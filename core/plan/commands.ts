import { produce } from 'immer';
import { bandAt, type Band } from '../bands/bands.ts';
import { addBand, addFirstBand, moveEdge, removeBand, type BandsEdit } from '../bands/edit.ts';
import { withValue, type Varying } from '../bands/varying.ts';
import type { Bay } from './bays/index.ts';
import type { Page } from './page.ts';
import {
  otherWayOf,
  placesOf,
  withDocument,
  type DocumentKey,
  type Plan,
  type PlanDocument,
} from './plan.ts';
import { setting } from './settings/index.ts';
import { readPath, writePath, type SettingOn } from './settings/setting.ts';
import type { SavedAssortment } from './savedAssortment.ts';
import type { Shelf } from './shelf.ts';
import { readVarying, varyingPlaces, writeVarying, type VaryingPlace } from './varyingValues.ts';

/** What a setting is set on. */
export type Target =
  | { shelf: string }
  | { assortment: string }
  | { page: string; bay: string }
  | { page: string; bay?: undefined };

/** Everything that can happen to a draft. */
export type Command =
  /** With a band, one value of a setting that varies (`undefined` lets it go); else the whole value. */
  | { do: 'set'; on: Target; setting: string; value: unknown; band?: string }
  | { do: 'addBay'; page: string; at: number; bay: Bay; shelf?: Shelf }
  | { do: 'duplicateBay'; page: string; bay: string; newId: string }
  | { do: 'moveBay'; page: string; bay: string; to: number }
  /** Puts the bays that are named into this order, in the places that they hold together. */
  | { do: 'orderBays'; page: string; order: string[] }
  | { do: 'removeBay'; page: string; bay: string }
  /** Puts a bay that was taken away where it stood among the bays of `order` that are still there. */
  | { do: 'putBack'; page: string; bay: Bay; shelf: Shelf | undefined; order: string[] }
  /** Gives a bay a copy of its shelf, so that a change no longer shows where else the shelf stands. */
  | { do: 'makeSeparate'; page: string; bay: string; newId: string }
  /** Lets a bay show a shelf; the one it showed goes when it stands nowhere else. */
  | { do: 'useShelf'; page: string; bay: string; shelfId: string; shelf: Shelf | undefined }
  /** Makes a working copy of a shelf, so that another way can be tried beside it. */
  | { do: 'tryAnother'; shelf: string }
  /** Ends the trial: the shelf stays as it is, or becomes what was tried. Nothing is left of the other. */
  | { do: 'keepWay'; shelf: string; keep: 'asItIs' | 'other' }
  /** Takes a saved assortment away; shelves that show it show their own again. */
  | { do: 'removeAssortment'; id: string }
  /** Moves, adds, renames or removes a band; every value that varies by band keeps its meaning. */
  | { do: 'editBands'; edit: BandChange }
  /** Puts the bands as they were, with the values that went or came with them (null for none). */
  | { do: 'putBands'; bands: Band[]; values: { place: VaryingPlace; values: Record<string, unknown> }[] }
  | { do: 'putDocument'; key: DocumentKey; document: PlanDocument | null }
  | { do: 'together'; commands: Command[] };

/** What can be done to the bands. */
export type BandChange =
  | { is: 'move'; id: string; from: number }
  | { is: 'add'; band: Band }
  | { is: 'addFirst'; band: Omit<Band, 'from'>; edge: number }
  | { is: 'rename'; id: string; name: string }
  | { is: 'remove'; id: string };

function editedBands(bands: readonly Band[], change: BandChange): BandsEdit {
  switch (change.is) {
    case 'move':
      return moveEdge(bands, change.id, change.from);
    case 'add':
      return addBand(bands, change.band);
    case 'addFirst':
      return addFirstBand(bands, change.band, change.edge);
    case 'remove':
      return removeBand(bands, change.id);
    case 'rename':
      return {
        bands: bands.map((band) => (band.id === change.id ? { ...band, name: change.name } : band)),
        edit: (varying) => varying,
      };
  }
}

/** Where a bay stands once the bands are others: at the same widths, as far as bands can say so. */
function bandsOfBay(standsAt: readonly string[], before: readonly Band[], after: readonly Band[]): string[] {
  const stands = after.filter((band) => {
    const was = before.find((one) => one.id === band.id) ?? bandAt(before, band.from);
    return standsAt.includes(was.id);
  });
  if (stands.length) return stands.map((band) => band.id);
  // Its only band went: it stands where those widths belong to now.
  const gone = before.find((band) => band.id === standsAt[0]);
  return [bandAt(after, gone?.from ?? 0).id];
}

export function targetOn(target: Target): SettingOn {
  if ('shelf' in target) return 'shelf';
  if ('assortment' in target) return 'assortment';
  return target.bay === undefined ? 'page' : 'bay';
}

export function targetOf(plan: Plan, target: Target): Shelf | SavedAssortment | Bay | Page | undefined {
  if ('shelf' in target) return plan.shelves[target.shelf];
  if ('assortment' in target) return plan.assortments[target.assortment];
  const page = plan.pages[target.page];
  return target.bay === undefined ? page : page?.bays.find((bay) => bay.id === target.bay);
}

function pageOf(plan: Plan, id: string): Page {
  const page = plan.pages[id];
  if (!page) throw new RangeError(`There is no page "${id}".`);
  return page;
}

function bayAt(page: Page, id: string): number {
  const at = page.bays.findIndex((bay) => bay.id === id);
  if (at < 0) throw new RangeError(`There is no bay "${id}" on ${page.name}.`);
  return at;
}

const clone = <T>(value: T): T => structuredClone(value);

/** A shelf that stands nowhere any more goes. */
function dropUnused(draft: Plan, shelfId: string): void {
  if (placesOf(draft, shelfId).length > 0) return;
  delete draft.shelves[shelfId];
  delete draft.shelves[otherWayOf(shelfId)];
}

/** Puts the items of `order` into that order, in the places they hold together; others stay. */
export function reordered<T extends { id: string }>(items: readonly T[], order: readonly string[]): T[] {
  const place = new Map(order.map((id, i) => [id, i]));
  const sorted = items
    .filter((item) => place.has(item.id))
    .sort((a, b) => place.get(a.id)! - place.get(b.id)!);
  return items.map((item) => (place.has(item.id) ? sorted.shift()! : item));
}

/**
 * The one door through which a draft changes. Returns a new plan that shares what did not change; the same
 * plan when nothing did. Throws RangeError when the command names something that is not there.
 */
export function apply(plan: Plan, command: Command): Plan {
  switch (command.do) {
    case 'together':
      return command.commands.reduce(apply, plan);
    case 'putDocument':
      return withDocument(plan, command.key, command.document);
    case 'editBands': {
      const { bands, edit } = editedBands(plan.house.bands, command.edit);
      if (JSON.stringify(bands) === JSON.stringify(plan.house.bands)) return plan;
      return produce(plan, (draft) => {
        for (const place of varyingPlaces(plan)) {
          const value = readVarying(plan, place)!;
          const next = edit(value);
          if (next !== value) writeVarying(draft as Plan, place, next);
        }
        for (const page of Object.values(draft.pages))
          for (const bay of page.bays)
            if (bay.bands) bay.bands = bandsOfBay(bay.bands, plan.house.bands, bands);
        draft.house.bands = [...bands];
      });
    }
    case 'putBands':
      return produce(plan, (draft) => {
        draft.house.bands = clone(command.bands);
        for (const { place, values } of command.values) {
          const next = { ...readVarying(plan, place) };
          for (const [band, value] of Object.entries(values))
            if (value === null) delete next[band];
            else next[band] = value;
          writeVarying(draft as Plan, place, next);
        }
      });
    case 'set':
      return produce(plan, (draft) => {
        const document = targetOf(draft as Plan, command.on);
        if (!document) throw new RangeError('What was to be changed is no longer there.');
        const { varies } = setting(targetOn(command.on), command.setting);
        const now = readPath(document, command.setting);
        const next =
          varies && command.band !== undefined
            ? withValue(now as Varying<unknown>, plan.house.bands, command.band, command.value)
            : command.value;
        if (JSON.stringify(now) !== JSON.stringify(next)) writePath(document, command.setting, next);
      });
    case 'addBay':
      return produce(plan, (draft) => {
        if (command.shelf && !draft.shelves[command.shelf.id])
          draft.shelves[command.shelf.id] = clone(command.shelf);
        pageOf(draft as Plan, command.page).bays.splice(command.at, 0, clone(command.bay));
      });
    case 'duplicateBay':
      return produce(plan, (draft) => {
        const page = pageOf(draft as Plan, command.page);
        const at = bayAt(page, command.bay);
        const bay = { ...clone(plan.pages[command.page]!.bays[at]!), id: command.newId };
        if (bay.holds === 'shelf') {
          draft.shelves[command.newId] = { ...clone(plan.shelves[bay.shelfId]!), id: command.newId };
          bay.shelfId = command.newId;
        }
        page.bays.splice(at + 1, 0, bay);
      });
    case 'moveBay':
      return produce(plan, (draft) => {
        const { bays } = pageOf(draft as Plan, command.page);
        const [bay] = bays.splice(bayAt(pageOf(draft as Plan, command.page), command.bay), 1);
        bays.splice(command.to, 0, bay!);
      });
    case 'orderBays':
      return produce(plan, (draft) => {
        const page = pageOf(draft as Plan, command.page);
        page.bays = reordered(page.bays, command.order);
      });
    case 'removeBay':
      return produce(plan, (draft) => {
        const page = pageOf(draft as Plan, command.page);
        const [bay] = page.bays.splice(bayAt(page, command.bay), 1);
        if (bay?.holds === 'shelf') dropUnused(draft as Plan, bay.shelfId);
      });
    case 'putBack':
      return produce(plan, (draft) => {
        const { bay, shelf, order } = command;
        const { bays } = pageOf(draft as Plan, command.page);
        if (bays.some((one) => one.id === bay.id)) return;
        const before = order.slice(0, order.indexOf(bay.id));
        const neighbour = bays.findLastIndex((one) => before.includes(one.id));
        bays.splice(neighbour + 1, 0, clone(bay));
        if (shelf && !draft.shelves[shelf.id]) draft.shelves[shelf.id] = clone(shelf);
      });
    case 'useShelf':
      return produce(plan, (draft) => {
        const page = pageOf(draft as Plan, command.page);
        const bay = page.bays[bayAt(page, command.bay)]!;
        if (bay.holds !== 'shelf') throw new RangeError('Only a bay for a shelf can show one.');
        const { shelfId: former } = bay;
        if (command.shelf && !draft.shelves[command.shelfId])
          draft.shelves[command.shelfId] = clone(command.shelf);
        bay.shelfId = command.shelfId;
        dropUnused(draft as Plan, former);
      });
    case 'tryAnother':
      return produce(plan, (draft) => {
        const shelf = plan.shelves[command.shelf];
        if (!shelf) throw new RangeError(`There is no shelf "${command.shelf}".`);
        const id = otherWayOf(command.shelf);
        draft.shelves[id] = { ...clone(shelf), id };
      });
    case 'keepWay':
      return produce(plan, (draft) => {
        const id = otherWayOf(command.shelf);
        const other = plan.shelves[id];
        if (!other) return;
        if (command.keep === 'other') draft.shelves[command.shelf] = { ...clone(other), id: command.shelf };
        delete draft.shelves[id];
      });
    case 'removeAssortment':
      return produce(plan, (draft) => {
        delete draft.assortments[command.id];
        for (const shelf of Object.values(draft.shelves))
          if (shelf.assortmentId === command.id) shelf.assortmentId = null;
        for (const { assortment } of [...Object.values(draft.shelves), ...Object.values(draft.assortments)])
          if (assortment.of === 'products' && assortment.fallback?.from === command.id)
            assortment.fallback = null;
      });
    case 'makeSeparate':
      return produce(plan, (draft) => {
        const page = pageOf(draft as Plan, command.page);
        const bay = page.bays[bayAt(page, command.bay)]!;
        if (bay.holds !== 'shelf') throw new RangeError('Only a bay with a shelf can be made separate.');
        const { shelfId: former } = bay;
        draft.shelves[command.newId] = { ...clone(plan.shelves[former]!), id: command.newId };
        bay.shelfId = command.newId;
        dropUnused(draft as Plan, former);
      });
  }
}
