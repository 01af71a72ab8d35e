/** One place where labels stand by a picture. */
export interface LabelPlaceKind {
  id: LabelPlace;
  name: string;
  /** The corner of the picture that it is at; labels stand in it where a layout has no room outside of pictures. */
  corner: 'upperStart' | 'upperEnd' | 'lowerStart' | 'lowerEnd';
  /** The edge of the picture that it is at, and the end of it in reading direction. */
  block: 'start' | 'end';
  inline: 'start' | 'end';
  /** How much of a label, from 0 to 1, is outside of the picture. */
  outside: number;
  /** From the edges of the picture where nothing else is set, px. */
  apartPx: number;
}

const INSIDE = { outside: 0, apartPx: 10 };
const ACROSS = { outside: 0.5, apartPx: 10 };
const ABOVE = { outside: 1, apartPx: 0 };

const UPPER_START = { corner: 'upperStart', block: 'start', inline: 'start' } as const;
const UPPER_END = { corner: 'upperEnd', block: 'start', inline: 'end' } as const;
const LOWER_START = { corner: 'lowerStart', block: 'end', inline: 'start' } as const;
const LOWER_END = { corner: 'lowerEnd', block: 'end', inline: 'end' } as const;

/** Every place; to add one, list it here. */
const kinds = {
  upperStart: { name: 'Upper corner, start', ...UPPER_START, ...INSIDE },
  upperEnd: { name: 'Upper corner, end', ...UPPER_END, ...INSIDE },
  lowerStart: { name: 'Lower corner, start', ...LOWER_START, ...INSIDE },
  lowerEnd: { name: 'Lower corner, end', ...LOWER_END, ...INSIDE },
  acrossStart: { name: 'Across the upper edge, start', ...UPPER_START, ...ACROSS },
  acrossEnd: { name: 'Across the upper edge, end', ...UPPER_END, ...ACROSS },
  aboveStart: { name: 'Above the picture, start', ...UPPER_START, ...ABOVE },
  aboveEnd: { name: 'Above the picture, end', ...UPPER_END, ...ABOVE },
} satisfies Record<string, Omit<LabelPlaceKind, 'id'>>;

export type LabelPlace = keyof typeof kinds;

export const labelPlaces: readonly LabelPlaceKind[] = Object.entries(kinds).map(([id, kind]) => ({
  id: id as LabelPlace,
  ...kind,
}));

export const LABEL_PLACES = labelPlaces.map(({ id }) => id);

const byId = new Map(labelPlaces.map((kind) => [kind.id, kind]));
export const labelPlace = (place: LabelPlace): LabelPlaceKind => byId.get(place)!;

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
