import { isGroup, type Part } from '../../core/assortment/rule.ts';
import type { ProductAssortment } from '../../core/assortment/products.ts';
import { namedIn, topUpTo, toppedUp, type Resolved } from '../../core/assortment/evaluate.ts';
import { withPins } from '../../core/assortment/pins.ts';
import type { Queryable } from '../db/pool.ts';
import { conditionOf } from './condition.ts';
import { orderSql, type OrderSql, type SortKey } from './orders/index.ts';
import { Statement, type SqlWorld } from './statement.ts';

function orderOf(assortment: ProductAssortment, statement: Statement, world: SqlWorld): OrderSql {
  const { order } = assortment;
  if (order.by === 'asNamed')
    return {
      keys: [
        {
          sql: `coalesce(array_position(${statement.ints(namedIn(assortment.rule))}, p.id), 2147483647)`,
        },
      ],
    };
  return (orderSql[order.by] as (typeof orderSql)['newest'])(order as never, statement, world);
}

/** What is left out of a list besides what its assortment says. */
export interface LeftOut {
  /** Products that are shown above; what was put in by hand stays. */
  without: readonly number[];
  /** A condition on product `p` for what remains of all, also of what was put in by hand. */
  remains?: ((statement: Statement) => string) | undefined;
  /** How many there are, where that is known already. */
  total?: number | undefined;
}

/** Whether a product is in, before the greatest number is looked at; the core's `isIn` is the reference. */
export function isInSql(
  { rule, byHand, soldOut }: ProductAssortment,
  statement: Statement,
  world: SqlWorld,
  { without, remains }: LeftOut,
): string {
  const byRule = [conditionOf(rule, statement, world)];
  if (without.length) byRule.push(`p.id <> ALL(${statement.ints(without)})`);
  let matches = byRule.map((one) => `(${one})`).join(' AND ');
  if (byHand.putIn.length) matches = `p.id = ANY(${statement.ints(byHand.putIn)}) OR (${matches})`;
  const all = [matches];
  if (byHand.leftOut.length) all.push(`p.id <> ALL(${statement.ints(byHand.leftOut)})`);
  if (soldOut === 'out') all.push('p.in_stock');
  if (remains) all.push(remains(statement));
  return all.map((one) => `(${one})`).join(' AND ');
}

interface Wanted {
  start: number;
  count: number;
}

const isKnown = (total: number | undefined): total is number => total !== undefined;

/** What a level of the statement answers; put together by `assemble`. */
interface LevelRow {
  /** How many match, before the greatest number. */
  total: number;
  /** Pinned ones that match. */
  pinned: number[];
  /** The others in order, from rank `restFrom(wanted, pins)` on. */
  rest: number[];
}

/** Rank of the first of the others that is asked for: pins may push it back by as many as there are. */
const restFrom = ({ start }: Wanted, { byHand }: ProductAssortment) =>
  Math.max(0, start - byHand.pins.length);

/** Where everything matches, or everything in stock, the store keeps the number. */
function keptTotal(
  { rule, byHand, soldOut }: ProductAssortment,
  { without, remains }: LeftOut,
): 'products' | 'in_stock' | null {
  const [only, ...more] = rule.parts;
  const stocked = only && !isGroup(only) && only.is === 'stock' && only.state === 'in';
  if (remains || without.length || byHand.putIn.length || byHand.leftOut.length || more.length) return null;
  if (!only) return soldOut === 'out' ? 'in_stock' : 'products';
  return stocked && rule.join !== 'none' ? 'in_stock' : null;
}

/** Parts that cost so much for each product that they are looked at once only; no index finds what they hold for. */
const isCostly = (part: Part): boolean =>
  isGroup(part)
    ? part.join !== 'all' || part.parts.some(isCostly)
    : part.is === 'sold' || part.is === 'related' || (part.is === 'field' && part.compare !== 'is');

/**
 * One level: an assortment's own list, as one JSON value.
 *
 * What matches is either gathered once, and counted and sorted from there; or counted and sorted each by itself,
 * so that an order with an index stops as soon as enough is found. The former where a look at a product is dear.
 * @param counted whether the total matters beyond what is wanted; where not, counting stops there
 */
function levelSql(
  assortment: ProductAssortment,
  wanted: Wanted,
  name: string,
  counted: boolean,
  statement: Statement,
  world: SqlWorld,
  left: LeftOut,
): { matching: string | null; row: string; total: string } {
  const { byHand, limit, soldOut } = assortment;
  const order = orderOf(assortment, statement, world);
  const keys = [...(soldOut === 'toTheEnd' ? [{ sql: 'p.in_stock', descending: true }] : []), ...order.keys];
  const pins = byHand.pins.map(({ id }) => id);
  // What was put in is told apart only where the greatest number may have to choose.
  const chooses = limit !== null && byHand.putIn.length > 0;
  const dear =
    chooses ||
    pins.length > 0 ||
    (order.join !== undefined && !(order.walk && soldOut !== 'toTheEnd')) ||
    assortment.rule.parts.some(isCostly) ||
    (assortment.rule.join !== 'all' && assortment.rule.parts.length > 0);
  const first = restFrom(wanted, assortment);
  const most = wanted.start + wanted.count;
  const page = `LIMIT ${statement.value(most - first)} OFFSET ${statement.value(first)}`;
  const where = isInSql(assortment, statement, world, left);
  const sortBy = (key: SortKey, sql: string) =>
    `${sql}${key.text ? ' COLLATE "C"' : ''}${key.descending ? ' DESC' : ''}`;
  if (!dear) {
    const sort = [...keys.map((key) => sortBy(key, key.sql)), 'p.id'].join(', ');
    const kept = keptTotal(assortment, left);
    const total = isKnown(left.total)
      ? `${statement.value(left.total)}::int`
      : kept
        ? `(SELECT ${kept} FROM store_figures)`
        : counted
          ? `(SELECT count(*) FROM product p WHERE ${where})`
          : `(SELECT count(*) FROM (SELECT FROM product p WHERE ${where} LIMIT ${statement.value(most + 1)}) enough)`;
    const walk = order.walk?.();
    const enough = walk && statement.value(most);
    const matching =
      walk &&
      `${name} AS MATERIALIZED (SELECT p.id, ${walk.key} AS k FROM ${walk.from} WHERE ${where}
        ORDER BY ${walk.sort} LIMIT ${enough})`;
    const rest = walk
      ? `ARRAY(SELECT id FROM (SELECT id, k FROM ${name} UNION ALL
          (SELECT p.id, 0 FROM product p WHERE (SELECT count(*) FROM ${name}) < ${enough} AND ${walk.others} AND ${where}
            ORDER BY p.id LIMIT ${enough})) walked ORDER BY k DESC, id ${page})`
      : `ARRAY(SELECT p.id FROM product p WHERE ${where} ORDER BY ${sort} ${page})`;
    return {
      matching: matching ?? null,
      total,
      row: `jsonb_build_object('total', ${total}, 'pinned', '[]'::jsonb, 'rest', to_jsonb(${rest}))`,
    };
  }
  const columns = [
    'p.id',
    ...keys.map((key, i) => `${key.sql}${key.text ? ' COLLATE "C"' : ''} AS k${i}`),
    ...(chooses ? [`p.id = ANY(${statement.ints(byHand.putIn)}) AS put`] : []),
  ];
  const matching = `${name} AS MATERIALIZED (SELECT ${columns.join(', ')} FROM product p ${order.join?.() ?? ''}
    WHERE ${where})`;
  const sort = [...keys.map((key, i) => `k${i}${key.descending ? ' DESC' : ''}`), 'id'].join(', ');
  const unpinned = pins.length ? `id <> ALL(${statement.ints(pins)})` : 'true';
  const pinned = pins.length
    ? `ARRAY(SELECT id FROM ${name} WHERE id = ANY(${statement.ints(pins)}))`
    : `'{}'::int[]`;
  let from = `${name} WHERE ${unpinned}`;
  if (chooses) {
    const room = `greatest(0, ${statement.value(limit)} - cardinality(${pinned}))`;
    from = `(
      (SELECT * FROM ${name} WHERE put AND ${unpinned} ORDER BY ${sort} LIMIT ${room})
      UNION ALL
      (SELECT * FROM ${name} WHERE NOT put AND ${unpinned} ORDER BY ${sort}
        LIMIT greatest(0, ${room} - (SELECT count(*) FROM ${name} WHERE put AND ${unpinned})))
    ) kept`;
  }
  const rest = `ARRAY(SELECT id FROM ${from} ORDER BY ${sort} ${page})`;
  const total = `(SELECT count(*) FROM ${name})`;
  return {
    matching,
    total,
    row: `jsonb_build_object('total', ${total}, 'pinned', to_jsonb(${pinned}), 'rest', to_jsonb(${rest}))`,
  };
}

const topsUp = ({ fallback }: ProductAssortment, next: ProductAssortment | undefined): boolean =>
  fallback?.then === 'topUp' && next !== undefined;

/** What is asked of a level so that it can be topped up, or top up the one before. */
function wantedOf(levels: readonly ProductAssortment[], { start, count }: Wanted): Wanted[] {
  const wanted: Wanted[] = [];
  let now: Wanted = { start, count };
  levels.forEach((level, i) => {
    // One that may be topped up is needed from its beginning, so that nothing is repeated.
    if (topsUp(level, levels[i + 1]))
      now = { start: 0, count: Math.max(now.start + now.count, level.fallback!.fewerThan) };
    wanted.push(now);
    const most = 2 * (level.fallback?.fewerThan ?? 0) + level.byHand.leftOut.length;
    now = { start: 0, count: most };
  });
  return wanted;
}

/**
 * One statement for an assortment with all that may top it up. A level that tops up is reckoned only where the
 * one before has too few.
 */
export function resolutionStatement(
  assortment: ProductAssortment,
  fallbacks: readonly ProductAssortment[],
  world: SqlWorld,
  { start, count, ...left }: Wanted & LeftOut,
): { text: string; values: unknown[]; levels: { assortment: ProductAssortment; wanted: Wanted }[] } {
  const statement = new Statement();
  const chain = [assortment, ...fallbacks];
  const end = chain.findIndex((level, i) => !topsUp(level, chain[i + 1]));
  const used = chain.slice(0, end + 1);
  const wanted = wantedOf(used, { start, count });
  const parts = used.map((level, i) => levelSql(level, wanted[i]!, `m${i}`, i === 0, statement, world, left));
  const rows = parts.map(({ row }, i) => {
    const needed = used
      .slice(0, i)
      .map(
        (level, j) =>
          `${parts[j]!.total} < ${statement.value(Math.min(level.fallback!.fewerThan, level.limit ?? Infinity))}`,
      );
    return `${needed.length ? `CASE WHEN ${needed.join(' AND ')} THEN ${row} END` : row} AS level${i}`;
  });
  const gathered = parts.flatMap(({ matching }) => matching ?? []);
  return {
    text: `${gathered.length ? `WITH ${gathered.join(',\n')}\n` : ''}SELECT ${rows.join(',\n')}`,
    values: statement.values,
    levels: used.map((level, i) => ({ assortment: level, wanted: wanted[i]! })),
  };
}

/** A level's own list, from its first wanted item on. */
function ownOf(
  assortment: ProductAssortment,
  wanted: Wanted,
  row: LevelRow,
): { total: number; ids: number[] } {
  const total = Math.min(row.total, assortment.limit ?? Infinity);
  const there = new Set(row.pinned);
  const ids = withPins(
    assortment.byHand.pins.filter(({ id }) => there.has(id)),
    total,
    { rest: row.rest, restFrom: restFrom(wanted, assortment) },
    { start: wanted.start, end: wanted.start + wanted.count },
  );
  return { total, ids };
}

export interface IdPage extends Resolved {
  /** How many there are in all, topped up. */
  total: number;
}

/** Puts the levels together; the core's `resolveProducts` is the reference. */
function assemble(
  levels: readonly { assortment: ProductAssortment; wanted: Wanted }[],
  rows: readonly (LevelRow | null)[],
): { total: number; own: number; ids: number[]; start: number } {
  const { assortment, wanted } = levels[0]!;
  const { total, ids } = ownOf(assortment, wanted, rows[0]!);
  const { fallback, limit, byHand } = assortment;
  if (levels.length === 1 || !fallback || total >= fallback.fewerThan || !rows[1])
    return { total, own: total, ids, start: wanted.start };
  const others = assemble(levels.slice(1), rows.slice(1)).ids;
  const all = toppedUp(ids, others, topUpTo(fallback.fewerThan, limit), byHand.leftOut);
  return { total: all.length, own: total, ids: all, start: 0 };
}

/** Ids of an assortment of products, in order, from `start`, with the total. */
export async function readProductIds(
  db: Queryable,
  assortment: ProductAssortment,
  fallbacks: readonly ProductAssortment[],
  world: SqlWorld,
  span: Wanted & LeftOut,
): Promise<IdPage> {
  const { text, values, levels } = resolutionStatement(assortment, fallbacks, world, span);
  const { rows } = await db.query<Record<string, LevelRow | null>>(text, values);
  const found = assemble(
    levels,
    levels.map((_, i) => rows[0]![`level${i}`] ?? null),
  );
  const skip = span.start - found.start;
  return { total: found.total, own: found.own, ids: found.ids.slice(skip, skip + span.count) };
}
