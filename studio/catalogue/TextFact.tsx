import { useController, type Control } from 'react-hook-form';
import { Input, Label, TextArea, TextField } from 'react-aria-components';
import styled from 'styled-components';
import type { Schema } from '../../core/schema/schema.ts';
import { schemaFault } from '../../core/schema/schemaFault.ts';
import { Button } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';

const Field = styled(TextField)`
  display: grid;
  grid-template-columns: 118px minmax(0, 1fr);
  align-items: center;
  gap: 3px 8px;
  &[data-long] {
    align-items: start;
  }
  label {
    color: ${t.ink2};
  }
  input,
  textarea {
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    padding: 5px 9px;
    width: 100%;
    resize: vertical;
    font: inherit;
  }
  .fault {
    grid-column: 2;
    color: ${t.brick};
    font-size: 12px;
  }
  .does {
    grid-column: 2;
    display: flex;
    gap: 8px;
  }
`;

/** The texts of a form, by the name of each. */
export type Texts = Record<string, string>;

export interface TextFactProps {
  control: Control<Texts>;
  /** Its name within the form. */
  name: string;
  label: string;
  schema: Schema;
  /** Lines that are seen of it; one where it is a line of its own. */
  lines?: number;
  /** A long text is written once it is saved; a short one on Enter and on leaving. */
  saved?: boolean;
  /** Told of what holds from now on. */
  onCommit(text: string): void;
}

/** What the schema of a fact says of a text; true where it fits. */
export const fits = (schema: Schema, text: unknown): true | string => schemaFault(schema, text) ?? true;

/** A text of something in the catalogue. What is wrong stays in the field, with the reason, and is not written; Escape puts back what was there. */
export function TextFact({
  control,
  name,
  label,
  schema,
  lines = 1,
  saved = false,
  onCommit,
}: TextFactProps) {
  const {
    field: { ref, value, onChange, onBlur },
    fieldState,
    formState,
  } = useController({
    control,
    name,
    // A field that nothing was ever in has no text of its own.
    defaultValue: '',
    rules: { validate: (text: string) => fits(schema, text) },
  });
  const before = String(formState.defaultValues?.[name] ?? '');
  const isChanged = value !== before;
  const commit = () => {
    if (isChanged && fits(schema, value) === true) onCommit(value);
  };
  const restore = () => onChange(before);
  return (
    <Field
      value={value}
      onChange={onChange}
      onBlur={() => {
        onBlur();
        if (!saved) commit();
      }}
      isInvalid={fieldState.invalid}
      data-long={lines > 1 || undefined}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && lines === 1) commit();
        else if (event.key === 'Escape' && isChanged && !saved) restore();
        else event.continuePropagation();
      }}
    >
      <Label>{label}</Label>
      {lines > 1 ? <TextArea rows={lines} ref={ref} /> : <Input ref={ref} />}
      {fieldState.error?.message && (
        <p className="fault" role="alert">
          {fieldState.error.message}
        </p>
      )}
      {saved && isChanged && (
        <div className="does">
          <Button isDisabled={fits(schema, value) !== true} onPress={commit}>
            Save the {label.toLowerCase()}
          </Button>
          <Button onPress={restore}>Put back</Button>
        </div>
      )}
    </Field>
  );
}
