/** What a product is: of one variant, of several, made of other products, or sent as a file. */
export const PRODUCT_KINDS = ['single', 'variants', 'set', 'digital'] as const;
export type ProductKind = (typeof PRODUCT_KINDS)[number];
