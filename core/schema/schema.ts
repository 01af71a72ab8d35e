import { array, boolean, lazy, mixed, number, object, setLocale, string } from 'yup';
import { LARGEST_ID } from './largestId.ts';

export { ValidationError, type InferType, type Schema } from 'yup';
export { array, boolean, lazy, mixed, number, object, string };

const kinds: Record<string, string> = {
  array: 'a list',
  object: 'a group of values',
  string: 'words',
  number: 'a number',
  boolean: 'yes or no',
};

/** What the schemas say of bad input, as sentences; the path of the fault is given beside them. */
setLocale({
  mixed: {
    required: 'This is missing.',
    defined: 'This is missing.',
    notNull: 'This is missing.',
    notType: ({ type }) => `This has to be ${kinds[type] ?? type}.`,
    oneOf: ({ values }) => `This can be one of: ${String(values)}.`,
  },
  string: {
    max: ({ max }) => `This is too long; ${max} characters at most.`,
    min: ({ min }) => `This is too short; ${min} characters at least.`,
    matches: 'This is not written as it has to be.',
  },
  number: {
    min: ({ min }) => `This is too small; ${min} at least.`,
    max: ({ max }) => `This is too large; ${max} at most.`,
    integer: 'This has to be a whole number.',
  },
  array: {
    min: ({ min }) => `There are too few; ${min} at least.`,
    max: ({ max }) => `There are too many; ${max} at most.`,
  },
  object: { noUnknown: ({ unknown }) => `There is no such value: ${String(unknown)}.` },
});

/** An id of the catalogue's, as the database keeps it. */
export const idSchema = number().integer().min(1).max(LARGEST_ID).required();
