import type { Conflict } from '../../core/facts/factEdit.ts';
import { fold } from '../../core/catalogue/fold.ts';
import { goodsWords, type Goods } from '../../core/goods/goods.ts';
import { edited, goodsFault, isStill, valueAt, type GoodsEdit } from '../../core/goods/goodsEdit.ts';
import { same } from '../../core/settings/same.ts';
import { tagNames } from '../../core/sentence/tagNames.ts';
import { readTagNames } from '../catalogue/tagNames.ts';
import { inTransaction, type Pool, type Queryable } from '../db/pool.ts';
import { Fault } from '../faults.ts';
import { arePictures } from '../pictures/pictureRows.ts';
import { refuse } from './refuse.ts';
import { readGoodsById } from './goodsRows.ts';

/** Whether what an edit is of is there: its product, and its variant. */
const isThere = (goods: Goods | undefined, { of, part }: GoodsEdit): goods is Goods =>
  goods !== undefined && (of !== 'variant' || goods.variants.some(({ id }) => id === part));

/** All or nothing: what is not any more what an edit goes by is told of, and then nothing is written. */
export const writeGoods = (pool: Pool, edits: readonly GoodsEdit[]): Promise<Conflict<GoodsEdit>[]> =>
  inTransaction(pool, async (client) => {
    const before = await readGoodsById(client, [...new Set(edits.map(({ product }) => product))], {
      locked: true,
    });
    const after = new Map(before);
    const conflicts: Conflict<GoodsEdit>[] = [];
    for (const edit of edits) {
      const goods = after.get(edit.product);
      if (!isThere(goods, edit)) conflicts.push({ edit, now: null, gone: true });
      else if (!isStill(goods, edit)) conflicts.push({ edit, now: valueAt(goods, edit), gone: false });
      else after.set(edit.product, edited(goods, edit));
    }
    if (conflicts.length > 0) return conflicts;
    await refuseUnfitFields(client, edits);
    await refuseGonePictures(client, edits);
    for (const goods of after.values()) {
      refuse(goodsFault(goods));
    }
    await writeChanged(
      client,
      [...after].map(([id, goods]) => ({ before: before.get(id)!, after: goods })),
    );
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

/** Pictures that are set are those of the store. */
async function refuseGonePictures(db: Queryable, edits: readonly GoodsEdit[]): Promise<void> {
  const ids = edits.flatMap(({ fact, is }) => {
    if (fact === 'pictureIds') return is as string[];
    return fact === 'pictureId' && is !== null ? [is as string] : [];
  });
  if (!(await arePictures(db, ids))) throw new Fault('picture-gone');
}

interface Change {
  before: Goods;
  after: Goods;
}

/** Of lists of what belongs to products, what is new in them and what is gone, as ids of products with it. */
function moved<T>(
  changes: readonly Change[],
  of: (goods: Goods) => readonly T[],
): Record<'added' | 'gone', [number[], T[]]> {
  const pairs: Record<'added' | 'gone', [number[], T[]]> = { added: [[], []], gone: [[], []] };
  const note = ([ids, list]: [number[], T[]], id: number, one: T) => {
    ids.push(id);
    list.push(one);
  };
  for (const { before, after } of changes) {
    for (const one of of(after)) if (!of(before).includes(one)) note(pairs.added, after.id, one);
    for (const one of of(before)) if (!of(after).includes(one)) note(pairs.gone, after.id, one);
  }
  return pairs;
}

async function writeMoved<T>(
  db: Queryable,
  { added, gone }: Record<'added' | 'gone', [number[], T[]]>,
  [table, column, type]: readonly [table: string, column: string, type: string],
): Promise<void> {
  const pairs = `unnest($1::int[], $2::${type}[])`;
  if (gone[0].length > 0)
    await db.query(
      `DELETE FROM ${table} t USING ${pairs} AS r (id, one) WHERE t.product_id = r.id AND t.${column} = r.one`,
      gone,
    );
  if (added[0].length > 0)
    await db.query(
      `INSERT INTO ${table} (product_id, ${column}) SELECT * FROM ${pairs} ON CONFLICT DO NOTHING`,
      added,
    );
}

/** Writes what differs, of any number of products in a few statements. */
export async function writeChanged(db: Queryable, changes: readonly Change[]): Promise<void> {
  const differing = (...facts: readonly (keyof Goods)[]) =>
    changes
      .filter(({ before, after }) => facts.some((fact) => !same(before[fact], after[fact])))
      .map(({ after }) => after);
  const altered = differing('title', 'code', 'brandId', 'featured', 'fields');
  if (altered.length > 0)
    await db.query(
      `UPDATE product p SET title = r.title, title_key = r.key, code = r.code, brand_id = r.brand, featured = r.featured, fields = r.fields
       FROM jsonb_to_recordset($1) AS r (id int, title text, key text, code text, brand int, featured boolean, fields jsonb)
       WHERE p.id = r.id`,
      [
        JSON.stringify(
          altered.map(({ id, title, code, brandId, featured, fields }) => ({
            id,
            title,
            key: fold(title),
            code,
            brand: brandId,
            featured,
            fields,
          })),
        ),
      ],
    );
  await writeMoved(
    db,
    moved(changes, ({ categoryIds }) => categoryIds),
    ['product_category', 'category_id', 'int'],
  );
  await writeMoved(
    db,
    moved(changes, ({ collectionIds }) => collectionIds),
    ['collection_product', 'collection_id', 'int'],
  );
  await writeMoved(
    db,
    moved(changes, ({ tags }) => tags),
    ['product_tag', 'tag', 'text'],
  );
  const pictured = differing('pictureIds');
  if (pictured.length > 0) await writePictures(db, pictured);
  const worded = differing('title', 'brandId', 'tags', 'shortText', 'longText');
  if (worded.length > 0) await writeTexts(db, worded);
  const variants = changes.flatMap(({ before, after }) =>
    after.variants.filter(
      (variant) =>
        !same(
          before.variants.find(({ id }) => id === variant.id),
          variant,
        ),
    ),
  );
  if (variants.length > 0)
    await db.query(
      `UPDATE variant v SET code = r.code, price = r.price, reduced = r.reduced, stock = r.stock, picture_id = r."pictureId"
       FROM jsonb_to_recordset($1) AS r (id int, code text, price int, reduced int, stock int, "pictureId" text) WHERE v.id = r.id`,
      [JSON.stringify(variants)],
    );
}

/** Writes the pictures of products in their order; what a picture is said to show of a product goes with it. */
export async function writePictures(
  db: Queryable,
  goods: readonly Pick<Goods, 'id' | 'pictureIds'>[],
): Promise<void> {
  const { rows } = await db.query(
    'DELETE FROM product_picture WHERE product_id = ANY($1) RETURNING product_id AS id, picture_id AS picture, alt',
    [goods.map(({ id }) => id)],
  );
  await db.query(
    `INSERT INTO product_picture (product_id, position, picture_id, alt)
     SELECT r.id, one.at - 1, one.picture, coalesce(was.alt, '')
     FROM jsonb_to_recordset($1) AS r (id int, "pictureIds" jsonb)
     CROSS JOIN LATERAL jsonb_array_elements_text(r."pictureIds") WITH ORDINALITY AS one (picture, at)
     LEFT JOIN jsonb_to_recordset($2) AS was (id int, picture text, alt text) ON was.id = r.id AND was.picture = one.picture`,
    [JSON.stringify(goods.map(({ id, pictureIds }) => ({ id, pictureIds }))), JSON.stringify(rows)],
  );
}

/** Writes the texts of products, and the words that they are found by. */
export async function writeTexts(
  db: Queryable,
  goods: readonly Pick<Goods, 'id' | 'title' | 'shortText' | 'longText' | 'brandId' | 'tags'>[],
): Promise<void> {
  const { rows } = await db.query<{ id: number; name: string }>(
    'SELECT id, name FROM brand WHERE id = ANY($1)',
    [goods.flatMap(({ brandId }) => (brandId === null ? [] : [brandId]))],
  );
  const brands = new Map(rows.map(({ id, name }) => [id, name]));
  const called = await readTagNames(db, [...new Set(goods.flatMap(({ tags }) => tags))]);
  await db.query(
    `INSERT INTO product_text (product_id, short_text, long_text, words)
     SELECT r.id, r.short, r.long, ARRAY(SELECT jsonb_array_elements_text(r.words))
     FROM jsonb_to_recordset($1) AS r (id int, short text, long text, words jsonb)
     ON CONFLICT (product_id) DO UPDATE SET short_text = excluded.short_text, long_text = excluded.long_text, words = excluded.words`,
    [
      JSON.stringify(
        goods.map(({ id, title, shortText, longText, brandId, tags }) => ({
          id,
          short: shortText,
          long: longText,
          words: goodsWords(
            title,
            brands.get(brandId ?? NaN) ?? null,
            tagNames(tags, { tag: (tag) => called.get(tag) }),
          ),
        })),
      ),
    ],
  );
}
