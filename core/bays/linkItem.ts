import { linkSchema } from '../plan/link.ts';
import { idsOnce } from '../schema/idsOnce.ts';
import { array, object, string, type Schema } from '../schema/schema.ts';
import { ICON_IDS, type IconId } from './iconIds.ts';

/** One link of a bay of links: only what was set of it, besides its id. */
export interface LinkItem {
  id: string;
  words?: string;
  link?: string;
  icon?: IconId;
}

export const MOST_LINKS = 24;
export const LONGEST_LINK_WORDS = 60;

export const linkItemsSchema = array(
  object({
    id: string()
      .matches(/^[a-zA-Z0-9-]{1,40}$/, 'A link is named by letters, digits and hyphens.')
      .required(),
    words: string().max(LONGEST_LINK_WORDS),
    link: linkSchema.optional(),
    icon: string().oneOf(ICON_IDS),
  })
    .noUnknown()
    .required(),
)
  .max(MOST_LINKS)
  .test('once', 'Two links have the same id.', idsOnce)
  .required() as unknown as Schema<LinkItem[]>;
