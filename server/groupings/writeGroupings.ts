import type { NewGrouping } from '../../core/api/groupings.ts';
import type { Conflict } from '../../core/facts/factEdit.ts';
import { GROUPINGS, type Grouping, type GroupingOf } from '../../core/groupings/grouping.ts';
import {
  groupingEdited,
  groupingFault,
  groupingValue,
  newFault,
  type GroupingEdit,
} from '../../core/groupings/groupingEdit.ts';
import { groupingKinds, whyItStays } from '../../core/groupings/groupingFacts.ts';
import { besides, placeOf } from '../../core/groupings/places.ts';
import { same } from '../../core/settings/same.ts';
import { inTransaction, type Pool, type Queryable } from '../db/pool.ts';
import { Fault } from '../faults.ts';
import { SLUG_LOCK } from '../goods/addGoods.ts';
import { refuse } from '../goods/refuse.ts';
import { inBulk, inLots } from '../goods/inBulk.ts';
import { arePictures } from '../pictures/pictureRows.ts';
import { asKept, readGroupings } from './groupingRows.ts';
import { KEPT, productsFoundBy } from './kept.ts';

/** One after the other, also with what an import makes, so that no two ever take the same name, address or place. */
export const inTurn = <T>(pool: Pool, work: (client: Queryable) => Promise<T>): Promise<T> =>
  inTransaction(pool, async (client) => {
    await client.query('SELECT pg_advisory_xact_lock($1)', [SLUG_LOCK]);
    return work(client);
  });

/** All or nothing: what is not any more what an edit goes by is told of, and then nothing is written. */
export const writeGroupings = (
  pool: Pool,
  edits: readonly GroupingEdit[],
): Promise<Conflict<GroupingEdit>[]> =>
  inTurn(pool, async (client) => {
    const conflicts: Conflict<GroupingEdit>[] = [];
    const changed: [GroupingOf, Grouping[], Grouping[]][] = [];
    for (const of of GROUPINGS) {
      const own = edits.filter((edit) => edit.of === of);
      if (own.length === 0) continue;
      const before = await readGroupings(client, of, { counted: false });
      let after = before;
      for (const edit of own) {
        const now = groupingValue(after, edit);
        const fault = groupingFault(after, edit);
        if (now === undefined) conflicts.push({ edit, now: null, gone: true });
        else if (!same(now, edit.was)) conflicts.push({ edit, now, gone: false });
        else if (fault !== null) refuse(fault);
        else if (
          edit.fact === 'pictureId' &&
          edit.is !== null &&
          !(await arePictures(client, [edit.is as string]))
        )
          throw new Fault('picture-gone');
        else after = groupingEdited(after, edit);
      }
      changed.push([of, before, after]);
    }
    if (conflicts.length === 0)
      for (const [of, before, after] of changed)
        await inBulk(client, () => writeChanged(client, of, before, after));
    return conflicts;
  });

/** What of one products are found by, or are in. */
const FOUND_BY: readonly (keyof Grouping)[] = ['name', 'parentId', 'unit'];

/** Writes what differs; tells of the products that are found otherwise then. */
async function writeChanged(
  db: Queryable,
  of: GroupingOf,
  before: readonly Grouping[],
  after: readonly Grouping[],
): Promise<number[]> {
  const { table, id: key, columns, renamed } = KEPT[of];
  const was = new Map(before.map((one) => [one.id, one]));
  const called: Grouping[] = [];
  for (const one of after) {
    const old = was.get(one.id)!;
    const facts = (Object.keys(columns) as (keyof Grouping)[]).filter((fact) => !same(one[fact], old[fact]));
    if (facts.length === 0) continue;
    if (facts.some((fact) => FOUND_BY.includes(fact))) called.push(one);
    // Only what is another: a column that is written is told of as changed.
    await db.query(
      `UPDATE ${table} SET ${facts.map((fact, i) => `${columns[fact]!} = $${i + 2}`).join(', ')} WHERE ${key} = $1`,
      [one.id, ...facts.map((fact) => asKept(fact, one))],
    );
  }
  const products = await productsFoundBy(db, of, called);
  if (renamed) await inLots(products, (lot) => renamed(db, lot));
  return products;
}

/** A new one, the last of those beside it. Returns its id. */
export const addGrouping = (pool: Pool, given: NewGrouping): Promise<number> =>
  inTurn(pool, (client) => addGroupingRow(client, given));

/** The same, within a transaction that has its turn. */
export async function addGroupingRow(
  client: Queryable,
  { of, name, parent, type }: NewGrouping,
): Promise<number> {
  const all = await readGroupings(client, of, { counted: false });
  refuse(newFault(of, all, { name, parent, type }));
  const { under } = groupingKinds[of];
  if (under && !(await readGroupings(client, under, { counted: false })).some((one) => one.id === parent))
    refuse(`The ${under} that it was to be one of is gone.`);
  const { table, id, columns, slug } = KEPT[of];
  const taken = new Set(all.map((one) => one.slug));
  const facts: Partial<Grouping> = {
    slug: slug?.(name, (wanted) => taken.has(wanted)) ?? '',
    name,
    position: Math.max(-1, ...besides(all, parent).map(({ position }) => position)) + 1,
    parentId: parent,
    type,
  };
  const kept = (Object.keys(facts) as (keyof Grouping)[]).filter((fact) => columns[fact]);
  const { rows } = await client.query<{ id: number }>(
    `INSERT INTO ${table} (${kept.map((fact) => columns[fact]).join(', ')})
       VALUES (${kept.map((_, i) => `$${i + 1}`).join(', ')}) RETURNING ${id} AS id`,
    kept.map((fact) => facts[fact]),
  );
  return rows[0]!.id;
}

/** Takes one out of the catalogue: products go on without it, and what is below it moves up to where it stood. */
export const removeGrouping = (pool: Pool, of: GroupingOf, id: number): Promise<boolean> =>
  inTurn(pool, (client) => takeOut(client, of, id));

/** The same, within a transaction that has its turn. */
export async function takeOut(client: Queryable, of: GroupingOf, id: number): Promise<boolean> {
  const { staysWithProducts: counted = false, tree } = groupingKinds[of];
  const before = await readGroupings(client, of, { counted });
  const gone = before.find((one) => one.id === id);
  if (!gone) return false;
  refuse(whyItStays(of, gone));
  const is = placeOf(before, id);
  let after = before.filter((one) => one !== gone);
  for (const { id: child } of tree ? besides(before, id) : []) {
    const edit = { of, id: child, fact: 'place', was: placeOf(before, child), is };
    refuse(groupingFault(after, edit));
    after = groupingEdited(after, edit);
  }
  await inBulk(client, async () => {
    const { table, id: key, leave } = KEPT[of];
    const products = await productsFoundBy(client, of, [gone]);
    const others = await writeChanged(client, of, before, after);
    if (leave) await inLots(products, (lot) => leave(client, gone, lot));
    await client.query(`DELETE FROM ${table} WHERE ${key} = $1`, [id]);
    return [...new Set([...products, ...others])];
  });
  return true;
}
