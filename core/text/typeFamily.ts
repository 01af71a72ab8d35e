import type { CharacterSetId } from './characterSets.ts';
import type { Face } from './face.ts';

/** A face that is on most machines, which stands in until a family is there. */
export type StandIn = 'serif' | 'sans' | 'mono';

type FetchedFace = () => Promise<{ default: Face }>;

/** Upright or italic. */
export type Slope = 'upright' | 'italic';

/** Letters of a family in one slope and at one weight or a stretch of weights, in a file for each character set. */
export interface FontFiles {
  slope: Slope;
  weights: readonly [least: number, most: number];
  sets: readonly CharacterSetId[];
  /** Of the owner's own: what its files are called by. */
  id?: string;
}

/** A type family, shipped or the owner's own: all that is asked of it. */
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
  /** Its files, of one that is the owner's own; those of one that is shipped come from the font package of its id. */
  fonts?: readonly FontFiles[];
}

/** The slopes that a family has letters of its own for. */
export const slopesOf = ({ faces }: Pick<TypeFamily, 'faces'>): readonly Slope[] =>
  faces.italic ? ['upright', 'italic'] : ['upright'];

/** Everything that a family has files of. */
export const fontsOf = ({ fonts, faces, weights, sets }: TypeFamily): readonly FontFiles[] =>
  fonts ?? slopesOf({ faces }).map((slope) => ({ slope, weights, sets }));
