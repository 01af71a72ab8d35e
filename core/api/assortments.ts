import { MOST_SAVED } from '../shopper/savedIds.ts';
import type { Explanation } from '../assortment/explain.ts';
import type { Path } from '../assortment/rule.ts';
import { PRODUCT_FACTS, type ProductFact, type ProductFacts } from '../catalogue/facts.ts';
import { array, idSchema, mixed, number, string, type Schema } from '../schema/schema.ts';
import { MOST_FILTERS } from '../listing/shownFilter.ts';
import type { ItemsAnswer } from '../view/view.ts';
import type { Item } from '../card/item.ts';
import type { HardCounts } from '../hardCases/hardCounts.ts';
import { contract } from './contract.ts';
import { shape, told } from './shape.ts';

/** Who looks at a page, and what it is about. */
export interface SeenBy {
  /** Slug of the category or collection that the page is about. */
  category: string | null;
  collection: string | null;
  /** Id of the product that the page is about. */
  product: number | null;
  /** Ids of products, the most recent first. */
  lookedAt: readonly number[];
  /** What is searched, where the page is what was found. */
  search?: string | undefined;
  /** Ids of the products that are kept for later, where the page is about those. */
  saved?: readonly number[] | undefined;
}

const MOST_ITEMS = 2_000;
const MOST_FALLBACKS = 20;

const ids = (most: number) => array(idSchema).max(most).required() as unknown as Schema<readonly number[]>;

const seenBy = shape<SeenBy>({
  category: string().max(200).nullable().defined(),
  collection: string().max(200).nullable().defined(),
  product: idSchema.nullable().defined(),
  lookedAt: ids(200),
  search: string().max(200),
  saved: array(idSchema).max(MOST_SAVED),
});

/** An assortment as it is stored; read, and said what is wrong with it, by the core's own reader. */
const assortment = mixed().required() as unknown as Schema<unknown>;
const fallbacks = array(mixed().required()).max(MOST_FALLBACKS).required() as unknown as Schema<unknown[]>;

interface Question {
  assortment: unknown;
  /** What tops it up, one after the other. */
  fallbacks: unknown[];
  /** Ids of products that are left out since they stand above. */
  without: readonly number[];
  seenBy: SeenBy;
}

const question = { assortment, fallbacks, without: ids(5_000), seenBy };

interface ItemsQuestion extends Question {
  start: number;
  count: number;
  /** What of products is read besides what every card says; all that is known where it is not said. */
  needs?: readonly ProductFact[] | undefined;
  /** Ids of filters of which all counts are answered as well, where it is a listing. */
  filters?: readonly string[] | undefined;
}

/** The items of an assortment, from one place on. */
export const readItems = contract({
  method: 'POST',
  path: '/api/items',
  who: 'signedIn',
  refusedAs: 'assortment-faulty',
  body: shape<ItemsQuestion>({
    ...question,
    start: number().integer().min(0).max(10_000_000).required(),
    count: number().integer().min(0).max(MOST_ITEMS).required(),
    needs: array(string().oneOf(PRODUCT_FACTS).required()).max(20),
    filters: array(string().max(80).required()).max(MOST_FILTERS),
  }),
  answer: shape<Omit<ItemsAnswer, 'coming'>>({
    total: number().integer().min(0).required(),
    own: number().integer().min(0).required(),
    start: number().integer().min(0).required(),
    items: array().required(),
    facets: array(),
  }),
});

/** What remains after a clause. */
export interface PartCount {
  path: Path;
  count: number;
}

export interface RuleCounts {
  all: number;
  parts: PartCount[];
  /** After the whole rule, and after sold-out products are left out where they are. */
  remains: number;
  inStock: number;
}

const count = number().integer().min(0).required();

/** What remains after each clause of a rule. */
export const readCounts = contract({
  method: 'POST',
  path: '/api/assortments/counts',
  who: 'signedIn',
  refusedAs: 'assortment-faulty',
  body: shape<Pick<Question, 'assortment' | 'seenBy'>>({ assortment, seenBy }),
  answer: shape<RuleCounts>({
    all: count,
    parts: array(shape<PartCount>({ path: told<Path>(), count })).required(),
    remains: count,
    inStock: count,
  }),
});

export interface HardCandidates {
  counts: HardCounts;
  /** Some hundred at most, of all that match. */
  items: Item[];
}

/** Items of an assortment on which cards are likeliest to fail. */
export const readHardCases = contract({
  method: 'POST',
  path: '/api/hard-cases',
  who: 'signedIn',
  refusedAs: 'assortment-faulty',
  body: shape<Pick<Question, 'assortment' | 'seenBy'> & { needs: readonly ProductFact[] }>({
    assortment,
    seenBy,
    needs: array(string().oneOf(PRODUCT_FACTS).required()).max(20).required(),
  }),
  answer: shape<HardCandidates>({ counts: told<HardCounts>(), items: array().required() }),
});

interface Explained {
  product: ProductFacts;
  explanation: Explanation;
  /** What the rule names and is no longer there, in words. */
  gone: string[];
}

/** Whether a product is in, where, or what leaves it out. */
export const explainProduct = contract({
  method: 'POST',
  path: '/api/assortments/explain',
  who: 'signedIn',
  refusedAs: 'assortment-faulty',
  body: shape<Question & { product: number }>({ ...question, product: idSchema as Schema<number> }),
  answer: shape<Explained>({
    product: told<ProductFacts>(),
    explanation: told<Explanation>(),
    gone: array(string().required()).required(),
  }),
});
