import type { PoolClient } from 'pg';
import type { LeftOver } from '../../core/exchange/importState.ts';
import { edited, goodsFault, isStill, type GoodsEdit } from '../../core/goods/goodsEdit.ts';
import { undoneEdits } from '../../core/facts/factEdit.ts';
import { goodsFact } from '../../core/goods/goodsFacts.ts';
import type { Goods } from '../../core/goods/goods.ts';
import { readGoodsById } from '../goods/goodsRows.ts';
import { writeChanged } from '../goods/writeGoods.ts';
import type { MadeIds } from './importRows.ts';
import { inBulk } from '../goods/inBulk.ts';
import { markOf } from './writeOutcomes.ts';

/** Products at once. */
const BATCH = 500;
/** So many are named that stayed as they are. */
const MOST_LEFT = 500;

interface Change {
  id: number;
  edits: GoodsEdit[];
  variants: number[];
  mark: string | null;
}

/** Takes back what an import wrote, but for what was changed since; tells of that. @param progress told of products done */
export async function undoWritten(
  client: PoolClient,
  importId: number,
  made: MadeIds | null,
  progress: (products: number) => Promise<void>,
): Promise<LeftOver[]> {
  const left: LeftOver[] = [];
  const leave = (title: string, why: string) => {
    if (left.length < MOST_LEFT) left.push({ title, why });
  };
  for (let [after, done] = [0, 0]; ;) {
    const { rows } = await client.query<Change>(
      `SELECT product_id AS id, edits, variants, mark FROM goods_import_change
       WHERE import_id = $1 AND product_id > $2 ORDER BY product_id LIMIT ${BATCH}`,
      [importId, after],
    );
    if (rows.length === 0) break;
    after = rows.at(-1)!.id;
    await inBulk(client, () => undoBatch(client, rows, leave));
    done += rows.length;
    await progress(done);
  }
  if (made) await removeMade(client, made);
  return left;
}

/** Returns the products that are still there. */
async function undoBatch(
  client: PoolClient,
  changes: readonly Change[],
  leave: (title: string, why: string) => void,
): Promise<number[]> {
  const there = await readGoodsById(
    client,
    changes.map(({ id }) => id),
    { locked: true },
  );
  const sold = await orderedOf(client, changes);
  const [gone, variantsGone, changed]: [number[], number[], { before: Goods; after: Goods }[]] = [[], [], []];
  for (const { id, edits, variants, mark } of changes) {
    const goods = there.get(id);
    // Removed meanwhile: there is nothing to take back.
    if (!goods) continue;
    if (mark !== null) {
      if (sold.products.has(id)) leave(goods.title, 'It is new, and has been ordered.');
      else if (mark === markOf(goods)) gone.push(id);
      else leave(goods.title, 'It is new, and was changed since.');
      continue;
    }
    let after = goods;
    for (const edit of undoneEdits(edits))
      if (isStill(after, edit)) after = edited(after, edit);
      else leave(goods.title, `${goodsFact(edit.of, edit.fact)!.name} was changed since.`);
    const unfit = goodsFault({
      title: after.title,
      variants: after.variants.filter(({ id: variant }) => !variants.includes(variant)),
    });
    if (unfit !== null) {
      leave(goods.title, unfit);
      continue;
    }
    changed.push({ before: goods, after });
    for (const variant of variants)
      if (sold.variants.has(variant)) leave(goods.title, 'One of its new variants has been ordered.');
      else variantsGone.push(variant);
  }
  await writeChanged(client, changed);
  await client.query('DELETE FROM variant WHERE id = ANY($1)', [variantsGone]);
  // What belongs to them first, all at once: one by one it would be told of for each.
  for (const table of [
    'variant',
    'product_category',
    'product_tag',
    'product_text',
    'product_picture',
    'collection_product',
  ])
    await client.query(`DELETE FROM ${table} WHERE product_id = ANY($1)`, [gone]);
  await client.query('DELETE FROM product WHERE id = ANY($1)', [gone]);
  return changed.map(({ after: { id } }) => id);
}

/** Which of them, and of their new variants, somebody has ordered. */
async function orderedOf(
  client: PoolClient,
  changes: readonly Change[],
): Promise<{ products: Set<number>; variants: Set<number> }> {
  const { rows } = await client.query<{ product: number; variant: number | null }>(
    'SELECT DISTINCT product_id AS product, variant_id AS variant FROM order_line WHERE product_id = ANY($1)',
    [changes.map(({ id }) => id)],
  );
  return {
    products: new Set(rows.map(({ product }) => product)),
    variants: new Set(rows.flatMap(({ variant }) => (variant === null ? [] : [variant]))),
  };
}

/** What was made by an import that was before collections, fields and tags could be. */
type MadeBefore = Omit<MadeIds, 'collections' | 'fields' | 'tags'> & Partial<MadeIds>;

/** Takes away what was made besides products, as far as nothing is of it any more. */
async function removeMade(
  client: PoolClient,
  { brands, categories, collections = [], options, values, fields = [], tags = [] }: MadeBefore,
): Promise<void> {
  await client.query(
    'DELETE FROM brand b WHERE id = ANY($1) AND NOT EXISTS (SELECT FROM product WHERE brand_id = b.id)',
    [brands],
  );
  await client.query(
    `DELETE FROM collection c WHERE id = ANY($1) AND rule IS NULL
       AND NOT EXISTS (SELECT FROM collection_product WHERE collection_id = c.id)`,
    [collections],
  );
  await client.query(
    'DELETE FROM field f WHERE number = ANY($1) AND NOT EXISTS (SELECT FROM product WHERE fields ? f.id)',
    [fields],
  );
  await client.query(
    'DELETE FROM tag t WHERE number = ANY($1) AND name = id AND NOT EXISTS (SELECT FROM product_tag WHERE tag = t.id)',
    [tags],
  );
  // Those below first.
  for (const id of [...categories].reverse())
    await client.query(
      `DELETE FROM category c WHERE id = $1 AND NOT EXISTS (SELECT FROM product_category WHERE category_id = c.id)
         AND NOT EXISTS (SELECT FROM category WHERE parent_id = c.id)`,
      [id],
    );
  await client.query(
    'DELETE FROM option_value v WHERE id = ANY($1) AND NOT EXISTS (SELECT FROM variant_value WHERE option_value_id = v.id)',
    [values],
  );
  await client.query(
    'DELETE FROM option o WHERE id = ANY($1) AND NOT EXISTS (SELECT FROM option_value WHERE option_id = o.id)',
    [options],
  );
}
