import { dependsOf } from '../assortment/depends.ts';
import { fallbackChain } from '../assortment/fallback.ts';
import type { Changing } from '../assortment/kinds.ts';
import { HOUR_MS } from '../assortment/orders/shuffled.ts';
import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { EntryDetail, PictureFacts, ProductDetail } from '../catalogue/facts.ts';
import { formatMoney, type Currency } from '../catalogue/money.ts';
import { startOfStoreDay, storeDay } from '../catalogue/storeTime.ts';
import type { Room } from '../geometry/steps.ts';
import { labelKinds } from '../label/label.ts';
import type { Bay } from '../plan/bays/index.ts';
import type { House } from '../plan/house.ts';
import type { Page } from '../plan/page.ts';
import { assortmentOf, type Plan } from '../plan/plan.ts';
import type { Shelf } from '../plan/shelf.ts';
import { filledCount, heldSpan, shelfView, sizedSteps } from './shelfView.ts';
import type { BayView, ContentView, ItemsAnswer, ItemsRequest, Link, PageView } from './view.ts';

/** Where a page is seen, and what it may know of the world. */
export interface PageInput {
  plan: Plan;
  page: Page;
  /** UTC ms. */
  now: number;
  tree: CategoryTree;
  pictures(id: string): PictureFacts | undefined;
  address: PageAddress;
  /** What a product page is about. */
  product?: ProductDetail | null;
  /** The category that a category page is about. */
  categoryId?: number | null;
  /** The collection that a collection's page is about. */
  collection?: { name: string } | null;
  /** The entry that an entry's page is about. */
  entry?: EntryDetail | null;
  /** Room is to be kept for what a shopper's own script fills. */
  keepsRoom?: boolean;
}

export interface PageAddress {
  path: string;
  /** First item by shelf, for those that do not begin at 0. */
  from: Readonly<Record<string, number>>;
}

/** Address of the page with one shelf beginning at another item. */
export function hrefFrom(address: PageAddress, shelfId: string, from: number): string {
  const all = { ...address.from, [shelfId]: from };
  const query = Object.entries(all)
    .filter(([, first]) => first > 0)
    .map(([id, first]) => `${encodeURIComponent(id)}.from=${first}`)
    .sort()
    .join('&');
  return `${address.path}${query ? `?${query}` : ''}#${encodeURIComponent(`shelf-${shelfId}`)}`;
}

/** What a bay may use: the house's margins and greatest width, or its own within those. */
export function roomOf(house: House, { look }: Pick<Bay, 'look'>): Room {
  const widest = { window: null, content: house.contentPx, own: Math.min(look.ownPx, house.contentPx) };
  return { marginPx: look.margin ?? house.margin, maximumPx: widest[look.width] };
}

/** Languages that are read from right to left. */
const RIGHT_TO_LEFT = new Set([
  'ar',
  'arc',
  'ckb',
  'dv',
  'fa',
  'he',
  'ks',
  'nqo',
  'ps',
  'sd',
  'syr',
  'ug',
  'ur',
  'yi',
]);

const directionOf = (page: Page, locale: string): 'ltr' | 'rtl' => {
  if (page.direction !== 'language') return page.direction;
  return RIGHT_TO_LEFT.has(locale.split('-')[0]!.toLowerCase()) ? 'rtl' : 'ltr';
};

export const currencyOf = (house: House): Currency => ({ code: house.currency, locale: house.locale });

function knownBelow(page: Page, plan: Plan, after: number): boolean {
  return page.bays
    .slice(after + 1)
    .some((bay) => bay.holds === 'shelf' && plan.shelves[bay.shelfId]?.notTwice);
}

/**
 * Makes the view of a page. It yields a request for each shelf, from the top down, and is given the answer, so
 * that server, studio and tests can each answer in their own way. Hidden bays are not part of it.
 */
export function* pageView(input: PageInput): Generator<ItemsRequest, PageView, ItemsAnswer> {
  const { plan, page, tree } = input;
  const { house } = plan;
  const above = new Set<number>();
  const bays: BayView[] = [];
  const changing = new Set<Changing>();
  for (const [i, bay] of page.bays.entries()) {
    if (bay.hidden) continue;
    if (bay.holds === 'shelf') {
      const shelf = plan.shelves[bay.shelfId];
      if (!shelf) continue;
      bays.push(yield* askShelf(input, bay, shelf, above, knownBelow(page, plan, i), changing));
      continue;
    }
    const picture = bay.holds === 'banner' && bay.pictureId ? input.pictures(bay.pictureId) : undefined;
    bays.push(
      keptBay(bay, [house, picture, input.product, input.entry], () =>
        bayView(bay, contentOf(bay, input), house),
      ),
    );
  }
  const category = input.categoryId ? tree.byId(input.categoryId) : undefined;
  const name =
    input.product?.title ?? input.entry?.title ?? input.collection?.name ?? category?.name ?? page.name;
  return {
    pageId: page.id,
    kind: page.kind,
    path: input.address.path,
    title: page.kind === 'home' ? house.storeName : `${name} – ${house.storeName}`,
    firstHeading: firstHeading(bays, page.kind === 'home' ? house.storeName : name),
    lang: house.locale,
    direction: directionOf(page, house.locale),
    storeName: house.storeName,
    currency: house.currency,
    bands: house.bands,
    margin: house.margin,
    contentPx: house.contentPx,
    colours: house.colours,
    links: storeLinks(input, category?.slug),
    trail: trailOf(input, name),
    bays,
    goodUntil: nextTurn(changing, input.now, house.timeZone),
    reads: ['release', 'catalogue'],
  };
}

/** The next instant at which something that changes by itself does. */
function nextTurn(changing: ReadonlySet<Changing>, now: number, timeZone: string): number | null {
  if (changing.has('hourly')) return (Math.floor(now / HOUR_MS) + 1) * HOUR_MS;
  return changing.has('daily') ? startOfStoreDay(storeDay(now, timeZone) + 1, timeZone) : null;
}

function bayView(bay: Bay, content: ContentView, house: House, more: Partial<BayView> = {}): BayView {
  const empty =
    (content.holds === 'shelf' && content.shelf.total === 0) ||
    (content.holds === 'notice' && !content.words) ||
    (content.holds === 'product' && !content.product) ||
    (content.holds === 'entry' && !content.entry);
  const { id, heading, look, bands } = bay;
  return {
    id,
    heading,
    look,
    bands,
    content,
    empty,
    personal: false,
    standIn: null,
    goesAway: false,
    room: roomOf(house, bay),
    ...more,
  };
}

const lastViews = new WeakMap<Bay, { from: readonly unknown[]; view: BayView }>();

/** A bay whose makings are the very same keeps its view, so that a drawing can pass it over. */
function keptBay(bay: Bay, from: readonly unknown[], make: () => BayView): BayView {
  const last = lastViews.get(bay);
  if (last?.from.every((one, i) => one === from[i])) return last.view;
  const view = make();
  lastViews.set(bay, { from, view });
  return view;
}

function* askShelf(
  input: PageInput,
  bay: Bay,
  shelf: Shelf,
  above: Set<number>,
  remember: boolean,
  changing: Set<Changing>,
): Generator<ItemsRequest, BayView, ItemsAnswer> {
  const { plan, address } = input;
  const room = roomOf(plan.house, bay);
  const bands = plan.house.bands;
  const steps = sizedSteps(shelf, room, bands);
  const assortment = assortmentOf(plan, shelf);
  const fallbacks = fallbackChain(assortment, (id) => plan.assortments[id]?.assortment);
  const depends = dependsOf([assortment, ...fallbacks]);
  changing.add(depends.changing);
  const personal = depends.reads.has('lookedAt');
  const isOfProducts = assortment.of === 'products';
  const without = shelf.notTwice && isOfProducts ? [...above].sort((a, b) => a - b) : [];
  const ask = (from: number): ItemsRequest => {
    const span = heldSpan(shelf, steps, from);
    return {
      shelfId: shelf.id,
      assortment,
      fallbacks,
      without,
      start: span.start,
      count: span.end - span.start,
    };
  };
  let from = shelf.paging.by === 'none' ? 0 : (address.from[shelf.id] ?? 0);
  let answer = yield ask(from);
  if (from > 0 && from >= answer.total) {
    from = Math.max(0, answer.total - 1);
    answer = yield ask(from);
  }
  const filled = yield* askFilled(ask(from), answer, shelf, steps, bands);
  if (remember && isOfProducts && !personal) {
    const first = heldSpan(shelf, steps, 0);
    const onFirst = answer.start === 0 && from === 0 ? answer : yield ask(0);
    for (const item of onFirst.items.slice(0, first.end - onFirst.start))
      if (item.of === 'products') above.add(item.product.id);
  }
  const fallback = isOfProducts ? assortment.fallback : null;
  const goesAway = fallback?.then === 'goAway';
  const tooFew = goesAway && answer.own < fallback.fewerThan;
  const standsIn = personal && input.keepsRoom && (tooFew || answer.total === 0);
  const stand = standsIn ? yield standInRequest(ask(from)) : null;
  return keptBay(bay, [plan.house, shelf, assortment, answer, filled, stand, address, from], () => {
    const shelfOf = (items: ItemsAnswer) =>
      shelfView(shelf, assortment.of, items, filled, {
        bands,
        room,
        currency: currencyOf(plan.house),
        from,
        hrefFrom: (first) => hrefFrom(address, shelf.id, first),
      });
    return bayView(bay, { holds: 'shelf', shelf: shelfOf(answer) }, plan.house, {
      personal,
      goesAway,
      ...(tooFew && { empty: true }),
      ...(stand?.items.length && {
        standIn: { shelf: shelfOf(stand), fewerThan: goesAway ? fallback.fewerThan : 1 },
      }),
    });
  });
}

/** Any products, where what is a shopper's own is not known yet. */
const standInRequest = (request: ItemsRequest): ItemsRequest =>
  request.assortment.of === 'products'
    ? {
        ...request,
        assortment: {
          ...request.assortment,
          rule: { join: 'all', parts: [] },
          order: { by: 'position' },
          fallback: null,
        },
        fallbacks: [],
      }
    : request;

/** What fills a short last row from the fallback; null where nothing is to be filled. */
function* askFilled(
  request: ItemsRequest,
  { total }: ItemsAnswer,
  shelf: Shelf,
  steps: ReturnType<typeof sizedSteps>,
  bands: House['bands'],
): Generator<ItemsRequest, ItemsAnswer | null, ItemsAnswer> {
  const { assortment } = request;
  if (assortment.of !== 'products' || assortment.fallback?.then !== 'topUp') return null;
  const needed = Math.max(...steps.map((step) => filledCount(shelf, step, total, bands)));
  if (needed <= total) return null;
  const fallback = { ...assortment.fallback, fewerThan: needed };
  const limit = assortment.limit === null ? null : Math.max(assortment.limit, needed);
  return yield { ...request, assortment: { ...assortment, fallback, limit }, start: 0, count: needed };
}

function contentOf(bay: Exclude<Bay, { holds: 'shelf' }>, input: PageInput): ContentView {
  if (bay.holds === 'notice') return { holds: 'notice', words: bay.words, link: bay.link };
  if (bay.holds === 'banner') {
    const { title, words, button, link, height } = bay;
    const picture = bay.pictureId ? (input.pictures(bay.pictureId) ?? null) : null;
    return { holds: 'banner', title, words, button, link, picture, height };
  }
  if (bay.holds === 'entry') return { holds: 'entry', entry: input.entry ?? null };
  const product = input.product ?? null;
  const currency = currencyOf(input.plan.house);
  const { regular, reduced, from } = product?.price ?? { regular: 0, reduced: null, from: false };
  return {
    holds: 'product',
    product,
    price: {
      now: formatMoney(reduced ?? regular, currency),
      before: reduced === null ? null : formatMoney(regular, currency),
      from,
    },
    labels: product ? labelKinds.flatMap((kind) => kind.text(product) ?? []) : [],
  };
}

/** A page has one heading of the first level: a banner's title, the product's name, or its own name. */
function firstHeading(bays: readonly BayView[], name: string): string | null {
  const carried = bays.some(
    ({ content, heading, empty }) =>
      !empty &&
      ((content.holds === 'banner' && content.title) ||
        content.holds === 'product' ||
        content.holds === 'entry' ||
        (content.holds === 'shelf' && heading.words && heading.level === 1)),
  );
  return carried ? null : name;
}

function storeLinks({ page, tree }: PageInput, currentSlug: string | undefined): Link[] {
  const roots = tree.roots.filter((category) => category.products > 0 && !category.catchAll);
  return [
    { words: 'Shop', href: '/shop', current: page.kind === 'shop' },
    ...roots
      .slice(0, 5)
      .map(({ name, slug }) => ({ words: name, href: `/category/${slug}`, current: slug === currentSlug })),
  ];
}

function trailOf({ page, product, categoryId, tree, entry, collection }: PageInput, name: string): Link[] {
  const link = (words: string, href: string, current = false): Link => ({ words, href, current });
  if (page.kind === 'product' && product)
    return [
      link('Shop', '/shop'),
      ...product.trail.map((one) => link(one.name, `/category/${one.slug}`)),
      link(name, '', true),
    ];
  if (page.kind === 'entry' && entry) return [link('Journal', '/journal'), link(name, '', true)];
  if (page.kind === 'collection' && collection) return [link('Shop', '/shop'), link(name, '', true)];
  if (page.kind === 'category' && categoryId)
    return [
      link('Shop', '/shop'),
      ...tree.ancestors(categoryId).map((one) => link(one.name, `/category/${one.slug}`)),
      link(name, '', true),
    ];
  return [];
}

/** Drives a view with answers that are at hand. */
export function viewWith(input: PageInput, answer: (request: ItemsRequest) => ItemsAnswer): PageView {
  const making = pageView(input);
  let step = making.next();
  while (!step.done) step = making.next(answer(step.value));
  return step.value;
}

/** Drives a view with answers that have to be waited for, one after the other. */
export async function viewAwaiting(
  input: PageInput,
  answer: (request: ItemsRequest) => Promise<ItemsAnswer>,
): Promise<PageView> {
  const making = pageView(input);
  let step = making.next();
  while (!step.done) step = making.next(await answer(step.value));
  return step.value;
}
