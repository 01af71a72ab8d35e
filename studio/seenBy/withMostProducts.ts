/** Of categories or collections, the one with most products; null where there are none. */
export const withMostProducts = <T extends { products: number }>(all: readonly T[]): T | null =>
  [...all].sort((a, b) => b.products - a.products)[0] ?? null;
