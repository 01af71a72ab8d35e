import type { Order } from '../../../core/assortment/orders/index.ts';
import { ADDED_RATINGS } from '../../../core/assortment/orders/rating.ts';
import { shuffleSeed } from '../../../core/assortment/orders/shuffled.ts';
import { relatednessSql } from '../relatedness.ts';
import { hasWindow, type SqlWorld, type Statement } from '../statement.ts';

/** One key of an order, the first counting most; the id is added by the caller. */
export interface SortKey {
  sql: string;
  descending?: boolean;
  /** Texts sort by code unit. */
  text?: boolean;
}
export interface OrderSql {
  /** Joins that the keys need; product is `p`. Asked for only where it is used, so that its values are. */
  join?: () => string;
  keys: SortKey[];
  /**
   * Where the order can be walked along an index of another table: that table as `daily`, in its own order, and
   * then the products that it does not have, by id.
   */
  walk?: () => { from: string; sort: string; key: string; others: string };
}
type OrderToSql<O extends Order> = (order: O, statement: Statement, world: SqlWorld) => OrderSql;

const plain =
  (...keys: SortKey[]): OrderToSql<Order> =>
  () => ({ keys });

/** Stands for "none": after every value that there is. */
const last = (sql: string, none: string) => `coalesce(${sql}, ${none})`;

/** By a text, what has none last either way. */
const byText =
  (sql: string, descending = false, join?: string): OrderToSql<Order> =>
  () => ({
    ...(join !== undefined && { join: () => join }),
    keys: [
      { sql: `CASE WHEN coalesce(${sql}, '') = '' THEN 1 ELSE 0 END` },
      { sql: `coalesce(${sql}, '')`, text: true, descending },
    ],
  });

/** Each name is folded once, however many products have it. */
const BRAND_NAMES =
  'LEFT JOIN (SELECT id, search_fold(name) AS key FROM brand OFFSET 0) brand_name ON brand_name.id = p.brand_id';

/** What is not counted is there in any number. */
const IN_STOCK = 'CASE WHEN p.in_stock THEN coalesce(p.stock, 2147483647) ELSE 0 END';

function byDaily(
  table: string,
  column: string,
  days: number,
  statement: Statement,
  { today }: SqlWorld,
): OrderSql {
  return {
    join: () => `LEFT JOIN (SELECT product_id, sum(${column}) AS total FROM ${table}
             WHERE day > ${statement.value(today - days)} AND day <= ${statement.value(today)}
             GROUP BY product_id) daily ON daily.product_id = p.id`,
    keys: [{ sql: 'coalesce(daily.total, 0)', descending: true }],
  };
}

/** Each kind of order as keys; `asNamed` is made by the statement, which knows the rule. */
export const orderSql: { [K in Exclude<Order['by'], 'asNamed'>]: OrderToSql<Extract<Order, { by: K }>> } = {
  newest: plain({ sql: 'p.on_sale_from', descending: true }),
  oldest: plain({ sql: 'p.on_sale_from' }),
  title: plain({ sql: 'p.title_key', text: true }),
  titleDown: plain({ sql: 'p.title_key', text: true, descending: true }),
  codeUp: byText('p.code'),
  codeDown: byText('p.code', true),
  brandUp: byText('brand_name.key', false, BRAND_NAMES),
  brandDown: byText('brand_name.key', true, BRAND_NAMES),
  stockUp: plain({ sql: IN_STOCK }),
  stockDown: plain({ sql: IN_STOCK, descending: true }),
  field: ({ field, down }, statement) => {
    const value = `p.fields -> ${statement.value(field)}`;
    const is = (type: string) => `jsonb_typeof(${value}) = '${type}'`;
    const text = `p.fields ->> ${statement.value(field)}`;
    return {
      keys: [
        {
          sql: `CASE WHEN ${is('number')} THEN 0 WHEN ${is('string')} THEN 1 WHEN ${is('boolean')} THEN 2 ELSE 3 END`,
        },
        {
          sql: `CASE WHEN ${is('number')} THEN (${text})::numeric WHEN ${is('boolean')} THEN (${text})::boolean::int ELSE 0 END`,
          descending: down,
        },
        { sql: `CASE WHEN ${is('string')} THEN ${text} ELSE '' END`, text: true, descending: down },
      ],
    };
  },
  priceUp: plain({ sql: 'p.paid' }),
  priceDown: plain({ sql: 'p.paid', descending: true }),
  reduction: plain({
    sql: 'coalesce((10000 * (p.price::bigint - p.reduced)) / nullif(p.price, 0), 0)',
    descending: true,
  }),
  position: plain({ sql: last('p.position', '2147483647') }, { sql: 'p.title_key', text: true }),
  lastSold: plain({ sql: last('p.last_sold_at', "'-infinity'::timestamptz"), descending: true }),
  rating: (_, statement, { meanRating }) => {
    const over = `(2 * (${statement.value(ADDED_RATINGS * meanRating)}::bigint + 1000000::bigint * p.rating_sum) + (${ADDED_RATINGS} + p.rating_count))`;
    return { keys: [{ sql: `${over} / (2 * (${ADDED_RATINGS} + p.rating_count))`, descending: true }] };
  },
  bestSold: ({ days }, statement, world) =>
    hasWindow(days, world)
      ? {
          join: () =>
            `LEFT JOIN sold_window daily ON daily.days = ${statement.value(days)} AND daily.product_id = p.id`,
          keys: [{ sql: 'coalesce(daily.units, 0)', descending: true }],
          walk: () => ({
            from: `sold_window daily JOIN product p ON p.id = daily.product_id AND daily.days = ${statement.value(days)}`,
            sort: 'daily.units DESC, daily.product_id',
            key: 'daily.units',
            others: `NOT EXISTS (SELECT FROM sold_window w WHERE w.days = ${statement.value(days)} AND w.product_id = p.id)`,
          }),
        }
      : byDaily('sold_daily', 'units', days, statement, world),
  viewed: ({ days }, statement, world) => byDaily('viewed_daily', 'views', days, statement, world),
  lookedAt: (_, statement, { lookedAt }) => ({
    keys: [{ sql: last(`array_position(${statement.ints(lookedAt)}, p.id)`, '2147483647') }],
  }),
  saved: (_, statement, { around }) => ({
    keys: [
      {
        sql: last(
          `array_position(${statement.ints(around?.of === 'saved' ? around.ids : [])}, p.id)`,
          '2147483647',
        ),
      },
    ],
  }),
  bestMatch: (_, statement, { around }) => ({
    join: () =>
      `LEFT JOIN unnest(${statement.ints(around?.of === 'search' ? around.ids : [])}) WITH ORDINALITY AS found (id, place) ON found.id = p.id`,
    keys: [{ sql: last('found.place', '9223372036854775807') }],
  }),
  related: (_, statement, world) => ({ keys: [{ sql: relatednessSql(statement, world), descending: true }] }),
  shuffled: (order, statement, world) => ({
    keys: [{ sql: `md5(${statement.value(shuffleSeed(order, world))} || p.id)`, text: true }],
  }),
};
