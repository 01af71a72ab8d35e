import { COLOUR } from '../colour/colourSchema.ts';
import type { OptionValueFacts, PictureFacts } from '../catalogue/facts.ts';
import type { ShownBy, StoreSwatch } from './storeSwatch.ts';

/** What stands for a value of an option. */
export type SwatchFace =
  { by: 'colour'; colour: string } | { by: 'picture'; picture: PictureFacts } | { by: 'words' };

type Known = Pick<OptionValueFacts, 'colour' | 'picture' | 'photograph'>;

const asPicture = (picture: PictureFacts | null): SwatchFace | null => picture && { by: 'picture', picture };
/** What an import calls a colour need not be one. */
const asColour = (colour: string | null): SwatchFace | null =>
  colour && COLOUR.test(colour) ? { by: 'colour', colour } : null;

const faces: Record<ShownBy, (value: Known, set?: StoreSwatch) => SwatchFace | null> = {
  colour: ({ colour }, set) => asColour(set?.colour ?? colour),
  picture: ({ picture }) => asPicture(picture),
  photograph: ({ photograph }) => asPicture(photograph),
  words: () => ({ by: 'words' }),
};

/**
 * What a value is shown by: as is wanted or was set for it where it has that, else by its colour, else by its picture,
 * else by its name.
 * @param wanted what all values are shown by; null for what each was set to
 */
export const swatchFace = (value: Known, set: StoreSwatch | undefined, wanted: ShownBy | null): SwatchFace =>
  (wanted && faces[wanted](value, set)) ??
  (set && faces[set.by](value, set)) ??
  faces.colour(value) ??
  faces.picture(value) ?? { by: 'words' };
