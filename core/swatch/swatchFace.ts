import type { OptionValueFacts, PictureFacts } from '../catalogue/facts.ts';
import type { ShownBy, StoreSwatch } from './storeSwatch.ts';

/** What stands for a value of an option. */
export type SwatchFace =
  { by: 'colour'; colour: string } | { by: 'picture'; picture: PictureFacts } | { by: 'words' };

type Known = Pick<OptionValueFacts, 'colour' | 'picture' | 'photograph'>;

const asPicture = (picture: PictureFacts | null): SwatchFace | null => picture && { by: 'picture', picture };
const asColour = (colour: string | null): SwatchFace | null => (colour ? { by: 'colour', colour } : null);

const faces: Record<ShownBy, (value: Known, set?: StoreSwatch) => SwatchFace | null> = {
  colour: ({ colour }, set) => asColour(set?.colour ?? colour),
  picture: ({ picture }) => asPicture(picture),
  photograph: ({ photograph }) => asPicture(photograph),
  words: () => ({ by: 'words' }),
};

/**
 * What a value is shown by: as was set for it where it has that, else by its colour, else by its picture, else by
 * its name.
 */
export function swatchFace(value: Known, set?: StoreSwatch): SwatchFace {
  return (set && faces[set.by](value, set)) ?? faces.colour(value) ?? faces.picture(value) ?? { by: 'words' };
}

/** What a value is shown by where all are shown in one way; as it is elsewhere where it has not got that. */
export const faceBy = (by: ShownBy, value: Known, set?: StoreSwatch): SwatchFace =>
  faces[by](value, set) ?? swatchFace(value, set);
