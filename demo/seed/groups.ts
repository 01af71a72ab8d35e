import type { Pool } from '../../server/db/pool.ts';
import { collectionSeeds } from '../store/collections.ts';
import { journalSeeds } from '../store/journal.ts';
import type { CategorySeed } from '../store/categories.ts';
import type { ProductSeed } from '../store/products.ts';
import { insertRows } from './insertRows.ts';
import { categoryScene, collectionScene, entryScene, type DrawnPictures } from './pictures.ts';

type Client = Pick<Pool, 'query'>;

/** A category with where it stands in the tree. */
export type PlacedCategory = CategorySeed & { parent: string | null; position: number };

/** Every category of the tree, parents before their children. */
export function flatten(seeds: readonly CategorySeed[], parent: string | null = null): PlacedCategory[] {
  return seeds.flatMap((seed, position) => [
    { ...seed, parent, position },
    ...flatten(seed.below ?? [], seed.slug),
  ]);
}

export async function insertCategories(
  client: Client,
  categories: readonly PlacedCategory[],
  categoryIds: ReadonlyMap<string, number>,
  pictures: DrawnPictures,
  createdAt: string,
): Promise<void> {
  for (const one of categories)
    await client.query(
      `INSERT INTO category (id, parent_id, slug, name, description, extra_line, picture_id, catch_all, position, created_at) VALUES ($1,$2,$3,$4,$5,$6,$7,$8,$9,$10)`,
      [
        categoryIds.get(one.slug),
        one.parent && categoryIds.get(one.parent),
        one.slug,
        one.name,
        one.description,
        one.extraLine ?? '',
        one.picture ? pictures.of(categoryScene(one)) : null,
        one.catchAll ?? false,
        one.position,
        createdAt,
      ],
    );
}

export async function insertCollections(
  client: Client,
  products: readonly ProductSeed[],
  pictures: DrawnPictures,
): Promise<void> {
  await insertRows(
    client,
    'collection',
    {
      id: 'int',
      slug: 'text',
      name: 'text',
      description: 'text',
      picture_id: 'text',
      position: 'int',
      rule: 'jsonb',
    },
    collectionSeeds.map((one, i) => ({
      id: i + 1,
      slug: one.slug,
      name: one.name,
      description: one.description,
      picture_id: pictures.of(collectionScene(one)),
      position: i,
      rule: one.rule ?? null,
    })),
  );
  await insertRows(
    client,
    'collection_product',
    { collection_id: 'int', product_id: 'int', position: 'int' },
    collectionSeeds.flatMap((one, i) =>
      products.flatMap((product, p) =>
        !one.rule && product.tags.includes(one.tag)
          ? [{ collection_id: i + 1, product_id: p + 1, position: p }]
          : [],
      ),
    ),
  );
}

export async function insertJournal(
  client: Client,
  pictures: DrawnPictures,
  agoIso: (minutes: number) => string,
): Promise<void> {
  await insertRows(
    client,
    'journal_entry',
    {
      id: 'int',
      slug: 'text',
      title: 'text',
      summary: 'text',
      text: 'jsonb',
      picture_id: 'text',
      published_at: 'timestamptz',
      author: 'text',
      tags: 'text[]',
    },
    journalSeeds.map((one, i) => ({
      id: i + 1,
      slug: one.slug,
      title: one.title,
      summary: one.summary,
      text: one.text,
      picture_id: pictures.of(entryScene(one)),
      published_at: agoIso(one.daysOld * 1440),
      author: one.author,
      tags: one.tags,
    })),
  );
}
