import { LONGEST_SLUG, slugOf } from '../catalogue/slugOf.ts';
import { array, string, type Schema } from '../schema/schema.ts';

/** Words of which there are some. @param fault what is said where there are none */
export const wordsSchema = (longest: number, fault: string) =>
  string()
    .max(longest)
    .defined()
    .test('blank', fault, (value) => (value ?? '').trim() !== '');

/** Where something is in the store: the last step of its address. */
export const addressSchema = string()
  .max(LONGEST_SLUG)
  .defined()
  .test(
    'address',
    'An address has small letters, digits and hyphens.',
    (value) => value !== '' && slugOf(value ?? '') === value,
  );

/** The id of a stored picture. */
export const pictureIdSchema = string().matches(/^[0-9a-f]{64}$/, 'This is not a picture of the store.');

export const LONGEST_TAG = 60;

export const once = (list: readonly unknown[] | null | undefined): boolean =>
  new Set(list ?? []).size === (list ?? []).length;

export const tagsSchema = (most: number) =>
  array(wordsSchema(LONGEST_TAG, 'A tag needs a name.').required())
    .max(most)
    .test('once', 'A tag is there twice.', once)
    .required() as unknown as Schema<string[]>;
