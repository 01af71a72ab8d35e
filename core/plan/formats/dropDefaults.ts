import type { Bands } from '../../bands/bands.ts';
import { same } from '../../settings/same.ts';
import { readPath, writePath } from '../../settings/path.ts';

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

/** Whether values of bands read as these, from the narrowest on: one without takes the nearest narrower one. */
function readAs(values: Loose, bands: Bands, wanted: readonly unknown[]): boolean {
  let at: unknown;
  return bands.every(({ id }, i) => {
    if (Object.hasOwn(values, id)) at = values[id];
    return at === wanted[i] || same(at, wanted[i]);
  });
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

const known = new WeakMap<Bands, Map<FrozenDefault, unknown[]>>();

/** A default at each band, reckoned once. */
function atBands(byDefault: FrozenDefault, bands: Bands): unknown[] {
  let ofBands = known.get(bands);
  if (!ofBands) known.set(bands, (ofBands = new Map()));
  let values = ofBands.get(byDefault);
  if (!values) ofBands.set(byDefault, (values = bands.map(({ from }) => atWidth(byDefault, from))));
  return values;
}

const atWidth = (byDefault: FrozenDefault, px: number): unknown =>
  byDefault.is === 'value' ? byDefault.value : byDefault.from!.findLast(([from]) => from <= px)![1];

/**
 * A document with every value in place, as one that holds only what differs from the defaults of a format. What is
 * undefined or, where null stood for what is inherited, null, is left out too.
 */
export function dropDefaults(dense: Loose, defaults: FrozenDefaults, { bands }: { bands: Bands }): Loose {
  const sparse: Loose = {};
  for (const id in defaults) {
    const byDefault = defaults[id]!;
    const value = readPath(dense, id);
    if (value === undefined) continue;
    if (byDefault.is === 'house') {
      if (value !== null) writePath(sparse, id, value);
      continue;
    }
    const isDefault = byDefault.varies
      ? readAs(value as Loose, bands, atBands(byDefault, bands))
      : same(value, atWidth(byDefault, 0)) || isPartOf(value, atWidth(byDefault, 0));
    if (!isDefault) writePath(sparse, id, value);
  }
  return sparse;
}
