import { inPx } from '../style/inPx.ts';
import { dependsOf } from '../assortment/depends.ts';
import { fallbackChain } from '../assortment/fallback.ts';
import { shownInstead } from '../card/instead.ts';
import { faceOf } from '../card/item.ts';
import { neededFacts } from '../card/needs.ts';
import { labelKind } from '../label/labels/index.ts';
import { labelsShown } from '../card/cardLabels.ts';
import type { Bands } from '../bands/bands.ts';
import { everywhere } from '../bands/varying.ts';
import { layoutsOf, type LayoutId } from '../layouts/index.ts';
import { saidParts } from '../plan/saidParts.ts';
import { assortmentOf } from '../plan/showing.ts';
import type { Shelf } from '../plan/shelf.ts';
import { isNarrowed } from '../listing/listing.ts';
import { SORT_PARAMETER } from '../listing/parameters.ts';
import { swatchFace } from '../swatch/swatchFace.ts';
import { textsFor } from '../texts/index.ts';
import { columnsFor } from './columnsFor.ts';
import { denser } from './denser.ts';
import { hrefFrom, hrefListing, NOTHING_CHOSEN } from './address.ts';
import { keptFor } from './keptFor.ts';
import { hasTools, listingOf } from './listingOf.ts';
import type { BayMaking } from './making.ts';
import { productRead, readsOfList, readsOfListing, soldRead } from './reads.ts';
import { filledCount, heldSpan, shelfView, sizedSteps } from './shelfView.ts';
import { sortWords } from './sortWords.ts';
import { toolsRoom } from './toolsRoom.ts';
import { toolsView } from './toolsView.ts';
import type { ItemsAnswer, ItemsRequest, ShelfView, StandIn } from './view.ts';

/** A shelf with what its bay has to know of it. */
export interface AskedShelf {
  view: ShelfView;
  empty: boolean;
  personal: boolean;
  goesAway: boolean;
  standIn: StandIn | null;
}

/** Stands for a shelf of which nothing is made. */
const NOT_MADE: AskedShelf = {
  view: { coming: true } as ShelfView,
  empty: true,
  personal: false,
  goesAway: false,
  standIn: null,
};

const views = keptFor<Shelf, AskedShelf>();
const answers = keptFor<ItemsAnswer, ItemsAnswer>();
const otherLayouts = keptFor<Shelf, Shelf>();

/** A shelf in the layout that a shopper has chosen for it. */
const shownAs = (shelf: Shelf, layout: LayoutId, bands: Bands): Shelf =>
  otherLayouts(shelf, [layout, bands], () => ({ ...shelf, layout: everywhere(bands, layout) }));

/** The layout that a shelf has at every width; null where it has several. */
function oneLayout({ layout }: Shelf, bands: Bands): LayoutId | null {
  const [first, ...others] = layoutsOf(layout, bands);
  return first && others.length === 0 ? first : null;
}

/** Asks for the items of one shelf of a bay, and makes its view. */
export function* askShelf(making: BayMaking, own: Shelf): Generator<ItemsRequest, AskedShelf, ItemsAnswer> {
  const { plan, store, address, above } = making;
  const { bands } = plan.house;
  const assortment = assortmentOf(plan, own);
  const given =
    assortment.of === 'products' && hasTools(own) ? (address.listings?.[own.id] ?? NOTHING_CHOSEN) : null;
  const chosen = given?.view ? shownAs(own, given.view, bands) : own;
  const shelf = columnsFor(given?.dense ? denser(chosen) : chosen, assortment.of);
  const rooms = given ? toolsRoom(making.room, shelf.tools, bands) : null;
  const prefix = rooms && making.prefixOf(own.id);
  const sortName = `${prefix ?? ''}${SORT_PARAMETER}`;
  const room = rooms?.inside ?? making.room;
  const steps = sizedSteps(shelf, room, bands);
  const fallbacks = fallbackChain(assortment, (id) => plan.assortments[id]?.assortment);
  const depends = dependsOf([assortment, ...fallbacks]);
  making.changes(depends.changing);
  const personal = depends.reads.has('lookedAt');
  const isOfProducts = assortment.of === 'products';
  const without = shelf.notTwice ? [...(above.get(assortment.of) ?? [])].sort((a, b) => a - b) : [];
  const needs = neededFacts(shelf.card, saidParts(shelf), store);
  if (isOfProducts && labelsShown(store.labels, shelf.card).some(({ kind }) => labelKind(kind)!.byDay))
    making.changes('daily');
  for (const one of [assortment, ...fallbacks]) making.reads(readsOfList(one, making.around));
  const listing = given && listingOf(shelf, given);
  if (listing) making.reads(readsOfListing(listing));
  const dressed = shelf.instead.map(({ pictureId }) => pictureId && making.pictures(pictureId));
  const shownOn = (answer: ItemsAnswer): ItemsAnswer =>
    shelf.instead.length === 0
      ? answer
      : answers(answer, [shelf.instead, ...dressed], () => ({
          ...answer,
          items: shownInstead(answer.items, shelf.instead, making.pictures),
        }));
  function* asked(request: ItemsRequest): Generator<ItemsRequest, ItemsAnswer, ItemsAnswer> {
    const answer = shownOn(yield request);
    const saysSold = request.needs.includes('sold');
    making.reads(
      answer.items.flatMap((item) =>
        item.of === 'products'
          ? [productRead(item.product.id), ...(saysSold ? [soldRead(item.product.id)] : [])]
          : [],
      ),
    );
    return answer;
  }
  const ask = (from: number): ItemsRequest => {
    const span = heldSpan(shelf, steps, from);
    return {
      shelfId: shelf.id,
      assortment,
      fallbacks,
      without,
      start: span.start,
      count: span.end - span.start,
      needs,
      listing,
    };
  };
  let from = shelf.paging.by === 'none' ? 0 : (address.from[shelf.id] ?? 0);
  let answer = yield* asked(ask(from));
  if (making.asksOnly) return NOT_MADE;
  if (from > 0 && from >= answer.total) {
    from = Math.max(0, answer.total - 1);
    answer = yield* asked(ask(from));
  }
  making.begins(shelf.id, from);
  if (given) making.narrows(shelf.id, given.parameters);
  const narrowed = listing !== null && (isNarrowed(listing) || listing.sort !== null);
  const fill = narrowed ? null : fillRequest(ask(from), answer, shelf, steps, bands);
  const filled = fill && (yield* asked(fill));
  if (making.remembers && !personal) {
    const first = heldSpan(shelf, steps, 0);
    const onFirst = answer.start === 0 && from === 0 ? answer : yield* asked(ask(0));
    const known = above.get(assortment.of) ?? new Set<number>();
    above.set(assortment.of, known);
    for (const item of onFirst.items.slice(0, first.end - onFirst.start)) known.add(faceOf(item).id);
  }
  const fallback = isOfProducts ? assortment.fallback : null;
  const goesAway = fallback?.then === 'goAway';
  // What is left out by choice does not make it go away.
  const tooFew = goesAway && !narrowed && answer.own < fallback.fewerThan;
  const standsIn = personal && making.keepsRoom && (tooFew || answer.total === 0);
  const stand = standsIn ? yield* asked(standInRequest(ask(from))) : null;
  const madeFrom = [
    plan.house,
    store.newSince,
    store.saved.join(),
    store.pictures.map(({ file }) => file).join(),
    JSON.stringify(room),
    assortment,
    making.pageStyle,
    answer,
    filled,
    stand,
    address,
    from,
    rooms && making.tree,
    rooms && (making.around?.of === 'category' ? making.around.id : null),
    prefix,
  ];
  return views(shelf, madeFrom, () => {
    const viewOf = (items: ItemsAnswer) =>
      shelfView(shelf, assortment.of, items, filled, {
        bands,
        pageStyle: making.pageStyle,
        style: inPx(shelf.style, plan.house.scale, bands),
        room,
        store,
        from,
        hrefFrom: (first) =>
          given
            ? hrefListing(address, shelf.id, given.parameters, first)
            : hrefFrom(address, shelf.id, first),
        sort: given?.sort ?? null,
        hrefSorted:
          given &&
          ((sort) =>
            hrefListing(address, shelf.id, [
              ...given.parameters.filter(([name]) => name !== sortName),
              ...(sort === null ? [] : [[sortName, sort] as const]),
            ])),
        tools: rooms
          ? toolsView(shelf, items.facets ?? [], items.total, {
              address,
              prefix: prefix ?? '',
              searches: making.searchesWithin(prefix ?? ''),
              from,
              sortedBy: given?.sort ? sortWords(given.sort, textsFor(plan.house), items.items) : null,
              texts: textsFor(plan.house),
              tree: making.tree,
              around: making.around,
              currency: { code: plan.house.currency, locale: plan.house.locale },
              stand: rooms.stand,
              ownLayout: oneLayout(own, bands),
              faceOf: ({ key, colour, picture }) =>
                swatchFace(
                  { colour, picture, photograph: null },
                  store.swatches.find(({ id }) => id === String(key)),
                  null,
                ),
            })
          : null,
      });
    return {
      view: viewOf(answer),
      empty: tooFew || (answer.total === 0 && !narrowed),
      personal,
      goesAway,
      standIn: stand?.items.length
        ? { shelf: viewOf(stand), fewerThan: goesAway ? fallback.fewerThan : 1 }
        : null,
    };
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
        listing: null,
      }
    : request;

/** What asks for the items that fill a short last row from the top-up; null where nothing is to be filled. */
function fillRequest(
  request: ItemsRequest,
  { total }: ItemsAnswer,
  shelf: Shelf,
  steps: ReturnType<typeof sizedSteps>,
  bands: Bands,
): ItemsRequest | null {
  const { assortment } = request;
  if (assortment.of !== 'products' || assortment.fallback?.then !== 'topUp') return null;
  const needed = Math.max(...steps.map((step) => filledCount(shelf, step, total, bands)));
  if (needed <= total) return null;
  const fallback = { ...assortment.fallback, fewerThan: needed };
  const limit = assortment.limit === null ? null : Math.max(assortment.limit, needed);
  return { ...request, assortment: { ...assortment, fallback, limit }, start: 0, count: needed };
}
