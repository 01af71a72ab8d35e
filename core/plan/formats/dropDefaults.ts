import type { Bands } from '../../bands/bands.ts';
import { same } from '../../settings/same.ts';
import { readPath, writePath } from '../../settings/path.ts';

/** A default as it was when a format came, by the id of its setting. */
export type FrozenDefaults = Readonly<
  Record<
    string,
    { varies: boolean; is: string; value?: unknown; from?: [number, unknown][]; setting?: string }
  >
>;

/** All defaults of a format; `bay` and `assortment` by kind. */
export interface FormatDefaults {
  house: FrozenDefaults;
  page: FrozenDefaults;
  shelf: FrozenDefaults;
  bay: Readonly<Record<string, FrozenDefaults>>;
  assortment: Readonly<Record<string, FrozenDefaults>>;
}

type Loose = Record<string, unknown>;

/** Values of bands as they read from the narrowest on: one without takes the nearest narrower one. */
const byBand = (values: Loose, bands: Bands): unknown[] => {
  let at: unknown;
  return bands.map(({ id }) => (at = Object.hasOwn(values, id) ? values[id] : at));
};

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

/**
 * A document with every value in place, as one that holds only what differs from the defaults of a format. What is
 * undefined or, where null stood for what is inherited, null, is left out too.
 */
export function dropDefaults(dense: Loose, defaults: FrozenDefaults, { bands }: { bands: Bands }): Loose {
  const sparse: Loose = {};
  for (const [id, byDefault] of Object.entries(defaults)) {
    const value = readPath(dense, id);
    if (value === undefined) continue;
    if (byDefault.is === 'house') {
      if (value !== null) writePath(sparse, id, value);
      continue;
    }
    const at = (px: number) =>
      byDefault.is === 'value' ? byDefault.value : byDefault.from!.findLast(([from]) => from <= px)![1];
    const isDefault = byDefault.varies
      ? same(
          byBand(value as Loose, bands),
          bands.map(({ from }) => at(from)),
        )
      : same(value, at(0)) || isPartOf(value, at(0));
    if (!isDefault) writePath(sparse, id, value);
  }
  return sparse;
}
