/** One place where labels stand by a picture. */
export interface LabelPlaceKind {
  id: string;
  name: string;
  /** The corner of the picture that it is at; labels stand in it where a layout has no room outside of pictures. */
  corner: 'upperStart' | 'upperEnd' | 'lowerStart' | 'lowerEnd';
  /** How much of a label, from 0 to 1, is outside of the picture. */
  outside: number;
  /** From the edges of the picture where nothing else is set, px. */
  apartPx: number;
}

const INSIDE = { outside: 0, apartPx: 10 };
const ACROSS = { outside: 0.5, apartPx: 10 };
const ABOVE = { outside: 1, apartPx: 0 };

/** Every place; to add one, list it here. */
const kinds = {
  upperStart: { name: 'Upper corner, start', corner: 'upperStart', ...INSIDE },
  upperEnd: { name: 'Upper corner, end', corner: 'upperEnd', ...INSIDE },
  lowerStart: { name: 'Lower corner, start', corner: 'lowerStart', ...INSIDE },
  lowerEnd: { name: 'Lower corner, end', corner: 'lowerEnd', ...INSIDE },
  acrossStart: { name: 'Across the upper edge, start', corner: 'upperStart', ...ACROSS },
  acrossEnd: { name: 'Across the upper edge, end', corner: 'upperEnd', ...ACROSS },
  aboveStart: { name: 'Above the picture, start', corner: 'upperStart', ...ABOVE },
  aboveEnd: { name: 'Above the picture, end', corner: 'upperEnd', ...ABOVE },
} satisfies Record<string, Omit<LabelPlaceKind, 'id'>>;

export type LabelPlace = keyof typeof kinds;

export const LABEL_PLACES = Object.keys(kinds) as LabelPlace[];

export const labelPlace = (place: LabelPlace): LabelPlaceKind => ({ id: place, ...kinds[place] });

/** What of a label is said about where it stands. */
interface Placed {
  at?: LabelPlace;
  apartPx?: number;
}

/** A label stands in the first of the places unless something else is set. */
export const placeOf = ({ at = LABEL_PLACES[0]! }: Placed): LabelPlace => at;

/** How much farther from the edges of the picture a label stands than others in its place, px; less than 0 for nearer. */
export const fartherPx = (label: Placed): number => {
  const { apartPx } = labelPlace(placeOf(label));
  return (label.apartPx ?? apartPx) - apartPx;
};
