/** A place of a card where parts stand (definitions §6). */
export interface ZoneKind {
  id: string;
  name: string;
  /** As it follows the name of a part in a sentence. */
  said: string;
  /** Where it is on the picture; null for the texts beside, under or over it. */
  css: string | null;
  /** Where it is in a drawing of the card of three columns: four rows of the picture (`DRAWN_ROWS`), one of texts. */
  drawn: string;
  /** The edge of the picture that it is at: zones at one edge stand side by side. */
  edge?: 'upper' | 'lower';
  /** Parts in it are as wide as it is. */
  wide?: boolean;
}

const start = 'inset-inline-start:0;align-items:flex-start';
const end = 'inset-inline-end:0;align-items:flex-end';
const [upper, lower] = ['inset-block-start:0', 'inset-block-end:0'];

/** Between the edges of a picture and what stands on it, px. */
export const ZONE_PADDING_PX = 10;
/** Between the ends of a part on a picture and its ground, px. */
export const ZONE_CHIP_PX = 8;

/** Heights of the rows of a picture in a drawing of its zones, in proportion. */
export const DRAWN_ROWS: readonly number[] = [1, 1, 1, 0.6];

/** Parts stand here unless something else is set. */
export const TEXT_ZONE = 'text';

/** Every zone; to add one, list it here. */
const kinds = {
  text: { name: 'With the text', said: 'with the text', drawn: '5 / 1 / auto / 4', css: null },
  upperStart: {
    name: 'Upper corner, start',
    said: "in the picture's upper start corner",
    edge: 'upper',
    drawn: '1 / 1',
    css: `${upper};${start}`,
  },
  upperEnd: {
    name: 'Upper corner, end',
    said: "in the picture's upper end corner",
    edge: 'upper',
    drawn: '1 / 3',
    css: `${upper};${end}`,
  },
  middle: {
    name: 'Middle',
    said: 'in the middle of the picture',
    drawn: '2 / 2',
    css: 'inset:0;align-items:center;justify-content:center',
  },
  lowerStart: {
    name: 'Lower corner, start',
    said: "in the picture's lower start corner",
    edge: 'lower',
    drawn: '3 / 1 / 5',
    css: `${lower};${start}`,
  },
  lowerEnd: {
    name: 'Lower corner, end',
    said: "in the picture's lower end corner",
    edge: 'lower',
    drawn: '3 / 3 / 5',
    css: `${lower};${end}`,
  },
  foot: {
    name: 'Bar at the foot',
    said: "in a bar at the picture's foot",
    edge: 'lower',
    drawn: '4 / 2',
    css: `${lower};inset-inline:0;align-items:stretch;padding:0`,
    wide: true,
  },
} satisfies Record<string, Omit<ZoneKind, 'id'>>;

type ZoneId = keyof typeof kinds;

export const zoneKinds: readonly ZoneKind[] = Object.entries(kinds).map(([id, kind]) => ({ id, ...kind }));

export const zoneNames = Object.fromEntries(
  Object.entries(kinds).map(([id, { name }]) => [id, name]),
) as Record<ZoneId, string>;

const byId = new Map(zoneKinds.map((kind) => [kind.id, kind]));
export const zoneKind = (id: string): ZoneKind | undefined => byId.get(id);
