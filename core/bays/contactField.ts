import { idsOnce } from '../schema/idsOnce.ts';
import { array, boolean, object, string, type Schema } from '../schema/schema.ts';
import type { FormField } from '../shopper/forms.ts';

export const FIELD_TYPES = { text: 'One line', long: 'Several lines', email: 'E-mail address' } as const;
export type FieldType = keyof typeof FIELD_TYPES;

/** A field of a contact form besides name and e-mail address: only what was set of it, besides its id. */
export interface ContactField {
  id: string;
  label?: string;
  type?: FieldType;
  required?: boolean;
}

export const MOST_FIELDS = 12;
export const LONGEST_LABEL = 80;

/** Characters that a shopper may write, by type. */
const LONGEST: Readonly<Record<FieldType, number>> = { text: 200, long: 4_000, email: 200 };

export const contactFieldsSchema = array(
  object({
    id: string()
      .matches(/^[a-zA-Z0-9-]{1,40}$/, 'A field is named by letters, digits and hyphens.')
      .required(),
    label: string().max(LONGEST_LABEL),
    type: string().oneOf(Object.keys(FIELD_TYPES)),
    required: boolean(),
  })
    .noUnknown()
    .required(),
)
  .max(MOST_FIELDS)
  .test('once', 'Two fields have the same id.', idsOnce)
  .required() as unknown as Schema<ContactField[]>;

/** What a field is called. */
export const fieldName = ({ label }: ContactField, i: number): string => label || `Field ${i + 1}`;

/** The name under which a field is sent; no other of the form has it. */
export const sentAs = ({ id }: ContactField): string => `own-${id}`;

/** A field as forms are read and drawn by it. */
export const formField = (field: ContactField, i: number): FormField => {
  const { type = 'text', required = false } = field;
  return { longest: LONGEST[type], required, type, label: () => fieldName(field, i) };
};
