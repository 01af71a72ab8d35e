import { pagePath } from '../../core/pages/index.ts';
import type { AboutKinds, PageKind } from '../../core/pages/pageKind.ts';
import { isRemoved } from '../../core/plan/page.ts';
import type { Plan } from '../../core/plan/plan.ts';
import type { StoredPlan } from '../../core/plan/storedPlan.ts';
import type { Queryable } from '../db/pool.ts';

/** Tables of the catalogue whose rows have pages, by what those are about. */
const TABLES: Partial<Record<keyof AboutKinds, string>> = {
  category: 'category',
  collection: 'collection',
  product: 'product',
  entry: 'journal_entry',
};

const OWN = 'own';

/** Keeps in mind where each page of the owner's own is found from now on, for when it is found elsewhere. */
export async function keepAddresses(client: Queryable, { pages }: StoredPlan): Promise<void> {
  const own = Object.values(pages).filter((page) => page.kind === OWN && page.slug && !isRemoved(page));
  await client.query(
    `INSERT INTO former_address (kind, slug, id)
     SELECT '${OWN}', slug, id FROM unnest($1::text[], $2::text[]) AS page (slug, id)
     ON CONFLICT (kind, slug) DO UPDATE SET id = excluded.id`,
    [own.map(({ slug }) => slug), own.map(({ id }) => id)],
  );
}

/** The path at which something is now that was found at this slug before; null where there is no such thing. */
export async function movedTo(
  db: Queryable,
  kind: PageKind,
  slug: string,
  plan: Plan,
): Promise<string | null> {
  const table = kind.needs && TABLES[kind.needs];
  if (!kind.many && !table) return null;
  const { rows } = await db.query<{ id: string }>(
    'SELECT id FROM former_address WHERE kind = $1 AND slug = $2',
    [kind.many ? OWN : kind.needs, slug],
  );
  const id = rows[0]?.id;
  if (id === undefined) return null;
  const now = table
    ? (await db.query<{ slug: string }>(`SELECT slug FROM ${table} WHERE id::text = $1`, [id])).rows[0]?.slug
    : plan.pages[id]?.slug;
  // It may be at the very address and not to be seen, as something that is not on sale yet.
  return now && now !== slug ? pagePath(kind, now) : null;
}
