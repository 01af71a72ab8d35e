import { freeSlugOf, slugOf } from '../catalogue/slugOf.ts';

const LONGEST_FIELD_ID = 60;
/** Room for the number that an id may end with. */
const NUMBER_LENGTH = 10;

/** What rules name a new field by: letters, digits and underscores, a letter first; one that is not taken. */
export function fieldIdOf(name: string, isTaken: (id: string) => boolean): string {
  const word = slugOf(name)
    .replaceAll('-', '_')
    .slice(0, LONGEST_FIELD_ID - NUMBER_LENGTH);
  const wanted = /^[a-z]/.test(word) ? word : `field_${word}`;
  return freeSlugOf(wanted, (slug) => isTaken(slug.replaceAll('-', '_'))).replaceAll('-', '_');
}
