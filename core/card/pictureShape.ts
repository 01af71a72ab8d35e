/**
 * How high pictures of cards are at one width: in proportion, a number of px, a share of the screen (with the px
 * it has on the band's nominal screen), or each in its own proportions.
 */
export type PictureShape =
  | { by: 'ratio'; ratio: number }
  | { by: 'height'; px: number }
  | { by: 'screen'; share: number; px: number }
  | { by: 'own' };

/** One that is not each picture's own. */
export type SetShape = Exclude<PictureShape, { by: 'own' }>;
