import type { Pool, Queryable } from '../db/pool.ts';
import { Fault } from '../faults.ts';
import { addGoodsRow } from '../goods/addGoods.ts';
import { readGoodsById } from '../goods/goodsRows.ts';
import { writeChanged } from '../goods/writeGoods.ts';
import { addGroupingRow, inTurn, takeOut } from '../groupings/writeGroupings.ts';
import { ingestPicture, type StoredFile } from '../pictures/ingest.ts';
import { addPictureRow, removeUnused } from '../pictures/storeRows.ts';
import { sampleDrawing } from '../../core/samples/sampleDrawing.ts';
import { SAMPLE_TEXT, sampleCategories, type SampleGoods } from '../../core/samples/sampleGoods.ts';

/** So much later than the one before each is on sale, so that the newest first is an order, ms. */
const APART_MS = 60_000;

/** Of what was put in with them: categories by number, pictures by their ids. */
const idsOf = async <Id>(db: Queryable, of: 'category' | 'picture'): Promise<Id[]> =>
  (await db.query<{ id: Id }>(`SELECT ${of}_id AS id FROM sample_${of} ORDER BY 1`)).rows.map(({ id }) => id);

/** How many products there are, and how many of them are samples. */
export async function countWithSamples(db: Queryable): Promise<{ products: number; samples: number }> {
  const { rows } = await db.query<{ products: number; samples: number }>(
    `SELECT (SELECT count(*) FROM product)::int AS products, (SELECT count(*) FROM sample_product)::int AS samples`,
  );
  return rows[0]!;
}

/** Puts in the samples, with their categories and pictures, unless some are there. Returns how many products. */
export async function addSamples(pool: Pool, now: number): Promise<number> {
  // Drawn before anybody has to wait for it.
  const drawn: { goods: SampleGoods; file: StoredFile }[][] = [];
  for (const { shape, goods } of sampleCategories)
    drawn.push(
      await Promise.all(
        goods.map(async (one, turn) => ({
          goods: one,
          file: await ingestPicture(Buffer.from(sampleDrawing(shape, one.colour, turn))),
        })),
      ),
    );
  return inTurn(pool, async (db) => {
    if ((await countWithSamples(db)).samples > 0) throw new Fault('samples-there');
    let added = 0;
    for (const [i, { name, description }] of sampleCategories.entries()) {
      const category = await addCategory(db, name);
      const pictures: string[] = [];
      for (const { goods, file } of drawn[i]!) {
        const { title, price } = goods;
        const picture = await addPictureRow(db, file, { name: title, alt: title });
        if (!picture.wasThere)
          await db.query('INSERT INTO sample_picture (picture_id) VALUES ($1)', [picture.id]);
        pictures.push(picture.id);
        const id = await addGoodsRow(db, title, price, now + added * APART_MS - 24 * 3_600_000);
        await fill(db, id, goods, picture.id, category);
        await db.query('INSERT INTO sample_product (product_id) VALUES ($1)', [id]);
        added += 1;
      }
      await db.query('UPDATE category SET description = $2, picture_id = $3 WHERE id = $1', [
        category,
        description,
        pictures[0],
      ]);
    }
    return added;
  });
}

/** A category of this name, or of the like: names beside each other are not the same. */
async function addCategory(db: Queryable, name: string): Promise<number> {
  const { rows } = await db.query<{ name: string }>('SELECT name FROM category WHERE parent_id IS NULL');
  const taken = rows.some((one) => one.name.toLowerCase() === name.toLowerCase());
  const id = await addGroupingRow(db, {
    of: 'category',
    name: taken ? `${name} (samples)` : name,
    parent: null,
    type: null,
  });
  await db.query('INSERT INTO sample_category (category_id) VALUES ($1)', [id]);
  return id;
}

/** What a new product has besides its title. */
async function fill(
  db: Queryable,
  id: number,
  { price, reduced, stock, featured }: SampleGoods,
  picture: string,
  category: number,
): Promise<void> {
  const before = (await readGoodsById(db, [id])).get(id)!;
  const after = {
    ...before,
    shortText: SAMPLE_TEXT,
    featured: featured ?? false,
    categoryIds: [category],
    pictureIds: [picture],
    variants: before.variants.map((variant) => ({ ...variant, price, reduced: reduced ?? null, stock })),
  };
  await writeChanged(db, [{ before, after }]);
}

/**
 * Takes the samples out again, with their categories and pictures as far as nothing else is in them or shows them. One
 * that somebody has ordered stays, and is a product like any other from then on.
 */
export async function removeSamples(pool: Pool): Promise<{ removed: number; left: number; files: string[] }> {
  const pictures = await idsOf<string>(pool, 'picture');
  const counts = await inTurn(pool, async (db) => {
    const { samples } = await countWithSamples(db);
    const { rowCount } = await db.query(
      `DELETE FROM product p USING sample_product s WHERE s.product_id = p.id
         AND NOT EXISTS (SELECT FROM order_line WHERE product_id = p.id)`,
    );
    await db.query('DELETE FROM sample_product');
    for (const id of await idsOf<number>(db, 'category')) {
      const { rows } = await db.query<{ used: boolean }>(
        `SELECT EXISTS (SELECT FROM product_category WHERE category_id = $1)
           OR EXISTS (SELECT FROM category WHERE parent_id = $1) AS used`,
        [id],
      );
      if (!rows[0]!.used) await takeOut(db, 'category', id);
    }
    await db.query('DELETE FROM sample_category');
    return { removed: rowCount ?? 0, left: samples - (rowCount ?? 0) };
  });
  const { files } = await removeUnused(pool, pictures);
  await pool.query('DELETE FROM sample_picture');
  return { ...counts, files };
}
