import { decimalMoney, formatMoney, type Currency } from '../catalogue/money.ts';
import type { Bar } from '../listing/facets.ts';
import type { FilterFacet } from '../listing/filterFacet.ts';
import { isMoney } from '../listing/parameters.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import type { Parameter } from './address.ts';

interface Saying {
  texts: StoreTexts;
  currency: Currency;
}

/** From here to there, in a form. */
export interface ToolSpan {
  /** Names of its two fields. */
  least: string;
  most: string;
  /** What is chosen, as it is typed; empty for open. */
  from: string;
  to: string;
  /** What there is at the least and at the most, as it is typed. */
  lowest: string;
  highest: string;
  /** "£9.50 to £86". */
  words: string;
  /** What stands before the fields and after them, such as a unit. */
  unit: string;
  bars: readonly (Bar & { chosen: boolean })[];
  /** What the form sends besides. */
  kept: readonly Parameter[];
}

const figureWords = (facet: FilterFacet, figure: number, { currency }: Saying): string => {
  if (isMoney(facet.filter)) return formatMoney(figure, currency);
  return facet.unit ? `${figure} ${facet.unit}` : String(figure);
};

/** A figure as it is typed. */
const typed = (facet: FilterFacet, figure: number | null, { currency }: Saying): string => {
  if (figure === null) return '';
  return isMoney(facet.filter) ? decimalMoney(figure, currency.code).replace(/\.0+$/, '') : String(figure);
};

/** What there is, and what is chosen of it; null for neither. */
export function spanOf(
  facet: FilterFacet,
  context: Saying,
): Omit<ToolSpan, 'least' | 'most' | 'kept'> | null {
  const { span, chosen } = facet;
  const { texts } = context;
  if (!span && !chosen) return null;
  const [from, to] = [chosen?.least ?? -Infinity, chosen?.most ?? Infinity];
  return {
    from: typed(facet, chosen?.least ?? null, context),
    to: typed(facet, chosen?.most ?? null, context),
    lowest: typed(facet, span?.least ?? null, context),
    highest: typed(facet, span?.most ?? null, context),
    words: span
      ? texts.fromTo(figureWords(facet, span.least, context), figureWords(facet, span.most, context))
      : '',
    unit: facet.unit,
    bars: span?.bars.map((bar) => ({ ...bar, chosen: bar.to > from && bar.from <= to })) ?? [],
  };
}

/** "Price £20 to £60". */
export function chosenWords(facet: FilterFacet, context: Saying): string {
  const { least, most } = facet.chosen!;
  const { texts } = context;
  const words = (figure: number) => figureWords(facet, figure, context);
  if (least !== null && most !== null) return texts.fromTo(words(least), words(most));
  return least !== null ? texts.atLeast(words(least)) : texts.upTo(words(most ?? 0));
}
