import { zoneKinds } from '../card/zones.ts';

/** Corners of the picture that labels can stand in. */
export const LABEL_PLACES = ['upperStart', 'upperEnd', 'lowerStart', 'lowerEnd'] as const;
export type LabelPlace = (typeof LABEL_PLACES)[number];

export const placeName = (place: LabelPlace): string => zoneKinds.find(({ id }) => id === place)!.name;
