import type { Clause } from '../../core/assortment/clauses/index.ts';
import type { ProductAssortment } from '../../core/assortment/products.ts';
import { isGroup } from '../../core/assortment/rule.ts';
import type { Choice } from '../../core/listing/choice.ts';
import type { FilterKey } from '../../core/listing/filterKind.ts';
import type { Filter } from '../../core/listing/filters/index.ts';
import { amongIds, type Among, type ListingIndex } from '../../core/listing/listingIndex.ts';
import { amongWhere, passesOf } from '../../core/listing/passes.ts';
import { clauseSql } from '../assortments/clauses/index.ts';
import { isInSql } from '../assortments/productIds.ts';
import { Statement, type SqlWorld } from '../assortments/statement.ts';
import type { Queryable } from '../db/pool.ts';

const chosen = (filter: Filter, keys: readonly FilterKey[]): Choice => ({ filter, keys });

/** What holds for the same products as a clause, chosen of a filter; a kind that is not listed is asked of the database. */
const asChoice: {
  [K in Clause['is']]?: (clause: Extract<Clause, { is: K }>, world: SqlWorld) => Choice | null;
} = {
  category: ({ below, ids }) => (below ? chosen({ by: 'category' }, ids) : null),
  brand: ({ ids }) => chosen({ by: 'brand' }, ids),
  tag: ({ tags }) => chosen({ by: 'tag' }, tags),
  reduced: ({ percent }) => (percent === 0 ? chosen({ by: 'reduced' }, [true]) : null),
  around: (_, { around }) => (around?.of === 'category' ? chosen({ by: 'category' }, [around.id]) : null),
};

/** The rule of a list as what is chosen of filters, all of which have to hold; null where it says more than that. */
function asChoices({ rule, byHand }: ProductAssortment, world: SqlWorld): Choice[] | null {
  const isSimple = rule.parts.length === 0 || rule.join === 'all';
  if (!isSimple || byHand.putIn.length > 0 || byHand.leftOut.length > 0) return null;
  const choices = rule.parts.map((part) =>
    isGroup(part)
      ? null
      : ((asChoice[part.is] as (typeof asChoice)['brand'])?.(part as never, world) ?? null),
  );
  return choices.every((one) => one !== null) ? choices : null;
}

const isStocked = (index: ListingIndex, id: number): boolean =>
  index.stocked()[index.placeOf(id) ?? -1] === 1;

/** Ids of what a search found, the best match first, where a list has nothing else; null where it may. */
export function foundIds(
  { rule, byHand }: ProductAssortment,
  { around }: SqlWorld,
): readonly number[] | null {
  const [only, ...more] = rule.parts;
  const isJust = only && !isGroup(only) && only.is === 'around' && more.length === 0 && rule.join !== 'none';
  return isJust && byHand.putIn.length === 0 && around?.of === 'search' ? around.ids : null;
}

/**
 * The products that a list has before anything is chosen of it, with what is searched within it; null for everything.
 * What the index knows is asked of it, all else of the database.
 */
export async function amongOf(
  db: Queryable,
  list: ProductAssortment,
  { without, words }: { without: readonly number[]; words: string },
  index: ListingIndex,
  world: SqlWorld,
): Promise<Among | null> {
  const isWhole = without.length === 0 && words === '';
  const inStockOnly = list.soldOut === 'out';
  const found = isWhole && list.byHand.leftOut.length === 0 ? foundIds(list, world) : null;
  if (found) return amongIds(index, inStockOnly ? found.filter((id) => isStocked(index, id)) : found);
  const choices = isWhole ? asChoices(list, world) : null;
  if (choices) {
    if (choices.length === 0 && !inStockOnly) return null;
    return amongWhere(
      index,
      choices.map((choice) => passesOf(index, choice)),
      inStockOnly,
    );
  }
  const statement = new Statement();
  const remains = words
    ? (of: Statement) => clauseSql.words({ is: 'words', words }, of, world, () => 'true')
    : undefined;
  const where = isInSql(list, statement, world, { without, remains });
  const { rows } = await db.query<{ ids: number[] }>(
    `SELECT ARRAY(SELECT p.id FROM product p WHERE ${where}) AS ids`,
    statement.values,
  );
  return amongIds(index, rows[0]!.ids);
}
