import { string } from '../schema/schema.ts';

export const LONGEST_LINK = 2_000;

/** A place in the store ("/shop"), a page on the web, or a mail or telephone address. */
export const LINK =
  /^(\/(?!\/)[^\s<>"\\]*|#[^\s<>"\\]*|https?:\/\/[^\s<>"\\]+|mailto:[^\s<>"\\]+|tel:[+\d ()-]+)$/;

export const LINK_FAULT = 'A link begins with "/", "#", "http://", "https://", "mailto:" or "tel:".';

export const linkSchema = string()
  .max(LONGEST_LINK)
  .matches(LINK, { excludeEmptyString: true, message: LINK_FAULT })
  .defined();
