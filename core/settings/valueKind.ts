import type { Schema } from '../schema/schema.ts';
import type { Names } from '../sentence/sentence.ts';

/** The usual control of a kind of value, as data; the studio draws it. */
export type Control =
  /** `steps`: the sizes or spaces of the house are offered, and followed. */
  | {
      is: 'number';
      least: number;
      most: number;
      step: number;
      unit: string;
      scale: number;
      steps?: 'sizes' | 'spaces';
    }
  /** `drawnIn`: type families, as a style sheet names them, that a name is drawn in. */
  | { is: 'choice'; options: readonly { value: string | number; name: string; drawnIn?: string }[] }
  | { is: 'switch' }
  | { is: 'text'; longest: number; long: boolean; empty: string }
  | { is: 'link'; empty: string }
  /** `named`: the colours of the house are offered by name, and followed. */
  | { is: 'colour'; none: string | null; named?: true }
  | { is: 'picture' }
  /** A day and a time of it, by the clocks of the store; none set reads as `none` says. */
  | { is: 'time'; none: string }
  /** Proportions, width to height: of those offered, or typed. */
  | { is: 'ratio'; offered: readonly string[] }
  /** One of the store's options, by its id; none chosen reads as `none` says. */
  | { is: 'option'; none: string }
  /** One of the store's sizes of pictures, by its id. */
  | { is: 'pictureSize' }
  /** Set by a control of the setting's own, or not in the spec at all. */
  | { is: 'none' };

/** One kind of value: what it may be, how it reads in words, and the control that usually sets it. */
export interface ValueKind<T> {
  /** Refuses everything that is not such a value; `undefined` and, but where it is a value, `null` too. */
  schema: Schema<T>;
  /** The value in words: "12 px", "on", "Grid". */
  say(value: T, names: Names): string;
  control: Control;
  /** Made of keys or elements that stand for themselves, so that two people can change it at once. */
  inParts?: true;
}
