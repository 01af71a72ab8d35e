import { CLIP_DISTANCE_PX, FEWEST_BANDS, MOST_BANDS, bandEnd, type Band, type Bands } from './bands.ts';
import { valueAt, type Varying } from './varying.ts';

/** What happens to every varying value of a plan when the bands change. */
export type VaryingEdit = <T>(varying: Varying<T>) => Varying<T>;

export interface BandsEdit {
  bands: Bands;
  edit: VaryingEdit;
}

const unchanged: VaryingEdit = (varying) => varying;

/** Moves a band's edge; it stops 40 px short of its neighbours. The first band's edge stays at 0. */
export function moveEdge(bands: Bands, id: string, fromPx: number): BandsEdit {
  const at = bands.findIndex((band) => band.id === id);
  if (at < 1) return { bands, edit: unchanged };
  const least = bands[at - 1]!.from + CLIP_DISTANCE_PX;
  const most = (bands[at + 1]?.from ?? Infinity) - CLIP_DISTANCE_PX;
  const from = Math.max(least, Math.min(most, Math.round(fromPx)));
  return { bands: bands.map((band, i) => (i === at ? { ...band, from } : band)), edit: unchanged };
}

/**
 * Splits the band that `added.from` falls into. The new, wider part inherits, so nothing looks different.
 * Throws RangeError when there is no room or there are six bands already.
 */
export function addBand(bands: Bands, added: Band): BandsEdit {
  if (bands.length >= MOST_BANDS) throw new RangeError(`There can be at most ${MOST_BANDS} bands.`);
  const tooNear = bands.some((band) => Math.abs(band.from - added.from) < CLIP_DISTANCE_PX);
  if (tooNear) throw new RangeError(`A band's edge keeps ${CLIP_DISTANCE_PX} px from its neighbours.`);
  return { bands: [...bands, added].sort((a, b) => a.from - b.from), edit: unchanged };
}

/** Puts a new band before the first: it runs from 0 to `edgePx` and copies the old first band's values. */
export function addFirstBand(bands: Bands, added: Omit<Band, 'from'>, edgePx: number): BandsEdit {
  const first = bands[0]!;
  const end = bandEnd(bands, first.id);
  if (bands.length >= MOST_BANDS) throw new RangeError(`There can be at most ${MOST_BANDS} bands.`);
  if (edgePx < CLIP_DISTANCE_PX || edgePx > end - CLIP_DISTANCE_PX)
    throw new RangeError(`A band's edge keeps ${CLIP_DISTANCE_PX} px from its neighbours.`);
  return {
    bands: [{ ...added, from: 0 }, { ...first, from: edgePx }, ...bands.slice(1)],
    edit: (varying) => ({ [added.id]: varying[first.id]!, ...varying }),
  };
}

/** Removes a band, after writing its value into the next wider one if that has none of its own. */
export function removeBand(bands: Bands, id: string): BandsEdit {
  if (bands.length <= FEWEST_BANDS) throw new RangeError(`There must be at least ${FEWEST_BANDS} bands.`);
  const at = bands.findIndex((band) => band.id === id);
  if (at < 0) throw new RangeError(`There is no band "${id}".`);
  const next = bands[at + 1];
  const left = bands.filter((band) => band.id !== id);
  if (at === 0) left[0] = { ...left[0]!, from: 0 };
  return {
    bands: left,
    edit: (varying) => {
      const result: Record<string, (typeof varying)[string]> = { ...varying };
      // What it took from a narrower one the next takes from there as well.
      if (next && Object.hasOwn(varying, id) && !Object.hasOwn(result, next.id))
        result[next.id] = valueAt(varying, bands, id);
      delete result[id];
      return result;
    },
  };
}
