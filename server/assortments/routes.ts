import {
  explainProduct,
  readCounts,
  readHardCases,
  readItems,
  type SeenBy as Asker,
} from '../../core/api/assortments.ts';
import { readAssortment, type Assortment } from '../../core/assortment/assortment.ts';
import type { ProductAssortment } from '../../core/assortment/products.ts';
import { PRODUCT_FACTS } from '../../core/catalogue/facts.ts';
import type { House } from '../../core/plan/house.ts';
import { wordsOf } from '../../core/listing/parameters.ts';
import { filtersOf } from '../../core/listing/shownFilter.ts';
import { completePlan } from '../../core/plan/storedPlan.ts';
import { explain, goneIn } from '../../core/assortment/explain.ts';
import type { Api } from '../api.ts';
import { readProducts } from '../catalogue/productRows.ts';
import { planFromRows, readDraft, readDraftHouse } from '../drafts/draftRows.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { withFault } from '../readBody.ts';
import { answerHardCases, answerItems } from './answer.ts';
import { readRuleCounts } from './counts.ts';
import { readOrderCount, worldOf, type Facts, type SeenBy } from './facts.ts';
import { readNames } from './names.ts';
import { readProductIds } from './productIds.ts';
import { readRecord } from './records.ts';

/** Most products of a list that an explanation looks through. */
const MOST_LOOKED_THROUGH = 100_000;

const read = (value: unknown): Assortment => withFault('assortment-faulty', () => readAssortment(value));

function productsOnly(assortment: Assortment): ProductAssortment {
  if (assortment.of !== 'products')
    throw new Fault('assortment-faulty', { message: 'Only an assortment of products can be asked this.' });
  return assortment;
}

/** What assortments hold now, for the studio. */
export function assortmentRoutes(api: Api, parts: Parts): void {
  const db = parts.readDb;

  const readSeenBy = async (facts: Facts, seenBy: Asker): Promise<SeenBy> => {
    const { category, collection, product, lookedAt, saved, search } = seenBy;
    const gone = (what: string) => new Fault('assortment-faulty', { message: `There is no ${what}.` });
    let around: SeenBy['around'] = null;
    if (category) {
      const found = facts.tree.bySlug(category);
      if (!found) throw gone(`category "${category}"`);
      around = { of: 'category', id: found.id };
    } else if (collection) {
      const found = facts.collections.find(({ slug }) => slug === collection);
      if (!found) throw gone(`collection "${collection}"`);
      around = { of: 'collection', id: found.id };
    } else if (search !== undefined) {
      const { words, ids } = await parts.storefront.searches.find(wordsOf(search));
      around = { of: 'search', words, ids };
    } else if (saved) around = { of: 'saved', ids: saved };
    return { around, lookedAt, product: product ? await readRecord(db, product) : null };
  };

  const houseOfDraft = () => readDraftHouse(db);

  const setOut = async (seenBy: Asker, house: House) => {
    const facts = await parts.storefront.facts();
    const seen = await readSeenBy(facts, seenBy);
    const orders = seen.product ? await readOrderCount(db) : 0;
    return { facts, world: worldOf(facts, house, parts.clock(), seen, orders) };
  };

  api.answer(readItems, async ({ body }) => {
    const { start, count, needs = PRODUCT_FACTS, filters } = body;
    const listing = filters
      ? { filters: filtersOf(filters.map((id) => ({ id }))), choices: [], words: '', sort: null }
      : null;
    const without = [...body.without];
    const assortment = read(body.assortment);
    const fallbacks = body.fallbacks.map((one) => productsOnly(read(one)));
    const house = await houseOfDraft();
    const { facts, world } = await setOut(body.seenBy, house);
    return answerItems(db, { assortment, fallbacks, without, start, count, needs, listing }, facts, world, {
      listings: parts.storefront.listings,
      names: () => parts.storefront.names(house),
    });
  });

  /** Items on which a card is likely to fail, of all that match. */
  api.answer(readHardCases, async ({ body }) => {
    const { needs } = body;
    const assortment = read(body.assortment);
    const { facts, world } = await setOut(body.seenBy, await houseOfDraft());
    return answerHardCases(db, assortment, needs, facts, world);
  });

  /** What remains after each clause. */
  api.answer(readCounts, async ({ body }) => {
    const assortment = productsOnly(read(body.assortment));
    const { world } = await setOut(body.seenBy, await houseOfDraft());
    return readRuleCounts(db, assortment, world);
  });

  /** Whether a product is in, where, or what leaves it out. */
  api.answer(explainProduct, async ({ body }) => {
    const { without } = body;
    const assortment = productsOnly(read(body.assortment));
    const fallbacks = body.fallbacks.map((one) => productsOnly(read(one)));
    const plan = completePlan(planFromRows(await readDraft(db)));
    const { facts, world } = await setOut(body.seenBy, plan.house);
    const [record, facts1] = await Promise.all([
      readRecord(db, body.product),
      readProducts(db, [body.product], []),
    ]);
    const product = facts1.get(body.product);
    if (!record || !product) throw new Fault('not-found', { message: 'This product is no longer there.' });
    const names = await readNames(db, facts, plan, [assortment, ...fallbacks]);
    const span = { start: 0, count: MOST_LOOKED_THROUGH, without };
    const list = await readProductIds(db, assortment, fallbacks, world, span);
    const placeIn = (ids: readonly number[]) => {
      const at = ids.indexOf(record.id);
      return at < 0 ? null : at + 1;
    };
    const place = placeIn(list.ids);
    const placeWithoutLimit =
      place !== null || assortment.limit === null
        ? null
        : placeIn((await readProductIds(db, { ...assortment, limit: null }, [], world, span)).ids);
    return {
      product,
      explanation: explain(
        assortment,
        record,
        { place, own: list.own, placeWithoutLimit },
        world,
        names,
        new Set(without),
      ),
      gone: goneIn(assortment.rule, names),
    };
  });
}
