import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { fold } from '../../core/catalogue/fold.ts';
import { FIELD_ID } from '../../core/assortment/clauses/field.ts';
import { addressSchema, LONGEST_TAG, pictureIdSchema, wordsSchema } from '../../core/facts/factSchemas.ts';
import { LONGEST, MOST_MONEY, MOST_STOCK } from '../../core/goods/goodsFacts.ts';
import { LONGEST_OPTION } from '../../core/goods/variants.ts';
import { groupingKinds, LONGEST_GROUPING } from '../../core/groupings/groupingFacts.ts';
import { entryFact, LONGEST_ENTRY } from '../../core/journal/entryFacts.ts';
import { LONGEST_ALT, LONGEST_PICTURE_NAME, LONGEST_PICTURE_SIDE } from '../../core/picture/limits.ts';
import {
  boolean,
  idSchema,
  mixed,
  number,
  object,
  string,
  array,
  type Schema,
} from '../../core/schema/schema.ts';
import { LARGEST_ID } from '../../core/schema/largestId.ts';
import { CHARACTER_SETS } from '../../core/text/characterSets.ts';
import { faceSchema } from '../../core/text/faceSchema.ts';
import { OWN_FAMILY_ID } from '../../core/text/ownFamilies.ts';
import { standIns } from '../../core/text/standIns.ts';

/** A table of the database as the file of a whole store has it: a line of JSON for each row. */
export interface StoreTable {
  /** Name of its file. */
  id: string;
  table: string;
  /** By what its rows are in order, in SQL. */
  by: string;
  /** Columns that go into the file, and what may stand in them. */
  columns: Readonly<Record<string, Schema>>;
  /** Columns that came later: what they are in a file that was made before. */
  later?: Columns;
  /** It came later: files that were made before have none. */
  isLater?: true;
  /** Columns that are reckoned from the others. */
  derived?: (row: Columns) => Record<string, unknown>;
  /** The column that numbers its rows; what comes after those of the file goes on from them. */
  numbered?: string;
  /** Each of its rows has a file of its own, kept in the column `bytes`. */
  brings?: Brings;
  /** SQL that finds the ids of rows which cannot be without something of a later table. */
  lacking?: string;
}

type Columns = Readonly<Record<string, unknown>>;

interface Brings {
  /** What the files of such rows are called. */
  are: RegExp;
  called(row: Columns): string;
  /** What is wrong with a file, as the end of a sentence that begins with its name; null where nothing is. */
  fault(bytes: Buffer, row: Columns): Promise<string | null>;
}

/** A stored picture: named by its content, as large as its row says. */
const pictureFiles: Brings = {
  are: /^pictures\/[0-9a-f]{64}\.webp$/,
  called: ({ id: one }) => `pictures/${String(one)}.webp`,
  async fault(bytes, { id: one, width, height }) {
    if (createHash('sha256').update(bytes).digest('hex') !== one)
      return 'is not what it was when the store was exported';
    const found = await sharp(bytes)
      .metadata()
      .catch(() => null);
    const fits = found?.format === 'webp' && found.width === width && found.height === height;
    return fits ? null : 'is no picture of this size';
  },
};

/** A WOFF2 file begins with this (WOFF File Format 2.0, 4.1). */
const WOFF2 = Buffer.from('wOF2');

const fontFiles: Brings = {
  are: new RegExp(`^typefaces/[0-9a-f]{64}-(${CHARACTER_SETS.join('|')})\\.woff2$`),
  called: ({ font_id: one, characters }) => `typefaces/${String(one)}-${String(characters)}.woff2`,
  fault: (bytes) =>
    Promise.resolve(bytes.subarray(0, WOFF2.length).equals(WOFF2) ? null : 'is no WOFF2 font'),
};

const said = (longest: number) => string().max(longest).defined();
const id = () => idSchema;
const orNone = (schema: { nullable(): unknown }): Schema =>
  (schema.nullable() as ReturnType<typeof mixed>).defined();
const count = () => number().integer().min(0).max(LARGEST_ID).required();
const place = () => number().integer().min(-LARGEST_ID).max(LARGEST_ID).required();
const yes = () => boolean().required();
const money = () => number().integer().min(0).max(MOST_MONEY).required();
const share = () => number().min(0).max(1).required();
const side = () => number().integer().min(1).max(LONGEST_PICTURE_SIDE).required();
const colour = () => string().matches(/^#[0-9a-f]{6}$/, 'This is no colour.');
const picture = () => pictureIdSchema.required();
const font = () =>
  string()
    .matches(/^[0-9a-f]{64}$/, 'This is no font of the store.')
    .required();
const noPicture = () => orNone(pictureIdSchema);
const name = () => wordsSchema(LONGEST_GROUPING.name, 'It needs a name.');
const time = () =>
  string()
    .max(40)
    .test(
      'time',
      'This is no time.',
      (value) =>
        value === null ||
        value === undefined ||
        (/^\d{4}-\d\d-\d\dT/.test(value) && !Number.isNaN(Date.parse(value))),
    );
const GRID = 64;
const grid = () =>
  array(object({ dark: colour().required(), light: colour().required() }).noUnknown().required())
    .min(GRID)
    .max(GRID)
    .required();
const fields = () =>
  mixed()
    .required()
    .test('fields', 'These are no values of fields.', (value) => {
      if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
      return Object.entries(value).every(
        ([field, one]) =>
          FIELD_ID.test(field) &&
          (typeof one === 'boolean' ||
            Number.isFinite(one) ||
            (typeof one === 'string' && one.length <= LONGEST.field)),
      );
    });
const tagName = () => wordsSchema(LONGEST_TAG, 'A tag needs a name.');
const ofEntry = (fact: string): Schema => entryFact(fact)!.schema;
const rule = (): Schema => groupingKinds.collection.facts.find((fact) => fact.id === 'rule')!.schema;

/** Every table of which a whole store is made, each after those that it refers to; to add one, list it here. */
export const storeTables: readonly StoreTable[] = [
  {
    id: 'picture-files',
    table: 'picture_file',
    by: 'id',
    brings: pictureFiles,
    columns: {
      id: picture(),
      width: side(),
      height: side(),
      dominant: colour().required(),
      placeholder: string()
        .max(60)
        .matches(/^[A-Za-z0-9+/=]+$/)
        .required(),
      see_through: yes(),
      grid: grid(),
    },
  },
  {
    id: 'pictures',
    table: 'picture',
    by: 'id',
    columns: {
      id: picture(),
      name: said(LONGEST_PICTURE_NAME),
      alt: said(LONGEST_ALT),
      focal_x: share(),
      focal_y: share(),
      file_id: picture(),
      former_file_id: noPicture(),
      added_at: time().required(),
    },
  },
  {
    id: 'brands',
    table: 'brand',
    by: 'id',
    numbered: 'id',
    columns: { id: id(), slug: addressSchema, name: name() },
  },
  {
    id: 'fields',
    table: 'field',
    by: 'id',
    numbered: 'number',
    columns: {
      id: string().matches(FIELD_ID, 'This is no name of a field.').required(),
      name: name(),
      type: string().oneOf(['number', 'text', 'yesNo']).required(),
      unit: said(LONGEST_GROUPING.unit),
      position: place(),
      number: count(),
    },
  },
  {
    id: 'options',
    table: 'option',
    by: 'id',
    numbered: 'id',
    columns: {
      id: id(),
      name: wordsSchema(LONGEST_OPTION, 'An option needs a name.'),
      position: place(),
    },
    later: { position: 0 },
  },
  {
    id: 'option-values',
    table: 'option_value',
    by: 'id',
    numbered: 'id',
    columns: {
      id: id(),
      option_id: id(),
      name: wordsSchema(LONGEST_OPTION, 'A value needs a name.'),
      position: place(),
      colour: orNone(colour()),
      picture_id: noPicture(),
    },
  },
  {
    id: 'categories',
    table: 'category',
    // One stands after that which it is under.
    by: '(SELECT max(depth) FROM category_closure WHERE descendant_id = id), id',
    numbered: 'id',
    columns: {
      id: id(),
      parent_id: orNone(number().integer().min(1).max(LARGEST_ID)),
      slug: addressSchema,
      name: name(),
      description: said(LONGEST_GROUPING.description),
      extra_line: said(LONGEST_GROUPING.line),
      picture_id: noPicture(),
      catch_all: yes(),
      position: place(),
      created_at: time().required(),
    },
  },
  {
    id: 'products',
    table: 'product',
    by: 'id',
    numbered: 'id',
    derived: ({ title }) => ({ title_key: fold(title as string) }),
    columns: {
      id: id(),
      slug: addressSchema,
      title: wordsSchema(LONGEST.title, 'A product needs a title.'),
      kind: string().oneOf(['single', 'variants', 'set', 'digital']).required(),
      code: said(LONGEST.code),
      brand_id: orNone(number().integer().min(1).max(LARGEST_ID)),
      featured: yes(),
      position: orNone(number().integer()),
      on_sale_from: time().required(),
      rating_sum: count(),
      rating_count: count(),
      fields: fields(),
      price: money(),
      reduced: orNone(number().integer().min(1).max(MOST_MONEY)),
      price_varies: yes(),
      in_stock: yes(),
      stock: orNone(number().integer().max(MOST_STOCK)),
      last_sold_at: orNone(time()),
      orders: count(),
    },
  },
  {
    id: 'product-texts',
    table: 'product_text',
    by: 'product_id',
    columns: { product_id: id(), short_text: said(LONGEST.shortText), long_text: said(LONGEST.longText) },
  },
  {
    id: 'variants',
    table: 'variant',
    by: 'id',
    numbered: 'id',
    columns: {
      id: id(),
      product_id: id(),
      position: place(),
      code: said(LONGEST.code),
      price: money(),
      reduced: orNone(number().integer().min(1).max(MOST_MONEY)),
      stock: orNone(number().integer().max(MOST_STOCK)),
      picture_id: noPicture(),
    },
  },
  {
    id: 'variant-values',
    table: 'variant_value',
    by: 'variant_id, option_value_id',
    columns: { variant_id: id(), option_value_id: id() },
  },
  {
    id: 'product-pictures',
    table: 'product_picture',
    by: 'product_id, position',
    columns: { product_id: id(), position: place(), picture_id: picture(), alt: said(LONGEST_ALT) },
  },
  {
    id: 'product-categories',
    table: 'product_category',
    by: 'product_id, category_id',
    columns: { product_id: id(), category_id: id() },
  },
  {
    id: 'tags',
    table: 'tag',
    by: 'number',
    numbered: 'number',
    isLater: true,
    columns: { number: id(), id: tagName(), name: tagName() },
  },
  {
    id: 'product-tags',
    table: 'product_tag',
    by: 'product_id, tag',
    columns: { product_id: id(), tag: tagName() },
  },
  {
    id: 'collections',
    table: 'collection',
    by: 'id',
    numbered: 'id',
    columns: {
      id: id(),
      slug: addressSchema,
      name: name(),
      description: said(LONGEST_GROUPING.description),
      picture_id: noPicture(),
      position: place(),
      rule: rule(),
    },
  },
  {
    id: 'collection-products',
    table: 'collection_product',
    by: 'collection_id, product_id',
    columns: { collection_id: id(), product_id: id(), position: place() },
  },
  {
    id: 'entries',
    table: 'journal_entry',
    by: 'id',
    numbered: 'id',
    columns: {
      id: id(),
      slug: addressSchema,
      title: ofEntry('title'),
      summary: said(LONGEST_ENTRY.summary),
      picture_id: noPicture(),
      published_at: time().required(),
      tags: ofEntry('tags'),
      author: said(LONGEST_ENTRY.author),
      text: ofEntry('text'),
      draft: ofEntry('draft'),
      hidden: yes(),
    },
  },
  {
    id: 'sold',
    table: 'sold_daily',
    by: 'product_id, day',
    columns: { product_id: id(), day: place(), units: place() },
  },
  {
    id: 'viewed',
    table: 'viewed_daily',
    by: 'product_id, day',
    columns: { product_id: id(), day: place(), views: place() },
  },
  {
    id: 'bought-together',
    table: 'bought_together',
    by: 'product_id, other_id',
    columns: { product_id: id(), other_id: id(), orders: count() },
  },
  {
    id: 'former-addresses',
    table: 'former_address',
    by: 'kind, slug',
    columns: {
      kind: string().oneOf(['own', 'category', 'collection', 'product', 'entry']).required(),
      slug: addressSchema,
      id: string().max(60).required(),
    },
  },
  {
    id: 'typefaces',
    table: 'own_family',
    by: 'id',
    columns: {
      id: string().matches(OWN_FAMILY_ID).required(),
      name: wordsSchema(120, 'A typeface needs a name.'),
      stand_in: string().oneOf(Object.keys(standIns)).required(),
      added_at: time().required(),
    },
  },
  {
    id: 'fonts',
    table: 'own_font',
    by: 'id',
    lacking: 'SELECT id FROM own_font f WHERE NOT EXISTS (SELECT FROM own_font_part WHERE font_id = f.id)',
    columns: {
      id: font(),
      family_id: string().matches(OWN_FAMILY_ID).required(),
      slope: string().oneOf(['upright', 'italic']).required(),
      weight_from: number().integer().min(1).max(1000).required(),
      weight_to: number().integer().min(1).max(1000).required(),
      face: faceSchema,
      added_at: time().required(),
    },
  },
  {
    id: 'font-files',
    table: 'own_font_part',
    by: 'font_id, characters',
    brings: fontFiles,
    columns: { font_id: font(), characters: string().oneOf(CHARACTER_SETS).required() },
  },
  ...(['product', 'category'] as const).map((of): StoreTable => ({
    id: `sample-${of}`,
    table: `sample_${of}`,
    by: '1',
    columns: { [`${of}_id`]: id() },
  })),
  {
    id: 'sample-picture',
    table: 'sample_picture',
    by: 'picture_id',
    columns: { picture_id: picture() },
  },
];
