import { linkOrNamedSchema } from '../plan/link.ts';
import { idsOnce } from '../schema/idsOnce.ts';
import { array, boolean, object, string, type Schema } from '../schema/schema.ts';
import { LONGEST_LINK_WORDS } from './linkItem.ts';

/** One link of a menu: only what was set of it, besides its id. */
export interface MenuItem {
  id: string;
  words?: string;
  link?: string;
  /** It belongs to the last one above it that does not belong to another. */
  under?: boolean;
}

export const MOST_MENU_ITEMS = 120;

export const menuItemsSchema = array(
  object({
    id: string()
      .matches(/^[a-zA-Z0-9-]{1,40}$/, 'A link is named by letters, digits and hyphens.')
      .required(),
    words: string().max(LONGEST_LINK_WORDS),
    link: linkOrNamedSchema.optional(),
    under: boolean(),
  })
    .noUnknown()
    .required(),
)
  .max(MOST_MENU_ITEMS)
  .test('once', 'Two links have the same id.', idsOnce)
  .nullable()
  .defined() as unknown as Schema<MenuItem[] | null>;
