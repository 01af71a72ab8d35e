import { ValidationError, type Schema } from '../schema/schema.ts';
import type { Assortment } from '../assortment/assortment.ts';
import { fallbackCycle } from '../assortment/fallback.ts';
import { houseSchema, type House } from './house.ts';
import { pageSchema, type Page } from './page.ts';
import { savedAssortmentSchema, type SavedAssortment } from './savedAssortment.ts';
import { allSettings } from './settings/index.ts';
import { readPath } from './settings/setting.ts';
import { shelfSchema, type Shelf } from './shelf.ts';

/** The whole arrangement of a store: what is drafted, and what a release keeps. */
export interface Plan {
  house: House;
  pages: Record<string, Page>;
  shelves: Record<string, Shelf>;
  assortments: Record<string, SavedAssortment>;
}

/**
 * A plan is kept as documents that are saved apart from each other: the house, each page, each shelf, each
 * saved assortment.
 */
export type DocumentKey = 'house' | `${keyof typeof groups}:${string}`;
export type PlanDocument = House | Page | Shelf | SavedAssortment;

/** Where documents of each kind stand in the plan. */
const groups = { page: 'pages', shelf: 'shelves', assortment: 'assortments' } as const;
type Group = (typeof groups)[keyof typeof groups];

const KEY = new RegExp(`^(house|(${Object.keys(groups).join('|')}):([a-z0-9-]{1,60}))$`);

export const isDocumentKey = (key: string): key is DocumentKey => KEY.test(key);

export function documentKeys(plan: Plan): DocumentKey[] {
  return [
    'house',
    ...Object.keys(plan.pages).map((id) => `page:${id}` as const),
    ...Object.keys(plan.shelves).map((id) => `shelf:${id}` as const),
    ...Object.keys(plan.assortments).map((id) => `assortment:${id}` as const),
  ];
}

function split(key: DocumentKey): { kind: 'house' | Group; id: string } {
  if (key === 'house') return { kind: 'house', id: '' };
  const [kind, id] = key.split(':') as [keyof typeof groups, string];
  return { kind: groups[kind], id };
}

export function documentOf(plan: Plan, key: DocumentKey): PlanDocument | undefined {
  const { kind, id } = split(key);
  return kind === 'house' ? plan.house : plan[kind][id];
}

/** The plan with one document put in its place, or taken out (`null`). The house cannot be taken out. */
export function withDocument(plan: Plan, key: DocumentKey, document: PlanDocument | null): Plan {
  const { kind, id } = split(key);
  if (kind === 'house') return document ? { ...plan, house: document as House } : plan;
  const group = { ...plan[kind] } as Record<string, PlanDocument>;
  if (document) group[id] = document;
  else delete group[id];
  return { ...plan, [kind]: group };
}

const schemas = {
  house: houseSchema,
  pages: pageSchema,
  shelves: shelfSchema,
  assortments: savedAssortmentSchema,
} as unknown as Record<string, Schema>;

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

const FIRST_NEEDS = 'The first band needs a value.';

/** Settings that vary by band and have no value at the first, which the others would take. */
const unsetAtFirst = (document: object, on: 'shelf' | 'bay', firstBand: string): string[] =>
  allSettings
    .filter((one) => one.on === on && one.varies)
    .map(({ id }) => id)
    .filter((id) => {
      const value = readPath(document, id);
      return typeof value === 'object' && value !== null && !Object.hasOwn(value, firstBand);
    });

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
      for (const path of unsetAtFirst(bay, 'bay', firstBand)) at(path, FIRST_NEEDS);
    });
  faults.push(...assortmentFaults(plan));
  for (const shelf of Object.values(plan.shelves)) {
    const shown = Object.keys(shelf.card.shown).filter(
      (part) => !Object.hasOwn(shelf.card.shown[part]!, firstBand),
    );
    for (const path of new Set([
      ...unsetAtFirst(shelf, 'shelf', firstBand),
      ...shown.map((part) => `card.shown.${part}`),
    ]))
      faults.push({ key: `shelf:${shelf.id}`, path, message: FIRST_NEEDS });
  }
  return faults;
}

/** Saved assortments that are named but not there, and chains of fallbacks that return to themselves. */
function assortmentFaults(plan: Plan): PlanFault[] {
  const faults: PlanFault[] = [];
  const fallbackOf = (assortment: Assortment): string | null =>
    'fallback' in assortment && assortment.fallback?.then === 'topUp' ? assortment.fallback.from : null;
  const check = (key: DocumentKey, assortment: Assortment) => {
    const from = fallbackOf(assortment);
    if (from === null) return;
    const saved = plan.assortments[from]?.assortment;
    const message = !saved
      ? 'The assortment that tops this one up is no longer there. Choose another.'
      : saved.of !== assortment.of
        ? `It cannot be topped up from an assortment of ${saved.of}.`
        : null;
    if (message) faults.push({ key, path: 'assortment.fallback.from', message });
  };
  for (const shelf of Object.values(plan.shelves)) {
    check(`shelf:${shelf.id}`, shelf.assortment);
    if (shelf.assortmentId !== null && !Object.hasOwn(plan.assortments, shelf.assortmentId))
      faults.push({
        key: `shelf:${shelf.id}`,
        path: 'assortmentId',
        message: `There is no assortment "${shelf.assortmentId}".`,
      });
  }
  for (const { id, assortment } of Object.values(plan.assortments)) {
    check(`assortment:${id}`, assortment);
    const cycle = fallbackCycle(id, (one) => {
      const saved = plan.assortments[one];
      return saved ? fallbackOf(saved.assortment) : null;
    });
    if (cycle)
      faults.push({
        key: `assortment:${id}`,
        path: 'assortment.fallback.from',
        message: `The fallbacks return to where they began: ${cycle.map((one) => `"${plan.assortments[one]?.name ?? one}"`).join(' to ')}. Choose another for one of them.`,
      });
  }
  return faults;
}

/** What a shelf shows: the saved assortment it names, or its own. */
export function assortmentOf(plan: Plan, shelf: Shelf): Assortment {
  const saved = shelf.assortmentId === null ? undefined : plan.assortments[shelf.assortmentId];
  return saved?.assortment ?? shelf.assortment;
}

/** Shelves that show a saved assortment. */
export const shelvesShowing = (plan: Plan, id: string): Shelf[] =>
  Object.values(plan.shelves).filter((shelf) => shelf.assortmentId === id);

/** Saved assortments that are topped up from this one, by id. */
export const toppedUpFrom = (plan: Plan, id: string): SavedAssortment[] =>
  Object.values(plan.assortments).filter(
    ({ assortment }) => 'fallback' in assortment && assortment.fallback?.from === id,
  );

/** Where a shelf stands. */
export function placesOf(plan: Plan, shelfId: string): { page: Page; bayId: string }[] {
  return Object.values(plan.pages).flatMap((page) =>
    page.bays
      .filter((bay) => bay.holds === 'shelf' && bay.shelfId === shelfId)
      .map((bay) => ({ page, bayId: bay.id })),
  );
}

/** Id of the working copy of a shelf while another way is tried beside it; it stands on no page. */
export const otherWayOf = (shelfId: string): string => `other-${shelfId}`.slice(0, 60);

/** A plan as shoppers may see it: without working copies, which stand nowhere. */
export function withoutTrials(plan: Plan): Plan {
  const shelves = Object.fromEntries(
    Object.entries(plan.shelves).filter(([id]) => placesOf(plan, id).length > 0),
  );
  return { ...plan, shelves };
}
