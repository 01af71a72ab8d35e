import { idsOnce } from '../schema/idsOnce.ts';
import { colourSchema } from '../colour/colourSchema.ts';
import { array, object, string, type Schema } from '../schema/schema.ts';

/** What a swatch shows of a value: its colour, its picture, the photograph of a variant that has it, or its name. */
export const SHOWN_BY = {
  colour: 'Colour',
  picture: 'Picture',
  photograph: "The variant's photograph",
  words: 'Words',
} as const;
export type ShownBy = keyof typeof SHOWN_BY;

/** How one value of an option is shown throughout the store. */
export interface StoreSwatch {
  /** The value's own id, as text. */
  id: string;
  by: ShownBy;
  /** #rrggbb, instead of the colour that the value has in the catalogue. */
  colour?: string;
}

const MOST_SWATCHES = 1000;

export const storeSwatchesSchema = array(
  object({
    id: string()
      .matches(/^[1-9]\d{0,9}$/, 'A value of an option is named by its number.')
      .required(),
    by: string()
      .oneOf(Object.keys(SHOWN_BY) as ShownBy[])
      .required(),
    colour: colourSchema,
  })
    .noUnknown()
    .required(),
)
  .max(MOST_SWATCHES)
  .test('once', 'A value of an option is named twice.', idsOnce)
  .required() as unknown as Schema<StoreSwatch[]>;
