import { bandAt, nominalOf, type Bands } from '../../../core/bands/bands.ts';
import { createStore } from 'zustand/vanilla';

/** A page that stands on the wall at one width. */
export interface Stand {
  id: string;
  bandId: string;
  name: string;
  width: number;
  height: number;
}

/** Narrowest and widest a frame of any width can be, px. */
export const NARROWEST_PX = 280;
export const WIDEST_PX = 2560;

/** Landscape up to this width: a phone or a tablet, not a screen on a desk. */
const WIDEST_TURNED_PX = 1100;

export interface WallChoice {
  /** Bands that do not stand on the wall. */
  away: ReadonlySet<string>;
  /** Bands that stand on the wall on their side. */
  turned: ReadonlySet<string>;
  /** Width of the frame of any width; null while there is none. */
  freePx: number | null;
}

/** Frames that were brought in sight by their tags, the last first. */
export const broughtIn = createStore<{ ids: readonly string[] }>(() => ({ ids: [] }));

export const bringIn = (id: string): void =>
  broughtIn.setState(({ ids }) => ({ ids: [id, ...ids.filter((one) => one !== id)].slice(0, 4) }));

/** The frame that was brought near; null while all widths are shown. */
export const nearStand = createStore<{ near: string | null }>(() => ({ near: null }));

export const setNear = (near: string | null): void => nearStand.setState({ near });
export const backToAll = (): void => setNear(null);

/** How many of the widths are in sight; told by the wall. */
export const sightCount = createStore<{ shown: number }>(() => ({ shown: 0 }));

/** What stands on the wall; the same on every page, for as long as the window is open. */
export const wallChoice = createStore<WallChoice>(() => ({
  away: new Set(),
  turned: new Set(),
  freePx: null,
}));

export const canTurn = (width: number): boolean => width <= WIDEST_TURNED_PX;

/** Every page that can stand on the wall, narrow to wide, by what was chosen. */
export function standsOf(bands: Bands, { away, turned }: WallChoice): Stand[] {
  return bands
    .filter((band) => !away.has(band.id))
    .map((band) => {
      const { width, height } = nominalOf(bands, band);
      if (!turned.has(band.id) || !canTurn(width))
        return { id: band.id, bandId: band.id, name: band.name, width, height };
      // On its side it may be as wide as another band.
      return {
        id: band.id,
        bandId: bandAt(bands, height).id,
        name: `${band.name}, landscape`,
        width: height,
        height: width,
      };
    });
}

export const freeStand = (bands: Bands, width: number): Stand => {
  const band = bandAt(bands, width);
  return { id: 'free', bandId: band.id, name: `${width} px`, width, height: nominalOf(bands, band).height };
};
