import type { CharacterSetId } from './characterSets.ts';
import type { Face } from './face.ts';

/** A face that is on most machines, which stands in until a family is there. */
export type StandIn = 'serif' | 'sans' | 'mono';

type FetchedFace = () => Promise<{ default: Face }>;

/** A type family that is shipped: all that is asked of it. Its files come from the font package of its id. */
export interface TypeFamily {
  id: string;
  name: string;
  /** What it is like, in a few words. */
  character: string;
  /** The lightest and the boldest that it has. */
  weights: readonly [least: number, most: number];
  /** Its widths, fetched when they are needed; without italics of its own, upright letters are slanted. */
  faces: { upright: FetchedFace; italic: FetchedFace | null };
  sets: readonly CharacterSetId[];
  standIn: StandIn;
  /** How far a line reaches over and under its baseline, and the width of a letter in a text, em. */
  metrics: { readonly ascent: number; readonly descent: number; readonly letter: number };
}

/** Upright or italic. */
export type Slope = 'upright' | 'italic';

/** The slopes that a family has letters of its own for. */
export const slopesOf = ({ faces }: Pick<TypeFamily, 'faces'>): readonly Slope[] =>
  faces.italic ? ['upright', 'italic'] : ['upright'];
