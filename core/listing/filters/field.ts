import { readFigure } from '../readFigure.ts';
import type { ListingWords } from '../words.ts';
import { readYesNo } from '../yesNo.ts';
import type { SpanFilterKind, ValuesFilterKind } from '../filterKind.ts';

/** What the store says of products in a field of its own: "made of stoneware". */
export interface FieldFilter {
  by: 'field';
  field: string;
}

/** A figure of a field of the store's own: "capacity from 200 to 400 ml". */
export interface MeasureFilter {
  by: 'measure';
  field: string;
}

const GONE = 'A removed field';

const fieldOf = ({ field }: { field: string }, { fields }: ListingWords) =>
  fields.find(({ id }) => id === field);

function called(filter: { field: string }, words: ListingWords) {
  const field = fieldOf(filter, words);
  return field ? { id: `field ${field.id}`, name: field.name, unit: field.unit } : null;
}

export const fieldFilter: ValuesFilterKind<FieldFilter> = {
  id: 'field',
  parameter: null,
  offers: ({ fields }) =>
    fields.flatMap(({ id, type }) => (type === 'number' ? [] : [{ by: 'field', field: id }])),
  named: ({ field }, names) => names.field(field)?.name ?? GONE,
  title: () => '',
  chooses: 'several',
  drawn: 'list',
  read(said, filter, words) {
    const type = fieldOf(filter, words)?.type;
    const key = type === 'yesNo' ? readYesNo(said) : type === 'number' ? readFigure(said) : said;
    return key !== null && words.occurs(filter, key) ? key : null;
  },
  says: (key, { yes, no }) => (typeof key === 'boolean' ? (key ? yes : no) : String(key)),
  called,
  isGone: ({ field }, names) => names.field(field) === undefined,
  ofVariant: false,
  looksAt: ['fields'],
  keys: ({ field }, { fields }) => (Object.hasOwn(fields, field) ? [fields[field]!] : []),
};

export const measureFilter: SpanFilterKind<MeasureFilter> = {
  id: 'measure',
  parameter: null,
  offers: ({ fields }) =>
    fields.flatMap(({ id, type }) => (type === 'number' ? [{ by: 'measure', field: id }] : [])),
  named: ({ field }, names) => names.field(field)?.name ?? GONE,
  title: () => '',
  chooses: 'span',
  isMoney: false,
  called,
  isGone: ({ field }, names) => names.field(field) === undefined,
  ofVariant: false,
  looksAt: ['fields'],
  figure: ({ field }, { fields }) => {
    const value = Object.hasOwn(fields, field) ? fields[field] : undefined;
    return typeof value === 'number' ? value : null;
  },
};
