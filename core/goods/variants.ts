import { fold } from '../catalogue/fold.ts';
import type { Vocabulary } from '../catalogue/vocabulary.ts';
import { array, object, string, type Schema } from '../schema/schema.ts';
import { counted, listed } from '../sentence/sentence.ts';
import type { GoodsVariant } from './goods.ts';

/** What a variant is in one option, by names. */
export interface ChoiceIn {
  option: string;
  value: string;
}

export const MOST_VARIANTS = 100;
/** Options of one product. */
export const MOST_OPTIONS = 3;
export const LONGEST_OPTION = 60;

const named = (missing: string) =>
  string()
    .max(LONGEST_OPTION)
    .test('blank', missing, (value) => (value ?? '').trim() !== '')
    .required();

export const choiceInSchema = object({
  option: named('An option needs a name.'),
  value: named('What it is in an option needs a name.'),
})
  .noUnknown()
  .required() as unknown as Schema<ChoiceIn>;

export const choicesSchema = array(choiceInSchema as never)
  .min(1)
  .max(MOST_OPTIONS)
  .required() as unknown as Schema<readonly ChoiceIn[]>;

type Options = Vocabulary['options'];

/** The options in which variants differ, in the store's order; of variants whose values are known. */
export const optionsOfVariants = (variants: readonly Pick<GoodsVariant, 'values'>[], all: Options): Options =>
  all.filter(({ values }) => values.some(({ id }) => variants.some((one) => one.values.includes(id))));

/** "Glaze, with 3 variants", "Glaze and Size, with 6 variants"; empty for a product that can be had in one way only. */
export function sayVariants(options: readonly { name: string }[], count: number): string {
  if (options.length === 0) return '';
  return `${listed(options.map(({ name }) => name))}, with ${counted(count, 'variant')}`;
}

/** Why a product cannot have another option, in a sentence; null where it can. */
export function optionFault(has: readonly { name: string }[], option: string): string | null {
  if (has.some(({ name }) => fold(name) === fold(option)))
    return `It has the option “${option.trim()}” already.`;
  return has.length >= MOST_OPTIONS ? `A product has at most ${MOST_OPTIONS} options.` : null;
}

/**
 * Why there cannot be another variant, in a sentence; null where there can.
 * @param has options of the product
 * @param variants what each of its variants is in each of them, by name
 */
export function variantFault(
  has: readonly { name: string }[],
  variants: readonly (readonly ChoiceIn[])[],
  choice: readonly ChoiceIn[],
): string | null {
  if (has.length === 0) return 'A product needs an option before it can have variants.';
  if (variants.length >= MOST_VARIANTS) return `A product has at most ${MOST_VARIANTS} variants.`;
  const valueIn = (choices: readonly ChoiceIn[], option: string) =>
    fold(choices.find((one) => fold(one.option) === fold(option))?.value ?? '');
  for (const { name } of has) if (valueIn(choice, name) === '') return `Say which ${name} it is.`;
  if (choice.length !== has.length) return 'It is said of an option that the product does not have.';
  const there = variants.some((one) => has.every(({ name }) => valueIn(one, name) === valueIn(choice, name)));
  return there ? `There is a variant “${choice.map(({ value }) => value.trim()).join(', ')}” already.` : null;
}
