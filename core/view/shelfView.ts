import { valueAt } from '../bands/varying.ts';
import type { Bands } from '../bands/bands.ts';
import type { Of } from '../assortment/assortment.ts';
import { faceOf } from '../card/item.ts';
import { partKind } from '../card/parts/index.ts';
import type { CardContext, Item } from '../card/partKind.ts';
import type { Currency } from '../catalogue/money.ts';
import { rowsOf } from '../geometry/rows.ts';
import { stepsOf, type Room } from '../geometry/steps.ts';
import { labelKinds } from '../label/label.ts';
import { pageAt, pager, union, type Span } from '../paging/pages.ts';
import type { Shelf } from '../plan/shelf.ts';
import { pictureSizes } from './pictureSizes.ts';
import type { CardView, ItemsAnswer, PagerView, ShelfView, StepView } from './view.ts';

interface Sized {
  bandId: string;
  from: number;
  to: number;
  across: number;
  size: number;
}

/** The steps of a shelf with its page size at each. */
export function sizedSteps(shelf: Shelf, room: Room, bands: Bands): Sized[] {
  return stepsOf(shelf.across, shelf.gap.column, room, bands).map((step) => ({
    ...step,
    size:
      shelf.amount.by === 'items'
        ? shelf.amount.items
        : valueAt(shelf.amount.rows, bands, step.bandId) * step.across,
  }));
}

/** The items that a shelf needs so as to show, at every band, the page that `from` falls on. */
export function heldSpan(shelf: Shelf, steps: readonly Sized[], from: number): Span {
  return union(steps.map(({ size }) => pageAt(size, shelf.pager === 'none' ? 0 : from)));
}

function shownSpan(shelf: Shelf, step: Sized, from: number, total: number, bands: Bands): Span {
  const page = pageAt(step.size, shelf.pager === 'none' ? 0 : from);
  const end = Math.min(page.end, total);
  const start = Math.min(page.start, end);
  const { rows, last, full } = rowsOf(end - start, step.across);
  const drops = shelf.pager === 'none' && valueAt(shelf.lastRow, bands, step.bandId) === 'drop';
  return { start, end: drops && !full && rows > 1 ? end - last : end };
}

/** Shown at one band at least. */
const everShown = (shelf: Shelf, id: string): boolean =>
  Object.values(shelf.card.shown[id] ?? {}).includes(true);

function cardView(item: Item, shelf: Shelf, currency: Currency): CardView {
  const labels =
    item.of === 'products'
      ? labelKinds
          .filter((kind) => everShown(shelf, kind.id))
          .flatMap((kind) => {
            const text = kind.text(item.product);
            return text === null ? [] : [{ kind: kind.id, text }];
          })
      : [];
  const context: CardContext = { card: shelf.card, currency, labels };
  const { id, title, href } = faceOf(item);
  return {
    id,
    of: item.of,
    name: title,
    href,
    parts: shelf.card.order
      .filter((id) => everShown(shelf, id))
      .flatMap((id) => {
        const kind = partKind(id);
        return (kind?.of.includes(item.of) && kind.view(item, context)) || [];
      }),
  };
}

export interface ShelfContext {
  bands: Bands;
  room: Room;
  currency: Currency;
  /** Item that the address begins at; already within the list. */
  from: number;
  /** Address of this page with the shelf beginning at another item. */
  hrefFrom(from: number): string;
}

const cardCache = new WeakMap<Item, Map<string, CardView>>();

/** The same item on the same card is the same object, so that a drawing can pass it over. */
function cachedCard(item: Item, shelf: Shelf, cardKey: string, currency: Currency): CardView {
  let byKey = cardCache.get(item);
  if (!byKey) cardCache.set(item, (byKey = new Map()));
  let card = byKey.get(cardKey);
  if (!card) byKey.set(cardKey, (card = cardView(item, shelf, currency)));
  return card;
}

/** One shelf with its items, at every width. */
export function shelfView(shelf: Shelf, of: Of, answer: ItemsAnswer, context: ShelfContext): ShelfView {
  const { bands, room, currency, from } = context;
  const steps = sizedSteps(shelf, room, bands);
  const wanted = heldSpan(shelf, steps, from);
  const held: Span = { start: wanted.start, end: Math.max(wanted.start, Math.min(wanted.end, answer.total)) };
  const items = answer.items.slice(held.start - answer.start, held.end - answer.start);
  const cardKey = `${currency.code} ${currency.locale} ${JSON.stringify([shelf.card.order, shelf.card.shown])}`;
  const stepViews = steps.map((step): StepView => {
    const shows = shownSpan(shelf, step, from, answer.total, bands);
    return {
      ...step,
      shows,
      rows: rowsOf(shows.end - shows.start, step.across),
      gap: {
        column: valueAt(shelf.gap.column, bands, step.bandId),
        row: valueAt(shelf.gap.row, bands, step.bandId),
      },
    };
  });
  return {
    id: shelf.id,
    form: shelf.form,
    of,
    total: answer.total,
    own: answer.own,
    held,
    cards: items.map((item) => cachedCard(item, shelf, cardKey, currency)),
    steps: stepViews,
    pagers: shelf.pager === 'none' ? [] : pagersOf(stepViews, answer.total, from, context.hrefFrom),
    card: shelf.card,
    pictureSizes: pictureSizes(stepViews, room, bands),
    room,
  };
}

/** One pager for each page size that differs, with the steps it belongs to; none where all fits on one page. */
function pagersOf(
  steps: readonly StepView[],
  total: number,
  from: number,
  hrefFrom: (from: number) => string,
): PagerView[] {
  const sizes = [...new Set(steps.map(({ size }) => size))].filter((size) => size < total);
  return sizes.map((size) => {
    const one = pager(size, total, from);
    const firsts = [...one.links.flatMap((link) => (link ? [link.from] : [])), one.previous, one.next];
    return {
      ...one,
      steps: steps.filter((step) => step.size === size).map((step) => ({ from: step.from, to: step.to })),
      href: Object.fromEntries(
        firsts.filter((first) => first !== null).map((first) => [first, hrefFrom(first)]),
      ),
    };
  });
}
