import { MOST_OF_ONE } from '../core/shopper/basketLines.ts';

/** How many of something; of the form that it stands in, or of another. */
export function QuantityField({
  label,
  most,
  value = 1,
  least = 1,
  name = 'quantity',
  form,
}: {
  label: string;
  /** How many there are; null where that is not counted. */
  most: number | null;
  /** Null for none. */
  value?: number | null;
  least?: number;
  name?: string;
  form?: string;
}) {
  return (
    <input
      className="quantity"
      type="number"
      name={name}
      min={least}
      max={Math.min(MOST_OF_ONE, most ?? MOST_OF_ONE)}
      defaultValue={value ?? undefined}
      aria-label={label}
      form={form}
    />
  );
}
