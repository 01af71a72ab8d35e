import { filterKind, type Filter } from './filters/index.ts';
import type { FilterKey } from './filterKind.ts';
import type { ListingRecord, ListingVariant } from './record.ts';

/** From here to there, both ends included; null for open. */
export interface Span {
  least: number | null;
  most: number | null;
}

/** What a shopper chose of one filter: values of which one has to be there, or a span. */
export type Choice = { filter: Filter; keys: readonly FilterKey[] } | { filter: Filter; span: Span };

export const isWithin = (figure: number | null, { least, most }: Span): boolean =>
  figure !== null && (least === null || figure >= least) && (most === null || figure <= most);

function holdsFor(choice: Choice, record: ListingRecord, variant: ListingVariant): boolean {
  const kind = filterKind(choice.filter.by);
  if ('span' in choice)
    return kind.chooses === 'span' && isWithin(kind.figure(choice.filter, record, variant), choice.span);
  return (
    kind.chooses !== 'span' &&
    kind.keys(choice.filter, record, variant).some((key) => choice.keys.includes(key))
  );
}

const NO_VARIANT: ListingVariant = { values: [], paid: 0, available: false };

/** Whether a product remains: all that is chosen holds for it, and what is of variants in one and the same of them. */
export function remains(record: ListingRecord, choices: readonly Choice[]): boolean {
  const ofVariant = choices.filter(({ filter }) => filterKind(filter.by).ofVariant);
  return (
    choices.every(
      (choice) => filterKind(choice.filter.by).ofVariant || holdsFor(choice, record, NO_VARIANT),
    ) &&
    (ofVariant.length === 0 ||
      record.variants.some((variant) => ofVariant.every((choice) => holdsFor(choice, record, variant))))
  );
}
