import type { SentForm } from '../../core/shopper/shopper.ts';

/** A field of a form of the store, with what was written into it before and what was wrong with that. */
export function FormField({
  name,
  label,
  type = 'text',
  most,
  required = false,
  autoComplete,
  sent,
}: {
  name: string;
  label: string;
  /** `long` is of several lines. */
  type?: 'text' | 'email' | 'long';
  most: number;
  required?: boolean;
  autoComplete?: string;
  sent: SentForm | null;
}) {
  const fault = sent?.faults[name];
  const id = `field-${name}`;
  const common = {
    id,
    name,
    maxLength: most,
    required,
    autoComplete,
    defaultValue: sent?.values[name] ?? '',
    'aria-invalid': fault ? true : undefined,
    'aria-describedby': fault ? `${id}-fault` : undefined,
  };
  return (
    <div className="form-field">
      <label htmlFor={id}>{label}</label>
      {type === 'long' ? <textarea {...common} rows={5} /> : <input {...common} type={type} />}
      {fault && (
        <p className="said" id={`${id}-fault`}>
          {fault}
        </p>
      )}
    </div>
  );
}
