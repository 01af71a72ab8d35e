import { SPECIMEN_DAY, SPECIMEN_NOW } from '../../core/specimen/rules.ts';
import { categoryTree } from '../../core/catalogue/categoryTree.ts';
import type { SqlWorld } from '../assortments/statement.ts';
import { readCategories } from '../catalogue/categoryRows.ts';
import type { Queryable } from '../db/pool.ts';

/** What answers depend on besides the products of a database, at the instant of the specimens. */
export const specimenWorld = async (db: Queryable): Promise<SqlWorld> => ({
  now: SPECIMEN_NOW,
  today: SPECIMEN_DAY,
  timeZone: 'UTC',
  newForDays: 2,
  tree: categoryTree(await readCategories(db)),
  around: null,
  lookedAt: [],
  product: null,
  meanRating: 4_000_000,
  orders: 20,
  soldWindowsAsOf: null,
  collectionRules: new Map(),
});
