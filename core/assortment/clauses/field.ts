import { boolean, lazy, number, object, string } from '../../schema/schema.ts';
import type { Names, Piece } from '../../sentence/sentence.ts';
import type { ClauseKind, FieldValue } from '../kinds.ts';

export interface FieldClause {
  is: 'field';
  /** Id of one of the store's own fields. */
  field: string;
  compare: 'is' | 'atLeast' | 'atMost';
  value: FieldValue;
}

export const FIELD_ID = /^[A-Za-z][A-Za-z0-9_]{0,59}$/;

export const compareWords = { is: 'is', atLeast: 'is at least', atMost: 'is at most' } as const;

function valueWords(value: FieldValue, field: string, names: Names): string {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  const unit = names.field(field)?.unit;
  return `${value}${unit && typeof value === 'number' ? ` ${unit}` : ''}`;
}

/** The part of the sentence after the field's name. */
const wanted = ({ compare, value, field }: FieldClause, names: Names): [string, string] => [
  compareWords[compare],
  valueWords(value, field, names),
];

export const fieldClause: ClauseKind<FieldClause> = {
  id: 'field',
  name: 'Custom field',
  find: ['field', 'custom', 'property'],
  schema: object({
    is: string()
      .oneOf(['field'] as const)
      .required(),
    field: string().matches(FIELD_ID, 'This is no name of a field.').required(),
    compare: string().oneOf(['is', 'atLeast', 'atMost']).required(),
    value: lazy((value: unknown) => {
      if (typeof value === 'boolean') return boolean().required();
      return typeof value === 'number'
        ? number().min(-1e12).max(1e12).required()
        : string().max(200).defined();
    }),
  })
    .noUnknown()
    .test('number', 'Only a number can be compared as at least or at most.', (clause) => {
      const { compare, value } = clause;
      return compare === 'is' || typeof value === 'number';
    }),
  atFirst: () => ({ is: 'field', field: 'field', compare: 'is', value: '' }),
  say: (clause, names): Piece[] => {
    const [compare, value] = wanted(clause, names);
    return [
      { text: names.field(clause.field)?.name.toLowerCase() ?? 'a removed field', opens: 'clause' },
      ` ${compare} `,
      { text: value, opens: 'clause' },
    ];
  },
  looksAt: ['fields'],
  gone: ({ field }, names) => (names.field(field) ? [] : [`field "${field}"`]),
  holds: ({ field, compare, value }, product) => {
    const has = Object.hasOwn(product.fields, field) ? product.fields[field]! : undefined;
    if (has === undefined || typeof has !== typeof value) return false;
    if (compare === 'is') return has === value;
    return compare === 'atLeast' ? has >= value : has <= value;
  },
  against: (clause, product, _, names) => {
    const name = names.field(clause.field)?.name.toLowerCase() ?? clause.field;
    const has = Object.hasOwn(product.fields, clause.field) ? product.fields[clause.field] : undefined;
    return has === undefined ? `it has no ${name}` : `its ${name} is ${valueWords(has, clause.field, names)}`;
  },
};
