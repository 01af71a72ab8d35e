import { forms, type FormField, type FormId } from '../../core/shopper/forms.ts';
import type { SentForm } from '../../core/shopper/shopper.ts';
import { useTexts } from '../texts.ts';

/** The fields of a form of the store, with what was written into them before and what was wrong with that. */
export const FormFields = ({ form, sent }: { form: FormId; sent: SentForm | null }) => (
  <Fields fields={forms[form]} sent={sent} />
);

/** The same by fields, each under its name. @param within what their ids begin with, where a page may have several forms */
export function Fields({
  fields,
  sent,
  within = 'field',
}: {
  fields: Readonly<Record<string, FormField>>;
  sent: SentForm | null;
  within?: string;
}) {
  return (
    <>
      {sent?.faults.form && (
        <p className="said" role="alert">
          {sent.faults.form}
        </p>
      )}
      {Object.entries(fields).map(([name, field]) => (
        <Field key={name} id={`${within}-${name}`} name={name} field={field} sent={sent} />
      ))}
    </>
  );
}

function Field({
  id,
  name,
  field,
  sent,
}: {
  id: string;
  name: string;
  field: FormField;
  sent: SentForm | null;
}) {
  const texts = useTexts();
  const { longest, required = false, type, autoComplete } = field;
  const fault = sent?.faults[name];
  const common = {
    id,
    name,
    maxLength: longest,
    required,
    autoComplete,
    defaultValue: sent?.values[name] ?? '',
    'aria-invalid': fault ? true : undefined,
    'aria-describedby': fault ? `${id}-fault` : undefined,
  };
  const label = field.label(texts);
  return (
    <div className="form-field">
      <label htmlFor={id}>{required ? label : texts.optional(label)}</label>
      {type === 'long' ? <textarea {...common} rows={5} /> : <input {...common} type={type} />}
      {fault && (
        <p className="said" id={`${id}-fault`}>
          {fault}
        </p>
      )}
    </div>
  );
}
