import type { StoredHouse } from './house.ts';
import type { StoredPage } from './page.ts';
import type { StoredSaved } from './savedAssortment.ts';
import type { StoredShelf } from './shelf.ts';
import type { StoredPlan } from './storedPlan.ts';

/**
 * A plan is kept as documents that are saved apart from each other: the house, each page, each shelf, each
 * saved assortment.
 */
export type DocumentKey = 'house' | `${keyof typeof groups}:${string}`;
export type PlanDocument = StoredHouse | StoredPage | StoredShelf | StoredSaved;

/** Where documents of each kind are in the plan. */
const groups = { page: 'pages', shelf: 'shelves', assortment: 'assortments' } as const;
type Group = (typeof groups)[keyof typeof groups];

const KEY = new RegExp(`^(house|(${Object.keys(groups).join('|')}):([a-z0-9-]{1,60}))$`);

export const isDocumentKey = (key: string): key is DocumentKey => KEY.test(key);

export function documentKeys(plan: StoredPlan): DocumentKey[] {
  return [
    'house',
    ...Object.keys(plan.pages).map((id) => `page:${id}` as const),
    ...Object.keys(plan.shelves).map((id) => `shelf:${id}` as const),
    ...Object.keys(plan.assortments).map((id) => `assortment:${id}` as const),
  ];
}

/** What kind of document a key is of, and its id; empty for the house. */
export function splitKey(key: DocumentKey): { kind: 'house' | keyof typeof groups; id: string } {
  if (key === 'house') return { kind: 'house', id: '' };
  const [kind, id] = key.split(':') as [keyof typeof groups, string];
  return { kind, id };
}

export function documentOf(plan: StoredPlan, key: DocumentKey): PlanDocument | undefined {
  const { kind, id } = splitKey(key);
  if (kind === 'house') return plan.house;
  const group: Readonly<Record<string, PlanDocument>> = plan[groups[kind]];
  return Object.hasOwn(group, id) ? group[id] : undefined;
}

/** The plan with one document put in its place, or taken out (`null`). The house cannot be taken out. */
export function withDocument(plan: StoredPlan, key: DocumentKey, document: PlanDocument | null): StoredPlan {
  const { kind, id } = splitKey(key);
  if (kind === 'house') return document ? { ...plan, house: document as StoredHouse } : plan;
  const of: Group = groups[kind];
  const group: Record<string, PlanDocument> = { ...plan[of] };
  if (document) group[id] = document;
  else delete group[id];
  return { ...plan, [of]: group };
}

/** A plan without any document but an empty house. */
export const emptyPlan: StoredPlan = { house: {}, pages: {}, shelves: {}, assortments: {} };
