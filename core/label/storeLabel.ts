import { idsOnce } from '../schema/idsOnce.ts';
import { colourSchema } from '../colour/colourSchema.ts';
import { array, number, object, string, type Schema } from '../schema/schema.ts';
import { LABEL_PLACES, type LabelPlace } from './labelPlaces.ts';

/** One label of the store: only what was set of it, besides its id and kind. */
export interface StoreLabel {
  id: string;
  kind: string;
  /** Instead of the store's own; figures stand in braces. */
  words?: string;
  at?: LabelPlace;
  /** From the edges of the picture, px. */
  apartPx?: number;
  /** #rrggbb. */
  ground?: string;
  ink?: string;
  /** Id of a stored picture that stands instead of its words. */
  picture?: string;
  /** Height of that picture, px. */
  picturePx?: number;
  /** The number that it goes by. */
  from?: number;
  /** The tag that it is tied to. */
  tag?: string;
}

/** The labels of a store, the one that comes first first, and how many stand on one product at most. */
export interface StoreLabels {
  list: readonly StoreLabel[];
  most: number;
}

export const LONGEST_LABEL = 30;
export const LABEL_ID = /^[a-zA-Z0-9-]{1,40}$/;
export const MOST_LABELS = 20;
/** How far from the edges of a picture a label can stand, px. */
export const MOST_APART_PX = 60;
/** How high the picture of a label can be, px. */
export const LABEL_PICTURE = { least: 16, most: 120 } as const;

export const storeLabelsSchema = array(
  object({
    id: string().matches(LABEL_ID, 'A label is named by letters, digits and hyphens.').required(),
    kind: string().max(40).required(),
    words: string().max(LONGEST_LABEL),
    at: string().oneOf(LABEL_PLACES),
    apartPx: number().integer().min(0).max(MOST_APART_PX),
    ground: colourSchema,
    ink: colourSchema,
    from: number().integer().min(1).max(999),
    tag: string().max(80),
    picture: string().matches(/^[0-9a-f]{64}$/, 'This is not the id of a picture.'),
    picturePx: number().integer().min(LABEL_PICTURE.least).max(LABEL_PICTURE.most),
  })
    .noUnknown()
    .required(),
)
  .max(MOST_LABELS)
  .test('once', 'Two labels have the same id.', idsOnce)
  .required() as unknown as Schema<StoreLabel[]>;
