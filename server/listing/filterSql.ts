import type { Choice, Span } from '../../core/listing/choice.ts';
import type { FilterKey } from '../../core/listing/filterKind.ts';
import { filterKind, type Filter } from '../../core/listing/filters/index.ts';
import type { Listing } from '../../core/listing/listing.ts';
import { clauseSql } from '../assortments/clauses/index.ts';
import type { SqlWorld, Statement } from '../assortments/statement.ts';

type FilterSql<F extends Filter> = (
  filter: F,
  chosen: { keys: readonly FilterKey[]; span: Span },
  statement: Statement,
) => string;

const ints = (keys: readonly FilterKey[], statement: Statement) => statement.ints(keys as readonly number[]);

const between = (sql: string, { least, most }: Span, statement: Statement) =>
  [
    least === null ? [] : `${sql} >= ${statement.value(least)}::float8`,
    most === null ? [] : `${sql} <= ${statement.value(most)}::float8`,
  ]
    .flat()
    .join(' AND ') || 'true';

/**
 * Each kind of filter as a condition on product `p`, or on its variant `v`; the core's kinds under the same ids are the
 * reference.
 */
const filterSql: { [B in Filter['by']]: FilterSql<Extract<Filter, { by: B }>> } = {
  category: (_, { keys }, statement) => `p.category_path && ${ints(keys, statement)}`,
  price: (_, { span }, statement) => between('coalesce(v.reduced, v.price)', span, statement),
  option: (_, { keys }, statement) =>
    `v.id IN (SELECT variant_id FROM variant_value WHERE option_value_id = ANY(${ints(keys, statement)}))`,
  stock: () => '(v.stock IS NULL OR v.stock > 0)',
  rating: (_, { keys }, statement) =>
    `p.rating_count > 0 AND p.rating_sum >= ${statement.value(Math.min(...(keys as readonly number[])))} * p.rating_count`,
  brand: (_, { keys }, statement) => `p.brand_id IS NOT NULL AND p.brand_id = ANY(${ints(keys, statement)})`,
  tag: (_, { keys }, statement) => `p.tags && ${statement.value(keys)}::text[]`,
  reduced: () => 'p.reduced IS NOT NULL',
  field: ({ field }, { keys }, statement) =>
    keys
      .map((key) => `p.fields @> ${statement.value(JSON.stringify({ [field]: key }))}::jsonb`)
      .join(' OR ') || 'false',
  measure: ({ field }, { span: { least, most } }, statement) => {
    // A path looks no further where the value is no number, and says so rather than nothing.
    const edges = [least === null ? [] : '@ >= $least', most === null ? [] : '@ <= $most'].flat();
    const path = `$.${JSON.stringify(field)} ? (${['@.type() == "number"', ...edges].join(' && ')})`;
    return `jsonb_path_exists(p.fields, ${statement.value(path)}::jsonpath, ${statement.value(JSON.stringify({ least, most }))}::jsonb)`;
  },
};

const conditionOf = (choice: Choice, statement: Statement): string =>
  (filterSql[choice.filter.by] as FilterSql<Filter>)(
    choice.filter,
    {
      keys: 'keys' in choice ? choice.keys : [],
      span: 'span' in choice ? choice.span : { least: null, most: null },
    },
    statement,
  );

/** What is wide enough to hold all that a condition on variants does, as an index of products finds it. */
function wide(choice: Choice, statement: Statement): string[] {
  if ('keys' in choice && choice.filter.by === 'option')
    return [`p.option_values && ${ints(choice.keys, statement)}`];
  return choice.filter.by === 'stock' ? ['p.in_stock'] : [];
}

/** Whether a product remains of a listing, as a condition on product `p`; the core's `remains` is the reference. */
export function remainsSql(
  { choices, words }: Pick<Listing, 'choices' | 'words'>,
  statement: Statement,
  world: SqlWorld,
): string {
  const ofVariant = choices.filter(({ filter }) => filterKind(filter.by).ofVariant);
  const conditions = choices
    .filter(({ filter }) => !filterKind(filter.by).ofVariant)
    .map((choice) => conditionOf(choice, statement));
  if (words) conditions.push(clauseSql.words({ is: 'words', words }, statement, world, () => 'true'));
  if (ofVariant.length > 0) {
    conditions.push(...ofVariant.flatMap((choice) => wide(choice, statement)));
    const inOne = ofVariant.map((choice) => `(${conditionOf(choice, statement)})`).join(' AND ');
    conditions.push(`EXISTS (SELECT FROM variant v WHERE v.product_id = p.id AND ${inOne})`);
  }
  return conditions.map((one) => `(${one})`).join(' AND ') || 'true';
}
