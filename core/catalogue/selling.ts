/** How a store sells, as it stands in a control. */
export const SELLING_BY = {
  basket: 'By basket and checkout',
  quote: 'By asking for a quote',
  none: 'Not here',
} as const;

export type SellingBy = keyof typeof SELLING_BY;

/** How a store sells, and whether it says its prices where it does not sell by basket. */
export interface Selling {
  by: SellingBy;
  prices: boolean;
}

/** Whether prices are shown: always where things go into a basket. */
export const showsPrices = ({ by, prices }: Selling): boolean => prices || by === 'basket';
