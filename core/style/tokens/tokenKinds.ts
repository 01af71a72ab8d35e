import { converter, formatHex, inGamut, parse, toGamut, type Color } from 'culori';
import { allTypeFamilies, typeFamily } from '../../text/families/index.ts';
import { standIns } from '../../text/standIns.ts';
import { isStep } from '../scale.ts';
import { HOUSE_COLOURS, isHouseColour } from '../houseColour.ts';
import { properties, type PropertyId } from '../properties/index.ts';

/** Types of the Design Tokens format (W3C community group, 2025.10) that are read and written. */
export type TokenType = 'color' | 'dimension' | 'duration' | 'number' | 'fontFamily' | 'fontWeight';

/** How values of a type stand in a file. */
export interface TokenKind {
  /** Gives undefined for what it does not understand. */
  read(value: unknown): unknown;
  write(value: unknown): unknown;
}

type Loose = Readonly<Record<string, unknown>>;
const asObject = (value: unknown): Loose | null =>
  typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Loose) : null;
const isNumber = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value);

/** What the format calls colour spaces, as the colour library does. */
const SPACES: Readonly<
  Record<string, { mode: Color['mode']; channels: readonly string[]; shares?: readonly string[] }>
> = {
  srgb: { mode: 'rgb', channels: ['r', 'g', 'b'] },
  'srgb-linear': { mode: 'lrgb', channels: ['r', 'g', 'b'] },
  'display-p3': { mode: 'p3', channels: ['r', 'g', 'b'] },
  'a98-rgb': { mode: 'a98', channels: ['r', 'g', 'b'] },
  'prophoto-rgb': { mode: 'prophoto', channels: ['r', 'g', 'b'] },
  rec2020: { mode: 'rec2020', channels: ['r', 'g', 'b'] },
  hsl: { mode: 'hsl', channels: ['h', 's', 'l'], shares: ['s', 'l'] },
  hwb: { mode: 'hwb', channels: ['h', 'w', 'b'], shares: ['w', 'b'] },
  lab: { mode: 'lab', channels: ['l', 'a', 'b'] },
  lch: { mode: 'lch', channels: ['l', 'c', 'h'] },
  oklab: { mode: 'oklab', channels: ['l', 'a', 'b'] },
  oklch: { mode: 'oklch', channels: ['l', 'c', 'h'] },
  'xyz-d65': { mode: 'xyz65', channels: ['x', 'y', 'z'] },
  'xyz-d50': { mode: 'xyz50', channels: ['x', 'y', 'z'] },
};

const toRgb = converter('rgb');
const isShown = inGamut('rgb');
const within = toGamut('rgb', 'oklch');

/** An opaque colour as #rrggbb; undefined for one that is seen through. */
function opaque(colour: Color | undefined): string | undefined {
  if (!colour || (colour.alpha !== undefined && colour.alpha < 1)) return undefined;
  // What sRGB has stays as it is, to the last bit.
  const plain = toRgb(colour);
  const { r, g, b } = isShown(plain) ? plain : toRgb(within(colour));
  return [r, g, b].every(isNumber) ? formatHex({ mode: 'rgb', r, g, b }) : undefined;
}

function readColour(value: unknown): string | undefined {
  if (typeof value === 'string') return opaque(parse(value));
  const { colorSpace, components, alpha = 1 } = asObject(value) ?? {};
  const space =
    typeof colorSpace === 'string' && Object.hasOwn(SPACES, colorSpace) ? SPACES[colorSpace] : undefined;
  if (!space || !Array.isArray(components) || components.length !== 3 || alpha !== 1) return undefined;
  const channels = components.map((one: unknown, i) => {
    if (one === 'none') return 0;
    // Shares are in percent in the format.
    return isNumber(one) && space.shares?.includes(space.channels[i]!) ? one / 100 : one;
  });
  if (!channels.every(isNumber)) return undefined;
  return opaque({
    mode: space.mode,
    ...Object.fromEntries(space.channels.map((name, i) => [name, channels[i]])),
  } as Color);
}

/** The path of a step of the house in a file. */
export const stepPath = (id: string): string => `${SCALE}.${id}`;
export const SCALE = 'scale';

/** The path of a colour of the house in a file. */
export const colourPath = (id: string): string => `color.${id}`;

const hexParts = (hex: string): number[] =>
  [1, 3, 5].map((at) => Number((parseInt(hex.slice(at, at + 2), 16) / 255).toFixed(5)));

/** An amount with its unit, as the format has it and as drafts of it had it: "16px". */
function readAmount(value: unknown, units: Readonly<Record<string, number>>): number | undefined {
  const written = typeof value === 'string' ? /^(-?[\d.]+)([a-z]+)$/i.exec(value.trim()) : null;
  const given = written ? { value: Number(written[1]), unit: written[2]!.toLowerCase() } : asObject(value);
  const { value: amount, unit } = given ?? {};
  if (!isNumber(amount) || typeof unit !== 'string' || !Object.hasOwn(units, unit)) return undefined;
  return Number((amount * units[unit]!).toFixed(4));
}

/** What the format calls weights (Design Tokens, 8.4). */
const WEIGHTS: Readonly<Record<string, number>> = {
  thin: 100,
  hairline: 100,
  'extra-light': 200,
  'ultra-light': 200,
  light: 300,
  normal: 400,
  regular: 400,
  book: 400,
  medium: 500,
  'semi-bold': 600,
  'demi-bold': 600,
  bold: 700,
  'extra-bold': 800,
  'ultra-bold': 800,
  black: 900,
  heavy: 900,
};

const REM_PX = 16;

export const tokenKinds: Readonly<Record<TokenType, TokenKind>> = {
  color: {
    read: readColour,
    write: (value) =>
      isHouseColour(value as string)
        ? `{${colourPath(value as string)}}`
        : { colorSpace: 'srgb', components: hexParts(value as string), hex: value },
  },
  dimension: {
    read: (value) => readAmount(value, { px: 1, rem: REM_PX }),
    write: (value) => (isStep(value) ? `{${stepPath(value)}}` : { value, unit: 'px' }),
  },
  duration: {
    read: (value) => readAmount(value, { ms: 1, s: 1000 }),
    write: (value) => ({ value, unit: 'ms' }),
  },
  // Shares, which are set in percent.
  number: {
    read: (value) => (isNumber(value) ? Number((100 * value).toFixed(4)) : undefined),
    write: (value) => Number(((value as number) / 100).toFixed(4)),
  },
  fontFamily: {
    read: (value) => {
      const names = (Array.isArray(value) ? value : [value]).map((one) => String(one).trim().toLowerCase());
      return allTypeFamilies().find(({ name }) => names.includes(name.toLowerCase()))?.id;
    },
    write: (value) => {
      const { name, standIn } = typeFamily(value as string);
      return [name, standIns[standIn].generic];
    },
  },
  fontWeight: {
    read: (value) => {
      if (typeof value !== 'string') return isNumber(value) ? value : undefined;
      const name = value.toLowerCase();
      return Object.hasOwn(WEIGHTS, name) ? WEIGHTS[name] : undefined;
    },
    write: (value) => value,
  },
};

/** The type that values of a property have in a file; null for those that the format has no type for. */
export function tokenTypeOf(id: PropertyId): TokenType | null {
  const { token, kind } = properties[id];
  if (token) return token;
  if (kind.control.is === 'colour') return 'color';
  if (kind.control.is !== 'number') return null;
  const { unit } = kind.control;
  if (unit === 'px') return 'dimension';
  if (unit === 'ms') return 'duration';
  return unit.startsWith('%') ? 'number' : null;
}

/** Names that others give to what a house has colours for. */
const OTHER_NAMES: Readonly<Record<string, keyof typeof HOUSE_COLOURS>> = {
  background: 'ground',
  surface: 'card',
  foreground: 'text',
  muted: 'quiet',
  primary: 'accent',
  brand: 'accent',
  'on-primary': 'onAccent',
  sale: 'reduced',
  border: 'line',
};

/** The colour of the house that a name stands for, in a file of others' making too. */
export function houseColourNamed(name: string): keyof typeof HOUSE_COLOURS | undefined {
  if (isHouseColour(name)) return name;
  const lower = name.toLowerCase();
  return Object.hasOwn(OTHER_NAMES, lower) ? OTHER_NAMES[lower] : undefined;
}
