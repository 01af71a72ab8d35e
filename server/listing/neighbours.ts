import type { ProductDetail } from '../../core/catalogue/facts.ts';
import type { Neighbour, Neighbours } from '../../core/catalogue/neighbours.ts';
import { passesOf } from '../../core/listing/passes.ts';
import type { SqlWorld } from '../assortments/statement.ts';
import type { Queryable } from '../db/pool.ts';
import type { Listings } from './listings.ts';

/** What stands before and after a product in its main category and below that, in the owner's order; null where it is in none. */
export async function neighboursOf(
  db: Queryable,
  { id, trail }: Pick<ProductDetail, 'id' | 'trail'>,
  kept: Listings,
  world: SqlWorld,
): Promise<Neighbours | null> {
  const category = world.tree.bySlug(trail.at(-1)?.slug ?? '');
  if (!category) return null;
  const index = await kept.index();
  const inOrder = await kept.inOrder({ by: 'position' }, index, world);
  const isIn = passesOf(index, { filter: { by: 'category' }, keys: [category.id] });
  const ids = index.ids();
  let [before, after, place, of] = [0, 0, 0, 0];
  for (const at of inOrder ?? [])
    if (isIn(at, 0)) {
      of += 1;
      const one = ids[at]!;
      if (one === id) place = of;
      else if (place === 0) before = one;
      else if (after === 0) after = one;
    }
  if (place === 0) return null;
  const { rows } = await db.query<Neighbour>('SELECT id, title, slug FROM product WHERE id = ANY($1)', [
    [before, after],
  ]);
  const named = (wanted: number): Neighbour | null => rows.find((row) => row.id === wanted) ?? null;
  return {
    category: { name: category.name, slug: category.slug },
    place,
    of,
    previous: named(before),
    next: named(after),
  };
}
