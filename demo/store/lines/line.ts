import type { Extra } from '../../pictures/piece.ts';
import type { ProfileName } from '../../pictures/profiles.ts';
import type { Thing } from '../../pictures/scene.ts';
import { thing } from '../categories.ts';

/** A line of the pottery: one form, made in several glazes; each glaze that leads one is a product. */
export interface Line {
  /** Follows the glaze in the title: "Fogbank serving bowl". */
  form: string;
  categories: string[];
  things(glaze: string): Thing[];
  /** Pence. */
  price: number;
  /** How many glazes lead a product of their own. */
  pieces: number;
  /** Picture proportions, px. */
  size: readonly [number, number];
  tags: string[];
  capacityMl?: number;
  diameterCm?: number;
  foodSafe?: boolean;
  firedAt?: number;
  sizes?: readonly string[];
  words: string;
}

/** Proportions of pictures, px. */
export const SQUARE = [800, 800] as const;
export const TALL = [700, 960] as const;
export const WIDE = [900, 780] as const;
export const UPRIGHT = [760, 900] as const;

/** A picture of one piece. */
export const one =
  (profile: ProfileName, extras: Extra[] = []) =>
  (glaze: string) => [thing(profile, glaze, extras)];
