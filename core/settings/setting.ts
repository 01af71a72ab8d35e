import type { Of } from '../assortment/of.ts';
import type { Varying } from '../bands/varying.ts';
import type { Names } from '../sentence/sentence.ts';
import type { ValueKind } from './valueKind.ts';

/** What a setting is part of. */
export const SETTING_ONS = ['house', 'page', 'bay', 'shelf', 'assortment'] as const;
export type SettingOn = (typeof SETTING_ONS)[number];

/** The lines of the spec, in their order. */
export const LINES = [
  'tabs',
  'strip',
  'text',
  'picture',
  'link',
  'shows',
  'layout',
  'columns',
  'place',
  'card',
  'tools',
  'look',
  'visibility',
  'page',
  'store',
  'selling',
  'groups',
  'labels',
  'swatches',
  'pictures',
  'style',
] as const;
export type LineId = (typeof LINES)[number];

/**
 * What holds where nothing is set: one value; values from widths in px on (never by a band's id, since bands are
 * the owner's); or what the house has.
 */
export type Default<T> =
  | { is: 'value'; value: T }
  | { is: 'byWidth'; from: readonly (readonly [fromPx: number, value: T])[] }
  | { is: 'house'; setting: string };

/** Reads another setting of the same document, by its id; one that varies as a `Varying`. */
export type ReadSetting = (id: string) => unknown;

/** What is shown of a card, as far as settings go by it. */
export interface ShownCard {
  parts: readonly { readonly part: string }[];
}

/** What is shown now, as far as settings go by it. */
export interface Shown {
  cards: readonly ShownCard[];
  /** How the shelf is at each of its steps; none where there is no shelf. */
  steps: readonly { moves: boolean; whole: boolean }[];
  /** Pictures of what the bay is about; null where it is about nothing that has any. */
  pictures: number | null;
}

/** What settings may go by of a layout. */
export interface LayoutTraits {
  name: string;
  inRows: boolean;
  moves: boolean;
  /** How a card puts its picture and its texts. */
  card: string;
  textComesWithIt?: boolean;
}

/** What is written down of a setting besides its kind and default. */
export interface Said<T> {
  /** As it heads its control. */
  name: string;
  /** Words that find it, besides its name. */
  find?: readonly string[];
  /** Something more to know, under its control. */
  about?: string;
  /** The value as it reads after "now" or "was", where name and value do not say it well. */
  say?(value: T, names: Names): string;
  /** Why it has no effect now, whatever the width; null while it has one. */
  offBecause?(read: ReadSetting): string | null;
  /** Why it has no effect with a layout; null where it has one. */
  offIn?(layout: LayoutTraits, read: ReadSetting): string | null;
  /** Why it has no effect with what is shown now; null while it has one. */
  idle?(shown: Shown, read: ReadSetting): string | null;
  /** Of these kinds of item only. */
  items?: readonly Of[];
  /** Nothing at all holds where it is not set: null stands for that, and is never stored. */
  mayBeUnset?: boolean;
  /** It belongs to one shelf or bay alone, and is never copied to another. */
  stays?: boolean;
  /** What a stored value stands for, where that is more than it says itself. */
  settle?(value: T): T;
}

/** One thing that can be set; `V` is what a complete document holds of it. */
export interface Setting<V> extends Said<never> {
  /** Only ever a type. */
  readonly complete?: V;
  kind: ValueKind<unknown>;
  varies: boolean;
  byDefault: Default<unknown>;
}

export type Tree = { readonly [key: string]: Setting<unknown> | Tree };

export const isSetting = (node: Setting<unknown> | Tree): node is Setting<unknown> =>
  'byDefault' in node && 'kind' in node;

/** A document with every value in place. */
export type Complete<T> = T extends Setting<infer V> ? V : { -readonly [K in keyof T]: Complete<T[K]> };

/** A document as it is stored: only what was set. */
export type Sparse<T> = T extends Setting<infer V> ? V : { -readonly [K in keyof T]?: Sparse<T[K]> };

/** Values from widths in px on; the first holds from 0. */
export const byWidth = <const T>(first: T, further: Readonly<Record<number, T>>): Default<T> => ({
  is: 'byWidth',
  from: [
    [0, first],
    ...Object.entries(further)
      .map(([px, value]) => [Number(px), value] as const)
      .sort(([a], [b]) => a - b),
  ],
});

const followed = new Set<string>();

/** What the house has under this setting. */
export function fromHouse<T>(setting: string): Default<T> {
  followed.add(setting);
  return { is: 'house', setting };
}

/** Paths of the settings of the house that settings of other documents are inherited from. */
export const followedOfHouse: ReadonlySet<string> = followed;

export const isDefault = (value: unknown): value is Default<unknown> =>
  typeof value === 'object' &&
  value !== null &&
  'is' in value &&
  ['byWidth', 'house'].includes((value as { is: string }).is);

const make = (
  kind: ValueKind<never>,
  byDefault: unknown,
  varies: boolean,
  said: Said<never>,
): Setting<never> => ({
  ...said,
  kind: kind,
  varies,
  byDefault: isDefault(byDefault) ? byDefault : { is: 'value', value: byDefault },
});

/** A setting with one value. */
export const setting = <T>(kind: ValueKind<T>, byDefault: NoInfer<T>, said: Said<T>): Setting<T> =>
  make(kind as ValueKind<never>, byDefault, false, said as Said<never>);

/** A setting with a value for each width. */
export const varying = <T>(
  kind: ValueKind<T>,
  byDefault: NoInfer<T | Default<T>>,
  said: Said<T>,
): Setting<Varying<T>> => make(kind as ValueKind<never>, byDefault, true, said as Said<never>);

/** A setting with its place: what it is on, its line of the spec, and its id, the path of its value. */
export interface PlacedSetting extends Setting<unknown> {
  id: string;
  on: SettingOn;
  line: LineId;
}

/** The settings of a tree, each with its place, in the order in which they are written. */
export const placed = (on: SettingOn, line: LineId, tree: Tree, under = ''): PlacedSetting[] =>
  Object.entries(tree).flatMap(([key, node]) => {
    const id = under ? `${under}.${key}` : key;
    return isSetting(node) ? [{ ...node, id, on, line }] : placed(on, line, node, id);
  });

/** The setting, or the group of settings, at a path of a tree; undefined where there is none. */
export function nodeAt(tree: Tree, id: string): Setting<unknown> | Tree | undefined {
  let at: Setting<unknown> | Tree | undefined = tree;
  for (const step of id.split('.'))
    at = at && !isSetting(at) && Object.hasOwn(at, step) ? at[step] : undefined;
  return at;
}
