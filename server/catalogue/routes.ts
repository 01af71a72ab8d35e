import {
  findProducts,
  readCategories,
  readTitles as readTitlesContract,
  readVocabulary as readVocabularyContract,
  specimenBasket,
  specimenEntry,
  specimenProduct,
} from '../../core/api/catalogue.ts';
import { LARGEST_ID } from '../../core/schema/largestId.ts';
import { wordsOf } from '../../core/listing/parameters.ts';
import { pageKind } from '../../core/pages/index.ts';
import { worldOf } from '../assortments/facts.ts';
import { readDraftHouse } from '../drafts/draftRows.ts';
import { neighboursOf } from '../listing/neighbours.ts';
import type { Api } from '../api.ts';
import type { Parts } from '../parts.ts';
import { exampleBasket } from '../shopper/exampleBasket.ts';
import { readEntry, readEntryDraft } from './groupRows.ts';
import { readNewest, readProductDetail, readProducts, readTitles } from './productRows.ts';
import { readVocabulary } from './vocabularyRows.ts';

const MOST_FOUND = 20;

/** What the studio asks of the catalogue. */
export function catalogueRoutes(api: Api, parts: Parts): void {
  const { readDb } = parts;
  api.answer(readCategories, async () => ({ categories: [...(await parts.storefront.tree()).all] }));

  api.answer(readVocabularyContract, async () => {
    const { collections, entries } = await parts.storefront.facts();
    return { ...(await readVocabulary(readDb)), collections, entries };
  });

  /** As shoppers would search for them; the newest where there are no words. */
  api.answer(findProducts, async ({ query: { words } }) => {
    const asked = wordsOf(words);
    const found = asked ? await parts.storefront.searches.find(asked) : null;
    const ids = found ? (found.how === 'nothing' ? [] : found.ids) : await readNewest(readDb, MOST_FOUND);
    const first = ids.slice(0, MOST_FOUND);
    const products = await readProducts(readDb, first, [], 1);
    return { products: first.flatMap((id) => products.get(id) ?? []) };
  });
  api.answer(readTitlesContract, async ({ body: { ids } }) => ({ products: await readTitles(readDb, ids) }));

  api.answer(specimenProduct, async ({ query: { id } }) => {
    const slug = await parts.storefront.example(pageKind('product'), parts.clock(), Number(id) || null);
    const product = slug === null ? null : await readProductDetail(readDb, slug, null);
    if (!product) return { product: null, neighbours: null };
    const { facts, listings } = parts.storefront;
    const nobody = { around: null, lookedAt: [], product: null };
    const house = await readDraftHouse(readDb);
    const world = worldOf(await facts(), house, parts.clock(), nobody);
    return { product, neighbours: await neighboursOf(readDb, product, listings, world) };
  });
  api.answer(specimenBasket, async () => ({ basket: await exampleBasket(readDb, parts.clock()) }));
  api.answer(specimenEntry, async ({ query: { id } }) => {
    // One that is named is shown as it is being written, as the draft of its page is.
    const wanted = Number(id);
    const entry = wanted > 0 && wanted <= LARGEST_ID ? await readEntryDraft(readDb, wanted) : null;
    if (entry) return { entry };
    const slug = await parts.storefront.example(pageKind('entry'), parts.clock(), null);
    return { entry: slug === null ? null : await readEntry(readDb, slug, parts.clock()) };
  });
}
