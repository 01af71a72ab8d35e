/** Kinds of page; each but home and the listings is arranged once and serves all of its kind. */
export const PAGE_KINDS = ['home', 'shop', 'category', 'collection', 'product', 'journal', 'entry'] as const;
export type PageOf = (typeof PAGE_KINDS)[number];
