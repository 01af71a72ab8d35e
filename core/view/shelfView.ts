import { everywhere, valueAt, type Varying } from '../bands/varying.ts';
import { bandById, nominalOf, type Bands } from '../bands/bands.ts';
import type { Of } from '../assortment/assortment.ts';
import { faceOf } from '../card/item.ts';
import { partKind } from '../card/parts/index.ts';
import { ofScreen } from '../card/pictureHeight.ts';
import type { CardContext, Item, PictureShape } from '../card/partKind.ts';
import { isAside, type Placing } from '../card/placing.ts';
import type { Currency } from '../catalogue/money.ts';
import { ratioValue } from '../card/card.ts';
import { formKind } from '../forms/index.ts';
import { FORM_IDS, type FormId } from '../forms/formKind.ts';
import { columnsOf } from '../forms/masonry.ts';
import { motionOf } from '../forms/moving.ts';
import { innerWidth, type Room, type Step } from '../geometry/steps.ts';
import { labelKinds } from '../label/label.ts';
import { pageAt, pager, union, type Span } from '../paging/pages.ts';
import type { Shelf } from '../plan/shelf.ts';
import { cardHeight } from './cardHeight.ts';
import { pictureSizes } from './pictureSizes.ts';
import type { CardView, ItemsAnswer, PagerView, ShelfView, StepView } from './view.ts';

interface Sized extends Step {
  form: FormId;
  size: number;
}

/** The steps of a shelf, each in the form of its band, with its page size at each. */
export function sizedSteps(shelf: Shelf, room: Room, bands: Bands): Sized[] {
  return bands.flatMap((band) => {
    const form = valueAt(shelf.form, bands, band.id);
    const kind = formKind(form);
    const byRows = kind.inRows && shelf.amount.by === 'rows';
    return kind.ranges(shelf, band, room, bands).map((range): Sized => ({
      ...range,
      bandId: band.id,
      form,
      size: byRows
        ? valueAt(shelf.amount.rows, bands, band.id) * range.across
        : valueAt(shelf.amount.items, bands, band.id),
    }));
  });
}

/** The items that a shelf needs so as to show, at every band, the page that `from` falls on. */
export function heldSpan(shelf: Shelf, steps: readonly Sized[], from: number): Span {
  return union(steps.map(({ size }) => pageAt(size, shelf.paging.by === 'none' ? 0 : from)));
}

/** How many items a step needs so that its last row is filled from the fallback; 0 where it is not to be. */
export function filledCount(shelf: Shelf, step: Sized, total: number, bands: Bands): number {
  const fills =
    shelf.paging.by === 'none' &&
    formKind(step.form).inRows &&
    valueAt(shelf.lastRow, bands, step.bandId) === 'fill';
  const shown = Math.min(step.size, total);
  return fills && shown > 0 ? Math.ceil(shown / step.across) * step.across : 0;
}

/** @param filled how many there are with what the fallback adds to fill rows */
function shownSpan(
  shelf: Shelf,
  step: Sized,
  from: number,
  total: number,
  filled: number,
  bands: Bands,
): Span {
  const page = pageAt(step.size, shelf.paging.by === 'none' ? 0 : from);
  const end = Math.min(page.end, total);
  const start = Math.min(page.start, end);
  const { rows, last, full } = formKind(step.form).rows(end - start, step.across);
  const policy = shelf.paging.by === 'none' ? valueAt(shelf.lastRow, bands, step.bandId) : 'leave';
  if (policy === 'drop' && !full && rows > 1) return { start, end: end - last };
  return { start, end: Math.max(end, Math.min(filledCount(shelf, step, total, bands), filled)) };
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

/** How pictures are shaped at a band. */
function pictureShape(
  { card: { picture } }: Shelf,
  form: FormId,
  bands: Bands,
  bandId: string,
): PictureShape {
  if (formKind(form).card === 'own') return { by: 'own' };
  if (picture.by === 'height') return { by: 'height', px: valueAt(picture.height, bands, bandId) };
  if (picture.by === 'screen') return ofScreen(valueAt(picture.screen, bands, bandId), bands, bandId);
  return { by: 'ratio', ratio: ratioValue(valueAt(picture.ratio, bands, bandId)) };
}

/** Where texts stand to the picture: what a form has no place for stays under it. */
function placingOf({ card: { text } }: Shelf, form: FormId, bands: Bands, bandId: string): Placing {
  const manner = formKind(form).card;
  const placing: Placing = {
    side: valueAt(text.side, bands, bandId),
    share: valueAt(text.share, bands, bandId),
    reach: valueAt(text.reach, bands, bandId),
  };
  if (manner === 'stacked') return placing;
  // How high a picture is that has its own proportions is not known to a rule for all of them.
  if (manner === 'own') return { ...placing, reach: isAside(placing) ? placing.reach : 0 };
  return { ...placing, side: isAside(placing) ? placing.side : 'under', reach: 0 };
}

/** One shelf with its items, at every width. */
export function shelfView(
  shelf: Shelf,
  of: Of,
  answer: ItemsAnswer,
  filled: ItemsAnswer | null,
  context: ShelfContext,
): ShelfView {
  const { bands, room, currency, from } = context;
  const steps = sizedSteps(shelf, room, bands);
  const wanted = heldSpan(shelf, steps, from);
  const all = filled ?? answer;
  const shown = steps.map((step) => shownSpan(shelf, step, from, answer.total, all.total, bands));
  const end = Math.max(Math.min(wanted.end, answer.total), ...shown.map((span) => span.end));
  const held: Span = { start: wanted.start, end: Math.max(wanted.start, end) };
  const items = all.items.slice(held.start - all.start, held.end - all.start);
  const cardKey = `${currency.code} ${currency.locale} ${JSON.stringify([shelf.card.order, shelf.card.shown])}`;
  const cards = items.map((item) => cachedCard(item, shelf, cardKey, currency));
  const { moving } = shelf;
  const stepViews = steps.map((step, i): StepView => {
    const at = <T>(varying: Varying<T>): T => valueAt(varying, bands, step.bandId);
    const shows = shown[i]!;
    const count = shows.end - shows.start;
    const kind = formKind(step.form);
    const moveBy = step.form === 'carousel' ? at(moving.step) : step.across;
    const play = moving.play ? { restMs: moving.restMs, moveMs: moving.moveMs } : null;
    const motion = motionOf(count, step.across, moveBy, moving.loop, play);
    const moves = kind.moves && motion.moves;
    const shape = pictureShape(shelf, step.form, bands, step.bandId);
    const view: StepView = {
      ...step,
      shows,
      rows: kind.rows(count, step.across),
      gap: { column: at(shelf.gap.column), row: at(shelf.gap.row) },
      lastRow: { policy: at(shelf.lastRow), align: at(shelf.lastRowAlign) },
      equal: at(shelf.equalHeights),
      picture: shape,
      hasPicture:
        shelf.card.order.includes('picture') && at(shelf.card.shown.picture ?? everywhere(bands, false)),
      moves,
      motion,
      moveBy,
      arrows: moves && at(moving.arrows),
      arrowPx: at(moving.arrowSize),
      marks: moves ? at(moving.marks) : 'none',
      placing: placingOf(shelf, step.form, bands, step.bandId),
      insidePx: shelf.card.frame === 'plain' || kind.card === 'ground' ? 0 : at(shelf.card.inside),
      ground: kind.ground?.(shelf, bands, step.bandId) ?? shape,
      listPicturePx: at(shelf.listPicture),
      spread: { items: at(shelf.spread.items), facing: at(shelf.spread.facing) },
      columns: null,
    };
    if (step.form !== 'masonry') return view;
    // Reckoned at the nominal width of the band, and the same at every width of the step.
    const nominal = nominalOf(bands, bandById(bands, step.bandId)!).width;
    const regionPx = Math.min(Math.max(nominal, step.from), step.to === Infinity ? Infinity : step.to - 1);
    const widthPx = kind.cardPx(view, innerWidth(room, bands, step.bandId, regionPx));
    const heights = cards
      .slice(shows.start - held.start, shows.end - held.start)
      .map((card) => cardHeight(card, shelf.card, view, bands, widthPx));
    return { ...view, columns: columnsOf(heights, step.across, view.gap.row).of };
  });
  return {
    id: shelf.id,
    forms: FORM_IDS.filter((id) => steps.some((step) => step.form === id)),
    of,
    total: answer.total,
    own: answer.own,
    held,
    cards,
    steps: stepViews,
    paging: shelf.paging,
    pagers: shelf.paging.by === 'none' ? [] : pagersOf(stepViews, answer.total, from, context.hrefFrom),
    card: shelf.card,
    moving,
    direction: shelf.direction === 'page' ? null : shelf.direction,
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
