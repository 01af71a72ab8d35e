import type { Band, Bands } from '../bands/bands.ts';
import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { Of } from '../assortment/of.ts';
import type { Item } from '../card/item.ts';
import { isUsed, LAYOUT_IDS, layoutKind, type LayoutId } from '../layouts/index.ts';
import type { StoredHouse } from '../plan/house.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { viewWith } from './driveView.ts';
import type { PageView } from './view.ts';

/** A shelf of which nothing but cards is drawn. */
export interface Alone {
  /** As it is stored; its card is drawn, and the rest of it left out. */
  shelf: StoredShelf;
  of: Of;
  items: readonly Item[];
}

/** Between cards, px. */
export const ALONE_GAP_PX = 12;
/** Around all of them, so that what is drawn around a card has room, px. */
export const ALONE_AROUND_PX = 8;

/** Wider than any page is drawn, px. */
const BEYOND_PX = 100_000;

/** The same bands, of which one holds at every width a page can have. */
export const onlyAt = (bands: Bands, bandId: string): Band[] => {
  const at = bands.findIndex(({ id }) => id === bandId);
  return bands.map((band, i) => ({ ...band, from: i <= at ? i : BEYOND_PX + i }));
};

/** A layout in which all cards are in sight and are put together as in another; the plain one for what moves. */
const inSight = (layout: LayoutId): LayoutId => (layoutKind(layout).moves ? LAYOUT_IDS[0]! : layout);

/** Whether cards can be drawn alone; not where their sizes are the layout's own. */
export const standsAlone = (layout: LayoutId): boolean => layoutKind(layout).card !== 'ground';

/**
 * Cards of shelves as they are at one band, side by side, each shelf in a bay of its own under its id. Drawn in a
 * page as wide as `alonePx` says, each card is as wide as asked for there.
 * @param layout what the cards stand in at that band
 * @param now UTC ms
 */
export function cardsAlone(
  house: StoredHouse,
  bands: Bands,
  bandId: string,
  layout: LayoutId,
  all: readonly Alone[],
  tree: CategoryTree,
  now: number,
): PageView {
  const first = bands[0]!.id;
  const at = <T>(value: T) => ({ [first]: value });
  const shelves = all.map(({ shelf: { id, name, card, layoutOwn }, of, items }): StoredShelf => ({
    id,
    name,
    ...(card && { card }),
    ...(layoutOwn && { layoutOwn }),
    assortment: { of },
    layout: at(inSight(layout)),
    columns: { by: 'count', count: at(Math.max(1, items.length)) },
    amount: { by: 'items', items: at(Math.max(1, items.length)) },
    gap: { column: at(ALONE_GAP_PX), row: at(ALONE_GAP_PX) },
  }));
  const around = at(ALONE_AROUND_PX);
  const plan = completePlan({
    house: { ...house, bands: onlyAt(bands, bandId), margin: around, contentPx: 2560 },
    pages: {
      cards: {
        id: 'cards',
        kind: 'home',
        name: 'Cards',
        bays: shelves.map(({ id }) => ({
          id,
          holds: 'shelf',
          shelfId: id,
          look: { above: around, below: around, width: 'window' },
        })) as never,
      },
    },
    shelves: Object.fromEntries(shelves.map((shelf) => [shelf.id, shelf])),
    assortments: {},
  });
  const items = new Map(all.map((one) => [one.shelf.id, one.items]));
  return viewWith(
    {
      plan,
      page: plan.pages.cards!,
      now,
      tree,
      pictures: () => undefined,
      address: { path: '/', from: {}, open: {} },
      about: {},
    },
    ({ shelfId, start, count }) => {
      const held = items.get(shelfId) ?? [];
      return {
        total: held.length,
        own: held.length,
        start,
        items: held.slice(start, start + count),
      };
    },
  );
}

/** Whether cards alone stand side by side; one under the other where a layout has no columns. */
export const standAcross = (layout: LayoutId): boolean => isUsed('columns.count', [inSight(layout)]);

/** Width of a page in which so many cards alone are each `cardPx` wide, px. */
export const alonePx = (layout: LayoutId, count: number, cardPx: number): number =>
  2 * ALONE_AROUND_PX + (standAcross(layout) ? count * cardPx + (count - 1) * ALONE_GAP_PX : cardPx);
