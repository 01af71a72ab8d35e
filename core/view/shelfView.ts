import { rulesInUse } from '../rules/rulesTree.ts';
import { cardAt } from '../style/cardAt.ts';
import { figuresAt } from '../style/figures.ts';
import type { Style } from '../style/styleTree.ts';
import { textBlockAt } from '../style/textBlockAt.ts';
import { textsFor } from '../texts/index.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { bandById, nominalOf, type Bands } from '../bands/bands.ts';
import type { Of } from '../assortment/of.ts';
import type { Card } from '../card/card.ts';
import { faceOf, type Item } from '../card/item.ts';
import { partKind, partKinds, type PartView } from '../card/parts/index.ts';
import type { PartContext } from '../card/partKind.ts';
import type { PictureShape } from '../card/pictureShape.ts';
import { isAside, type Placing } from '../card/placing.ts';
import type { TextBlock } from '../card/textBlock.ts';
import { labelEverShown, labelShownAt, ofPart } from '../card/shown.ts';
import { slotsOf } from '../card/slots.ts';
import type { CardStore } from '../catalogue/cardStore.ts';
import type { LayoutKind } from '../layouts/layoutKind.ts';
import { LAYOUT_IDS, layoutKind, type LayoutId } from '../layouts/index.ts';
import { motionOf } from '../layouts/moving.ts';
import { innerWidth, type Room, type Step } from '../geometry/steps.ts';
import { soldAs } from '../group/soldAs.ts';
import { labelRoomPx } from '../label/labelRoom.ts';
import { labelSizeAt } from './onPicture.ts';
import { labelsOf } from '../label/labelsOf.ts';
import { pageAt, pager, union, type Span } from '../paging/pages.ts';
import { saidParts } from '../plan/saidParts.ts';
import type { Shelf } from '../plan/shelf.ts';
import { tableStep } from '../table/tableStep.ts';
import type { AnySort } from '../listing/sorts.ts';
import { isSetting, type Tree } from '../settings/setting.ts';
import { cardHeight } from './cardHeight.ts';
import { pictureSizes } from './pictureSizes.ts';
import { keptFor } from './keptFor.ts';
import { tableKey, tableView, type TableView } from './tableView.ts';
import type { ToolsView } from './toolsView.ts';
import type { CardView, ItemsAnswer, PagerView, ShelfView, StepView } from './view.ts';

interface Sized extends Step {
  layout: LayoutId;
  size: number;
}

const sized = keptFor<Shelf, readonly Sized[]>();

/** The steps of a shelf, each in the layout of its band, with its page size at each. */
export const sizedSteps = (shelf: Shelf, room: Room, bands: Bands): readonly Sized[] =>
  sized(shelf, [room, bands], () => madeSteps(shelf, room, bands));

function madeSteps(shelf: Shelf, room: Room, bands: Bands): Sized[] {
  return bands.flatMap((band) => {
    const layout = valueAt(shelf.layout, bands, band.id);
    const kind = layoutKind(layout);
    const byRows = kind.inRows && shelf.amount.by === 'rows';
    return kind.ranges(shelf, band, room, bands).map((range): Sized => ({
      ...range,
      bandId: band.id,
      layout,
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
    layoutKind(step.layout).inRows &&
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
  const { rows, last, full } = layoutKind(step.layout).rows(end - start, step.across);
  const policy = shelf.paging.by === 'none' ? valueAt(shelf.lastRow, bands, step.bandId) : 'leave';
  if (policy === 'drop' && !full && rows > 1) return { start, end: end - last };
  return { start, end: Math.max(end, Math.min(filledCount(shelf, step, total, bands), filled)) };
}

/** A card, and the parts that are said of its items. */
interface Saying {
  card: Card;
  says: readonly string[];
}

function cardView(item: Item, { card, says }: Saying, store: CardStore): CardView {
  const texts = textsFor(store.wording);
  const context: PartContext = { ...store, texts, labels: [] };
  if (item.of === 'products') {
    context.selling = soldAs(item.product, store);
    context.labels = labelsOf(item.product, { ...store, texts }, (label) => labelEverShown(card, label));
  }
  const { id, title, href } = faceOf(item);
  return {
    id,
    of: item.of,
    name: title,
    href,
    slots: slotsOf(card),
    parts: says.flatMap((part): PartView[] => {
      const kind = partKind(part);
      if (!kind?.of.includes(item.of)) return [];
      const view = kind.view(item, kind.reads(ofPart(card, part)!), context);
      return view ? [{ part, ...view } as PartView] : [];
    }),
  };
}

const storeKeys = new WeakMap<CardStore, string>();

/** All that cards read of the house, as one text; it is the same for every shelf of a page. */
function storeKeyOf(store: CardStore): string {
  let key = storeKeys.get(store);
  if (key === undefined) storeKeys.set(store, (key = JSON.stringify(store)));
  return key;
}

/** All that the drawing of a card reads of its settings and of the house, as one text. */
const cardKeyOf = ({ card, says }: Saying, store: CardStore): string =>
  storeKeyOf(store) +
  JSON.stringify([
    store.labels.list.map((label) => labelEverShown(card, label)),
    slotsOf(card),
    says.map((part) => [part, partKind(part)?.reads(ofPart(card, part)!)]),
  ]);

export interface ShelfContext {
  bands: Bands;
  /** In px. */
  pageStyle: Style;
  /** The shelf's own, in px. */
  style: Style;
  room: Room;
  store: CardStore;
  /** Item that the address begins at; already within the list. */
  from: number;
  /** Address of this page with the shelf beginning at another item. */
  hrefFrom(from: number): string;
  /** How a shopper sorts it; null for its own order. */
  sort: AnySort | null;
  /** Address of this page with the shelf sorted so; null where shoppers cannot sort it. */
  hrefSorted: ((sort: AnySort | null) => string) | null;
  /** Null where the shelf has none. */
  tools: ToolsView | null;
}

const cardCache = new WeakMap<Item, Map<string, CardView>>();

/** The same item on the same card is the same object, so that a drawing can pass it over. */
function cachedCard(item: Item, saying: Saying, cardKey: string, store: CardStore): CardView {
  let byKey = cardCache.get(item);
  if (!byKey) cardCache.set(item, (byKey = new Map()));
  let view = byKey.get(cardKey);
  if (!view) byKey.set(cardKey, (view = cardView(item, saying, store)));
  return view;
}

/** The very same list for the same items, so that a change of the layout draws no card anew. */
const cardLists = keptFor<readonly Item[], CardView[]>();

const tables = keptFor<readonly Item[], TableView>();

const picturePart = partKinds.find(({ isPicture }) => isPicture)!;

/** Pictures of rows. */
const SQUARE: PictureShape = { by: 'ratio', ratio: 1 };

/** How pictures are shaped at a band. */
function pictureShape(
  { card }: Shelf,
  layout: LayoutId,
  { pictureSizes: sizes }: CardStore,
  bands: Bands,
  bandId: string,
): PictureShape {
  const manner = layoutKind(layout).card;
  if (manner === 'own') return { by: 'own' };
  if (manner === 'row') return SQUARE;
  return picturePart.shape!(ofPart(card, picturePart.id)!, sizes, bands, bandId);
}

/** What is set of a layout alone, at a band. */
function ownAt(shelf: Shelf, layout: LayoutId, bands: Bands, bandId: string): Record<string, unknown> {
  const values =
    (shelf.layoutOwn as Readonly<Record<string, Readonly<Record<string, unknown>>>>)[layout] ?? {};
  const { settings = {} } = layoutKind(layout);
  const trees: Tree = { ...settings.layout, ...settings.columns };
  return Object.fromEntries(
    Object.entries(values).map(([key, value]) => {
      const node = trees[key];
      const varies = node !== undefined && isSetting(node) && node.varies;
      return [key, varies ? valueAt(value as Varying<unknown>, bands, bandId) : value];
    }),
  );
}

/** Where texts stand to the picture: what a layout has no place for stays under it. */
function placingOf({ card: { text } }: Shelf, layout: LayoutId, bands: Bands, bandId: string): Placing {
  const manner = layoutKind(layout).card;
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

/** Room over the pictures of cards for labels that stand outside of them, px; 0 where a layout has no place for it. */
function labelsOutPx(
  { card }: Shelf,
  of: Of,
  { list }: CardStore['labels'],
  step: Pick<StepView, 'layout' | 'placing' | 'hasPicture' | 'bandId' | 'figures'>,
  bands: Bands,
): number {
  const { layout, placing, hasPicture, bandId } = step;
  const manner = layoutKind(layout).card;
  if (of !== 'products' || !hasPicture || (manner !== 'stacked' && manner !== 'own')) return 0;
  // Texts that reach over the upper part of the picture have no room for anything between.
  if (placing.side === 'above' && placing.reach > 0) return 0;
  return labelRoomPx(
    list.filter((label) => labelShownAt(card, label, bands, bandId)),
    labelSizeAt(step),
  );
}

/** One shelf with its items, at every width. */
export function shelfView(
  shelf: Shelf,
  of: Of,
  answer: ItemsAnswer,
  filled: ItemsAnswer | null,
  context: ShelfContext,
): ShelfView {
  const { bands, room, store, from } = context;
  const steps = sizedSteps(shelf, room, bands);
  const wanted = heldSpan(shelf, steps, from);
  const all = filled ?? answer;
  const shown = steps.map((step) => shownSpan(shelf, step, from, answer.total, all.total, bands));
  const end = Math.max(Math.min(wanted.end, answer.total), ...shown.map((span) => span.end));
  const held: Span = { start: wanted.start, end: Math.max(wanted.start, end) };
  const { moving, card } = shelf;
  const tableAddress = context.hrefSorted?.(null) ?? null;
  const says = saidParts(shelf);
  const cardKey = cardKeyOf({ card, says }, store);
  const [first, last] = [held.start - all.start, held.end - all.start];
  const cards = cardLists(all.items, [first, last, cardKey], () =>
    all.items.slice(first, last).map((item) => cachedCard(item, { card, says }, cardKey, store)),
  );
  const pictured = card.order.includes(picturePart.id) ? ofPart(card, picturePart.id)!.shown : null;
  const blockOf = (kind: LayoutKind, bandId: string): TextBlock => {
    const block = textBlockAt(context.style, context.pageStyle, bands, bandId);
    // Over a picture that is the whole card texts have a room of their own.
    return kind.card === 'ground' ? { ...block, insidePx: null, toPicturePx: null } : block;
  };
  const stepViews = steps.map((step, i): StepView => {
    const at = <T>(varying: Varying<T>): T => valueAt(varying, bands, step.bandId);
    const shows = shown[i]!;
    const count = shows.end - shows.start;
    const kind = layoutKind(step.layout);
    const moveBy = kind.moveBy?.(shelf, step.across, bands, step.bandId) ?? step.across;
    const play = moving.play ? { restMs: moving.restMs, moveMs: moving.moveMs } : null;
    const motion = motionOf(count, step.across, moveBy, moving.loop, play);
    const moves = kind.moves && motion.moves;
    const shape = pictureShape(shelf, step.layout, store, bands, step.bandId);
    // A row has its picture in a column.
    const hasPicture = kind.card !== 'row' && pictured !== null && at(pictured);
    const placing = placingOf(shelf, step.layout, bands, step.bandId);
    const figures = figuresAt(context.style, context.pageStyle, bands, step.bandId);
    const styled = cardAt(context.style, context.pageStyle, bands, step.bandId);
    const view: StepView = {
      ...step,
      shows,
      rows: kind.rows(count, step.across),
      gap: { column: at(shelf.gap.column), row: at(shelf.gap.row) },
      lastRow: { policy: at(shelf.lastRow), align: at(shelf.lastRowAlign) },
      equal: at(shelf.equalHeights),
      picture: shape,
      hasPicture,
      moves,
      motion,
      moveBy,
      arrows: moves && at(moving.arrows),
      arrowPx: at(moving.arrowSize),
      marks: moves ? at(moving.marks) : 'none',
      placing,
      labelsOutPx: labelsOutPx(shelf, of, store.labels, { ...step, placing, hasPicture, figures }, bands),
      figures,
      insidePx:
        kind.card === 'ground' ? 0 : (styled.insidePx ?? (card.frame === 'plain' ? 0 : at(card.inside))),
      border: styled.border,
      block: blockOf(kind, step.bandId),
      ground: kind.ground?.(shelf, bands, step.bandId) ?? shape,
      own: ownAt(shelf, step.layout, bands, step.bandId),
      table: kind.table
        ? tableStep(kind.table(shelf), innerWidth(room, bands, step.bandId, step.from))
        : null,
      columns: null,
    };
    if (!kind.columnsOf) return view;
    // Reckoned at the nominal width of the band, and the same at every width of the step.
    const nominal = nominalOf(bands, bandById(bands, step.bandId)!).width;
    const regionPx = Math.min(Math.max(nominal, step.from), step.to === Infinity ? Infinity : step.to - 1);
    const widthPx = kind.cardPx(view, innerWidth(room, bands, step.bandId, regionPx));
    const heights = cards
      .slice(shows.start - held.start, shows.end - held.start)
      .map((one) => cardHeight(one, card, view, bands, widthPx));
    return { ...view, columns: kind.columnsOf(heights, step.across, view.gap.row) };
  });
  return {
    id: shelf.id,
    layouts: LAYOUT_IDS.filter((id) => steps.some((step) => step.layout === id)),
    of,
    total: answer.total,
    own: answer.own,
    coming: answer.coming ?? false,
    held,
    cards,
    steps: stepViews,
    paging: shelf.paging,
    tools: context.tools,
    pagers: shelf.paging.by === 'none' ? [] : pagersOf(stepViews, answer.total, from, context),
    card,
    says,
    table: steps.some(({ layout }) => layoutKind(layout).table)
      ? tables(all.items, [card, tableKey(shelf.layoutOwn.table), store, context.sort, tableAddress], () =>
          tableView(shelf, {
            items: all.items,
            store,
            texts: textsFor(store.wording),
            sort: context.sort,
            hrefSorted: context.hrefSorted,
          }),
        )
      : null,
    style: context.style,
    rules: rulesInUse(shelf.rules),
    moving,
    direction: shelf.direction === 'page' ? null : shelf.direction,
    pictureSizes: pictureSizes(stepViews, room, bands),
    ownSizes: stepViews.some(({ layout }) => layoutKind(layout).sizesDiffer)
      ? cards.map((_, i) => pictureSizes(stepViews, room, bands, held.start + i))
      : null,
    room,
  };
}

/** One pager for each page size that differs, with the steps it belongs to; none where all fits on one page. */
function pagersOf(
  steps: readonly StepView[],
  total: number,
  from: number,
  { hrefFrom, store }: ShelfContext,
): PagerView[] {
  const texts = textsFor(store.wording);
  const sizes = [...new Set(steps.map(({ size }) => size))].filter((size) => size < total);
  return sizes.map((size) => {
    const one = pager(size, total, from);
    const firsts = [...one.links.flatMap((link) => (link ? [link.from] : [])), one.previous, one.next];
    return {
      ...one,
      steps: steps
        .filter((step) => step.size === size)
        .map((step) => ({ from: step.from, to: step.to, bandId: step.bandId })),
      span: texts.spanOfList(one.current * size + 1, Math.min(total, (one.current + 1) * size)),
      href: Object.fromEntries(
        firsts.filter((first) => first !== null).map((first) => [first, hrefFrom(first)]),
      ),
    };
  });
}
