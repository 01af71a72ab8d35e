import {
  array,
  idSchema,
  lazy,
  number,
  object,
  string,
  ValidationError,
  type Schema,
} from '../schema/schema.ts';
import { categoriesSchema, type CategoryAssortment } from './others/categories.ts';
import { collectionsSchema, type CollectionAssortment } from './others/collections.ts';
import { entriesSchema, type EntryAssortment } from './others/entries.ts';
import { picturesSchema, type PictureAssortment } from './others/pictures.ts';
import { fallbackSchema, limitSchema, type Fallback } from './fallback.ts';
import { orderKinds, type Order } from './orders/index.ts';
import { MOST_PINS, type Pin } from './pins.ts';
import { ruleSchema, type Group } from './rule.ts';

/** Put in, left out and placed by hand; it counts for more than the rule (calculations §12). */
export interface ByHand {
  putIn: number[];
  leftOut: number[];
  pins: Pin[];
}

export interface ProductAssortment {
  of: 'products';
  rule: Group;
  order: Order;
  byHand: ByHand;
  /** Sold-out products as they come, after all others, or not at all. */
  soldOut: 'asTheyCome' | 'toTheEnd' | 'out';
  /** Greatest number, if wanted. */
  limit: number | null;
  fallback: Fallback | null;
}

export type Assortment =
  ProductAssortment | CategoryAssortment | CollectionAssortment | EntryAssortment | PictureAssortment;

/** What an assortment can be of. */
export type Of = Assortment['of'];

/** Most products that can be put in or left out by hand. */
export const MOST_BY_HAND = 1_000;

const orderSchema = lazy((value: unknown) => {
  const id = typeof value === 'object' && value !== null ? (value as { by?: unknown }).by : undefined;
  return (
    (orderKinds.find((kind) => kind.id === id)?.schema as Schema | undefined) ??
    object().test('known', `There is no order "${String(id)}".`, () => false)
  );
});

const onceOnly = (ids: readonly number[] | undefined) => new Set(ids).size === (ids?.length ?? 0);
const idList = array(idSchema)
  .max(MOST_BY_HAND)
  .test('once', 'A product is named twice.', onceOnly)
  .required();

const productsSchema = object({
  of: string().oneOf(['products']).required(),
  rule: ruleSchema,
  order: orderSchema,
  byHand: object({
    putIn: idList,
    leftOut: idList,
    pins: array(
      object({ id: idSchema, place: number().integer().min(1).max(100_000).required() }).noUnknown(),
    )
      .max(MOST_PINS, `At most ${MOST_PINS} products can be pinned.`)
      .test('once', 'A product is pinned twice.', (pins) => onceOnly(pins?.map((pin) => pin.id)))
      .required(),
  }).noUnknown(),
  soldOut: string().oneOf(['asTheyCome', 'toTheEnd', 'out']).required(),
  limit: limitSchema,
  fallback: fallbackSchema,
})
  .noUnknown()
  .test('pins', 'There are more pinned products than the greatest number lets in.', (value) => {
    const { limit, byHand } = value as unknown as ProductAssortment;
    return limit === null || (byHand?.pins?.length ?? 0) <= limit;
  });

const schemas: Record<Of, Schema> = {
  products: productsSchema,
  categories: categoriesSchema,
  collections: collectionsSchema,
  entries: entriesSchema,
  pictures: picturesSchema,
};

export const OFS = Object.keys(schemas) as Of[];

/** What an assortment is of, in words. */
export const ofWords: Record<Of, { one: string; many: string }> = {
  products: { one: 'product', many: 'products' },
  categories: { one: 'category', many: 'categories' },
  collections: { one: 'collection', many: 'collections' },
  entries: { one: 'journal entry', many: 'journal entries' },
  pictures: { one: 'picture', many: 'pictures' },
};

export const assortmentSchema = lazy((value: unknown) => {
  const of = typeof value === 'object' && value !== null ? (value as { of?: unknown }).of : undefined;
  return typeof of === 'string' && Object.hasOwn(schemas, of)
    ? schemas[of as Of]
    : object().test('known', `There is no kind of assortment "${String(of)}".`, () => false);
});

/** Checks an assortment that came from outside. Throws yup's ValidationError with the path of the fault. */
export function readAssortment(value: unknown): Assortment {
  if (typeof value !== 'object' || value === null)
    throw new ValidationError('An assortment is an object.', value, '');
  return assortmentSchema.validateSync(value, { strict: true }) as Assortment;
}
