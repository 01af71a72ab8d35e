import { linkSchema } from '../../plan/link.ts';
import { array, object, string } from '../../schema/schema.ts';
import { limitSchema } from '../fallback.ts';

/** A loose picture with words and a link; no product behind it. */
export interface LoosePicture {
  /** SHA-256 of the stored file, hex. */
  pictureId: string;
  words: string;
  link: string;
}

export interface PictureAssortment {
  of: 'pictures';
  /** In the order that they were put. */
  items: LoosePicture[];
  limit: number | null;
}

export const MOST_LOOSE_PICTURES = 200;

export const picturesSchema = object({
  of: string().oneOf(['pictures']).required(),
  items: array(
    object({
      pictureId: string()
        .matches(/^[0-9a-f]{64}$/)
        .required(),
      words: string().max(200).defined(),
      link: linkSchema,
    }).noUnknown(),
  )
    .max(MOST_LOOSE_PICTURES)
    .required(),
  limit: limitSchema,
}).noUnknown();
