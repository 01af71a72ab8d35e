import { FIELD_ID } from '../assortment/clauses/field.ts';
import { array, boolean, idSchema, lazy, number, string, type Schema } from '../schema/schema.ts';
import { formatMoney } from '../catalogue/money.ts';
import { counted, listed, type Names } from '../sentence/sentence.ts';
import { tagNames } from '../sentence/tagNames.ts';
import { withoutMarkup } from './markup.ts';
import { LONGEST_TAG, once, pictureIdSchema, tagsSchema, wordsSchema } from '../facts/factSchemas.ts';
import { MOST_OF_PRODUCT } from '../picture/limits.ts';
import type { Goods, GoodsVariant } from './goods.ts';

/** Something of a product that its owner can set. */
export interface GoodsFact {
  id: string;
  name: string;
  /** What it is of: the product itself, one of its variants, or one of the store's own fields. */
  of: 'product' | 'variant' | 'field';
  schema: Schema;
  read(goods: Goods, of: number | string | null): unknown;
  /** Its value is a list in which the order counts. */
  inOrder?: true;
  /** What it is called where there is none of it. */
  none?: string;
  /** A value of it in words; empty for none. */
  say(value: unknown, names: Names): string;
}

export const MOST_MONEY = 1_000_000_000;
export const MOST_STOCK = 10_000_000;
export const LONGEST = {
  title: 200,
  code: 60,
  tag: LONGEST_TAG,
  shortText: 1_000,
  longText: 50_000,
  field: 400,
};
const MOST_TAGS = 60;
export const MOST_CATEGORIES = 60;
export const MOST_COLLECTIONS = 200;

const said = (longest: number) => string().max(longest).defined();
const money = () =>
  number().integer('Write an amount such as 12.50.').min(0, 'A price is not below nothing.').max(MOST_MONEY);

type Say = GoodsFact['say'];

const asTyped: Say = (value) => (value === null || value === '' ? '' : `“${String(value)}”`);
const asMoney: Say = (value, { currency }) => (value === null ? '' : formatMoney(value as number, currency));
const asCount: Say = (value) => (value === null ? '' : String(value));
const yesOrNo: Say = (value) => (value ? 'yes' : 'no');
const asBrand: Say = (value, { brand }) =>
  value === null ? '' : (brand(value as number) ?? 'another brand');
const asCategories: Say = (value, { category }) =>
  listed((value as number[]).map((id) => category(id) ?? 'another category'));
const asCollections: Say = (value, { collection }) =>
  listed((value as number[]).map((id) => collection(id) ?? 'another collection'));
const asTags: Say = (value, names) => listed(tagNames(value as string[], names));
const asPictures: Say = (value) => {
  const { length } = value as string[];
  return length === 0 ? '' : counted(length, 'picture');
};
const asPicture: Say = (value) => (value === null ? '' : 'another picture');
const asField: Say = (value, names) =>
  typeof value === 'boolean' ? yesOrNo(value, names) : asTyped(value, names);

const ofProduct = <K extends keyof Goods>(
  id: K,
  name: string,
  schema: unknown,
  say = asTyped,
): GoodsFact => ({
  id,
  name,
  of: 'product',
  say,
  schema: schema as Schema,
  read: (goods) => goods[id],
});

const ofVariant = <K extends keyof GoodsVariant>(
  id: K,
  name: string,
  schema: unknown,
  say = asTyped,
  none?: string,
): GoodsFact => ({
  id,
  name,
  of: 'variant',
  say,
  ...(none !== undefined && { none }),
  schema: schema as Schema,
  read: ({ variants }, of) => variants.find((one) => one.id === of)?.[id],
});

/** A text field as it is typed; empty for nothing in it. */
export const fieldTextSchema = said(LONGEST.field) as unknown as Schema;

const fieldValue = lazy((value: unknown): Schema => {
  if (value === null) return string().nullable().defined();
  if (typeof value === 'number') return number().required();
  return typeof value === 'boolean' ? boolean().required() : said(LONGEST.field).required();
});

/** Everything that can be set, in the order in which it is offered; to add a fact, add it here and where it is written. */
export const goodsFacts: readonly GoodsFact[] = [
  ofProduct('title', 'Title', wordsSchema(LONGEST.title, 'A product needs a title.')),
  ofProduct('code', 'Item code', said(LONGEST.code)),
  ofProduct('shortText', 'Short description', said(LONGEST.shortText)),
  ofProduct('longText', 'Long description', said(LONGEST.longText), (value, names) =>
    asTyped(withoutMarkup(value as string), names),
  ),
  ofProduct('brandId', 'Brand', idSchema.nullable().defined(), asBrand),
  ofProduct('featured', 'Featured', boolean().required(), yesOrNo),
  ofProduct(
    'categoryIds',
    'Categories',
    array(idSchema).max(MOST_CATEGORIES).test('once', 'A category is there twice.', once).required(),
    asCategories,
  ),
  ofProduct(
    'collectionIds',
    'Collections',
    array(idSchema).max(MOST_COLLECTIONS).test('once', 'A collection is there twice.', once).required(),
    asCollections,
  ),
  ofProduct('tags', 'Tags', tagsSchema(MOST_TAGS), asTags),
  {
    ...ofProduct(
      'pictureIds',
      'Pictures',
      array(pictureIdSchema.required())
        .max(MOST_OF_PRODUCT)
        .test('once', 'A picture is there twice.', once)
        .required(),
      asPictures,
    ),
    inOrder: true,
  },
  ofVariant('code', 'Item code', said(LONGEST.code)),
  ofVariant('price', 'Price', money().required('A product needs a price.'), asMoney),
  ofVariant(
    'reduced',
    'Reduced price',
    money().min(1, 'A reduced price is above nothing.').nullable().defined(),
    asMoney,
    'not reduced',
  ),
  ofVariant(
    'stock',
    'Stock',
    number()
      .integer('Write a whole number.')
      .min(0, 'There is nothing less than none.')
      .max(MOST_STOCK)
      .nullable()
      .defined(),
    asCount,
    'not counted',
  ),
  ofVariant('pictureId', 'Picture', pictureIdSchema.nullable().defined(), asPicture, 'those of the product'),
  {
    id: 'value',
    name: 'Field',
    of: 'field',
    schema: fieldValue as unknown as Schema,
    say: asField,
    read: ({ fields }, of) => (Object.hasOwn(fields, of!) ? fields[of as string] : null),
  },
];

export const isFieldId = (id: unknown): id is string => typeof id === 'string' && FIELD_ID.test(id);

/** The fact of a product, a variant or a field; undefined where there is none. */
export const goodsFact = (of: GoodsFact['of'], id: string): GoodsFact | undefined =>
  goodsFacts.find((fact) => fact.of === of && fact.id === id);
