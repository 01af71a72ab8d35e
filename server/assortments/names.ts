import { productsNamedBy } from '../../core/assortment/evaluate.ts';
import type { Assortment } from '../../core/assortment/assortment.ts';
import { namesFrom } from '../../core/catalogue/vocabulary.ts';
import { bayNames } from '../../core/plan/places.ts';
import type { Plan } from '../../core/plan/plan.ts';
import type { Names } from '../../core/sentence/sentence.ts';
import { readTitles } from '../catalogue/productRows.ts';
import { readVocabulary } from '../catalogue/vocabularyRows.ts';
import type { Queryable } from '../db/pool.ts';
import type { Facts } from './facts.ts';

/** Names for sentences about these assortments. */
export async function readNames(
  db: Queryable,
  facts: Facts,
  plan: Plan,
  assortments: readonly Assortment[],
): Promise<Names> {
  const ids = [...new Set(assortments.flatMap(productsNamedBy))];
  const [titles, words] = await Promise.all([readTitles(db, ids), readVocabulary(db)]);
  const byId = new Map(titles.map(({ id, title }) => [id, title]));
  const { collections, entries } = facts;
  return namesFrom(plan.house, facts.tree, { ...words, collections, entries }, (id) => byId.get(id), {
    shelf: (id) => plan.shelves[id]?.name,
    assortment: (id) => plan.assortments[id]?.name,
    bay: bayNames(plan),
    page: (id) => plan.pages[id]?.name,
  });
}

/** All assortments of a plan, saved and own. */
export const assortmentsIn = (plan: Plan): Assortment[] => [
  ...Object.values(plan.shelves).map(({ assortment }) => assortment),
  ...Object.values(plan.assortments).map(({ assortment }) => assortment),
];
