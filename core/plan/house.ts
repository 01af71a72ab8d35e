import { colourSchema } from '../colour/colourSchema.ts';
import { array, number, object, string } from '../schema/schema.ts';
import { FEWEST_BANDS, MOST_BANDS, type Band } from '../bands/bands.ts';
import type { Varying } from '../bands/varying.ts';
import { varyingSchema } from '../card/card.ts';
import { LONGEST_NAME } from './words.ts';

/** Colours that every bay starts from, #rrggbb. */
export interface HouseColours {
  ground: string;
  card: string;
  text: string;
  quiet: string;
  accent: string;
  onAccent: string;
  reduced: string;
  line: string;
}

/** What holds for the whole store. */
export interface House {
  storeName: string;
  currency: string;
  locale: string;
  timeZone: string;
  /** A product counts as new for this many days. */
  newForDays: number;
  bands: Band[];
  colours: HouseColours;
  /** Greatest width of what is kept to the content, px. */
  contentPx: number;
  /** Space at each side of the page, px. */
  margin: Varying<number>;
}

const colour = colourSchema.required();
const px = (most: number) => number().integer().min(0).max(most).required();

const knows = (make: (value: string) => unknown) => (value: string | undefined) => {
  try {
    return value !== undefined && Boolean(make(value));
  } catch {
    return false;
  }
};

export const houseSchema = object({
  storeName: string().max(LONGEST_NAME).required(),
  currency: string()
    .matches(/^[A-Z]{3}$/, 'A currency is three capital letters.')
    .required(),
  locale: string()
    .max(40)
    .test(
      'locale',
      'This is no language that is known here.',
      knows((value) => Intl.NumberFormat.supportedLocalesOf(value).length),
    )
    .required(),
  timeZone: string()
    .max(60)
    .test(
      'zone',
      'This is no time zone that is known here.',
      knows((value) => new Intl.DateTimeFormat('en', { timeZone: value })),
    )
    .required(),
  newForDays: number().integer().min(1).max(730).required(),
  bands: array(
    object({
      id: string()
        .matches(/^[a-z0-9-]{1,60}$/)
        .required(),
      name: string().max(40).required(),
      from: px(2560),
      nominal: object({ width: px(2560), height: px(2560) }).noUnknown(),
    }).noUnknown(),
  )
    .min(FEWEST_BANDS)
    .max(MOST_BANDS)
    .test('ordered', 'Bands begin at 0 and each begins wider than the one before.', (bands) =>
      (bands ?? []).every((band, i, all) => (i === 0 ? band.from === 0 : band.from > all[i - 1]!.from)),
    )
    .required(),
  colours: object({
    ground: colour,
    card: colour,
    text: colour,
    quiet: colour,
    accent: colour,
    onAccent: colour,
    reduced: colour,
    line: colour,
  }).noUnknown(),
  contentPx: number().integer().min(320).max(2560).required(),
  margin: varyingSchema(number().integer().min(0).max(200).required()),
}).noUnknown();
