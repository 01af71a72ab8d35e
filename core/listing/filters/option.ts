import type { ListingWords } from '../words.ts';
import { VARIANTS, type ValuesFilterKind } from '../filterKind.ts';

/** One of the store's options: "glaze". */
export interface OptionFilter {
  by: 'option';
  option: number;
}

const optionOf = ({ option }: OptionFilter, { options }: ListingWords) =>
  options.find(({ id }) => id === option);

export const optionFilter: ValuesFilterKind<OptionFilter> = {
  id: 'option',
  parameter: null,
  offers: ({ options }) => options.map(({ id }) => ({ by: 'option', option: id })),
  named: ({ option }, names) => names.option(option) ?? 'A removed option',
  title: () => '',
  chooses: 'several',
  drawn: 'list',
  listed: (filter, words) =>
    optionOf(filter, words)?.values.map(({ id, ...one }) => ({ key: id, ...one })) ?? [],
  called: (filter, words) => {
    const option = optionOf(filter, words);
    return option ? { id: `option ${option.id}`, name: option.name, unit: '' } : null;
  },
  isGone: ({ option }, names) => names.option(option) === undefined,
  ofVariant: true,
  looksAt: ['optionValueIds', VARIANTS],
  keys: ({ option }, _, { values }) => values.flatMap(([of, value]) => (of === option ? [value] : [])),
};
