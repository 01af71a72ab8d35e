import type { StoredPage } from '../plan/page.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { LONGEST_NAME } from '../plan/words.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import { pageKinds } from './index.ts';

/** What a new store begins with: a page of every kind that is arranged once for all of it, as the kinds say. */
export function firstPlan(storeName: string): StoredPlan {
  const pages: Record<string, StoredPage> = {};
  const shelves: Record<string, StoredShelf> = {};
  for (const { id, name, first } of pageKinds) {
    if (!first) continue;
    pages[id] = { id, kind: id, name, bays: [...first.bays] };
    for (const shelf of first.shelves ?? []) shelves[shelf.id] = shelf;
  }
  return { house: { storeName: storeName.trim().slice(0, LONGEST_NAME) }, pages, shelves, assortments: {} };
}
