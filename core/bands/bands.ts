/** A named range of widths (CSS px) of the region that holds a shelf; it ends where the next band begins. */
export interface Band {
  id: string;
  name: string;
  /** First width of the band, px, inclusive. */
  from: number;
  /** The width and height the band is drawn at, px; the height also stands for one screen. */
  nominal: { width: number; height: number };
}

/** 2 to 6 bands, ordered by `from`; the first begins at 0. */
export type Bands = readonly Band[];

export const FEWEST_BANDS = 2;
export const MOST_BANDS = 6;
/** A band's edge stops this short of its neighbours, px. */
export const CLIP_DISTANCE_PX = 40;
/** The tape ends here, px; the last band is open towards it and beyond. */
export const TAPE_END_PX = 2560;

/** The last band with `from <= widthPx`. Bands are never empty, so there always is one. */
export function bandAt(bands: Bands, widthPx: number): Band {
  let found = bands[0]!;
  for (const band of bands) if (band.from <= widthPx) found = band;
  return found;
}

/** Where the band ends, px, exclusive; Infinity for the last one. */
export function bandEnd(bands: Bands, id: string): number {
  const at = bands.findIndex((band) => band.id === id);
  return bands[at + 1]?.from ?? Infinity;
}

export function bandById(bands: Bands, id: string): Band | undefined {
  return bands.find((band) => band.id === id);
}

/** The size that stands for a band: its nominal one, as wide as the band allows. */
export function nominalOf(bands: Bands, band: Band): { width: number; height: number } {
  const { width, height } = band.nominal;
  return { width: Math.max(band.from, Math.min(width, bandEnd(bands, band.id) - 1)), height };
}

/** A name and an id for a new band from this width, and a size that stands for it, midway between its neighbours. */
export function newBand(bands: Bands, from: number, id: string, name: string): Band {
  const within = bandAt(bands, from);
  const end = bandEnd(bands, within.id);
  const width = Math.round(end === Infinity ? Math.min(TAPE_END_PX, from + 160) : (from + end) / 2);
  return { id, name, from, nominal: { width, height: within.nominal.height } };
}
