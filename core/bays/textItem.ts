import { linkSchema } from '../plan/link.ts';
import { LONGEST_HEADING, LONGEST_SENTENCE } from '../plan/words.ts';
import { idsOnce } from '../schema/idsOnce.ts';
import { array, object, string, type Schema } from '../schema/schema.ts';
import { capital, counted, listed } from '../sentence/sentence.ts';
import { setting, type Said } from '../settings/setting.ts';
import { inParts, own } from '../settings/values.ts';

/** A few words with a picture, of which a bay has several: only what was set of it, besides its id. */
export interface TextItem {
  id: string;
  title?: string;
  words?: string;
  button?: string;
  /** Where the button leads. */
  link?: string;
  /** Id of a stored picture. */
  pictureId?: string;
}

/** In one bay at most. */
export const MOST_TEXTS = 12;
export const LONGEST_BUTTON = 60;
export const LONGEST_WORDS = LONGEST_SENTENCE * 2;

/** @param noun what one is called: "column" */
const textItemsSchema = (noun: string): Schema<TextItem[]> =>
  array(
    object({
      id: string()
        .matches(/^[a-zA-Z0-9-]{1,40}$/, `A ${noun} is named by letters, digits and hyphens.`)
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
    .test('once', `Two ${noun}s have the same id.`, idsOnce)
    .required();

/** What one is called. */
export const textItemName = ({ title, words, button }: TextItem, i: number, noun: string): string =>
  title || words?.split('\n')[0]!.slice(0, 40) || button || `${capital(noun)} ${i + 1}`;

const namesOf = (items: readonly TextItem[], noun: string): string =>
  listed(items.map((one, i) => `"${textItemName(one, i, noun)}"`));

/** "2 columns: "Thrown" and "Fired"". */
export const sayTextItems = (items: readonly TextItem[], noun: string): string =>
  items.length > 0 ? `${counted(items.length, noun)}: ${namesOf(items, noun)}` : 'Nothing yet';

/** The setting that holds them. */
export const textItemsSetting = (noun: string, said: Said<TextItem[]>) =>
  setting(
    inParts(
      own<TextItem[]>(textItemsSchema(noun), (items) =>
        items.length > 0 ? namesOf(items, noun) : 'nothing',
      ),
    ),
    [],
    said,
  );
