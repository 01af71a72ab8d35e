import { MOST_OF_ONE } from '../core/shopper/basketLines.ts';
import { useTexts } from './texts.ts';

/** How many of something; of the form that it stands in, or of another. */
export function QuantityField({
  label,
  most,
  value = 1,
  least = 1,
  name = 'quantity',
  form,
  steps = false,
}: {
  label: string;
  /** How many there are; null where that is not counted. */
  most: number | null;
  /** Null for none. */
  value?: number | null;
  least?: number;
  name?: string;
  form?: string;
  /** Between two buttons: one fewer, one more. They need script; where there is none, they are not there. */
  steps?: boolean;
}) {
  const texts = useTexts();
  const field = (
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
  if (!steps) return field;
  const step = (by: -1 | 1, words: string) => (
    <button className="quantity-step" type="button" data-step={by} aria-label={`${words}: ${label}`}>
      <svg viewBox="0 0 12 12" aria-hidden="true">
        <path d={by < 0 ? 'M1 6h10' : 'M1 6h10M6 1v10'} />
      </svg>
    </button>
  );
  return (
    <div className="quantity-steps">
      {step(-1, texts.oneFewer)}
      {field}
      {step(1, texts.oneMore)}
    </div>
  );
}
