import { isGroup, type Group } from '../assortment/assortment.ts';
import { orderKind } from '../assortment/orders/index.ts';
import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { PictureFacts, ProductDetail } from '../catalogue/facts.ts';
import { formatMoney, type Currency } from '../catalogue/money.ts';
import { startOfStoreDay, storeDay } from '../catalogue/storeTime.ts';
import type { Room } from '../geometry/steps.ts';
import { labelKinds } from '../label/label.ts';
import type { Bay } from '../plan/bays/index.ts';
import type { House } from '../plan/house.ts';
import type { Page } from '../plan/page.ts';
import type { Plan } from '../plan/plan.ts';
import type { Shelf } from '../plan/shelf.ts';
import { heldSpan, shelfView, sizedSteps } from './shelfView.ts';
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

export function roomOf(house: House, bay: Pick<Bay, 'look'>): Room {
  return { marginPx: house.margin, maximumPx: bay.look.width === 'content' ? house.contentPx : null };
}

export const currencyOf = (house: House): Currency => ({ code: house.currency, locale: house.locale });

/** Whether an answer changes with the store's calendar day. */
function isDaily(shelf: Shelf): boolean {
  return shelf.assortment.of === 'products' && orderKind(shelf.assortment.order.by).daily;
}

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
  let daily = false;
  for (const [i, bay] of page.bays.entries()) {
    if (bay.hidden) continue;
    if (bay.holds === 'shelf') {
      const shelf = plan.shelves[bay.shelfId];
      if (!shelf) continue;
      daily ||= isDaily(shelf);
      bays.push(yield* askShelf(input, bay, shelf, above, knownBelow(page, plan, i)));
      continue;
    }
    const picture = bay.holds === 'banner' && bay.pictureId ? input.pictures(bay.pictureId) : undefined;
    bays.push(
      keptBay(bay, [house, picture, input.product], () => bayView(bay, contentOf(bay, input), house)),
    );
  }
  const category = input.categoryId ? tree.byId(input.categoryId) : undefined;
  const name = input.product?.title ?? category?.name ?? page.name;
  return {
    pageId: page.id,
    kind: page.kind,
    title: page.kind === 'home' ? house.storeName : `${name} – ${house.storeName}`,
    firstHeading: firstHeading(bays, page.kind === 'home' ? house.storeName : name),
    lang: house.locale,
    storeName: house.storeName,
    currency: house.currency,
    bands: house.bands,
    margin: house.margin,
    contentPx: house.contentPx,
    colours: house.colours,
    links: storeLinks(input, category?.slug),
    trail: trailOf(input, name),
    bays,
    goodUntil: daily ? startOfStoreDay(storeDay(input.now, house.timeZone) + 1, house.timeZone) : null,
    reads: ['release', 'catalogue'],
  };
}

function bayView(bay: Bay, content: ContentView, house: House): BayView {
  const empty =
    (content.holds === 'shelf' && content.shelf.total === 0) ||
    (content.holds === 'notice' && !content.words) ||
    (content.holds === 'product' && !content.product);
  const { id, heading, look, bands } = bay;
  return { id, heading, look, bands, content, empty, room: roomOf(house, bay) };
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
): Generator<ItemsRequest, BayView, ItemsAnswer> {
  const { plan, address } = input;
  const room = roomOf(plan.house, bay);
  const bands = plan.house.bands;
  const steps = sizedSteps(shelf, room, bands);
  const without =
    shelf.notTwice && shelf.assortment.of === 'products' ? [...above].sort((a, b) => a - b) : [];
  const ask = (from: number): ItemsRequest => {
    const span = heldSpan(shelf, steps, from);
    return {
      shelfId: shelf.id,
      assortment: shelf.assortment,
      without,
      start: span.start,
      count: span.end - span.start,
    };
  };
  let from = shelf.pager === 'none' ? 0 : (address.from[shelf.id] ?? 0);
  let answer = yield ask(from);
  if (from > 0 && from >= answer.total) {
    from = Math.max(0, answer.total - 1);
    answer = yield ask(from);
  }
  if (remember && shelf.assortment.of === 'products') {
    const first = heldSpan(shelf, steps, 0);
    const onFirst = answer.start === 0 && from === 0 ? answer : yield ask(0);
    for (const item of onFirst.items.slice(0, first.end - onFirst.start))
      if (item.of === 'products') above.add(item.product.id);
  }
  return keptBay(bay, [plan.house, shelf, answer, address, from], () => {
    const content: ContentView = {
      holds: 'shelf',
      shelf: shelfView(shelf, answer, {
        bands,
        room,
        currency: currencyOf(plan.house),
        from,
        hrefFrom: (first) => hrefFrom(address, shelf.id, first),
      }),
    };
    return bayView(bay, content, plan.house);
  });
}

function contentOf(bay: Exclude<Bay, { holds: 'shelf' }>, input: PageInput): ContentView {
  if (bay.holds === 'notice') return { holds: 'notice', words: bay.words, link: bay.link };
  if (bay.holds === 'banner') {
    const { title, words, button, link, height } = bay;
    const picture = bay.pictureId ? (input.pictures(bay.pictureId) ?? null) : null;
    return { holds: 'banner', title, words, button, link, picture, height };
  }
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

function trailOf({ page, product, categoryId, tree }: PageInput, name: string): Link[] {
  const link = (words: string, href: string, current = false): Link => ({ words, href, current });
  if (page.kind === 'product' && product)
    return [
      link('Shop', '/shop'),
      ...product.trail.map((one) => link(one.name, `/category/${one.slug}`)),
      link(name, '', true),
    ];
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

/** Whether a rule depends on the page around it. */
export function readsAround(group: Group): boolean {
  return group.parts.some((part) => (isGroup(part) ? readsAround(part) : part.is === 'around'));
}
