import { linkSchema } from '../plan/link.ts';
import { LONGEST_HEADING, LONGEST_SENTENCE } from '../plan/words.ts';
import { idsOnce } from '../schema/idsOnce.ts';
import { array, object, string, type Schema } from '../schema/schema.ts';

/** A column of picture and text: only what was set of it, besides its id. */
export interface TextColumn {
  id: string;
  title?: string;
  words?: string;
  button?: string;
  /** Where the button leads. */
  link?: string;
  /** Id of a stored picture. */
  pictureId?: string;
}

/** Side by side at most. */
export const MOST_TEXT_COLUMNS = 4;
/** In one bay at most, one row below the other. */
export const MOST_TEXTS = 12;
export const LONGEST_BUTTON = 60;
export const LONGEST_WORDS = LONGEST_SENTENCE * 2;

export const textColumnsSchema = array(
  object({
    id: string()
      .matches(/^[a-zA-Z0-9-]{1,40}$/, 'A column is named by letters, digits and hyphens.')
      .required(),
    title: string().max(LONGEST_HEADING),
    words: string().max(LONGEST_WORDS),
    button: string().max(LONGEST_BUTTON),
    link: linkSchema.optional(),
    pictureId: string().matches(/^[0-9a-f]{64}$/, 'This is not the id of a picture.'),
  })
    .noUnknown()
    .required(),
)
  .max(MOST_TEXTS)
  .test('once', 'Two columns have the same id.', idsOnce)
  .required() as unknown as Schema<TextColumn[]>;
