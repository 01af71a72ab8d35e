import { documentName } from '../../core/plan/checkDocument.ts';
import { documentOf, splitKey, type DocumentKey } from '../../core/plan/documents.ts';
import { placesOf } from '../../core/plan/places.ts';
import type { StoredPlan } from '../../core/plan/storedPlan.ts';

/** What a document of the draft is called, and where in the studio it is worked on. */
export function documentPlace(plan: StoredPlan, key: string): { words: string; to: string } {
  const document = key as DocumentKey;
  const { kind, id } = splitKey(document);
  const at = kind === 'shelf' ? placesOf(plan, id)[0] : undefined;
  return {
    words: documentName(document, documentOf(plan, document)),
    to: {
      page: `/arrange/${id}`,
      assortment: `/assortments/${id}`,
      shelf: at ? `/arrange/${at.page.id}?bay=${at.bayId}` : '/arrange',
      house: '/arrange',
    }[kind],
  };
}
