import { createHash } from 'node:crypto';
import type { PoolClient } from 'pg';
import { fold } from '../../core/catalogue/fold.ts';
import { slugOf } from '../../core/catalogue/slugOf.ts';
import type { NewGoods, NewVariant, Outcome } from '../../core/exchange/compare.ts';
import type { Lookup } from '../../core/exchange/lookup.ts';
import type { Goods } from '../../core/goods/goods.ts';
import { edited, type GoodsEdit } from '../../core/goods/goodsEdit.ts';
import { freeSlug, UNNAMED } from '../goods/addGoods.ts';
import { inBulk } from '../goods/inBulk.ts';
import { refuse } from '../goods/refuse.ts';
import { addOptionRow, addValueRow } from '../goods/optionRows.ts';
import { readGoodsById } from '../goods/goodsRows.ts';
import { addGroupingRow } from '../groupings/writeGroupings.ts';
import { writeChanged, writePictures, writeTexts } from '../goods/writeGoods.ts';
import type { MadeIds } from './importRows.ts';

/** What tells whether a product is still as an import made it. */
export const markOf = (goods: Goods): string =>
  createHash('sha1').update(JSON.stringify(goods)).digest('base64');

/** What holds that what belongs to a product belongs to one that is there. */
const OF_PRODUCTS = ['variant', 'product_category', 'product_tag', 'product_text', 'product_option_value']
  .map((table) => `${table}_product_id_fkey`)
  .join(', ');

async function nextIds(client: PoolClient, table: 'product' | 'variant', many: number): Promise<number[]> {
  const { rows } = await client.query<{ id: number }>(
    `SELECT nextval(pg_get_serial_sequence($1, 'id'))::int AS id FROM generate_series(1, $2)`,
    [table, many],
  );
  return rows.map(({ id }) => id);
}

/** Makes what is named and not there, and writes products with it, some hundreds at a time, within one transaction. */
export class Writing {
  readonly made: MadeIds = {
    brands: [],
    categories: [],
    collections: [],
    options: [],
    values: [],
    fields: [],
    tags: [],
  };
  private readonly client: PoolClient;
  private readonly importId: number;
  private readonly now: Date;
  private readonly lookup: Lookup;
  /** What ids below nothing have become. */
  private readonly ids = new Map<number, number>();
  private readonly slugs = new Set<string>();

  constructor(
    client: PoolClient,
    { importId, now, lookup }: { importId: number; now: number; lookup: Lookup },
  ) {
    this.client = client;
    this.importId = importId;
    this.now = new Date(now);
    this.lookup = lookup;
  }

  /** Makes the fields that columns hold and the store does not have yet. */
  async makeFields(): Promise<void> {
    for (const { id, name, type } of this.lookup.made.fields) {
      const number = await addGroupingRow(this.client, { of: 'field', name, parent: null, type });
      const { rows } = await this.client.query<{ id: string }>('SELECT id FROM field WHERE number = $1', [
        number,
      ]);
      refuse(
        rows[0]!.id === id
          ? null
          : `Another new field would be named much like “${name}”. Leave one of the two columns out.`,
      );
      this.made.fields.push(number);
    }
  }

  async write(outcomes: readonly Outcome[]): Promise<void> {
    await this.makeNamed();
    const fresh = outcomes.flatMap((one) => (one.is === 'new' ? [one.goods] : []));
    const changed = outcomes.flatMap((one) => (one.is === 'changed' ? [one] : []));
    await inBulk(this.client, async () => {
      const added = await this.insert(fresh);
      if (added.length > 0) await this.client.query('SELECT write_search($1)', [added]);
      await this.noteNew(added);
      return this.change(changed);
    });
  }

  /** Notes the tags that its products were the first to have. @param before the last number before it began */
  async noteTags(before: number): Promise<void> {
    const { rows } = await this.client.query<{ number: number }>(
      'SELECT number FROM tag WHERE number > $1 ORDER BY 1',
      [before],
    );
    this.made.tags.push(...rows.map(({ number }) => number));
  }

  private readonly real = (id: number): number => (id < 0 ? this.ids.get(id)! : id);

  /** Makes what the lookup has noted since the last time. */
  private async makeNamed(): Promise<void> {
    const { brands, categories, collections, options, values } = this.lookup.made;
    const left = <T extends { id: number }>(list: readonly T[]) => list.filter(({ id }) => !this.ids.has(id));
    const note = (of: keyof MadeIds, one: { id: number }, id: number) => {
      this.ids.set(one.id, id);
      this.made[of].push(id);
    };
    const add = async (of: keyof MadeIds, one: { id: number }, sql: string, given: unknown[]) => {
      const { rows } = await this.client.query<{ id: number }>(sql, given);
      note(of, one, rows[0]!.id);
    };
    for (const one of left(brands))
      await add('brands', one, 'INSERT INTO brand (slug, name) VALUES ($1, $2) RETURNING id', [
        await freeSlug(this.client, one.name, 'brand'),
        one.name,
      ]);
    for (const one of left(collections))
      await add(
        'collections',
        one,
        `INSERT INTO collection (slug, name, position)
           VALUES ($1, $2, (SELECT coalesce(max(position) + 1, 0) FROM collection)) RETURNING id`,
        [await freeSlug(this.client, one.name, 'collection'), one.name],
      );
    for (const one of left(categories))
      await add(
        'categories',
        one,
        `INSERT INTO category (slug, name, parent_id, position) VALUES ($1, $2, $3,
           (SELECT coalesce(max(position) + 1, 0) FROM category WHERE parent_id IS NOT DISTINCT FROM $3::int)) RETURNING id`,
        [
          await freeSlug(this.client, one.name, 'category'),
          one.name,
          one.parentId === null ? null : this.real(one.parentId),
        ],
      );
    for (const one of left(options)) note('options', one, await addOptionRow(this.client, one.name));
    for (const one of left(values))
      note('values', one, await addValueRow(this.client, this.real(one.optionId), one.name));
  }

  /** Addresses for products: those that they ask for, or those that their titles make, with a number where that is taken. */
  private async slugsFor(fresh: readonly NewGoods[]): Promise<string[]> {
    const wanted = fresh.map(({ slug, title }) => slug || slugOf(title) || UNNAMED);
    const { rows } = await this.client.query<{ slug: string }>(
      'SELECT slug FROM product WHERE slug = ANY($1)',
      [wanted],
    );
    for (const { slug } of rows) this.slugs.add(slug);
    const slugs: string[] = [];
    for (const want of wanted) {
      const slug = this.slugs.has(want) ? await freeSlug(this.client, want, 'product', this.slugs) : want;
      this.slugs.add(slug);
      slugs.push(slug);
    }
    return slugs;
  }

  private async insert(fresh: readonly NewGoods[]): Promise<number[]> {
    if (fresh.length === 0) return [];
    const [ids, slugs] = [await nextIds(this.client, 'product', fresh.length), await this.slugsFor(fresh)];
    const goods = fresh.map((one, at) => ({
      ...one,
      id: ids[at]!,
      slug: slugs[at]!,
      brandId: one.brandId === null ? null : this.real(one.brandId),
      categoryIds: one.categoryIds.map(this.real),
    }));
    // What belongs to them first: each is then written once, with all that is kept of that.
    await this.client.query(`SET CONSTRAINTS ${OF_PRODUCTS} DEFERRED`);
    await writeTexts(this.client, goods);
    await this.insertPairs(
      'product_category (product_id, category_id)',
      'int',
      goods.flatMap(({ id, categoryIds }) => categoryIds.map((one) => [id, one] as const)),
    );
    await this.insertPairs(
      'product_tag (product_id, tag)',
      'text',
      goods.flatMap(({ id, tags }) => tags.map((one) => [id, one] as const)),
    );
    await this.insertVariants(
      goods.flatMap(({ id, variants }) =>
        variants.map((variant, position) => ({ product: id, position, variant })),
      ),
    );
    await this.client.query(
      `INSERT INTO product (id, slug, title, title_key, code, kind, brand_id, featured, fields, on_sale_from,
         category_path, option_values, tags, shown_variant_id, price, reduced, in_stock, stock, price_varies)
       SELECT r.id, r.slug, r.title, r.key, r.code, r.kind, r.brand, r.featured, r.fields, $2,
         m.category_path, m.option_values, m.tags, s.id, s.price, s.reduced, s.available, s.stock, s.varies
       FROM jsonb_to_recordset($1) AS r (id int, slug text, title text, key text, code text, kind text, brand int, featured boolean, fields jsonb)
       JOIN members_of($3) m ON m.id = r.id JOIN shown_of($3) s ON s.product_id = r.id`,
      [
        JSON.stringify(
          goods.map(({ id, slug, title, code, variants, brandId, featured, fields }) => ({
            id,
            slug,
            title,
            key: fold(title),
            code,
            kind: variants.length > 1 || variants[0]!.values.length > 0 ? 'variants' : 'single',
            brand: brandId,
            featured,
            fields,
          })),
        ),
        this.now,
        ids,
      ],
    );
    await this.client.query(`SET CONSTRAINTS ${OF_PRODUCTS} IMMEDIATE`);
    await this.insertPairs(
      'collection_product (product_id, collection_id)',
      'int',
      goods.flatMap(({ id, collectionIds }) => collectionIds.map((one) => [id, this.real(one)] as const)),
    );
    const pictured = goods.filter(({ pictureIds }) => pictureIds.length > 0);
    if (pictured.length > 0) await writePictures(this.client, pictured);
    return ids;
  }

  private async insertPairs(
    into: string,
    type: 'int' | 'text',
    pairs: readonly (readonly [number, number | string])[],
  ): Promise<void> {
    if (pairs.length > 0)
      await this.client.query(`INSERT INTO ${into} SELECT * FROM unnest($1::int[], $2::${type}[])`, [
        pairs.map(([id]) => id),
        pairs.map(([, one]) => one),
      ]);
  }

  /** Returns their ids, in their order. */
  private async insertVariants(
    list: readonly { product: number; position: number; variant: NewVariant }[],
  ): Promise<number[]> {
    if (list.length === 0) return [];
    const ids = await nextIds(this.client, 'variant', list.length);
    await this.client.query(
      `INSERT INTO variant (id, product_id, position, code, price, reduced, stock)
       SELECT r.id, r.product, r.position, r.code, r.price, r.reduced, r.stock
       FROM jsonb_to_recordset($1) AS r (id int, product int, position int, code text, price int, reduced int, stock int)`,
      [
        JSON.stringify(
          list.map(({ product, position, variant: { values: _, ...variant } }, at) => ({
            id: ids[at],
            product,
            position,
            ...variant,
          })),
        ),
      ],
    );
    await this.insertPairs(
      'variant_value (variant_id, option_value_id)',
      'int',
      list.flatMap(({ variant }, at) => variant.values.map((value) => [ids[at]!, this.real(value)] as const)),
    );
    return ids;
  }

  private async change(changed: readonly Extract<Outcome, { is: 'changed' }>[]): Promise<number[]> {
    if (changed.length === 0) return [];
    const real = changed.map(({ goods, edits, added }) => ({
      goods,
      added,
      edits: edits.map((edit) => this.realEdit(edit)),
    }));
    await writeChanged(
      this.client,
      real.map(({ goods, edits }) => ({ before: goods, after: edits.reduce(edited, goods) })),
    );
    const added = real.flatMap(({ goods, added: list }) =>
      list.map((variant, at) => ({ product: goods.id, position: goods.variants.length + at, variant })),
    );
    const ids = await this.insertVariants(added);
    await this.note(
      real.map(({ goods: { id }, edits }) => ({
        id,
        edits,
        variants: ids.filter((_, at) => added[at]!.product === id),
      })),
    );
    return real.map(({ goods }) => goods.id);
  }

  private realEdit(edit: GoodsEdit): GoodsEdit {
    if (edit.fact === 'brandId' && edit.is !== null) return { ...edit, is: this.real(edit.is as number) };
    if (edit.fact === 'categoryIds' || edit.fact === 'collectionIds')
      return { ...edit, is: (edit.is as number[]).map(this.real).sort((a, b) => a - b) };
    return edit;
  }

  private async note(
    changes: readonly {
      id: number;
      edits: readonly GoodsEdit[];
      variants: readonly number[];
      mark?: string;
    }[],
  ): Promise<void> {
    await this.client.query(
      `INSERT INTO goods_import_change (import_id, product_id, edits, variants, mark)
       SELECT $1, r.id, r.edits, ARRAY(SELECT jsonb_array_elements_text(r.variants)::int), r.mark
       FROM jsonb_to_recordset($2) AS r (id int, edits jsonb, variants jsonb, mark text)`,
      [this.importId, JSON.stringify(changes)],
    );
  }

  /** Notes what new products are like by now, so that it is seen whether somebody changes them. */
  private async noteNew(ids: readonly number[]): Promise<void> {
    if (ids.length === 0) return;
    const goods = await readGoodsById(this.client, ids);
    await this.note(ids.map((id) => ({ id, edits: [], variants: [], mark: markOf(goods.get(id)!) })));
  }
}
