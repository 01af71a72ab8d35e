import { checkTree, type DocumentFault } from '../settings/check.ts';
import { complete } from '../settings/complete.ts';
import type { Sparse, Tree } from '../settings/setting.ts';
import { ValidationError } from '../schema/schema.ts';
import { said } from '../schema/said.ts';
import { OFS, type Of } from './of.ts';
import { categorySettings, type CategoryAssortment } from './others/categories.ts';
import { collectionSettings, type CollectionAssortment } from './others/collections.ts';
import { entrySettings, type EntryAssortment } from './others/entries.ts';
import { pictureSettings, type PictureAssortment } from './others/pictures.ts';
import { productSettings, type ProductAssortment } from './products.ts';

/** What can be set of an assortment, by what it is of; to add a kind, write its file and list it here. */
export const assortmentSettings = {
  products: productSettings,
  categories: categorySettings,
  collections: collectionSettings,
  entries: entrySettings,
  pictures: pictureSettings,
} satisfies Record<Of, Tree>;

export type Assortment =
  ProductAssortment | CategoryAssortment | CollectionAssortment | EntryAssortment | PictureAssortment;

/** As it is stored: what it is of, and what was set. */
export type StoredAssortment = {
  [O in Of]: { of: O } & Sparse<(typeof assortmentSettings)[O]>;
}[Of];

const isOf = (of: unknown): of is Of => OFS.some((one) => one === of);

const known = new WeakMap<object, Assortment>();
// No setting of an assortment varies by width, or is inherited.
const nothingAround = { bands: [], house: {} };

/** The whole of a stored assortment; the same object for the same one. */
export function completeAssortment(stored: StoredAssortment): Assortment {
  let found = known.get(stored);
  if (!found) {
    const tree: Tree = assortmentSettings[stored.of];
    found = { of: stored.of, ...complete(tree, stored, nothingAround) } as unknown as Assortment;
    known.set(stored, found);
  }
  return found;
}

/** An assortment with nothing set: all of a kind. */
export const newAssortment = <O extends Of>(of: O): Extract<Assortment, { of: O }> =>
  completeAssortment({ of }) as Extract<Assortment, { of: O }>;

/** What could not be evaluated in a stored assortment; null where all is well. */
export function checkAssortment(value: unknown): DocumentFault | null {
  const of = typeof value === 'object' && value !== null ? (value as { of?: unknown }).of : undefined;
  if (!isOf(of))
    return { path: 'of', setting: null, message: `There is no kind of assortment "${said(of)}".` };
  const fault = checkTree(assortmentSettings[of], value, ['of']);
  if (fault || of !== 'products') return fault;
  const { limit = null, byHand } = value as Partial<ProductAssortment>;
  return limit !== null && (byHand?.pins.length ?? 0) > limit
    ? {
        path: 'byHand.pins',
        setting: productSettings.byHand.name,
        message: 'There are more pinned products than the limit lets in.',
      }
    : null;
}

/** Reads an assortment that came from outside. Throws ValidationError with the path of the fault. */
export function readAssortment(value: unknown): Assortment {
  const fault = checkAssortment(value);
  if (fault) throw new ValidationError(fault.message, value, fault.path);
  return completeAssortment(value as StoredAssortment);
}
