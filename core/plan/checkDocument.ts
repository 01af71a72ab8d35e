import { checkAssortment } from '../assortment/assortment.ts';
import { said } from '../schema/said.ts';
import { bayKind, bayTree, isBayKind, type StoredBay } from '../bays/index.ts';
import { isPageKind, pageKind } from '../pages/index.ts';
import { checkTree, type DocumentFault } from '../settings/check.ts';
import { splitKey, type DocumentKey } from './documents.ts';
import { houseSettings } from './house.ts';
import { MOST_BAYS, pageSettings } from './page.ts';
import { savedTree } from './savedAssortment.ts';
import { shelfTree } from './shelf.ts';
import { objectAt } from './upgrades/step.ts';

const ID = /^[a-z0-9-]{1,60}$/;

type Loose = Readonly<Record<string, unknown>>;

const fault = (path: string, message: string): DocumentFault => ({ path, setting: null, message });

const within = (path: string, found: DocumentFault | null): DocumentFault | null =>
  found && { ...found, path: found.path ? `${path}.${found.path}` : path };

function checkBay(value: unknown): DocumentFault | null {
  if (typeof value !== 'object' || value === null) return fault('', 'This has to be a bay.');
  const { id, holds } = value as Loose;
  if (typeof id !== 'string' || !ID.test(id))
    return fault('id', 'An id has small letters, digits and hyphens.');
  if (!isBayKind(holds)) return fault('holds', `There is no kind of bay "${said(holds)}".`);
  return checkTree(bayTree(holds), value, ['id', 'holds']);
}

function checkPage(page: Loose): DocumentFault | null {
  const { kind, bays } = page;
  if (!isPageKind(kind)) return fault('kind', `There is no kind of page "${said(kind)}".`);
  const found = checkTree(pageSettings, page, ['id', 'kind', 'bays']);
  if (found) return found;
  if (!Array.isArray(bays)) return fault('bays', 'This has to be a list of bays.');
  if (bays.length > MOST_BAYS) return fault('bays', `A page can have at most ${MOST_BAYS} bays.`);
  for (const [i, bay] of bays.entries()) {
    const inBay = within(`bays.${i}`, checkBay(bay));
    if (inBay) return inBay;
    const { name, aroundPages = false } = bayKind((bay as StoredBay).holds);
    if (pageKind(kind).edge && !aroundPages)
      return fault(`bays.${i}.holds`, `"${name}" cannot stand in the header or the footer.`);
  }
  return new Set(bays.map(({ id }) => id)).size < bays.length
    ? fault('bays', 'Two bays have the same id.')
    : null;
}

function checkShelf(shelf: Loose): DocumentFault | null {
  const found = checkTree(shelfTree, shelf, ['id', 'assortment']);
  if (found || shelf.assortment === undefined) return found;
  return within('assortment', checkAssortment(shelf.assortment));
}

/** The first thing in a document of the current format that could not be drawn; null where all of it can. */
export function checkDocument(key: DocumentKey, value: unknown): DocumentFault | null {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return fault('', 'A document is an object.');
  const document = value as Loose;
  const { kind, id } = splitKey(key);
  if (kind === 'house') return checkTree(houseSettings, document);
  if (document.id !== id)
    return fault('id', `The document is named "${said(document.id)}", its key "${id}".`);
  if (kind === 'page') return checkPage(document);
  if (kind === 'shelf') return checkShelf(document);
  return (
    checkTree(savedTree, document, ['id', 'assortment']) ??
    within('assortment', checkAssortment(document.assortment))
  );
}

const text = (value: unknown): string | null => (typeof value === 'string' && value ? value : null);

/** The kind of a document and its name, as far as it can be told. */
export function documentName(key: DocumentKey, value: unknown): string {
  const { kind, id } = splitKey(key);
  const named = `"${text((objectAt(value) as Loose).name) ?? id}"`;
  return {
    house: 'House style',
    page: `Page ${named}`,
    shelf: `Shelf ${named}`,
    assortment: `Assortment ${named}`,
  }[kind];
}

/** The fault as a sentence that names the page, bay or shelf, and the setting by its label. */
export function faultSentence(
  key: DocumentKey,
  value: unknown,
  { path, setting, message }: DocumentFault,
): string {
  const document = objectAt(value) as Loose;
  const places = [documentName(key, value)];
  const at = /^bays\.(\d+)/.exec(path)?.[1];
  if (at !== undefined && Array.isArray(document.bays))
    places.push(`bay ${Number(at) + 1}${bayWords(document.bays[Number(at)])}`);
  return `${places.join(', ')}: ${setting ? `${setting}: ` : ''}${message}`;
}

function bayWords(bay: unknown): string {
  const { holds, heading } = (typeof bay === 'object' && bay !== null ? bay : {}) as Loose;
  const words = text((heading as Loose | null | undefined)?.words);
  if (words) return ` "${words}"`;
  return isBayKind(holds) ? ` (${bayKind(holds).name.toLowerCase()})` : '';
}
