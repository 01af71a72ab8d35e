import type { CategoryFacts, ProductFacts } from '../catalogue/facts.ts';
import { categoryTree, type CategoryTree } from '../catalogue/categoryTree.ts';
import type { Item } from '../card/partKind.ts';
import { firstBands, newShelf } from '../plan/atFirst.ts';
import { plainLook } from '../plan/bays/bayKind.ts';
import type { Bay } from '../plan/bays/index.ts';
import type { House } from '../plan/house.ts';
import type { Plan } from '../plan/plan.ts';
import type { Shelf } from '../plan/shelf.ts';
import { emptyVocabulary, namesFrom } from '../catalogue/vocabulary.ts';
import type { Names } from '../sentence/sentence.ts';
import { viewWith, type PageInput } from '../view/pageView.ts';
import type { ItemsRequest, PageView } from '../view/view.ts';

/** Small made-up plans and goods, for tests. */

export const specimenHouse: House = {
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

export const specimenShelf = (id: string, more: Partial<Shelf> = {}): Shelf => ({
  ...newShelf(id, firstBands),
  name: id,
  ...more,
});

export function specimenBay(id: string, more: Partial<Bay> = {}): Bay {
  return {
    ...(more.holds === undefined || more.holds === 'shelf' ? { holds: 'shelf', shelfId: id } : {}),
    id,
    heading: { words: `Heading of ${id}`, level: 2, align: 'start' },
    look: plainLook('phone', 20),
    bands: null,
    hidden: false,
    ...more,
  } as Bay;
}

/** A home page with these shelves, one bay each. */
export function specimenPlan(
  shelves: readonly Shelf[],
  bays = shelves.map((shelf) => specimenBay(shelf.id)),
): Plan {
  return {
    house: specimenHouse,
    pages: { home: { id: 'home', kind: 'home', name: 'Home', direction: 'language', bays } },
    shelves: Object.fromEntries(shelves.map((shelf) => [shelf.id, shelf])),
    assortments: {},
  };
}

export const specimenProduct = (id: number, more: Partial<ProductFacts> = {}): ProductFacts => ({
  id,
  slug: `piece-${id}`,
  title: `Piece ${id}`,
  shortText: '',
  brand: null,
  price: { regular: 1000 + id, reduced: null, from: false },
  rating: null,
  stock: { state: 'in', count: null },
  pictures: [],
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
    position: id,
    products: 3,
    createdAt: 0,
  })),
);

export const specimenNames: Names = namesFrom(
  specimenHouse,
  specimenTree,
  emptyVocabulary,
  (id) => (id <= 400 ? `Piece ${id}` : undefined),
  (id) => `Assortment ${id}`,
);

/** The home page of a plan, where every assortment of products holds the first `total` pieces in order. */
export function specimenView(plan: Plan, total = 64, more: Partial<PageInput> = {}): PageView {
  const answer = ({ assortment, without, start, count }: ItemsRequest) => {
    const left = new Set(without);
    const most = assortment.limit ?? Infinity;
    const all = products
      .slice(0, total)
      .filter((item) => item.of !== 'products' || !left.has(item.product.id))
      .slice(0, most);
    return { total: all.length, own: all.length, start, items: all.slice(start, start + count) };
  };
  return viewWith(
    {
      plan,
      page: plan.pages.home!,
      now: Date.UTC(2026, 10, 24, 12),
      tree: specimenTree,
      pictures: () => undefined,
      address: { path: '/', from: {} },
      ...more,
    },
    answer,
  );
}
