import type {
  CategoryFacts,
  OptionValueFacts,
  PictureFacts,
  ProductDetail,
  ProductFacts,
} from '../catalogue/facts.ts';
import { categoryTree, type CategoryTree } from '../catalogue/categoryTree.ts';
import { faceOf, type Item } from '../card/item.ts';
import type { StoredBay } from '../bays/index.ts';
import { firstBands } from '../plan/firstBands.ts';
import type { Command } from '../plan/commands.ts';
import type { StoredHouse } from '../plan/house.ts';
import type { Plan } from '../plan/plan.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completeHouse, completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { emptyVocabulary, namesFrom } from '../catalogue/vocabulary.ts';
import type { Names } from '../sentence/sentence.ts';
import { viewWith } from '../view/driveView.ts';
import type { PageInput } from '../view/pageView.ts';
import type { ItemsAnswer, ItemsRequest, PageView } from '../view/view.ts';

/** Small made-up plans and goods, for tests. */

export const specimenHouse: StoredHouse = {
  storeName: 'Specimen store',
  currency: 'GBP',
  locale: 'en-GB',
  timeZone: 'Europe/London',
  newForDays: 30,
  bands: [...firstBands],
  colours: {
    ground: '#ffffff',
    card: '#eeeeee',
    text: '#111111',
    quiet: '#555555',
    accent: '#224466',
    onAccent: '#ffffff',
    reduced: '#aa3322',
    line: '#dddddd',
  },
  contentPx: 1120,
  margin: { phone: 16, laptop: 30 },
};

export const specimenShelf = (id: string, more: Partial<StoredShelf> = {}): StoredShelf => ({
  id,
  name: id,
  ...more,
});

export function specimenBay(id: string, more: Partial<StoredBay> = {}): StoredBay {
  return {
    ...(more.holds === undefined || more.holds === 'shelf' ? { holds: 'shelf', shelfId: id } : {}),
    id,
    heading: { words: `Heading of ${id}` },
    look: { above: { phone: 20 }, below: { phone: 20 } },
    ...more,
  } as StoredBay;
}

/** A home page with these shelves, one bay each, as it is stored. */
export function specimenStored(
  shelves: readonly StoredShelf[],
  bays: readonly StoredBay[] = shelves.map((shelf) => specimenBay(shelf.id)),
): StoredPlan {
  return {
    house: specimenHouse,
    pages: { home: { id: 'home', kind: 'home', name: 'Home', bays: [...bays] } },
    shelves: Object.fromEntries(shelves.map((shelf) => [shelf.id, shelf])),
    assortments: {},
  };
}

/** The same, complete. */
export const specimenPlan = (shelves: readonly StoredShelf[], bays?: readonly StoredBay[]): Plan =>
  completePlan(specimenStored(shelves, bays));

export const specimenProduct = (id: number, more: Partial<ProductFacts> = {}): ProductFacts => ({
  id,
  slug: `piece-${id}`,
  title: `Piece ${id}`,
  shortText: '',
  brand: null,
  category: null,
  categories: [],
  code: '',
  price: { regular: 1000 + id, reduced: null, from: false },
  rating: null,
  stock: { state: 'in', count: null },
  pictures: [],
  buy: { variantId: id, choose: id % 3 === 0 },
  sold: 0,
  tags: [],
  kind: null,
  featured: false,
  onSaleFrom: null,
  fields: [],
  options: [],
  ...more,
});

/** The same as its own page has it. */
export const specimenDetail = (id: number, more: Partial<ProductDetail> = {}): ProductDetail => ({
  ...specimenProduct(id),
  longText: [],
  trail: [],
  variants: [],
  options: [],
  ...more,
});

export const specimenPicture = (more: Partial<PictureFacts> = {}): PictureFacts => ({
  id: 'p'.repeat(64),
  file: more.id ?? 'f'.repeat(64),
  width: 800,
  height: 1000,
  alt: '',
  focal: { x: 0.5, y: 0.5 },
  dominant: '#888888',
  seeThrough: false,
  placeholder: '',
  ...more,
});

/** Products, each with one picture of such a kind. */
export const specimenPictured = (...pictures: readonly Partial<PictureFacts>[]): Item[] =>
  pictures.map((more, i) => ({
    of: 'products',
    product: specimenProduct(i + 1, { pictures: [specimenPicture(more)] }),
  }));

/** A value of an option, which the variant after it has. */
export const specimenValue = (id: number, more: Partial<OptionValueFacts> = {}): OptionValueFacts => ({
  id,
  name: `Value ${id}`,
  colour: null,
  picture: null,
  variantId: 10 + id,
  photograph: null,
  price: { regular: 100, reduced: null, from: false },
  available: true,
  chosen: false,
  ...more,
});

const products = Array.from({ length: 400 }, (_, i): Item => ({
  of: 'products',
  product: specimenProduct(i + 1),
}));

export const specimenTree: CategoryTree = categoryTree(
  [1, 2].map((id): CategoryFacts => ({
    id,
    parentId: id === 1 ? null : 1,
    slug: `category-${id}`,
    name: `Category ${id}`,
    description: '',
    picture: null,
    catchAll: false,
    extraLine: '',
    position: id,
    products: 3,
    createdAt: 0,
  })),
);

export const specimenNames: Names = namesFrom(
  completeHouse(specimenHouse).house,
  specimenTree,
  emptyVocabulary,
  (id) => (id <= 400 ? `Piece ${id}` : undefined),
  {
    shelf: (id) => `Shelf ${id}`,
    assortment: (id) => `Assortment ${id}`,
    bay: (id) => (id ? `Bay ${id}` : undefined),
    page: (id) => `Page ${id}`,
  },
);

/** What the home page of a plan is made from. */
export const specimenInput = (plan: Plan, more: Partial<PageInput> = {}): PageInput => ({
  plan,
  page: plan.pages.home!,
  now: Date.UTC(2026, 10, 24, 12),
  tree: specimenTree,
  pictures: () => undefined,
  address: { path: '/', from: {}, open: {} },
  about: {},
  ...more,
});

/** The home page of a plan with the answers of whoever knows what its shelves show. */
export const specimenViewOf = (
  plan: Plan,
  answer: (request: ItemsRequest) => ItemsAnswer,
  more: Partial<PageInput> = {},
): PageView => viewWith(specimenInput(plan, more), answer);

/** Answers as though every assortment held these, in order. */
export const specimenAnswer =
  (goods: readonly Item[] = products) =>
  ({ assortment, without, start, count }: ItemsRequest): ItemsAnswer => {
    const left = new Set(without);
    const most = assortment.limit ?? Infinity;
    const all = goods.filter((item) => !left.has(faceOf(item).id)).slice(0, most);
    return { total: all.length, own: all.length, start, items: all.slice(start, start + count) };
  };

/**
 * The same, where every assortment of products holds the first `total` pieces in order.
 * @param goods what there is, the first `total` of it
 */
export function specimenView(
  plan: Plan,
  total = 64,
  more: Partial<PageInput> = {},
  goods: readonly Item[] = products,
): PageView {
  return specimenViewOf(plan, specimenAnswer(goods.slice(0, total)), more);
}

/** Sets how many columns a shelf has on the narrowest screens. */
export const specimenColumns = (shelf: string, value: number): Command => ({
  do: 'set',
  on: { shelf },
  setting: 'columns.count',
  band: 'phone',
  value,
});
