import { evaluateCategories } from '../../core/assortment/others/categories.ts';
import { evaluateCollections } from '../../core/assortment/others/collections.ts';
import { evaluateEntries } from '../../core/assortment/others/entries.ts';
import type { PictureAssortment } from '../../core/assortment/others/pictures.ts';
import type { Assortment } from '../../core/assortment/assortment.ts';
import type { ProductAssortment } from '../../core/assortment/products.ts';
import type { SqlWorld } from './statement.ts';
import type { HardCandidates } from '../../core/api/assortments.ts';
import type { ProductFact, ProductFacts } from '../../core/catalogue/facts.ts';
import { faceOf, type Item } from '../../core/card/item.ts';
import type { ItemsAnswer, ItemsRequest } from '../../core/view/view.ts';
import { readProducts } from '../catalogue/productRows.ts';
import { filterFacets } from '../../core/listing/filterFacet.ts';
import type { Queryable } from '../db/pool.ts';
import { answerListing } from '../listing/answerListing.ts';
import type { ListingNames } from '../listing/listingNames.ts';
import type { Listings } from '../listing/listings.ts';
import { readPictures } from '../pictures/pictureRows.ts';
import type { Facts } from './facts.ts';
import { readHardCandidates } from './hardCandidates.ts';
import { readProductIds } from './productIds.ts';

/** Loose pictures that are still there. */
async function loosePictures(db: Queryable, { items, limit }: PictureAssortment): Promise<Item[]> {
  const pictures = await readPictures(
    db,
    items.map(({ pictureId }) => pictureId),
  );
  return items
    .flatMap(({ pictureId, words, link }, i): Item[] => {
      const picture = pictures.get(pictureId);
      return picture
        ? [{ of: 'pictures', loose: { id: i + 1, picture: { ...picture, alt: words }, words, link } }]
        : [];
    })
    .slice(0, limit ?? undefined);
}

type Others = Exclude<Assortment, ProductAssortment>;

/** All items of an assortment of anything but products: there are few enough to be reckoned in memory. */
async function otherItems(
  db: Queryable,
  assortment: Others,
  facts: Facts,
  { now, around }: Pick<SqlWorld, 'now' | 'around'>,
): Promise<Item[]> {
  switch (assortment.of) {
    case 'categories':
      return evaluateCategories(assortment, facts.tree, around).kept.map((category) => ({
        of: 'categories',
        category,
      }));
    case 'collections':
      return evaluateCollections(assortment, facts.collections).map((collection) => ({
        of: 'collections',
        collection,
      }));
    case 'entries':
      return evaluateEntries(assortment, facts.entries, now).map((entry) => ({ of: 'entries', entry }));
    case 'pictures':
      return loosePictures(db, assortment);
  }
}

/** Most items, of kinds of which there are few, that are looked at for hard cases. */
const MOST_HARD = 200;

const asItems = (ids: readonly number[], products: ReadonlyMap<number, ProductFacts>): Item[] =>
  ids.flatMap((id) => (products.has(id) ? [{ of: 'products', product: products.get(id)! }] : []));

/** Answers which items are likeliest to be hard for a card. */
export async function answerHardCases(
  db: Queryable,
  assortment: Assortment,
  needs: readonly ProductFact[],
  facts: Facts,
  world: SqlWorld,
): Promise<HardCandidates> {
  if (assortment.of !== 'products') {
    const all = await otherItems(db, assortment, facts, world);
    const withoutPicture = all.filter((item) => faceOf(item).picture === null).length;
    return {
      counts: { total: all.length, withoutPicture, soldOut: 0, notRated: 0, reduced: 0 },
      items: all.slice(0, MOST_HARD),
    };
  }
  const { counts, ids } = await readHardCandidates(db, assortment, world);
  return { counts, items: asItems(ids, await readProducts(db, ids, needs)) };
}

/** What is known of listings, besides what is in the database. */
export interface ListingsKnown {
  listings: Listings;
  names(): Promise<ListingNames>;
}

/** Answers a view's request from the database. */
export async function answerItems(
  db: Queryable,
  request: Omit<ItemsRequest, 'shelfId'>,
  facts: Facts,
  world: SqlWorld,
  known: ListingsKnown,
): Promise<ItemsAnswer> {
  const { assortment, start, count } = request;
  if (assortment.of !== 'products') {
    const left = new Set(request.without);
    // What is left out takes none of the places that there are at most.
    const there = await otherItems(db, { ...assortment, limit: null }, facts, world);
    const all = there.filter((item) => !left.has(faceOf(item).id)).slice(0, assortment.limit ?? undefined);
    return { total: all.length, own: all.length, start, items: all.slice(start, start + count) };
  }
  const { listing } = request;
  if (listing) {
    const { words, parameters } = await known.names();
    const page = await answerListing(db, { ...request, assortment, listing }, known.listings, world);
    const products = await readProducts(db, page.ids, request.needs);
    const { filters, choices } = listing;
    const facets = filterFacets(filters, page.facets.filters, choices, words, parameters);
    return { total: page.total, own: page.own, start, items: asItems(page.ids, products), facets };
  }
  const { total, own, ids } = await readProductIds(db, assortment, request.fallbacks, world, request);
  const products = await readProducts(db, ids, request.needs);
  return {
    total,
    own,
    start,
    items: asItems(ids, products),
  };
}
