import type { StoreTexts } from '../texts/storeTexts.ts';
import type { SentForm } from './shopper.ts';

/** One field of a form that shoppers fill in: drawn, and read when it is sent, by the same. */
export interface FormField {
  /** Characters at most. */
  longest: number;
  required?: boolean;
  /** `long` is of several lines. */
  type: 'text' | 'email' | 'long';
  /** What a browser may fill in by itself, as HTML calls it. */
  autoComplete?: string;
  label(texts: StoreTexts): string;
}

/** Who writes. */
export const person = {
  name: {
    longest: 100,
    required: true,
    type: 'text',
    autoComplete: 'name',
    label: (texts) => texts.yourName,
  },
  email: {
    longest: 200,
    required: true,
    type: 'email',
    autoComplete: 'email',
    label: (texts) => texts.yourEmail,
  },
} satisfies Record<string, FormField>;

/** The forms that a store takes from its shoppers, by field; to add a field, list it here. */
export const forms = {
  checkout: { ...person, note: { longest: 1_000, type: 'long', label: (texts) => texts.note } },
  ask: {
    ...person,
    message: { longest: 4_000, required: true, type: 'long', label: (texts) => texts.yourMessage },
  },
} satisfies Record<string, Record<string, FormField>>;
export type FormId = keyof typeof forms;

/** One name, an "@", and a place with a dot; no spaces, and nothing that a line of mail could be broken with. */

const EMAIL =
  /^[^\s@\u0000-\u001f"(),:;<>[\]\\]+@[^\s@\u0000-\u001f"(),:;<>[\]\\]+\.[^\s@.\u0000-\u001f"(),:;<>[\]\\]+$/u;

// Everything but a line break and a tab that steers instead of saying something, and marks that turn the direction of others.

const STEERING = /[\u0000-\u0008\u000b-\u001f\u007f-\u009f\u200e\u200f\u202a-\u202e\u2066-\u2069]/gu;

const faultOf = (field: FormField, value: string, texts: StoreTexts): string | null => {
  if (value === '') return field.required ? texts.missing(field.label(texts)) : null;
  if (value.length > field.longest) return texts.tooLong(field.label(texts), field.longest);
  return field.type === 'email' && !EMAIL.test(value) ? texts.emailWrong : null;
};

/** Reads a form as it was sent, by names that it knows; each value is plain text, and what is wrong has a sentence. */
export const readForm = (form: FormId, sent: unknown, texts: StoreTexts): SentForm =>
  readFields(forms[form], sent, texts);

/** The same by fields, each under its name. */
export function readFields(
  fields: Readonly<Record<string, FormField>>,
  sent: unknown,
  texts: StoreTexts,
): SentForm {
  const given = (typeof sent === 'object' && sent !== null ? sent : {}) as Record<string, unknown>;
  const values: Record<string, string> = {};
  const faults: Record<string, string> = {};
  for (const [name, field] of Object.entries(fields)) {
    const value = Object.hasOwn(given, name) ? given[name] : '';
    values[name] =
      typeof value === 'string' ? value.replaceAll('\r\n', '\n').replace(STEERING, '').trim() : '';
    const fault = faultOf(field, values[name], texts);
    if (fault) faults[name] = fault;
  }
  return { values, faults };
}
