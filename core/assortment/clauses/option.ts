import { array, idSchema, object, string } from '../../schema/schema.ts';
import type { ClauseKind } from '../kinds.ts';
import { both, chosen, goneOf, named, orOf } from './chosen.ts';

/** Has a variant with one of these values: "glaze is Fogbank or Tidewrack". */
export interface OptionClause {
  is: 'option';
  option: number;
  values: number[];
}

const GONE = 'a removed value';

export const optionClause: ClauseKind<OptionClause> = {
  id: 'option',
  name: 'Option value',
  find: ['option', 'variant', 'swatch'],
  schema: object({
    is: string()
      .oneOf(['option'] as const)
      .required(),
    option: idSchema,
    values: array(idSchema).max(200).required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'option', option: 1, values: [] }),
  say: ({ option, values }, names) => [
    `${names.option(option)?.toLowerCase() ?? 'a removed option'} is `,
    ...chosen(named(values, names.optionValue, GONE), '(not chosen yet)'),
  ],
  looksAt: ['optionValueIds'],
  gone: ({ option, values }, names) => [
    ...goneOf([option], names.option, 'option'),
    ...goneOf(values, names.optionValue, 'value'),
  ],
  either: (a, b) => (a.option === b.option ? { ...a, values: both(a.values, b.values) } : null),
  holds: ({ values }, product) => values.some((id) => product.optionValueIds.includes(id)),
  against: ({ option }, product, _, names) => {
    const own = product.optionValueIds.filter((id) => names.optionOf(id) === option);
    const name = names.option(option)?.toLowerCase() ?? 'option';
    return own.length ? `its ${name} is ${orOf(named(own, names.optionValue, GONE))}` : `it has no ${name}`;
  },
};
