import type { Order } from '../../../core/assortment/orders/index.ts';

/** What the controls of an order are given. */
export interface OrderProps<O extends Order> {
  order: O;
  wide: boolean;
  onChange(order: O): void;
}
