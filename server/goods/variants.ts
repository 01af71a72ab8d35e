import { fold } from '../../core/catalogue/fold.ts';
import { optionFault, variantFault, type ChoiceIn } from '../../core/goods/variants.ts';
import { inTransaction, type Pool, type Queryable } from '../db/pool.ts';
import { SLUG_LOCK } from './addGoods.ts';
import { BY_OPTION, WITH_OPTION } from './choiceRows.ts';
import { addOptionRow, addValueRow } from './optionRows.ts';
import { refuse } from './refuse.ts';

interface Variant {
  id: number;
  price: number;
  choice: ChoiceIn[];
}

/** The variants of a product, held until the transaction ends; also what is named, so that no name is made twice. */
async function held(db: Queryable, product: number): Promise<Variant[]> {
  await db.query('SELECT pg_advisory_xact_lock($1)', [SLUG_LOCK]);
  await db.query('SELECT FROM product WHERE id = $1 FOR UPDATE', [product]);
  const { rows } = await db.query<Variant>(
    `SELECT v.id, v.price, coalesce((SELECT jsonb_agg(jsonb_build_object('option', o.name, 'value', ov.name) ORDER BY ${BY_OPTION})
       FROM variant_value vv ${WITH_OPTION}
       WHERE vv.variant_id = v.id), '[]') AS choice
     FROM variant v WHERE v.product_id = $1 ORDER BY v.position, v.id`,
    [product],
  );
  if (rows.length === 0) refuse('This product is not there any more.');
  return rows;
}

const optionsOf = (variants: readonly Variant[]): { name: string }[] =>
  [...new Set(variants.flatMap(({ choice }) => choice.map(({ option }) => option)))].map((name) => ({
    name,
  }));

/** The id of an option or of a value that is called so, whatever its case; of a new one where there is none. */
async function named(db: Queryable, name: string, optionId: number | null): Promise<number> {
  const { rows } =
    optionId === null
      ? await db.query<{ id: number; name: string }>('SELECT id, name FROM option ORDER BY id')
      : await db.query<{ id: number; name: string }>(
          'SELECT id, name FROM option_value WHERE option_id = $1 ORDER BY id',
          [optionId],
        );
  const known = rows.find((one) => fold(one.name) === fold(name));
  if (known) return known.id;
  const said = name.trim();
  return optionId === null ? addOptionRow(db, said) : addValueRow(db, optionId, said);
}

const valueOf = async (db: Queryable, { option, value }: ChoiceIn): Promise<number> =>
  named(db, value, await named(db, option, null));

/** Gives a product an option, in which each of its variants is the same at first. */
export const addOption = (pool: Pool, product: number, choice: ChoiceIn): Promise<void> =>
  inTransaction(pool, async (client) => {
    const variants = await held(client, product);
    refuse(optionFault(optionsOf(variants), choice.option));
    await client.query(
      'INSERT INTO variant_value (variant_id, option_value_id) SELECT id, $2 FROM variant WHERE product_id = $1',
      [product, await valueOf(client, choice)],
    );
    await client.query(`UPDATE product SET kind = 'variants' WHERE id = $1 AND kind = 'single'`, [product]);
  });

/** A variant more, last of all. Returns its id. */
export const addVariant = (pool: Pool, product: number, choice: readonly ChoiceIn[]): Promise<number> =>
  inTransaction(pool, async (client) => {
    const variants = await held(client, product);
    refuse(
      variantFault(
        optionsOf(variants),
        variants.map((one) => one.choice),
        choice,
      ),
    );
    const values: number[] = [];
    for (const one of choice) values.push(await valueOf(client, one));
    const { rows } = await client.query<{ id: number }>(
      `INSERT INTO variant (product_id, position, price, stock)
       VALUES ($1, (SELECT max(position) + 1 FROM variant WHERE product_id = $1), $2, 0) RETURNING id`,
      [product, variants[0]!.price],
    );
    const { id } = rows[0]!;
    await client.query(
      'INSERT INTO variant_value (variant_id, option_value_id) SELECT $1, value FROM unnest($2::int[]) value',
      [id, values],
    );
    return id;
  });

/** Takes a variant off; a product keeps one at least. */
export const removeVariant = (pool: Pool, product: number, id: number): Promise<boolean> =>
  inTransaction(pool, async (client) => {
    const variants = await held(client, product);
    if (!variants.some((one) => one.id === id)) return false;
    if (variants.length === 1)
      refuse('A product keeps one variant at least. Remove the product, or set its stock to 0.');
    await client.query('DELETE FROM variant WHERE id = $1', [id]);
    return true;
  });
