import type { GoodsConflict } from '../../core/api/goods.ts';
import { fold } from '../../core/catalogue/fold.ts';
import { goodsWords, type Goods } from '../../core/goods/goods.ts';
import { edited, goodsFault, isStill, valueAt, type GoodsEdit } from '../../core/goods/goodsEdit.ts';
import { same } from '../../core/settings/same.ts';
import { inTransaction, type Pool, type Queryable } from '../db/pool.ts';
import { Fault } from '../faults.ts';
import { readGoodsById } from './goodsRows.ts';

/** Whether what an edit is of is there: its product, and its variant. */
const isThere = (goods: Goods | undefined, { of, part }: GoodsEdit): goods is Goods =>
  goods !== undefined && (of !== 'variant' || goods.variants.some(({ id }) => id === part));

/** All or nothing: what is not any more what an edit goes by is told of, and then nothing is written. */
export const writeGoods = (pool: Pool, edits: readonly GoodsEdit[]): Promise<GoodsConflict[]> =>
  inTransaction(pool, async (client) => {
    const before = await readGoodsById(client, [...new Set(edits.map(({ product }) => product))], {
      locked: true,
    });
    const after = new Map(before);
    const conflicts: GoodsConflict[] = [];
    for (const edit of edits) {
      const goods = after.get(edit.product);
      if (!isThere(goods, edit)) conflicts.push({ edit, now: null, gone: true });
      else if (!isStill(goods, edit)) conflicts.push({ edit, now: valueAt(goods, edit), gone: false });
      else after.set(edit.product, edited(goods, edit));
    }
    if (conflicts.length > 0) return conflicts;
    await refuseUnfitFields(client, edits);
    for (const [id, goods] of after) {
      const fault = goodsFault(goods);
      if (fault !== null) throw new Fault('goods-faulty', { message: fault });
      await writeOne(client, before.get(id)!, goods);
    }
    return [];
  });

const TYPES = { number: 'number', text: 'string', yesNo: 'boolean' } as const;

/** A field has values of its own type, or none. */
async function refuseUnfitFields(db: Queryable, edits: readonly GoodsEdit[]): Promise<void> {
  const set = edits.filter(({ of, is }) => of === 'field' && is !== null);
  if (set.length === 0) return;
  const { rows } = await db.query<{ id: string; name: string; type: keyof typeof TYPES }>(
    'SELECT id, name, type FROM field WHERE id = ANY($1)',
    [[...new Set(set.map(({ part }) => String(part)))]],
  );
  const byId = new Map(rows.map((row) => [row.id, row]));
  for (const { part, is } of set) {
    const field = byId.get(String(part));
    if (!field) throw new Fault('goods-faulty', { message: `There is no field "${String(part)}" any more.` });
    if (typeof is !== TYPES[field.type])
      throw new Fault('goods-faulty', { message: `${field.name} cannot be ${JSON.stringify(is)}.` });
  }
}

async function writeOne(db: Queryable, before: Goods, goods: Goods): Promise<void> {
  const { id } = goods;
  const differs = (...facts: readonly (keyof Goods)[]) =>
    facts.some((fact) => !same(before[fact], goods[fact]));
  if (differs('title', 'code', 'brandId', 'featured', 'fields'))
    await db.query(
      'UPDATE product SET title = $2, title_key = $3, code = $4, brand_id = $5, featured = $6, fields = $7 WHERE id = $1',
      [
        id,
        goods.title,
        fold(goods.title),
        goods.code,
        goods.brandId,
        goods.featured,
        JSON.stringify(goods.fields),
      ],
    );
  if (differs('categoryIds')) {
    await db.query('DELETE FROM product_category WHERE product_id = $1 AND category_id <> ALL($2)', [
      id,
      goods.categoryIds,
    ]);
    await db.query(
      'INSERT INTO product_category (product_id, category_id) SELECT $1, unnest($2::int[]) ON CONFLICT DO NOTHING',
      [id, goods.categoryIds],
    );
  }
  if (differs('tags')) {
    await db.query('DELETE FROM product_tag WHERE product_id = $1 AND tag <> ALL($2)', [id, goods.tags]);
    await db.query(
      'INSERT INTO product_tag (product_id, tag) SELECT $1, unnest($2::text[]) ON CONFLICT DO NOTHING',
      [id, goods.tags],
    );
  }
  if (differs('title', 'brandId', 'tags', 'shortText', 'longText')) {
    const { rows } = await db.query<{ name: string }>('SELECT name FROM brand WHERE id = $1', [
      goods.brandId,
    ]);
    await db.query(
      `INSERT INTO product_text (product_id, short_text, long_text, words) VALUES ($1, $2, $3, $4)
       ON CONFLICT (product_id) DO UPDATE SET short_text = excluded.short_text, long_text = excluded.long_text, words = excluded.words`,
      [id, goods.shortText, goods.longText, goodsWords(goods.title, rows[0]?.name ?? null, goods.tags)],
    );
  }
  for (const variant of goods.variants) {
    const was = before.variants.find((one) => one.id === variant.id);
    if (same(was, variant)) continue;
    await db.query('UPDATE variant SET code = $2, price = $3, reduced = $4, stock = $5 WHERE id = $1', [
      variant.id,
      variant.code,
      variant.price,
      variant.reduced,
      variant.stock,
    ]);
  }
}
