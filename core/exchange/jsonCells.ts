import { cellOf } from './cellOf.ts';
import { guarded } from './cells.ts';

/** Where a product of a file of JSON has its variants. */
export const VARIANTS = 'variants';

/** What a product is in such a file: names with values. */
export const isGroup = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const variantsOf = (product: Record<string, unknown>): Record<string, unknown>[] => {
  const variants = product[VARIANTS];
  return Array.isArray(variants) ? variants.filter(isGroup) : [];
};

/** The names of the columns that products would have as rows of a table. */
export function jsonNames(products: readonly Record<string, unknown>[]): string[] {
  const names = new Set<string>();
  for (const product of products)
    for (const one of [product, ...variantsOf(product)])
      for (const name of Object.keys(one))
        if (name !== VARIANTS || !Array.isArray(one[name])) names.add(name);
  return [...names];
}

/** A product as rows of a table, one for each of its variants, which say again which product they are of. */
export function jsonCells(product: Record<string, unknown>, names: readonly string[]): string[][] {
  const variants = variantsOf(product);
  const has = (of: Record<string, unknown>, name: string) =>
    Object.hasOwn(of, name) && !(name === VARIANTS && Array.isArray(of[name]))
      ? guarded(cellOf(of[name]))
      : '';
  return variants.length === 0
    ? [names.map((name) => has(product, name))]
    : variants.map((variant) => names.map((name) => has(variant, name) || has(product, name)));
}
