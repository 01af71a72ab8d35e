import { array, idSchema, object, string } from '../../schema/schema.ts';
import type { ClauseKind } from '../kinds.ts';
import { chosen, goneOf, named, orOf } from './chosen.ts';

/** Has a variant with one of these values: "glaze is Fogbank or Tidewrack". */
export interface OptionClause {
  is: 'option';
  option: number;
  values: number[];
}

const GONE = 'a value that is gone';

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
    `${names.option(option)?.toLowerCase() ?? 'an option that is gone'} is `,
    ...chosen(named(values, names.optionValue, GONE), 'still to be chosen'),
  ],
  looksAt: ['optionValueIds'],
  gone: ({ option, values }, names) => [
    ...goneOf([option], names.option, 'option'),
    ...goneOf(values, names.optionValue, 'value'),
  ],
  holds: ({ values }, product) => values.some((id) => product.optionValueIds.includes(id)),
  against: ({ option, values }, product, _, names) => {
    const own = product.optionValueIds.filter((id) => names.optionOf(id) === option);
    const name = names.option(option)?.toLowerCase() ?? 'option';
    return `${own.length ? `its ${name} is ${orOf(named(own, names.optionValue, GONE))}` : `it has no ${name}`}; the rule wants ${orOf(named(values, names.optionValue, GONE))}`;
  },
};
