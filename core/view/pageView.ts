import type { Style } from '../style/styleTree.ts';
import { inPx } from '../style/inPx.ts';
import { styleOnPage } from '../style/styleOnPage.ts';
import { sellsByBasket } from '../group/soldAs.ts';
import { rulesInUse } from '../rules/rulesTree.ts';
import { languageOf } from '../texts/made.ts';
import { textsFor } from '../texts/index.ts';
import type { Of } from '../assortment/of.ts';
import type { Changing } from '../assortment/kinds.ts';
import { HOUR_MS } from '../assortment/orders/shuffled.ts';
import { bayKind, type Bay, type ContentView } from '../bays/index.ts';
import type { BayMade } from '../bays/bayKind.ts';
import type { CardStore } from '../catalogue/cardStore.ts';
import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import { startOfStoreDay, storeDay } from '../catalogue/storeTime.ts';
import { isOwn } from '../label/labelsOf.ts';
import { edgeOf, isEdge, pageKind } from '../pages/index.ts';
import type { About, PageKind } from '../pages/pageKind.ts';
import type { Page } from '../plan/page.ts';
import type { Plan } from '../plan/plan.ts';
import { keepsForLater } from '../plan/keepsForLater.ts';
import { linkTo, type LinkWorld } from '../plan/linkTo.ts';
import { isInTime, nextComing } from '../plan/bayTimes.ts';
import { shelvesOf } from '../plan/places.ts';
import { cardStoreOf } from './cardStoreOf.ts';
import { fromParameter, inOrder, showsParameter, type PageAddress, type Parameter } from './address.ts';
import { keptFor } from './keptFor.ts';
import { listingPrefix, searchesWithin } from './listingPrefix.ts';
import type { Said } from './making.ts';
import { shelvesIn } from './shelvesIn.ts';
import { contentOf, isAside, roomsOf, sideOf, type Rooms } from './rooms.ts';
import { COLLECTIONS, ENTRIES, productRead, RELEASE } from './reads.ts';
import type { BayView, ItemsAnswer, ItemsRequest, PageView, EdgeView } from './view.ts';

/** Where a page is seen, and what it may know of the world. */
export interface PageInput {
  plan: Plan;
  page: Page;
  /** UTC ms. */
  now: number;
  tree: CategoryTree;
  /** Collections that links can lead to. */
  collections?: LinkWorld['collections'];
  pictures(id: string): PictureFacts | undefined;
  address: PageAddress;
  about: About;
  /** Room is to be kept for what a shopper's own script fills. */
  keepsRoom?: boolean;
  /** Only what is asked for first is wanted: nothing is made of the answers. */
  asksOnly?: boolean;
  /** Bays are shown before and after their time as well, so that they can be arranged. */
  atAnyTime?: boolean;
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
  return RIGHT_TO_LEFT.has(languageOf(locale)) ? 'rtl' : 'ltr';
};

/** Shelves below a bay that leave out what is shown above them. */
const knownBelow = (page: Page, plan: Plan, after: number): boolean =>
  page.bays.slice(after + 1).some((bay) => shelvesOf(bay).some((id) => plan.shelves[id]?.notTwice));

/** What making the bays of a page tells of the page. */
interface Told {
  changing: Set<Changing>;
  reads: Set<string>;
  begins: Record<string, number>;
  opened: Record<string, string>;
  narrowed: Record<string, readonly Parameter[]>;
}

/** What a page is called: what it is about, or its own name. */
const nameOf = ({ page, about, plan }: PageInput): string => {
  const kind = pageKind(page.kind);
  return kind.titledByStore ? plan.house.storeName : (kind.named(about, textsFor(plan.house)) ?? page.name);
};

/** A page with those of its bays alone that are shown now. */
const asShown = (page: Page, { plan, atAnyTime = false, now }: PageInput): Page => ({
  ...page,
  bays: page.bays.filter((bay) => !bay.hidden && (atAnyTime || isInTime(bay, plan.house.timeZone, now))),
});

/** Makes the bays that are shown of a page, of the header or of the footer, from the top down. */
function* baysOf(
  page: Page,
  input: PageInput,
  store: CardStore,
  pageStyle: Style,
  told: Told,
): Generator<ItemsRequest, BayView[], ItemsAnswer> {
  const { plan, tree, about, address } = input;
  const { house } = plan;
  const above = new Map<Of, Set<number>>();
  const made: { bay: Bay; its: BayMade<object>; rooms: Rooms }[] = [];
  const asked = new Set<string>();
  const kind = pageKind(input.page.kind);
  const around = kind.around(about);
  const said: Said = {
    name: nameOf(input),
    description: kind.described(about, textsFor(plan.house)) ?? input.page.description,
    picture: kind.pictured?.(about) ?? null,
  };
  for (const [i, bay] of page.bays.entries()) {
    const rooms = roomsOf(house, page, bay);
    const its = yield* bayKind(bay.holds).view(bay as never, {
      plan,
      store,
      pageStyle,
      bay,
      room: rooms.inside,
      aroundPages: isEdge(page),
      address,
      about,
      said,
      keepsRoom: input.keepsRoom ?? false,
      asksOnly: input.asksOnly ?? false,
      anchorOf: (id) => {
        const target = page.bays.find((one) => one.id === id);
        if (target) asked.add(id);
        return target ? anchorOf(target) : null;
      },
      pictures: input.pictures,
      tree,
      linkTo: (link) => linkTo(link, { plan, tree, collections: input.collections ?? [] }),
      above,
      remembers: knownBelow(page, plan, i),
      around,
      changes: (how) => told.changing.add(how),
      reads: (names) => {
        for (const name of names) told.reads.add(name);
      },
      begins: (shelfId, from) => {
        if (from > 0) told.begins[shelfId] = from;
      },
      prefixOf: (shelfId) => listingPrefix(page, plan, shelfId),
      searchesWithin: (prefix) => searchesWithin(page, prefix),
      narrows: (shelfId, parameters) => {
        told.narrowed[shelfId] = parameters;
      },
      opens: (bayId, tab) => {
        told.opened[bayId] = tab;
      },
    });
    made.push({ bay, its, rooms });
  }
  const isEmpty = new Map(made.map(({ bay, its }) => [bay.id, its.empty]));
  return made.map(({ bay, its, rooms }) =>
    bayView(
      bay,
      // What leads to a bay that has nothing to show is not shown either.
      isEmpty.get(bayKind(bay.holds).leadsTo?.(bay as never) ?? '') ? { ...its, empty: true } : its,
      rooms,
      inPx(bay.style, house.scale, house.bands),
      bay.anchor || asked.has(bay.id) ? anchorOf(bay) : null,
      // A panel stands between its bays and what is behind the page.
      page.framed ? null : page.background,
    ),
  );
}

/** Makes the header or the footer, which every page has. */
function* viewOfEdge(
  edge: 'head' | 'foot',
  input: PageInput,
  store: CardStore,
  pageStyle: Style,
  told: Told,
): Generator<ItemsRequest, EdgeView | null, ItemsAnswer> {
  const page = edgeOf(input.plan, edge);
  if (!page) return null;
  const { id: pageId, kind, background, sticks, between, ends } = page;
  const bays = yield* baysOf(asShown(page, input), input, store, pageStyle, told);
  return { edge, pageId, kind, bays, background, sticks, between, ends };
}

/**
 * Makes the view of a page. It yields a request for each list of items, from the top down, and is given the answer,
 * so that server, studio and tests can each answer in their own way.
 */
export function* pageView(input: PageInput): Generator<ItemsRequest, PageView, ItemsAnswer> {
  const { plan, page, tree, about, address } = input;
  const { house } = plan;
  const kind = pageKind(page.kind);
  const store = cardStoreOf(house, input.now, {
    saved: about.saved ?? [],
    saves: keepsForLater(plan),
    pictures: input.pictures,
  });
  const told: Told = {
    changing: new Set(),
    reads: new Set(readsOfPage(about)),
    begins: {},
    opened: {},
    narrowed: {},
  };
  const style = inPx(styleOnPage(house.style, page.style, house.bands), house.scale, house.bands);
  const head = yield* viewOfEdge('head', input, store, style, told);
  const shown = asShown(page, input);
  const bays = yield* baysOf(shown, input, store, style, told);
  const foot = yield* viewOfEdge('foot', input, store, style, told);
  const name = nameOf(input);
  const texts = textsFor(house);
  const none = bays.some((bay) => !bay.empty && shelvesIn(bay).length > 0)
    ? null
    : (kind.none?.(texts) ?? null);
  const trail = kind.trail(about, tree, texts);
  const drawn = [page, edgeOf(plan, 'head'), edgeOf(plan, 'foot')].flatMap((one) => one?.bays ?? []);
  return {
    pageId: page.id,
    kind: page.kind,
    path: address.path,
    parameters: parametersOf(kind, about, told),
    name,
    title: kind.titledByStore ? name : `${name} – ${house.storeName}`,
    description: shortened(
      ((kind.needs === null || page.about !== null) && page.description) ||
        (kind.described(about, texts) ?? saidBy(bays)),
    ),
    unlisted: page.unlisted || !house.shop.listed || kind.endless === true,
    firstHeading: firstHeading(bays, name),
    lang: house.locale,
    texts: house.texts,
    direction: directionOf(page, house.locale),
    storeName: house.storeName,
    place: house.shop.place,
    sells: sellsByBasket(house),
    saves: store.saves,
    currency: house.currency,
    bands: house.bands,
    margin: house.margin,
    contentPx: contentOf(house, page),
    edgesPx: house.contentPx,
    framed: page.framed,
    headed: page.headed,
    headingAlign: page.headingAlign,
    colours: house.colours,
    style,
    rules: rulesInUse(house.rules),
    labels: house.labels.list.filter(isOwn),
    trail: trail.length && page.breadcrumb ? [...trail, { words: name, href: '', current: true }] : [],
    bays,
    side: sideOf(house, shown),
    head,
    foot,
    background: page.background,
    none,
    goodUntil: earliest(
      nextTurn(told.changing, input.now, house.timeZone),
      input.atAnyTime
        ? null
        : nextComing(
            drawn.filter(({ hidden }) => !hidden),
            house.timeZone,
            input.now,
          ),
    ),
    reads: [...told.reads],
  };
}

/** What every page is made from, and one that is about something of the catalogue. */
const readsOfPage = ({ product, entry, collection }: About): string[] => [
  RELEASE,
  ...(product ? [productRead(product.id)] : []),
  ...(entry ? [ENTRIES] : []),
  ...(collection ? [COLLECTIONS] : []),
];

/** What is known of the parameters that a kind of page reads, where its shelves begin, and which tabs are open. */
const parametersOf = (
  kind: PageKind,
  about: About,
  { begins, opened, narrowed }: Told,
): PageView['parameters'] =>
  inOrder([
    ...Object.entries(kind.reads).flatMap(([name, known]): [string, string][] => {
      const value = known(about);
      return value === null ? [] : [[name, value]];
    }),
    ...Object.entries(begins).map(([id, from]): [string, string] => [fromParameter(id), String(from)]),
    ...Object.entries(opened).map(([id, tab]): [string, string] => [showsParameter(id), tab]),
    ...Object.values(narrowed).flat(),
  ]);

const earliest = (...instants: (number | null)[]): number | null => {
  const known = instants.filter((instant) => instant !== null);
  return known.length > 0 ? Math.min(...known) : null;
};

/** The next instant at which something that changes by itself does. */
function nextTurn(changing: ReadonlySet<Changing>, now: number, timeZone: string): number | null {
  if (changing.has('hourly')) return (Math.floor(now / HOUR_MS) + 1) * HOUR_MS;
  return changing.has('daily') ? startOfStoreDay(storeDay(now, timeZone) + 1, timeZone) : null;
}

/** What links to a bay lead to: its own name, or one from its id, which no other part of a page has. */
export const anchorOf = ({ anchor, id }: Bay): string => anchor || `bay-${id}`;

const views = keptFor<Bay, BayView>();
const sameContent = keptFor<Bay, object>();

/** The view of a bay; the very same while what it was made from is, so that a drawing can pass it over. */
function bayView(
  bay: Bay,
  made: BayMade<object>,
  { around, heading }: Rooms,
  style: Style,
  anchor: string | null,
  ground: string | null,
): BayView {
  const { empty, personal = false, goesAway = false, standIn = null } = made;
  const content = sameContent(bay, Object.values(made.content), () => ({
    holds: bay.holds,
    ...made.content,
  }));
  return views(
    bay,
    [content, around, heading, empty, personal, goesAway, standIn, style, anchor, ground],
    () => ({
      id: bay.id,
      anchor,
      heading,
      // What the page has behind all its bays is behind each of them.
      look: ground === null || bay.look.background !== null ? bay.look : { ...bay.look, background: ground },
      place: bay.place,
      style,
      bands: bay.bands,
      aside: isAside(bay),
      content: content as ContentView,
      empty,
      personal,
      standIn,
      goesAway,
      room: around,
    }),
  );
}

/** As much as search results show. */
const LONGEST_DESCRIPTION = 160;

/** The first sentences of a text, cut between words where they are too long. */
function shortened(text: string): string {
  const plain = text.replaceAll(/\s+/g, ' ').trim();
  if (plain.length <= LONGEST_DESCRIPTION) return plain;
  const cut = plain.slice(0, LONGEST_DESCRIPTION - 1);
  return `${cut.slice(0, Math.max(cut.lastIndexOf(' '), LONGEST_DESCRIPTION / 2)).trimEnd()}…`;
}

/** What the first bay that has a text says. */
function saidBy(bays: readonly BayView[]): string {
  for (const { content, empty } of bays) {
    const said = empty ? '' : (bayKind(content.holds).says?.(content) ?? '');
    if (said) return said;
  }
  return '';
}

/** A page has one heading of the first level: one that a bay carries, or its own name. */
function firstHeading(bays: readonly BayView[], name: string): string | null {
  const carried = bays.some(
    ({ content, heading, empty }) => !empty && bayKind(content.holds).heads(content, heading),
  );
  return carried ? null : name;
}
