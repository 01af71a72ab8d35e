import type { StoreTexts } from '../texts/storeTexts.ts';
import type { SentForm } from './shopper.ts';

/** Characters that fields of the store's forms take at most. */
export const LONGEST_NAME = 100;
export const LONGEST_EMAIL = 200;
export const LONGEST_NOTE = 1_000;
export const LONGEST_MESSAGE = 4_000;

interface Field {
  longest: number;
  required?: boolean;
  /** It has to be an e-mail address. */
  email?: boolean;
  label(texts: StoreTexts): string;
}

const person = {
  name: { longest: LONGEST_NAME, required: true, label: (texts) => texts.yourName },
  email: { longest: LONGEST_EMAIL, required: true, email: true, label: (texts) => texts.yourEmail },
} satisfies Record<string, Field>;

/** The forms that a store takes from its shoppers, by field. */
export const forms = {
  checkout: { ...person, note: { longest: LONGEST_NOTE, label: (texts) => texts.note } },
  ask: {
    ...person,
    message: { longest: LONGEST_MESSAGE, required: true, label: (texts) => texts.yourMessage },
  },
} satisfies Record<string, Record<string, Field>>;

/** One name, an "@", and a place with a dot; no spaces, and nothing that a line of mail could be broken with. */

const EMAIL =
  /^[^\s@\u0000-\u001f"(),:;<>[\]\\]+@[^\s@\u0000-\u001f"(),:;<>[\]\\]+\.[^\s@.\u0000-\u001f"(),:;<>[\]\\]+$/u;

// Everything but a line break and a tab that steers instead of saying something, and marks that turn the direction of others.

const STEERING = /[\u0000-\u0008\u000b-\u001f\u007f-\u009f\u200e\u200f\u202a-\u202e\u2066-\u2069]/gu;

const faultOf = (field: Field, value: string, texts: StoreTexts): string | null => {
  if (value === '') return field.required ? texts.missing(field.label(texts)) : null;
  if (value.length > field.longest) return texts.tooLong(field.label(texts), field.longest);
  return field.email && !EMAIL.test(value) ? texts.emailWrong : null;
};

/** Reads a form as it was sent, by names that it knows; each value is plain text, and what is wrong has a sentence. */
export function readForm(form: keyof typeof forms, sent: unknown, texts: StoreTexts): SentForm {
  const given = (typeof sent === 'object' && sent !== null ? sent : {}) as Record<string, unknown>;
  const values: Record<string, string> = {};
  const faults: Record<string, string> = {};
  for (const [name, field] of Object.entries<Field>(forms[form])) {
    const value = Object.hasOwn(given, name) ? given[name] : '';
    values[name] =
      typeof value === 'string' ? value.replaceAll('\r\n', '\n').replace(STEERING, '').trim() : '';
    const fault = faultOf(field, values[name], texts);
    if (fault) faults[name] = fault;
  }
  return { values, faults };
}
