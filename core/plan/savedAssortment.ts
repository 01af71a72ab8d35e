import { assortmentSchema, type Assortment } from '../assortment/assortment.ts';
import { object, string } from '../schema/schema.ts';
import { LONGEST_NAME } from './words.ts';

/** A selection that is kept under a name and can be shown by any number of shelves. */
export interface SavedAssortment {
  id: string;
  name: string;
  assortment: Assortment;
}

export const savedAssortmentSchema = object({
  id: string()
    .matches(/^[a-z0-9-]{1,60}$/, 'An id has small letters, digits and hyphens.')
    .required(),
  name: string().trim().max(LONGEST_NAME).required('An assortment needs a name.'),
  assortment: assortmentSchema,
}).noUnknown();
