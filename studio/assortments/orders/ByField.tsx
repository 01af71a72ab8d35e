import type { Order } from '../../../core/assortment/orders/index.ts';
import { useStudio } from '../../studioContext.tsx';
import { Pick } from '../../ui/Pick.tsx';
import type { OrderProps } from './orderProps.ts';

/** Which of the store's own fields it is, and where it begins. */
export function ByField({ order, wide, onChange }: OrderProps<Extract<Order, { by: 'field' }>>) {
  const { fields } = useStudio().vocabulary;
  const known = fields.some(({ id }) => id === order.field);
  return (
    <>
      <Pick
        label="Field"
        shown={!wide}
        value={order.field}
        options={[
          ...(known ? [] : [{ value: order.field, words: 'Choose one…' }]),
          ...fields.map(({ id, name }) => ({ value: id, words: name })),
        ]}
        onChange={(field) => onChange({ ...order, field })}
      />
      <Pick
        label="Begins with"
        shown={!wide}
        value={order.down ? 'highest' : 'lowest'}
        options={[
          { value: 'lowest' as const, words: 'The lowest, or A' },
          { value: 'highest' as const, words: 'The highest, or Z' },
        ]}
        onChange={(begins) => onChange({ ...order, down: begins === 'highest' })}
      />
    </>
  );
}
