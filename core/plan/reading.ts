import type { Bands } from '../bands/bands.ts';
import { pageKinds } from '../pages/index.ts';
import { checkDocument, documentName, faultSentence } from './checkDocument.ts';
import { splitKey, withDocument, type DocumentKey, type PlanDocument } from './documents.ts';
import { same } from '../settings/same.ts';
import { firstBands } from './firstBands.ts';
import { FORMAT, upgraded, UnreadableDocument } from './formats/format.ts';
import { houseSettings, type StoredHouse } from './house.ts';
import type { StoredPage } from './page.ts';
import type { StoredSaved } from './savedAssortment.ts';
import type { StoredShelf } from './shelf.ts';
import { completeHouse, type StoredPlan } from './storedPlan.ts';
import { objectAt, type UpgradeContext } from './upgrades/step.ts';

/** A document as it was kept somewhere, of whatever format; null once it was removed. */
export interface KeptDocument {
  key: DocumentKey;
  body: unknown;
}

/** A document that cannot be read, and why. It is left as it is, and out of the plan. */
export interface Unreadable {
  key: DocumentKey;
  body: unknown;
  message: string;
}

export interface ReadPlan {
  plan: StoredPlan;
  unreadable: Unreadable[];
}

/** What was read last, by the key of each document: what is kept as it was is the very same object again. */
export type ReadBefore = Map<DocumentKey, { body: unknown; bands: Bands; document: PlanDocument }>;

/**
 * One document in the current format. Throws UnreadableDocument with a sentence.
 * @param context the house as it was kept, and the bands that values by width are by
 */
export function readDocument({ key, body }: KeptDocument, context: UpgradeContext): PlanDocument {
  const { kind } = splitKey(key);
  let document: PlanDocument;
  try {
    document = upgraded(kind, body, context);
  } catch (error) {
    if (!(error instanceof UnreadableDocument)) throw error;
    throw new UnreadableDocument(`${documentName(key, body)}: ${error.message}`);
  }
  const fault = checkDocument(key, document);
  if (fault) throw new UnreadableDocument(faultSentence(key, document, fault));
  return document;
}

function contextOf(house: StoredHouse, kept: unknown): UpgradeContext {
  const bands: Bands = completeHouse(house).around.bands;
  return { bands, house: objectAt(kept) };
}

/** The bands of a house of whatever format, which are kept as they always were; the usual ones where they are broken. */
function bandsAsKept(house: unknown): Bands {
  const { bands } = objectAt(house);
  const isRead = Array.isArray(bands) && houseSettings.bands.kind.schema.isValidSync(bands, { strict: true });
  return isRead ? (bands as Bands) : completeHouse({}).around.bands;
}

/**
 * Reads documents of any format: upgraded, checked, and what cannot be read said.
 * @param before is told what was read now
 */
export function readDocuments(documents: readonly KeptDocument[], before?: ReadBefore): ReadPlan {
  const unreadable: Unreadable[] = [];
  const last = new Map(before);
  before?.clear();
  const tryRead = (one: KeptDocument, context: UpgradeContext): PlanDocument | null => {
    const { key, body } = one;
    if (body === null) return null;
    const { bands } = context;
    const known = last.get(key);
    try {
      const document =
        known && same(known.body, body) && same(known.bands, bands)
          ? known.document
          : readDocument(one, context);
      before?.set(key, { body, bands, document });
      return document;
    } catch (error) {
      if (!(error instanceof UnreadableDocument)) throw error;
      unreadable.push({ ...one, message: error.message });
      return null;
    }
  };
  const kept = documents.find(({ key }) => key === 'house');
  const itsBands = { house: {}, bands: bandsAsKept(kept?.body) };
  const house = ((kept && tryRead(kept, itsBands)) ?? {}) as StoredHouse;
  const context = contextOf(house, kept?.body);
  const pages: Record<string, StoredPage> = {};
  const shelves: Record<string, StoredShelf> = {};
  const assortments: Record<string, StoredSaved> = {};
  const groups = { page: pages, shelf: shelves, assortment: assortments } as const;
  for (const one of documents) {
    const { kind, id } = splitKey(one.key);
    if (kind === 'house') continue;
    const document = tryRead(one, context);
    if (document) (groups[kind] as Record<string, PlanDocument>)[id] = document;
  }
  putPagesOfAll(pages, shelves, context.bands[0]!.id);
  return { plan: { house, pages, shelves, assortments }, unreadable };
}

/** What kinds of page write under a new store's first width, under that of this one. */
function underFirstWidth<T>(value: T, id: string): T {
  if (Array.isArray(value)) return value.map((one) => underFirstWidth<unknown>(one, id)) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, one]) => [
      key === firstBands[0]!.id ? id : key,
      underFirstWidth<unknown>(one, id),
    ]),
  ) as T;
}

/**
 * Puts in the pages that every store has and what they show, as a new one begins with them, where it was begun before
 * there were any. Into the records themselves: a copy of hundreds of documents is most of what this would take.
 */
function putPagesOfAll(
  pages: Record<string, StoredPage>,
  shelves: Record<string, StoredShelf>,
  firstId: string,
): void {
  const kinds = new Set(Object.values(pages).map(({ kind }) => kind));
  for (const { id, name, first, everywhere } of pageKinds) {
    if (!everywhere || !first || kinds.has(id) || Object.hasOwn(pages, id)) continue;
    pages[id] = { id, kind: id, name, bays: [...first.bays] };
    for (const shelf of first.shelves ?? [])
      if (!Object.hasOwn(shelves, shelf.id)) shelves[shelf.id] = underFirstWidth(shelf, firstId);
  }
}

/** The documents of a whole plan of any format, such as a release keeps. */
export function keptDocuments(value: unknown): KeptDocument[] {
  const kept = objectAt(value);
  const format = typeof kept.format === 'number' ? { format: kept.format } : {};
  const said = (body: unknown): unknown =>
    typeof body === 'object' && body !== null ? { ...format, ...body } : body;
  const of = (kind: 'page' | 'shelf' | 'assortment', all: unknown): KeptDocument[] =>
    Object.entries(objectAt(all)).map(([id, body]) => ({
      key: `${kind}:${id}` as DocumentKey,
      body: said(body),
    }));
  return [
    { key: 'house', body: said(kept.house) },
    ...of('page', kept.pages),
    ...of('shelf', kept.shelves),
    ...of('assortment', kept.assortments),
  ];
}

/** Reads a whole plan of any format. */
export const readPlan = (value: unknown, before?: ReadBefore): ReadPlan =>
  readDocuments(keptDocuments(value), before);

/** A document as it is written down: with its format. */
export const writtenDocument = (document: PlanDocument): object => ({ format: FORMAT, ...document });

/** A plan as it is written down: with its format, once for all its documents. */
export const writtenPlan = (plan: StoredPlan): object => ({ format: FORMAT, ...plan });

/** The plan with kept documents put in their places, as far as they can be read. */
export function withKept(plan: StoredPlan, documents: readonly KeptDocument[]): ReadPlan {
  const unreadable: Unreadable[] = [];
  const context = contextOf(plan.house, plan.house);
  const next = documents.reduce((one, kept) => {
    if (kept.body === null) return withDocument(one, kept.key, null);
    try {
      return withDocument(one, kept.key, readDocument(kept, context));
    } catch (error) {
      if (!(error instanceof UnreadableDocument)) throw error;
      unreadable.push({ ...kept, message: error.message });
      return one;
    }
  }, plan);
  return { plan: next, unreadable };
}
