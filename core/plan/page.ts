import { array, object, string } from '../schema/schema.ts';
import { baySchema, type Bay } from './bays/index.ts';
import { PAGE_KINDS, type PageOf } from './pageKinds.ts';
import { LONGEST_NAME } from './words.ts';

export interface Page {
  id: string;
  kind: PageOf;
  /** Heads the page where it has no banner, and its title in a browser. */
  name: string;
  /** Reading direction: the language's, or its own. */
  direction: 'language' | 'ltr' | 'rtl';
  bays: Bay[];
}

export const MOST_BAYS = 60;

export const pageSchema = object({
  id: string()
    .matches(/^[a-z0-9-]{1,60}$/, 'An id has small letters, digits and hyphens.')
    .required(),
  kind: string().oneOf(PAGE_KINDS).required(),
  name: string().max(LONGEST_NAME).required('A page needs a name.'),
  direction: string().oneOf(['language', 'ltr', 'rtl']).required(),
  bays: array(baySchema)
    .max(MOST_BAYS, `A page can have at most ${MOST_BAYS} bays.`)
    .test('once', 'Two bays have the same id.', (bays) => {
      const ids = (bays ?? []).map((bay) => (bay as unknown as Bay | undefined)?.id);
      return new Set(ids).size === ids.length;
    })
    .required(),
}).noUnknown();
