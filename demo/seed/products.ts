import { fold } from '../../core/catalogue/fold.ts';
import type { Pool } from '../../server/db/pool.ts';
import { glazes } from '../store/glazes.ts';
import { brands, type ProductSeed } from '../store/products.ts';
import { insertRows } from './insertRows.ts';
import type { DrawnPictures } from './pictures.ts';

const MINUTE = 60_000;
const DAY = 86_400_000;

/** Products with all that belongs to them: makers, fields, options, variants, pictures, categories, tags. */
export async function insertProducts(
  client: Pick<Pool, 'query'>,
  products: readonly ProductSeed[],
  categoryIds: ReadonlyMap<string, number>,
  pictures: DrawnPictures,
  endOfDay: number,
): Promise<void> {
  await insertRows(
    client,
    'brand',
    { id: 'int', slug: 'text', name: 'text' },
    brands.map((name, i) => ({ id: i + 1, slug: fold(name).replaceAll(' ', '-'), name })),
  );
  await insertRows(
    client,
    'field',
    { id: 'text', name: 'text', type: 'text', unit: 'text', position: 'int' },
    [
      { id: 'capacity', name: 'Capacity', type: 'number', unit: 'ml', position: 0 },
      { id: 'diameter', name: 'Diameter', type: 'number', unit: 'cm', position: 1 },
      { id: 'foodSafe', name: 'Food-safe', type: 'yesNo', unit: '', position: 2 },
      { id: 'firedAt', name: 'Fired at', type: 'number', unit: '°C', position: 3 },
    ],
  );
  const sizes = [...new Set(products.flatMap((one) => one.variants.flatMap(({ size }) => size ?? [])))];
  await insertRows(client, 'option', { id: 'int', name: 'text' }, [
    { id: 1, name: 'Glaze' },
    { id: 2, name: 'Size' },
  ]);
  const values = [
    ...glazes.map((glaze, i) => ({
      id: i + 1,
      option_id: 1,
      name: glaze.name,
      position: i,
      colour: glaze.speckled ? null : glaze.colour,
      picture_id: glaze.speckled ? pictures.swatch(glaze.name) : null,
    })),
    ...sizes.map((name, i) => ({
      id: 100 + i,
      option_id: 2,
      name,
      position: i,
      colour: null,
      picture_id: null,
    })),
  ];
  await insertRows(
    client,
    'option_value',
    { id: 'int', option_id: 'int', name: 'text', position: 'int', colour: 'text', picture_id: 'text' },
    values,
  );
  const valueId = new Map(values.map((value) => [`${value.option_id} ${value.name}`, value.id]));

  await insertRows(
    client,
    'product',
    {
      id: 'int',
      slug: 'text',
      title: 'text',
      title_key: 'text',
      kind: 'text',
      code: 'text',
      brand_id: 'int',
      featured: 'boolean',
      position: 'int',
      on_sale_from: 'timestamptz',
      rating_sum: 'int',
      rating_count: 'int',
      fields: 'jsonb',
    },
    products.map((one, i) => ({
      id: i + 1,
      slug: one.slug,
      title: one.title,
      title_key: fold(one.title),
      kind: one.kind,
      code: one.code,
      brand_id: brands.indexOf(one.brand as (typeof brands)[number]) + 1,
      featured: one.featured,
      position: one.position,
      on_sale_from: new Date(endOfDay - (one.daysOld + 1) * DAY + (i % 600) * MINUTE).toISOString(),
      rating_sum: one.ratings.reduce((a, b) => a + b, 0),
      rating_count: one.ratings.length,
      fields: one.fields,
    })),
  );
  await insertRows(
    client,
    'product_text',
    { product_id: 'int', short_text: 'text', long_text: 'text', words: 'text[]' },
    products.map((one, i) => ({
      product_id: i + 1,
      short_text: one.shortText,
      long_text: one.longText,
      words: [
        ...new Set([one.title, one.brand ?? '', ...one.tags].flatMap((text) => fold(text).split(' '))),
      ].filter(Boolean),
    })),
  );
  const variants = products.flatMap((one, p) =>
    one.variants.map((variant, position) => ({ ...variant, product_id: p + 1, position })),
  );
  await insertRows(
    client,
    'variant',
    {
      id: 'int',
      product_id: 'int',
      position: 'int',
      code: 'text',
      price: 'int',
      reduced: 'int',
      stock: 'int',
      picture_id: 'text',
    },
    variants.map((one, i) => ({
      ...one,
      id: i + 1,
      picture_id: one.picture ? pictures.of(one.picture) : null,
    })),
  );
  await insertRows(
    client,
    'variant_value',
    { variant_id: 'int', option_value_id: 'int' },
    variants.flatMap((one, i) => [
      ...(one.glaze ? [{ variant_id: i + 1, option_value_id: valueId.get(`1 ${one.glaze}`) }] : []),
      ...(one.size ? [{ variant_id: i + 1, option_value_id: valueId.get(`2 ${one.size}`) }] : []),
    ]),
  );
  await insertRows(
    client,
    'product_picture',
    { product_id: 'int', position: 'int', picture_id: 'text', alt: 'text' },
    products.flatMap((one, p) =>
      one.pictures.map(({ scene, alt }, position) => ({
        product_id: p + 1,
        position,
        picture_id: pictures.of(scene),
        alt,
      })),
    ),
  );
  const catchAll = categoryIds.get('unsorted');
  await insertRows(
    client,
    'product_category',
    { product_id: 'int', category_id: 'int' },
    products.flatMap((one, p) =>
      (one.categories.length ? one.categories.map((slug) => categoryIds.get(slug)) : [catchAll]).map(
        (category_id) => ({ product_id: p + 1, category_id }),
      ),
    ),
  );
  await insertRows(
    client,
    'product_tag',
    { product_id: 'int', tag: 'text' },
    products.flatMap((one, p) => [...new Set(one.tags)].map((tag) => ({ product_id: p + 1, tag }))),
  );
}
