import type { Order } from '../../../core/assortment/orders/index.ts';
import { Stepper } from '../../ui/Stepper.tsx';
import { Pick } from '../../ui/Pick.tsx';
import type { OrderProps } from './orderProps.ts';

/** How often it is shuffled anew, and which shuffle it is. */
export function Shuffled({ order, wide, onChange }: OrderProps<Extract<Order, { by: 'shuffled' }>>) {
  return (
    <>
      <Pick
        label="Shuffle again"
        shown={!wide}
        value={order.anew}
        options={[
          { value: 'daily' as const, words: 'Each day' },
          { value: 'hourly' as const, words: 'Each hour' },
          { value: 'never' as const, words: 'Never' },
        ]}
        onChange={(anew) => onChange({ ...order, anew })}
      />
      <Stepper
        label="Shuffle"
        shown
        value={order.seed}
        least={0}
        most={999_999}
        wide
        onChange={(seed) => onChange({ ...order, seed })}
      />
    </>
  );
}
