import { valueAt, type Varying } from '../bands/varying.ts';
import { bayTree, type StoredBay } from '../bays/index.ts';
import type { Command } from '../plan/commands.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import {
  documentKeys,
  documentOf,
  splitKey,
  withDocument,
  type DocumentKey,
  type PlanDocument,
} from '../plan/documents.ts';
import type { StoredPage } from '../plan/page.ts';
import { placesOf, shelvesOf } from '../plan/places.ts';
import { ownAssortment, type StoredShelf } from '../plan/shelf.ts';
import { aroundOf, type StoredPlan } from '../plan/storedPlan.ts';
import { subjectOf, type Target } from '../plan/target.ts';
import { valueOf, type Around } from '../settings/complete.ts';
import { same } from '../settings/same.ts';
import { isSetting, type Setting, type Tree } from '../settings/setting.ts';
import { mergeOrders } from './order.ts';
import { mergeParts, mergeWhole, type MergedValue } from './value.ts';

/** Something that both sides changed. The merged plan has it as `mine`; the command makes it theirs. */
export interface Conflict {
  id: string;
  target: Target;
  /** Path of the setting; null where one side removed the whole target, or it cannot be merged. */
  setting: string | null;
  /** Of a value that varies, the band. */
  band: string | null;
  mine: unknown;
  theirs: unknown;
  takeTheirs: Command;
  /** Makes it what it was before either changed it, where that is one setting. */
  asItWas: Command | null;
}

export interface Merged {
  plan: StoredPlan;
  conflicts: Conflict[];
}

type Loose = Readonly<Record<string, unknown>>;

const loose = (value: unknown): Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Loose) : {};

const idOf = (target: Target, path: string | null): string => `${JSON.stringify(target)} ${path ?? ''}`;

/** Collects what collides of one target. */
function collector(target: Target, conflicts: Conflict[]) {
  const at = (path: string, setting: string, band: string | null, [base, mine, theirs]: readonly unknown[]) =>
    conflicts.push({
      id: idOf(target, path),
      target,
      setting,
      band,
      mine,
      theirs,
      takeTheirs: { do: 'write', on: target, path, value: theirs },
      asItWas: { do: 'write', on: target, path, value: base },
    });
  return { target, at };
}
type Collector = ReturnType<typeof collector>;

/**
 * What is set of a value by width, width by width. What each width comes to is merged too: a value that was only
 * written so that nothing changes there is no change, and where a narrower one would now run on over it, it is set.
 */
function mergeVarying(
  setting: Setting<unknown>,
  sides: readonly unknown[],
  path: string,
  { at }: Pick<Collector, 'at'>,
  around: Around,
): unknown {
  const { bands } = around;
  const own = sides.map(loose) as [Loose, Loose, Loose];
  const full = sides.map((side) => valueOf(setting, side, around) as Varying<unknown>);
  const comesTo = (band: string) =>
    mergeWhole(...(full.map((one) => valueAt(one, bands, band)) as [unknown, unknown, unknown]));
  const values: Record<string, unknown> = {};
  for (const band of new Set(own.flatMap((one) => Object.keys(one)))) {
    const three = own.map((one) => one[band]) as [unknown, unknown, unknown];
    let merged = mergeWhole(...three);
    if (merged.collides && bands.some(({ id }) => id === band)) {
      const { value, collides } = comesTo(band);
      if (!collides) merged = { value, collides };
    }
    if (merged.collides) at(`${path}.${band}`, path, band, three);
    if (merged.value !== undefined) values[band] = merged.value;
  }
  for (const { id } of bands) {
    const { value, collides } = comesTo(id);
    if (!collides && !same(valueAt(valueOf(setting, values, around) as Varying<unknown>, bands, id), value))
      values[id] = value;
  }
  return Object.keys(values).length ? values : undefined;
}

function mergeSetting(
  setting: Setting<unknown>,
  [base, mine, theirs]: readonly unknown[],
  path: string,
  { at }: Pick<Collector, 'at'>,
  around: Around,
): unknown {
  if (setting.varies) return mergeVarying(setting, [base, mine, theirs], path, { at }, around);
  let merged: MergedValue = mergeWhole(base, mine, theirs);
  if (merged.collides && setting.kind.inParts && mine !== undefined && theirs !== undefined) {
    const parts = mergeParts(valueOf(setting, base, around), mine, theirs);
    if (!parts.collides && setting.kind.schema.isValidSync(parts.value, { strict: true })) merged = parts;
  }
  if (merged.collides) at(path, path, null, [base, mine, theirs]);
  return merged.value;
}

/** Setting by setting; what is no setting, such as an id, is one whole. */
function mergeTree(
  tree: Tree,
  sides: readonly unknown[],
  collect: Collector,
  around: Around,
  under = '',
): Record<string, unknown> {
  const all = sides.map(loose);
  const values: Record<string, unknown> = {};
  for (const key of new Set(all.flatMap((side) => Object.keys(side)))) {
    const path = under ? `${under}.${key}` : key;
    const three = all.map((side) => side[key]);
    const node = Object.hasOwn(tree, key) ? tree[key] : undefined;
    let value: unknown;
    if (node && isSetting(node)) value = mergeSetting(node, three, path, collect, around);
    else if (node) {
      const group = mergeTree(node, three, collect, around, path);
      value = Object.keys(group).length ? group : undefined;
    } else {
      const merged = mergeWhole(three[0], three[1], three[2]);
      if (merged.collides) collect.at(path, path, null, three);
      value = merged.value;
    }
    if (value !== undefined) values[key] = value;
  }
  return values;
}

interface Sides {
  base: StoredPlan;
  mine: StoredPlan;
  theirs: StoredPlan;
}

/** A shelf or an assortment; what it shows is one whole where a side shows another kind of item. */
function mergeShowing<D extends StoredShelf | { assortment: { of: string } }>(
  target: Target,
  [base, mine, theirs]: readonly [D, D, D],
  { mine: plan }: Sides,
  conflicts: Conflict[],
): D {
  const withOf = (document: D) =>
    'shelf' in target ? { ...document, assortment: ownAssortment(document as StoredShelf) } : document;
  const sides = [base, mine, theirs].map(withOf) as { assortment: { of: string } }[];
  const { tree } = subjectOf(plan, target)!;
  const oneKind = new Set(sides.map(({ assortment }) => assortment.of)).size === 1;
  const { assortment: _, ...rest } = tree;
  const merged = mergeTree(oneKind ? tree : rest, sides, collector(target, conflicts), aroundOf(plan));
  if ('shelf' in target && same(merged.assortment, { of: 'products' })) delete merged.assortment;
  return merged as unknown as D;
}

const bayOf = (page: StoredPage, id: string): StoredBay | undefined => page.bays.find((bay) => bay.id === id);

/** Whether a bay, or a shelf that it shows, is not as it was. */
const isTouched = (bay: StoredBay, before: StoredBay, plan: StoredPlan, was: StoredPlan): boolean =>
  !same(bay, before) || shelvesOf(bay).some((id) => !same(plan.shelves[id], was.shelves[id]));

/** The ids of one side, with those it left out back in their places. */
function withBack(side: readonly string[], base: readonly string[], back: ReadonlySet<string>): string[] {
  const ids = [...side];
  base.forEach((id, i) => {
    if (!back.has(id) || ids.includes(id)) return;
    const before = base.slice(0, i).findLast((one) => ids.includes(one));
    ids.splice(before === undefined ? 0 : ids.indexOf(before) + 1, 0, id);
  });
  return ids;
}

/** The bays of a page: those that one side removed and the other changed are asked about. */
function mergeBays(sides: Sides, pageId: string, conflicts: Conflict[]): StoredBay[] {
  const { base, mine, theirs } = sides;
  const [was, ours, others] = [base, mine, theirs].map((plan) => plan.pages[pageId]!) as [
    StoredPage,
    StoredPage,
    StoredPage,
  ];
  const ids = (page: StoredPage) => page.bays.map(({ id }) => id);
  const keptAnyway = new Set<string>();
  const asked = new Set<string>();
  for (const before of was.bays) {
    const target = { page: pageId, bay: before.id };
    const [a, b] = [bayOf(ours, before.id), bayOf(others, before.id)];
    const asks = (takeTheirs: Command) => {
      asked.add(before.id);
      conflicts.push({
        id: idOf(target, null),
        target,
        setting: null,
        band: null,
        mine: a,
        theirs: b,
        takeTheirs,
        asItWas: null,
      });
    };
    if (a && !b && isTouched(a, before, mine, base)) {
      keptAnyway.add(before.id);
      asks({ do: 'removeBay', page: pageId, bay: before.id });
    }
    if (b && !a && isTouched(b, before, theirs, base)) {
      const shelves = shelvesOf(b).flatMap((id) => theirs.shelves[id] ?? []);
      asks({ do: 'putBack', page: pageId, bay: b, shelves, order: ids(others) });
    }
  }
  const { order } = mergeOrders(ids(was), ids(ours), withBack(ids(others), ids(was), keptAnyway));
  // Bays that are asked about are no part of that question, whichever side has them.
  const settledIds = (page: StoredPage) => ids(page).filter((id) => !asked.has(id));
  const { collides } = mergeOrders(settledIds(was), settledIds(ours), settledIds(others));
  if (collides) {
    const target = { page: pageId };
    const command: Command = { do: 'orderBays', page: pageId, order: ids(others) };
    conflicts.push({
      id: idOf(target, 'bays'),
      target,
      setting: 'bays',
      band: null,
      mine: ids(ours),
      theirs: ids(others),
      takeTheirs: command,
      asItWas: { do: 'orderBays', page: pageId, order: ids(was) },
    });
  }
  const inOrder = collides ? [...order].sort((x, y) => ids(ours).indexOf(x) - ids(ours).indexOf(y)) : order;
  return inOrder.flatMap((id): StoredBay[] => {
    const [before, a, b] = [bayOf(was, id), bayOf(ours, id), bayOf(others, id)];
    if (!a || !b) return a || b ? [(a ?? b)!] : [];
    const target = { page: pageId, bay: id };
    const collect = collector(target, conflicts);
    // Two bays that only happen to have the same id.
    if (a.holds !== b.holds) return [a];
    return [
      mergeTree(bayTree(a.holds), [before ?? {}, a, b], collect, aroundOf(mine)) as unknown as StoredBay,
    ];
  });
}

function mergePage(sides: Sides, id: string, conflicts: Conflict[]): StoredPage {
  const target = { page: id };
  const three = [sides.base, sides.mine, sides.theirs].map((plan) => plan.pages[id]!);
  const bare = three.map(({ bays: _, ...rest }) => rest);
  const { tree } = subjectOf(sides.mine, target)!;
  const settings = mergeTree(tree, bare, collector(target, conflicts), aroundOf(sides.mine));
  return { ...settings, bays: mergeBays(sides, id, conflicts) } as unknown as StoredPage;
}

const targetOf = (key: DocumentKey): Target => {
  const { kind, id } = splitKey(key);
  return kind === 'house' ? { house: true } : ({ [kind]: id } as Target);
};

/** A document as it is on one side, against that of the other, as one whole that is asked about. */
function asWhole(key: DocumentKey, { mine, theirs }: Sides): Conflict {
  const target = targetOf(key);
  const [ours, others] = [documentOf(mine, key), documentOf(theirs, key)];
  return {
    id: idOf(target, null),
    target,
    setting: null,
    band: null,
    mine: ours,
    theirs: others,
    takeTheirs: { do: 'putDocument', key, document: others ?? null },
    asItWas: null,
  };
}

/** A document that is on both sides, and that both changed. */
function mergeDocument(key: DocumentKey, sides: Sides, conflicts: Conflict[]): PlanDocument {
  const { base, mine, theirs } = sides;
  const [a, b] = [documentOf(mine, key)!, documentOf(theirs, key)!];
  const before = documentOf(base, key);
  const target = targetOf(key);
  const found: Conflict[] = [];
  let merged: PlanDocument | null = null;
  if (!before) found.push(asWhole(key, sides));
  else if ('page' in target) merged = mergePage(sides, target.page, found);
  else if ('shelf' in target || 'assortment' in target)
    merged = mergeShowing(target, [before, a, b] as never, sides, found);
  else {
    const { tree } = subjectOf(mine, target)!;
    merged = mergeTree(tree, [before, a, b], collector(target, found), aroundOf(mine));
  }
  if (merged && !checkDocument(key, merged)) {
    conflicts.push(...found);
    return merged;
  }
  conflicts.push(asWhole(key, sides));
  return a;
}

/** Shelves go by the bays that show them: those that are shown are there, those that a side took off are not. */
function settled(merged: StoredPlan, { base, mine, theirs }: Sides): StoredPlan {
  let plan = merged;
  for (const page of Object.values(plan.pages))
    for (const id of page.bays.flatMap((bay) => [...shelvesOf(bay)])) {
      const shelf = plan.shelves[id] ?? mine.shelves[id] ?? theirs.shelves[id] ?? base.shelves[id];
      if (shelf && shelf !== plan.shelves[id]) plan = withDocument(plan, `shelf:${id}`, shelf);
    }
  for (const id of Object.keys(plan.shelves)) {
    const removed = Boolean(base.shelves[id]) && !(mine.shelves[id] && theirs.shelves[id]);
    const wasShown = placesOf(base, id).length > 0;
    if (removed && wasShown && placesOf(plan, id).length === 0)
      plan = withDocument(plan, `shelf:${id}`, null);
  }
  return plan;
}

/**
 * Two plans that began as `base`, as one: setting by setting and width by width, lists by their elements. What both
 * changed is as `mine` has it, and asked about; everything else is the same whichever side is which.
 */
export function merge(base: StoredPlan, mine: StoredPlan, theirs: StoredPlan): Merged {
  if (base === theirs || mine === theirs) return { plan: mine, conflicts: [] };
  if (base === mine) return { plan: theirs, conflicts: [] };
  const sides = { base, mine, theirs };
  const conflicts: Conflict[] = [];
  let plan = mine;
  for (const key of new Set([base, mine, theirs].flatMap(documentKeys))) {
    const [before, a, b] = [base, mine, theirs].map((one) => documentOf(one, key));
    if (same(a, b)) continue;
    // A page whose bays one side removed may be as it was on the other, and their shelves not.
    const alwaysBoth = before && a && b && splitKey(key).kind === 'page';
    if (!alwaysBoth && same(before, b)) continue;
    if (!alwaysBoth && same(before, a)) plan = withDocument(plan, key, b ?? null);
    else if (a && b) plan = withDocument(plan, key, mergeDocument(key, sides, conflicts));
    // Whether a shelf is there goes by the bays that show it.
    else if (splitKey(key).kind === 'shelf') plan = withDocument(plan, key, a ?? b ?? null);
    else conflicts.push(asWhole(key, sides));
  }
  return { plan: settled(plan, sides), conflicts };
}
