import type { Bands } from '../../bands/bands.ts';
import { same } from '../../settings/same.ts';
import { writePath } from '../../settings/path.ts';

/** A default as it was when a format came, by the id of its setting. */
interface FrozenDefault {
  varies: boolean;
  is: string;
  value?: unknown;
  from?: [number, unknown][];
  setting?: string;
}

export type FrozenDefaults = Readonly<Record<string, FrozenDefault>>;

/** All defaults of a format; `bay` and `assortment` by kind. */
export interface FormatDefaults {
  house: FrozenDefaults;
  page: FrozenDefaults;
  shelf: FrozenDefaults;
  bay: Readonly<Record<string, FrozenDefaults>>;
  assortment: Readonly<Record<string, FrozenDefaults>>;
}

type Loose = Record<string, unknown>;

/** Where the values of a document were before, and as what, by the ids of the settings they are of now. */
export interface Moved {
  from: Readonly<Record<string, string>>;
  values?: Readonly<Record<string, (old: unknown) => unknown>>;
}

/** One default at the bands of a store. */
interface Known {
  id: string;
  read: ((old: unknown) => unknown) | undefined;
  byHouse: boolean;
  /** At each band, or once. */
  wanted: readonly unknown[];
  bandIds: readonly string[] | null;
}

/** The defaults as a document of before holds their values: by key, one, or more of them below. */
type KnownTree = Map<string, Known | KnownTree>;

const atWidth = (byDefault: FrozenDefault, px: number): unknown =>
  byDefault.is === 'value' ? byDefault.value : byDefault.from!.findLast(([from]) => from <= px)![1];

function knownTree(defaults: FrozenDefaults, bands: Bands, moved: Moved): KnownTree {
  const tree: KnownTree = new Map();
  for (const [id, byDefault] of Object.entries(defaults)) {
    const steps = (moved.from[id] ?? id).split('.');
    const last = steps.pop()!;
    let at = tree;
    for (const step of steps) {
      if (!at.has(step)) at.set(step, new Map());
      at = at.get(step) as KnownTree;
    }
    const byHouse = byDefault.is === 'house';
    const widths = byDefault.varies ? bands.map(({ from }) => from) : [0];
    at.set(last, {
      id,
      read: moved.values?.[id],
      byHouse,
      wanted: byHouse ? [] : widths.map((px) => atWidth(byDefault, px)),
      bandIds: byDefault.varies ? bands.map((band) => band.id) : null,
    });
  }
  return tree;
}

const known = new WeakMap<FrozenDefaults, { bands: Bands; moved: Moved; tree: KnownTree }>();

/** A store has hundreds of documents to be read with the same defaults, so that these are put together once. */
function remembered(defaults: FrozenDefaults, bands: Bands, moved: Moved): KnownTree {
  let found = known.get(defaults);
  if (found?.bands !== bands || found.moved !== moved)
    known.set(defaults, (found = { bands, moved, tree: knownTree(defaults, bands, moved) }));
  return found.tree;
}

/** An order of things is the default where it names some of them in that very order. */
const isPartOf = (value: unknown, whole: unknown): boolean =>
  Array.isArray(value) &&
  Array.isArray(whole) &&
  value.length > 0 &&
  typeof value[0] === 'string' &&
  same(
    value,
    whole.filter((one) => value.includes(one)),
  );

/** Whether values of bands read as these, from the narrowest on: one without takes the nearest narrower one. */
function readAs(value: unknown, bandIds: readonly string[], wanted: readonly unknown[]): boolean {
  if (typeof value !== 'object' || value === null) return false;
  const values = value as Loose;
  let at: unknown;
  for (let i = 0; i < bandIds.length; i += 1) {
    const id = bandIds[i]!;
    if (Object.hasOwn(values, id)) at = values[id];
    if (at !== wanted[i] && !same(at, wanted[i])) return false;
  }
  return true;
}

function isDefault(value: unknown, { byHouse, wanted, bandIds }: Known): boolean {
  if (byHouse) return value === null;
  if (bandIds) return readAs(value, bandIds, wanted);
  return same(value, wanted[0]) || isPartOf(value, wanted[0]);
}

function keepOthers(dense: unknown, tree: KnownTree, sparse: Loose): void {
  if (typeof dense !== 'object' || dense === null) return;
  for (const [key, node] of tree) {
    const was = Object.hasOwn(dense, key) ? (dense as Loose)[key] : undefined;
    if (was === undefined) continue;
    if (node instanceof Map) {
      keepOthers(was, node, sparse);
      continue;
    }
    const value = node.read ? node.read(was) : was;
    if (!isDefault(value, node)) writePath(sparse, node.id, value);
  }
}

const asItWas: Moved = { from: {} };

/**
 * A document with every value in place, as one that holds only what differs from the defaults of a format. What is
 * undefined or, where null stood for what is inherited, null, is left out too.
 */
export function dropDefaults(
  dense: Loose,
  defaults: FrozenDefaults,
  { bands }: { bands: Bands },
  moved = asItWas,
): Loose {
  const sparse: Loose = {};
  keepOthers(dense, remembered(defaults, bands, moved), sparse);
  return sparse;
}
