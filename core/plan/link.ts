import { string } from '../schema/schema.ts';
import { LONGEST_LINK } from './words.ts';

/** A place in the store ("/shop"), a page on the web, or a mail or telephone address. */
export const LINK =
  /^(\/(?!\/)[^\s<>"\\]*|#[^\s<>"\\]*|https?:\/\/[^\s<>"\\]+|mailto:[^\s<>"\\]+|tel:[+\d ()-]+)$/;

export const linkSchema = string()
  .max(LONGEST_LINK)
  .matches(LINK, {
    excludeEmptyString: true,
    message: 'A link begins with "/", "#", "http://", "https://", "mailto:" or "tel:".',
  })
  .defined();
