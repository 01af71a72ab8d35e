import { isPageKind } from '../pages/index.ts';
import { checkDocument } from './checkDocument.ts';
import { documentOf, splitKey, type DocumentKey, type PlanDocument } from './documents.ts';
import type { StoredPlan } from './storedPlan.ts';
import { objectAt } from './upgrades/step.ts';

/** The least that a document is, with what can still be told of the one that cannot be read. */
function leastOf(key: DocumentKey, body: unknown): unknown {
  const { kind, id } = splitKey(key);
  const { name, kind: pageKind } = objectAt(body);
  const named = typeof name === 'string' && name ? { name } : {};
  if (kind === 'house') return {};
  if (kind === 'shelf') return { id, ...named };
  if (kind === 'page' && isPageKind(pageKind)) return { id, kind: pageKind, ...named, bays: [] };
  return null;
}

/**
 * What takes the place of a document that cannot be read: the one that is live, or else an empty one; null where
 * there is neither, so that it is removed.
 */
export function afterReset(key: DocumentKey, body: unknown, live: StoredPlan | null): PlanDocument | null {
  const lives = live && documentOf(live, key);
  if (lives) return lives;
  const least = leastOf(key, body);
  return least === null || checkDocument(key, least) ? null : (least as PlanDocument);
}
