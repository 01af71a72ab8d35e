import { current, produce } from 'immer';
import type { StoredBay } from '../bays/index.ts';
import { same } from '../settings/same.ts';
import { withOwn } from '../settings/ownValues.ts';
import { readPath, writePath } from '../settings/path.ts';
import { isSetting, nodeAt } from '../settings/setting.ts';
import { editBands, type BandChange } from './bandEdits.ts';
import { splitKey, withDocument, type DocumentKey, type PlanDocument } from './documents.ts';
import type { BayRef } from './bay.ts';
import { setApart } from './like.ts';
import { gives, onItsOwn, sameAsThis } from './sameAs.ts';
import type { StoredPage } from './page.ts';
import { otherWayOf, placesOf, shelvesOf, withShelves } from './places.ts';
import type { StoredShelf } from './shelf.ts';
import { aroundOf, type StoredPlan } from './storedPlan.ts';
import { subjectOf, type Target } from './target.ts';

/** Everything that can happen to a draft. */
export type Command =
  /** With a band, the value there of a setting that varies; else the whole value. `undefined` resets it. */
  | { do: 'set'; on: Target; setting: string; value: unknown; band?: string }
  | { do: 'addBay'; page: string; at: number; bay: StoredBay; shelves?: readonly StoredShelf[] }
  /** `ids` has an id for the copy of the bay, and one for that of each of its shelves. */
  | { do: 'duplicateBay'; page: string; bay: string; ids: Readonly<Record<string, string>> }
  | { do: 'moveBay'; page: string; bay: string; to: number }
  /** Puts the bays that are named into this order, in the places that they hold together. */
  | { do: 'orderBays'; page: string; order: readonly string[] }
  | { do: 'removeBay'; page: string; bay: string }
  /** Puts a bay that was removed where it was among the bays of `order` that are still there. */
  | {
      do: 'putBack';
      page: string;
      bay: StoredBay;
      shelves: readonly StoredShelf[];
      order: readonly string[];
    }
  /** Gives a bay a copy of a shelf, so that a change no longer shows where else the shelf is. */
  | { do: 'unlink'; page: string; bay: string; shelf: string; newId: string }
  /** Lets a bay show another shelf; the one it showed goes when it is shown nowhere else. */
  | { do: 'useShelf'; page: string; bay: string; from: string; to: string; shelf: StoredShelf | undefined }
  /** Makes a working copy of a shelf, so that another way can be tried beside it. */
  | { do: 'tryAnother'; shelf: string }
  /** Ends the trial: the shelf stays as it is, or becomes what was tried. Nothing is left of the other. */
  | { do: 'keepWay'; shelf: string; keep: 'asItIs' | 'other' }
  /** Removes a saved assortment; shelves that show it show their own again. */
  | { do: 'removeAssortment'; id: string }
  /** Moves, adds, renames or removes a band; every value that varies by band keeps its meaning. */
  | { do: 'editBands'; edit: BandChange }
  /** Puts what is set at each band of values that vary, as it is given; `undefined` for nothing. */
  | { do: 'putOwn'; values: readonly OwnValues[] }
  /** Writes at the very path of a setting, or of one width of it, as it is given; `undefined` for nothing. */
  | { do: 'write'; on: Target; path: string; value: unknown }
  /** Adds shelves that are not there, and drops those that are shown nowhere any more. */
  | { do: 'settleShelves'; add: readonly StoredShelf[]; drop: readonly string[] }
  | { do: 'putDocument'; key: DocumentKey; document: PlanDocument | null }
  | { do: 'together'; commands: readonly Command[] }
  /** Does what it can of these: what names something that is gone is passed over. */
  | { do: 'revert'; commands: readonly Command[] };

/** What is set of one value that varies, by band. */
export interface OwnValues {
  on: Target;
  setting: string;
  values: Readonly<Record<string, unknown>> | undefined;
}

/**
 * A copy of a bay with copies of its shelves, which are laid out like one another as before.
 * @param ids by what each is a copy of: for the bay, and for each of its shelves
 */
export function copyOf(
  bay: StoredBay,
  from: StoredPlan['shelves'],
  ids: Readonly<Record<string, string>>,
): { bay: StoredBay; shelves: StoredShelf[] } {
  const copies = new Map(Object.entries(ids));
  return {
    bay: { ...withShelves(bay, copies), id: copies.get(bay.id)! },
    shelves: shelvesOf(bay).flatMap((id) => {
      const shelf = from[id];
      if (!shelf || !copies.has(id)) return [];
      const like = shelf.like && (copies.get(shelf.like) ?? shelf.like);
      return [{ ...shelf, id: copies.get(id)!, ...(like && { like }) }];
    }),
  };
}

function pageOf(plan: StoredPlan, id: string): StoredPage {
  const page = plan.pages[id];
  if (!page) throw new RangeError(`There is no page "${id}".`);
  return page;
}

function bayAt(page: StoredPage, id: string): number {
  const at = page.bays.findIndex((bay) => bay.id === id);
  if (at < 0) throw new RangeError(`There is no bay "${id}" on ${page.name ?? page.id}.`);
  return at;
}

const clone = <T>(value: T): T => structuredClone(value);

/** A plan that may be changed: a draft of immer's. */
type Mutable<T> = { -readonly [K in keyof T]: T[K] extends object ? Mutable<T[K]> : T[K] };
type PlanDraft = Mutable<StoredPlan>;

const changed = (plan: StoredPlan, change: (draft: PlanDraft) => void): StoredPlan =>
  produce(plan, (draft) => change(draft as PlanDraft));

/** Shelves that are laid out like one that goes stay as they are: the first of them has it from now on, the others from that. */
function handOn(draft: PlanDraft, id: string): void {
  const plan: StoredPlan = current(draft as never);
  const [heir, ...others] = Object.values(plan.shelves).filter(
    (one) => one.like === id && placesOf(plan, one.id).length > 0,
  );
  if (!heir) return;
  draft.shelves[heir.id] = clone(setApart(plan.shelves, heir));
  for (const one of others) draft.shelves[one.id]!.like = heir.id;
}

/** Bays that are the same as one that goes stay as they are, as shelves do. */
function handOnBay(draft: PlanDraft, gone: BayRef): void {
  const { pages }: StoredPlan = current(draft as never);
  const all = sameAsThis(pages, gone);
  const heir = all.find((one) => gives(pages, one.page));
  for (const one of all) {
    const { bays } = draft.pages[one.page]!;
    const at = bays.findIndex(({ id }) => id === one.bay);
    if (heir && one !== heir) bays[at]!.sameAs = heir;
    else bays[at] = clone(onItsOwn(pages, one.page, pages[one.page]!.bays[at]!));
  }
}

/** Shelves that are shown nowhere any more go, and their working copies with them. */
function dropUnused(draft: PlanDraft, shelves: readonly string[]): void {
  for (const id of shelves) {
    if (placesOf(draft as StoredPlan, id).length > 0) continue;
    handOn(draft, id);
    delete draft.shelves[id];
    delete draft.shelves[otherWayOf(id)];
  }
}

function addShelves(draft: PlanDraft, shelves: readonly StoredShelf[]): void {
  for (const shelf of shelves) draft.shelves[shelf.id] ??= clone(shelf) as PlanDraft['shelves'][string];
}

/** Puts the items of `order` into that order, in the places they hold together; others stay. */
export function reordered<T extends { id: string }>(items: readonly T[], order: readonly string[]): T[] {
  const place = new Map(order.map((id, i) => [id, i]));
  const sorted = items
    .filter((item) => place.has(item.id))
    .sort((a, b) => place.get(a.id)! - place.get(b.id)!);
  return items.map((item) => (place.has(item.id) ? sorted.shift()! : item));
}

const writeSetting = (document: object, setting: string, value: unknown): void =>
  writePath(document, setting, value === undefined ? value : clone(value));

/** An assortment says what it is of while anything of it is set; all products, which a shelf shows at first, are not. */
function withOwnAssortment(shelf: Mutable<StoredShelf>, write: () => void): void {
  shelf.assortment ??= { of: 'products' };
  write();
  if (same(shelf.assortment, { of: 'products' })) delete shelf.assortment;
}

/** Sets one setting, or resets it. Throws RangeError where there is no such setting. */
function set(plan: StoredPlan, { on, setting, value, band }: Extract<Command, { do: 'set' }>): StoredPlan {
  const subject = subjectOf(plan, on);
  if (!subject) throw new RangeError('What was to be changed is no longer there.');
  const node = nodeAt(subject.tree, setting);
  if (!node) throw new RangeError(`There is no setting "${setting}".`);
  const now = readPath(subject.document, setting);
  let next = value;
  if (isSetting(node) && node.varies && band !== undefined) {
    const own = withOwn(node, (now ?? {}) as Record<string, unknown>, band, value, aroundOf(plan));
    next = Object.keys(own).length ? own : undefined;
  }
  if (same(now, next)) return plan;
  return changed(plan, (draft) => {
    const { document } = subjectOf(draft, on)!;
    const write = () => writeSetting(document, setting, next);
    if ('shelf' in on) withOwnAssortment(document as Mutable<StoredShelf>, write);
    else write();
  });
}

/**
 * The one door through which a draft changes. Returns a new plan that shares what did not change; the same
 * plan when nothing did. Throws RangeError when the command names something that is not there.
 */
export function apply(plan: StoredPlan, command: Command): StoredPlan {
  switch (command.do) {
    case 'together':
      return command.commands.reduce(apply, plan);
    case 'revert':
      return command.commands.reduce((at, one) => {
        try {
          return apply(at, one);
        } catch (error) {
          if (error instanceof RangeError) return at;
          throw error;
        }
      }, plan);
    case 'putDocument': {
      const { kind, id } = splitKey(command.key);
      const stays = (kind === 'page' && (command.document as StoredPage | null)?.bays) || [];
      const gone = (kind === 'page' && plan.pages[id]?.bays) || [];
      const handedOn = changed(plan, (draft) => {
        for (const bay of gone)
          if (!stays.some((one) => one.id === bay.id)) handOnBay(draft, { page: id, bay: bay.id });
      });
      return withDocument(handedOn, command.key, command.document);
    }
    case 'editBands':
      return editBands(plan, command.edit);
    case 'putOwn':
      return changed(plan, (draft) => {
        for (const { on, setting, values } of command.values) {
          const subject = subjectOf(draft, on);
          if (subject) writePath(subject.document, setting, values && clone(values));
        }
      });
    case 'write':
      return changed(plan, (draft) => {
        const document = subjectOf(draft, command.on)?.document;
        if (!document) return;
        const write = () => writeSetting(document, command.path, command.value);
        if ('shelf' in command.on) withOwnAssortment(document as Mutable<StoredShelf>, write);
        else write();
      });
    case 'settleShelves':
      return changed(plan, (draft) => {
        addShelves(draft, command.add);
        dropUnused(draft, command.drop);
      });
    case 'set':
      return set(plan, command);
    case 'addBay':
      return changed(plan, (draft) => {
        addShelves(draft, command.shelves ?? []);
        pageOf(draft, command.page).bays.splice(command.at, 0, clone(command.bay));
      });
    case 'duplicateBay':
      return changed(plan, (draft) => {
        const page = pageOf(draft, command.page);
        const at = bayAt(page, command.bay);
        const bay = plan.pages[command.page]!.bays[at]!;
        const copy = copyOf(clone(bay), plan.shelves, command.ids);
        addShelves(draft, copy.shelves);
        page.bays.splice(at + 1, 0, copy.bay);
      });
    case 'moveBay':
      return changed(plan, (draft) => {
        const page = pageOf(draft, command.page);
        const [bay] = page.bays.splice(bayAt(page, command.bay), 1);
        page.bays.splice(command.to, 0, bay!);
      });
    case 'orderBays':
      return changed(plan, (draft) => {
        const page = pageOf(draft, command.page);
        page.bays = reordered(page.bays, command.order);
      });
    case 'removeBay':
      return changed(plan, (draft) => {
        const page = pageOf(draft, command.page);
        handOnBay(draft, { page: command.page, bay: command.bay });
        const [bay] = page.bays.splice(bayAt(page, command.bay), 1);
        dropUnused(draft, shelvesOf(bay!));
      });
    case 'putBack':
      return changed(plan, (draft) => {
        const { bay, order } = command;
        const { bays } = pageOf(draft, command.page);
        if (bays.some((one) => one.id === bay.id)) return;
        const before = order.slice(0, order.indexOf(bay.id));
        const neighbour = bays.findLastIndex((one) => before.includes(one.id));
        bays.splice(neighbour + 1, 0, clone(bay));
        addShelves(draft, command.shelves);
      });
    case 'unlink':
      return changed(plan, (draft) => {
        const shelf = plan.shelves[command.shelf];
        if (!shelf) throw new RangeError(`There is no shelf "${command.shelf}".`);
        addShelves(draft, [{ ...shelf, id: command.newId }]);
        swapShelf(draft, command.page, command.bay, command.shelf, command.newId);
      });
    case 'useShelf':
      return changed(plan, (draft) => {
        if (command.shelf) addShelves(draft, [command.shelf]);
        swapShelf(draft, command.page, command.bay, command.from, command.to);
      });
    case 'tryAnother':
      return changed(plan, (draft) => {
        const shelf = plan.shelves[command.shelf];
        if (!shelf) throw new RangeError(`There is no shelf "${command.shelf}".`);
        const id = otherWayOf(command.shelf);
        delete draft.shelves[id];
        // What is tried of a shelf that is laid out like another is tried of it alone.
        addShelves(draft, [{ ...setApart(plan.shelves, shelf), id }]);
      });
    case 'keepWay':
      return changed(plan, (draft) => {
        const id = otherWayOf(command.shelf);
        const other = plan.shelves[id];
        if (!other) return;
        delete draft.shelves[id];
        if (command.keep === 'asItIs') return;
        delete draft.shelves[command.shelf];
        addShelves(draft, [{ ...other, id: command.shelf }]);
      });
    case 'removeAssortment':
      return changed(plan, (draft) => {
        delete draft.assortments[command.id];
        for (const shelf of Object.values(draft.shelves))
          if (shelf.assortmentId === command.id) delete shelf.assortmentId;
        for (const { assortment } of [...Object.values(draft.shelves), ...Object.values(draft.assortments)])
          if (assortment?.of === 'products' && assortment.fallback?.from === command.id)
            delete assortment.fallback;
      });
  }
}

function swapShelf(draft: PlanDraft, pageId: string, bayId: string, from: string, to: string): void {
  const page = pageOf(draft, pageId);
  const at = bayAt(page, bayId);
  page.bays[at] = withShelves(page.bays[at]!, new Map([[from, to]]));
  // What is nowhere else goes on being laid out like what stands beside it.
  for (const id of shelvesOf(page.bays[at]))
    if (draft.shelves[id]?.like === from && placesOf(draft as StoredPlan, id).length === 1)
      draft.shelves[id].like = to;
  dropUnused(draft, [from]);
}
