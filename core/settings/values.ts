import { isTime, sayTime } from '../catalogue/clockTime.ts';
import { publicOrigin } from '../catalogue/publicOrigin.ts';
import { colourSchema } from '../colour/colourSchema.ts';
import { linkSchema } from '../plan/link.ts';
import { boolean, number, string, type Schema } from '../schema/schema.ts';
import { lowered, type Names } from '../sentence/sentence.ts';
import type { Control, ValueKind } from './valueKind.ts';

/** No name of a host is longer (RFC 1035, 2.3.4), and a scheme and a port go with it. */
const LONGEST_ORIGIN = 270;

const withUnit = (value: number, unit: string) => (unit ? `${value} ${unit}` : String(value));

/** How a number is set where that is not in steps of one. */
interface Stepped {
  step?: number;
  /** Kept as this many times what is shown: 1000 for seconds kept in ms. */
  scale?: number;
}

/** A whole number from `least` to `most`. */
export const integer = (
  least: number,
  most: number,
  unit = '',
  { step = 1, scale = 1 }: Stepped = {},
): ValueKind<number> => ({
  schema: number().integer().min(least).max(most).required(),
  say: (value) => withUnit(value / scale, unit),
  control: { is: 'number', least: least / scale, most: most / scale, step, unit, scale },
});

const isTenths = (value: number | undefined) =>
  value === undefined || Math.abs(value * 10 - Math.round(value * 10)) < 1e-9;

/** A number in tenths from `least` to `most`. */
export const tenths = (least: number, most: number, unit = ''): ValueKind<number> => ({
  schema: number()
    .min(least)
    .max(most)
    .test('tenths', 'This is given in tenths at the finest.', isTenths)
    .required(),
  say: (value) => withUnit(value, unit),
  control: { is: 'number', least, most, step: 0.1, unit, scale: 1 },
});

export const yesNo = (): ValueKind<boolean> => ({
  schema: boolean().required(),
  say: (value) => (value ? 'on' : 'off'),
  control: { is: 'switch' },
});

/** One of a few, each with its name as it stands in the control. */
export const choice = <V extends string>(names: Readonly<Record<V, string>>): ValueKind<V> => {
  const values = Object.keys(names) as V[];
  return {
    schema: string().oneOf(values).required(),
    say: (value) => lowered(names[value]),
    control: { is: 'choice', options: values.map((value) => ({ value, name: names[value] })) },
  };
};

/** One of a few whole numbers. */
export const numberChoice = <V extends number>(...values: readonly V[]): ValueKind<V> => ({
  schema: number().oneOf(values).required() as unknown as Schema<V>,
  say: String,
  control: { is: 'choice', options: values.map((value) => ({ value, name: String(value) })) },
});

/** Text of at most `longest` characters; `empty` is what none of it means. */
export const text = (longest: number, empty = 'none', long = false): ValueKind<string> => ({
  schema: string().max(longest).defined(),
  say: (value) => (value ? `"${value}"` : empty),
  control: { is: 'text', longest, long, empty },
});

/** Text that has to be there. */
export const name = (longest: number, missing: string): ValueKind<string> => ({
  ...text(longest),
  schema: string()
    .max(longest)
    .test('blank', missing, (value) => typeof value !== 'string' || value.trim() !== '')
    .required(missing),
});

/** Scheme and host of a place on the web, or nothing. */
export const webOrigin = (empty: string): ValueKind<string> => ({
  ...text(LONGEST_ORIGIN, empty),
  schema: string()
    .max(LONGEST_ORIGIN)
    .test(
      'origin',
      'Write the address with https:// and nothing after the host, such as https://lamps.example.',
      (value) => !value || publicOrigin(value) !== null,
    )
    .defined(),
});

export const link = (empty = 'nowhere'): ValueKind<string> => ({
  schema: linkSchema,
  say: (value) => value || empty,
  control: { is: 'link', empty },
});

/** An opaque colour, #rrggbb. */
export const colour = (): ValueKind<string> => ({
  schema: colourSchema.required(),
  say: (value) => value,
  control: { is: 'colour', none: null },
});

/** A colour, or null for what `none` says. */
export const colourOr = (none: string): ValueKind<string | null> => ({
  schema: colourSchema.nullable().defined() as Schema<string | null>,
  say: (value) => value ?? none,
  control: { is: 'colour', none },
});

/** Id of a stored picture, SHA-256 in hex; null for none. */
export const picture = (): ValueKind<string | null> => ({
  schema: string()
    .matches(/^[0-9a-f]{64}$/, 'A picture is named by the 64 digits of its content.')
    .nullable()
    .defined() as Schema<string | null>,
  say: (value) => (value ? `picture ${value.slice(0, 6)}` : 'no picture'),
  control: { is: 'picture' },
});

/** A day and a time by the clocks of the store, YYYY-MM-DDTHH:MM; null for what `none` says. */
export const time = (none: string): ValueKind<string | null> => ({
  schema: string()
    .test(
      'time',
      'A time has a day and an hour, such as 2026-12-01T09:00.',
      (value) => !value || isTime(value),
    )
    .nullable()
    .defined() as Schema<string | null>,
  say: (value) => (value ? sayTime(value) : none),
  control: { is: 'time', none },
});

/** A kind whose keys or elements stand for themselves, so that two people can change it at once. */
export const inParts = <T>(kind: ValueKind<T>): ValueKind<T> => ({ ...kind, inParts: true });

/** A value of another shape, which says for itself what it may be; it is set by a control of its own. */
export const own = <T>(
  schema: Schema,
  say: (value: T, names: Names) => string,
  control: Control = { is: 'none' },
): ValueKind<T> => ({ schema: schema as Schema<T>, say, control });
