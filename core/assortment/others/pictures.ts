import { linkSchema } from '../../plan/link.ts';
import { array, object, string } from '../../schema/schema.ts';
import { counted } from '../../sentence/sentence.ts';
import { inParts, own } from '../../settings/values.ts';
import { setting, type Complete } from '../../settings/setting.ts';
import { limitSetting } from '../fallback.ts';

/** A loose picture with words and a link; no product behind it. */
export interface LoosePicture {
  /** SHA-256 of the stored file, hex. */
  pictureId: string;
  words: string;
  link: string;
}

export const MOST_LOOSE_PICTURES = 200;

const itemsSchema = array(
  object({
    pictureId: string()
      .matches(/^[0-9a-f]{64}$/)
      .required(),
    words: string().max(200).defined(),
    link: linkSchema,
  })
    .noUnknown()
    .required(),
)
  .max(MOST_LOOSE_PICTURES)
  .required();

/** What can be set of an assortment of pictures chosen one by one. */
export const pictureSettings = {
  /** In the order that they were put. */
  items: setting(inParts(own<LoosePicture[]>(itemsSchema, (items) => counted(items.length, 'picture'))), [], {
    name: 'Pictures',
    find: ['pictures', 'images', 'links'],
  }),
  limit: limitSetting,
};

export type PictureAssortment = { of: 'pictures' } & Complete<typeof pictureSettings>;
