import { boolean, object, string } from '../../schema/schema.ts';
import { FIELD_ID } from '../clauses/field.ts';
import type { FieldValue, OrderKind } from '../kinds.ts';
import { downwards } from './downwards.ts';

/** By what products have in one of the store's own fields; those that have nothing there come last. */
export interface FieldOrder {
  by: 'field';
  /** Id of the field. */
  field: string;
  down: boolean;
}

/** Numbers before texts before yes and no, where a field has values of several kinds. */
const RANK = { number: 0, string: 1, boolean: 2 } as const;
const NONE = 3;

function keyOf(value: FieldValue | undefined, down: boolean): (number | string)[] {
  if (value === undefined) return [NONE, 0, ''];
  if (typeof value === 'string') return [RANK.string, 0, down ? downwards(value) : value];
  return [typeof value === 'number' ? RANK.number : RANK.boolean, Number(value) * (down ? -1 : 1), ''];
}

export const fieldOrder: OrderKind<FieldOrder> = {
  id: 'field',
  name: 'Custom field',
  find: ['field', 'custom', 'property'],
  schema: object({
    by: string()
      .oneOf(['field'] as const)
      .required(),
    field: string().matches(FIELD_ID, 'This is no name of a field.').required(),
    down: boolean().required(),
  }).noUnknown(),
  atFirst: () => ({ by: 'field', field: 'field', down: false }),
  say: ({ down }) => `by a custom field, ${down ? 'highest' : 'lowest'} first`,
  looksAt: ['fields'],
  key: ({ field, down }, { fields }) => keyOf(Object.hasOwn(fields, field) ? fields[field] : undefined, down),
};
