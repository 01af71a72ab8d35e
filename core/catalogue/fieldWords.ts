import type { StoreTexts } from '../texts/storeTexts.ts';
import type { FieldValueFacts } from './facts.ts';
import { numberFormat } from './formats.ts';

/** A field's value as shoppers read it, with its unit. @param locale BCP 47 */
export function fieldWords(
  { value, unit }: Pick<FieldValueFacts, 'value' | 'unit'>,
  texts: StoreTexts,
  locale: string,
): string {
  if (typeof value === 'boolean') return value ? texts.yes : texts.no;
  const words = typeof value === 'number' ? numberFormat(locale, {}).format(value) : value.trim();
  return words && unit ? `${words} ${unit}` : words;
}
