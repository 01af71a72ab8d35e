import { MOST_OF_ONE } from '../core/shopper/basketLines.ts';

/** How many of something; of the form that it stands in, or of another. */
export function QuantityField({
  label,
  most,
  value = 1,
  form,
}: {
  label: string;
  /** How many there are; null where that is not counted. */
  most: number | null;
  value?: number;
  form?: string;
}) {
  return (
    <input
      className="quantity"
      type="number"
      name="quantity"
      min={1}
      max={Math.min(MOST_OF_ONE, most ?? MOST_OF_ONE)}
      defaultValue={value}
      aria-label={label}
      form={form}
    />
  );
}
