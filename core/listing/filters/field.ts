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

export const fieldFilter: ValuesFilterKind<FieldFilter> = {
  id: 'field',
  name: 'Field',
  find: ['field', 'own', 'property'],
  offers: ({ fields }) =>
    fields.flatMap(({ id, type }) => (type === 'number' ? [] : [{ by: 'field', field: id }])),
  named: ({ field }, names) => names.field(field)?.name ?? GONE,
  title: () => '',
  chooses: 'several',
  drawn: 'list',
  says: (key, { yes, no }) => (typeof key === 'boolean' ? (key ? yes : no) : String(key)),
  isGone: ({ field }, names) => names.field(field) === undefined,
  ofVariant: false,
  looksAt: ['fields'],
  keys: ({ field }, { fields }) => (Object.hasOwn(fields, field) ? [fields[field]!] : []),
};

export const measureFilter: SpanFilterKind<MeasureFilter> = {
  id: 'measure',
  name: 'Measure',
  find: ['field', 'own', 'measure', 'from', 'to'],
  offers: ({ fields }) =>
    fields.flatMap(({ id, type }) => (type === 'number' ? [{ by: 'measure', field: id }] : [])),
  named: ({ field }, names) => names.field(field)?.name ?? GONE,
  title: () => '',
  chooses: 'span',
  isMoney: false,
  isGone: ({ field }, names) => names.field(field) === undefined,
  ofVariant: false,
  looksAt: ['fields'],
  figure: ({ field }, { fields }) => {
    const value = Object.hasOwn(fields, field) ? fields[field] : undefined;
    return typeof value === 'number' ? value : null;
  },
};
