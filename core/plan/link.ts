import { string } from '../schema/schema.ts';

export const LONGEST_LINK = 2_000;

/** Something of the store that a link leads to wherever it is: by what it is, and its id. */
const IN_STORE = /^(page|category|collection):([a-z0-9-]{1,60})$/;

/** What a link names of the store; null for an address. */
export function namedIn(link: string): { what: 'page' | 'category' | 'collection'; id: string } | null {
  const found = IN_STORE.exec(link);
  return found && { what: found[1] as 'page', id: found[2]! };
}

/** A place in the store ("/shop"), a page on the web, or a mail or telephone address. */
export const LINK =
  /^(\/(?!\/)[^\s<>"\\]*|#[^\s<>"\\]*|https?:\/\/[^\s<>"\\]+|mailto:[^\s<>"\\]+|tel:[+\d ()-]+)$/;

export const LINK_FAULT = 'A link begins with "/", "#", "http://", "https://", "mailto:" or "tel:".';

export const linkSchema = string()
  .max(LONGEST_LINK)
  .matches(LINK, { excludeEmptyString: true, message: LINK_FAULT })
  .defined();

/** An address, or something of the store by its name. */
export const linkOrNamedSchema = string()
  .max(LONGEST_LINK)
  .test('link', LINK_FAULT, (link) => !link || LINK.test(link) || namedIn(link) !== null)
  .defined();
