import { MOST_DAYS } from '../../../core/assortment/clauses/sold.ts';
import type { Order } from '../../../core/assortment/orders/index.ts';
import { Stepper } from '../../ui/Stepper.tsx';
import type { OrderProps } from './orderProps.ts';

/** Over how many days sales or views are counted. */
export function InDays<O extends Extract<Order, { days: number }>>({ order, onChange }: OrderProps<O>) {
  return (
    <Stepper
      label="in days"
      shown
      value={order.days}
      least={1}
      most={MOST_DAYS}
      wide
      onChange={(days) => onChange({ ...order, days })}
    />
  );
}
