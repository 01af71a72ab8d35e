import { VARIANTS, type ValuesFilterKind } from '../filterKind.ts';

/** One of the store's options: "glaze". */
export interface OptionFilter {
  by: 'option';
  option: number;
}

export const optionFilter: ValuesFilterKind<OptionFilter> = {
  id: 'option',
  name: 'Option',
  find: ['option', 'variant', 'swatch', 'colour', 'size'],
  offers: ({ options }) => options.map(({ id }) => ({ by: 'option', option: id })),
  named: ({ option }, names) => names.option(option) ?? 'A removed option',
  title: () => '',
  chooses: 'several',
  drawn: 'list',
  isGone: ({ option }, names) => names.option(option) === undefined,
  ofVariant: true,
  looksAt: ['optionValueIds', VARIANTS],
  keys: ({ option }, _, { values }) => values.flatMap(([of, value]) => (of === option ? [value] : [])),
};
