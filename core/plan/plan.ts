import { ValidationError, type Schema } from '../schema/schema.ts';
import { houseSchema, type House } from './house.ts';
import { pageSchema, type Page } from './page.ts';
import { shelfSchema, type Shelf } from './shelf.ts';

/** The whole arrangement of a store: what is drafted, and what a release keeps. */
export interface Plan {
  house: House;
  pages: Record<string, Page>;
  shelves: Record<string, Shelf>;
}

/** A plan is kept as documents that are saved apart from each other: the house, each page, each shelf. */
export type DocumentKey = 'house' | `page:${string}` | `shelf:${string}`;
export type PlanDocument = House | Page | Shelf;

const KEY = /^(house|(page|shelf):([a-z0-9-]{1,60}))$/;

export const isDocumentKey = (key: string): key is DocumentKey => KEY.test(key);

export function documentKeys(plan: Plan): DocumentKey[] {
  return [
    'house',
    ...Object.keys(plan.pages).map((id) => `page:${id}` as const),
    ...Object.keys(plan.shelves).map((id) => `shelf:${id}` as const),
  ];
}

function split(key: DocumentKey): { kind: 'house' | 'pages' | 'shelves'; id: string } {
  if (key === 'house') return { kind: 'house', id: '' };
  const [kind, id] = key.split(':') as ['page' | 'shelf', string];
  return { kind: kind === 'page' ? 'pages' : 'shelves', id };
}

export function documentOf(plan: Plan, key: DocumentKey): PlanDocument | undefined {
  const { kind, id } = split(key);
  return kind === 'house' ? plan.house : plan[kind][id];
}

/** The plan with one document put in its place, or taken out (`null`). The house cannot be taken out. */
export function withDocument(plan: Plan, key: DocumentKey, document: PlanDocument | null): Plan {
  const { kind, id } = split(key);
  if (kind === 'house') return document ? { ...plan, house: document as House } : plan;
  const group = { ...plan[kind] } as Record<string, Page | Shelf>;
  if (document) group[id] = document as Page | Shelf;
  else delete group[id];
  return { ...plan, [kind]: group };
}

const schemas = { house: houseSchema, pages: pageSchema, shelves: shelfSchema } as unknown as Record<
  string,
  Schema
>;

/**
 * Checks a document that came from outside. Throws yup's ValidationError, whose path leads to the fault.
 */
export function readDocument(key: DocumentKey, value: unknown): PlanDocument {
  const { kind, id } = split(key);
  if (typeof value !== 'object' || value === null)
    throw new ValidationError('A document is an object.', value, '');
  const document = schemas[kind]!.validateSync(value, { strict: true }) as PlanDocument;
  if ('id' in document && document.id !== id)
    throw new ValidationError(
      `The document says it is "${document.id}", its key says "${id}".`,
      document.id,
      'id',
    );
  return document;
}

export interface PlanFault {
  key: DocumentKey;
  path: string;
  message: string;
}

/** What does not fit together across documents: shelves and bands that are named but are not there. */
export function planFaults(plan: Plan): PlanFault[] {
  const faults: PlanFault[] = [];
  const bandIds = new Set(plan.house.bands.map((band) => band.id));
  const firstBand = plan.house.bands[0]!.id;
  for (const page of Object.values(plan.pages))
    page.bays.forEach((bay, i) => {
      const at = (path: string, message: string) =>
        faults.push({ key: `page:${page.id}`, path: `bays[${i}].${path}`, message });
      if (bay.holds === 'shelf' && !Object.hasOwn(plan.shelves, bay.shelfId))
        at('shelfId', `There is no shelf "${bay.shelfId}".`);
      for (const band of bay.bands ?? []) if (!bandIds.has(band)) at('bands', `There is no band "${band}".`);
      for (const side of ['above', 'below'] as const)
        if (!Object.hasOwn(bay.look[side], firstBand)) at(`look.${side}`, 'The first band needs a value.');
    });
  for (const shelf of Object.values(plan.shelves)) {
    const varying: [string, object][] = [
      ['across.count', shelf.across.count],
      ['across.smallest', shelf.across.smallest],
      ['gap.column', shelf.gap.column],
      ['gap.row', shelf.gap.row],
      ['amount.rows', shelf.amount.rows],
      ['lastRow', shelf.lastRow],
      ...Object.entries(shelf.card.shown).map(
        ([part, shown]) => [`card.shown.${part}`, shown] as [string, object],
      ),
    ];
    for (const [path, value] of varying)
      if (!Object.hasOwn(value, firstBand))
        faults.push({ key: `shelf:${shelf.id}`, path, message: 'The first band needs a value.' });
  }
  return faults;
}

/** Where a shelf stands. */
export function placesOf(plan: Plan, shelfId: string): { page: Page; bayId: string }[] {
  return Object.values(plan.pages).flatMap((page) =>
    page.bays
      .filter((bay) => bay.holds === 'shelf' && bay.shelfId === shelfId)
      .map((bay) => ({ page, bayId: bay.id })),
  );
}
