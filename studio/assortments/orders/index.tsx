import type { ComponentType } from 'react';
import type { Order } from '../../../core/assortment/orders/index.ts';
import type { PlainOrder } from '../../../core/assortment/orders/plain.ts';
import { ByField } from './ByField.tsx';
import { InDays } from './InDays.tsx';
import { Shuffled } from './Shuffled.tsx';
import type { OrderProps } from './orderProps.ts';

/** Controls of every order that has more to set, under the id of the core's definition. */
const orderControls: {
  [K in Exclude<Order, PlainOrder>['by']]: ComponentType<OrderProps<Extract<Order, { by: K }>>>;
} = { bestSold: InDays, viewed: InDays, field: ByField, shuffled: Shuffled };

export const orderControlsOf = (order: Order): ComponentType<OrderProps<Order>> | undefined =>
  (orderControls as Partial<Record<Order['by'], ComponentType<never>>>)[order.by] as
    ComponentType<OrderProps<Order>> | undefined;
