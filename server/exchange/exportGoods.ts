import { stringify } from 'csv-stringify/sync';
import { guarded } from '../../core/exchange/cells.ts';
import type { FileFormat } from '../../core/exchange/dialect.ts';
import { exampleGoods } from '../../core/samples/exampleGoods.ts';
import { goodsExport, type ExportedGoods } from '../../core/exchange/goodsExport.ts';
import { categoryTree } from '../../core/catalogue/categoryTree.ts';
import { tagNames } from '../../core/sentence/tagNames.ts';
import { readCategories } from '../catalogue/categoryRows.ts';
import type { Queryable } from '../db/pool.ts';
import { readGoodsById } from '../goods/goodsRows.ts';
import { Lookup, type Named } from '../../core/exchange/lookup.ts';
import { readNamed, readOwn } from './importRows.ts';

/** Products that are read at once. */
const BATCH = 500;

/** Rows of a table as a spreadsheet takes them: no cell of it is a formula. */
export const tableText = (rows: readonly (readonly string[])[]): string =>
  stringify(
    rows.map((row) => row.map(guarded)),
    { record_delimiter: 'windows' },
  );

/** What tells a spreadsheet that the file is UTF-8. */
export const UTF8_MARK = '\uFEFF';

/** A table of samples in the columns that this store has, as an import reads it. */
export async function* exampleTable(db: Queryable, currency: string): AsyncGenerator<string> {
  const { names, rows } = goodsExport(await readOwn(db), currency);
  yield UTF8_MARK + tableText([names, ...exampleGoods.flatMap(rows)]);
}

/** All products as a table or as lines of JSON, some hundreds of them at a time. */
export async function* exportedGoods(
  db: Queryable,
  currency: string,
  format: FileFormat,
): AsyncGenerator<string> {
  const [own, { brands, collections, pictures, tags }, categories] = await Promise.all([
    readOwn(db),
    readNamed(db, { pictures: true }),
    readCategories(db),
  ]);
  const picture = pictureWords(pictures);
  const collectionNames = new Map(collections.map(({ id, name }) => [id, name]));
  const tree = categoryTree(categories);
  const names = new Map(brands.map(({ id, name }) => [id, name]));
  const { names: columns, rows: rowsOf, product } = goodsExport(own, currency);
  const written = {
    csv: (all: readonly ExportedGoods[]) => tableText(all.flatMap(rowsOf)),
    jsonl: (all: readonly ExportedGoods[]) => all.map((one) => `${JSON.stringify(product(one))}\n`).join(''),
  }[format];
  if (format === 'csv') yield UTF8_MARK + tableText([columns]);
  for (let after = 0; ;) {
    const { rows } = await db.query<{ id: number }>(
      `SELECT id FROM product WHERE id > $1 ORDER BY id LIMIT ${BATCH}`,
      [after],
    );
    if (rows.length === 0) return;
    const ids = rows.map(({ id }) => id);
    after = ids.at(-1)!;
    const [goods, choices] = [await readGoodsById(db, ids), await readChoices(db, ids)];
    yield written(
      ids.flatMap((id): ExportedGoods[] => {
        const one = goods.get(id);
        if (!one) return [];
        const exported: ExportedGoods = {
          goods: one,
          brand: names.get(one.brandId ?? NaN) ?? '',
          categories: one.categoryIds.map((category) =>
            [...tree.ancestors(category), tree.byId(category)!].map(({ name }) => name),
          ),
          collections: one.collectionIds.flatMap((collection) => collectionNames.get(collection) ?? []),
          tags: tagNames(one.tags, { tag: (tag) => tags.get(tag) }),
          pictures: one.pictureIds.map(picture),
          choices: one.variants.map((variant) => choices.get(variant.id) ?? {}),
        };
        return [exported];
      }),
    );
  }
}

/** What a picture is found by again: its name where it is the only one of that, else its id. */
function pictureWords(all: Named['pictures']): (id: string) => string {
  const byId = new Map(all.map(({ id, name }) => [id, name]));
  const lookup = new Lookup({
    brands: [],
    categories: [],
    collections: [],
    options: [],
    tags: new Map(),
    pictures: all,
  });
  return (id) => {
    const name = byId.get(id)!;
    return lookup.picture(name) === id ? name : id;
  };
}

/** By variant, its value of each option that it has. */
async function readChoices(
  db: Queryable,
  ids: readonly number[],
): Promise<Map<number, Record<string, string>>> {
  const { rows } = await db.query<{ id: number; choice: Record<string, string> }>(
    `SELECT vv.variant_id AS id, jsonb_object_agg(o.name, ov.name) AS choice FROM variant v
     JOIN variant_value vv ON vv.variant_id = v.id JOIN option_value ov ON ov.id = vv.option_value_id
     JOIN option o ON o.id = ov.option_id WHERE v.product_id = ANY($1) GROUP BY 1`,
    [ids],
  );
  return new Map(rows.map(({ id, choice }) => [id, choice]));
}
