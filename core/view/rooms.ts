import { everywhere, valueAt, type Varying } from '../bands/varying.ts';
import { bandAt, type Bands } from '../bands/bands.ts';
import { bayKind, type Bay } from '../bays/index.ts';
import { innerWidth, type Room } from '../geometry/steps.ts';
import type { Heading } from '../plan/bay.ts';
import { pageKind } from '../pages/index.ts';
import type { House } from '../plan/house.ts';
import type { Page, SideStands } from '../plan/page.ts';
import { byBands, LEAST_BESIDE_PX } from './byBands.ts';
import { keptFor } from './keptFor.ts';
import type { BayView, PageView, SideView } from './view.ts';

type PageRoom = Pick<Page, 'kind' | 'width' | 'ownPx' | 'framed' | 'side' | 'bays'>;

/** What is on a background of its own in a column is so far from its edges, px. */
const LEAST_INSET_PX = 16;
/** Space between a heading and what stands beside it, px. */
export const HEADING_GAP_PX = 32;

/** The greatest width of what a page shows, px. */
export const contentOf = (house: House, { width, ownPx }: Pick<Page, 'width' | 'ownPx'>): number =>
  width === 'own' ? ownPx : house.contentPx;

const sides = keptFor<Page['side'], SideView>();

/** Whether a bay stands in the sidebar of its page. */
export const isAside = ({ aside, holds }: Pick<Bay, 'aside' | 'holds'>): boolean =>
  aside && !bayKind(holds).leads;

/**
 * The sidebar as it is drawn: under the page at widths where too little of the page would be left beside it; null
 * where none of the bays stands in it, whether there is something to show in them or not.
 */
export function sideOf(
  house: House,
  { side, bays, kind }: Pick<Page, 'side' | 'bays' | 'kind'>,
): SideView | null {
  const { bands, margin } = house;
  const { edge, kept } = pageKind(kind);
  if (edge || kept || !bays.some((bay) => !bay.hidden && isAside(bay))) return null;
  return sides(side, [bands, margin], () => ({
    ...side,
    stands: byBands(bands, (band, fromPx): SideStands => {
      const stands = valueAt(side.stands, bands, band);
      const taken =
        2 * valueAt(margin, bands, band) +
        valueAt(side.widthPx, bands, band) +
        valueAt(side.gap, bands, band);
      return isBeside(stands) && fromPx - taken < LEAST_BESIDE_PX ? 'under' : stands;
    }),
  }));
}

export const isBeside = (stands: SideStands): boolean => stands === 'start' || stands === 'end';

/** What a bay may use. */
export interface Rooms {
  /** Around all of it: what it is wide, with its heading. */
  around: Room;
  /** For what it holds, which a heading may stand beside. */
  inside: Room;
  /** Its heading, standing where there is room for it. */
  heading: Heading;
}

const known = keptFor<Bay, Rooms>();

/** What a bay may use: its margins, the greatest width of content or its own, less what stands beside it. */
export function roomsOf(house: House, page: PageRoom, bay: Bay): Rooms {
  const { bands, margin } = house;
  const contentPx = contentOf(house, page);
  // What may lead a page stands above its columns.
  const side = bayKind(bay.holds).leads ? null : sideOf(house, page);
  return known(bay, [contentPx, page.framed, bands, margin, side], () => {
    const { look } = bay;
    const widest = {
      // On a panel nothing is as wide as the window.
      window: page.framed ? contentPx : null,
      content: contentPx,
      own: Math.min(look.ownPx, contentPx),
    };
    const alone: Room = {
      marginPx: look.margin,
      takenPx: everywhere(bands, 0),
      mostPx: everywhere(bands, widest[look.width]),
    };
    const around = side ? besideSide(alone, side, bay, house, contentPx) : alone;
    const heading = headingIn(around, bay.heading, bands);
    return { around, heading, inside: besideHeading(around, heading, bands) };
  });
}

/** Where the room of a bay begins in its region, px from the start. */
export function startPx(
  bay: Pick<BayView, 'aside' | 'room'>,
  view: Pick<PageView, 'side' | 'bands' | 'margin' | 'contentPx'>,
  regionPx: number,
): number {
  const { side, bands, margin, contentPx } = view;
  const band = bandAt(bands, regionPx).id;
  const innerPx = innerWidth(bay.room, bands, band, regionPx);
  const stands = side ? valueAt(side.stands, bands, band) : 'under';
  if (!side || !isBeside(stands)) return (regionPx - innerPx) / 2;
  const pagePx = Math.min(contentPx, regionPx - 2 * valueAt(margin, bands, band));
  const sidePx = valueAt(side.widthPx, bands, band);
  const columnPx = bay.aside ? sidePx : pagePx - sidePx - valueAt(side.gap, bands, band);
  const isFirst = bay.aside === (stands === 'start');
  // What is narrower than its column stands in the middle of it.
  return (regionPx - pagePx) / 2 + (isFirst ? 0 : pagePx - columnPx) + (columnPx - innerPx) / 2;
}

/** The room that is left of a page's for a bay in its sidebar or beside it, at the widths where that stands beside. */
function besideSide(room: Room, side: SideView, bay: Bay, house: House, contentPx: number): Room {
  const { bands, margin } = house;
  const [aside, look] = [isAside(bay), bay.look];
  const at = <T>(varying: Varying<T>, band: string) => valueAt(varying, bands, band);
  const stands = (band: string) => isBeside(at(side.stands, band));
  const apartPx = (band: string) => at(side.widthPx, band) + at(side.gap, band);
  // The page keeps the margins of the store; what is set above them is kept within, and what has a background of its
  // own never touches the edge of that.
  const least = look.background === null ? 0 : LEAST_INSET_PX;
  const ownMargin = (band: string) => Math.max(least, at(look.margin, band) - at(margin, band));
  return {
    marginPx: byBands(bands, (band) => (stands(band) ? ownMargin(band) : at(look.margin, band))),
    takenPx: byBands(bands, (band) =>
      stands(band) ? 2 * at(margin, band) + (aside ? 0 : apartPx(band)) : 0,
    ),
    mostPx: byBands(bands, (band) => {
      if (!stands(band)) return at(room.mostPx, band);
      const columnPx = (aside ? at(side.widthPx, band) : contentPx - apartPx(band)) - 2 * ownMargin(band);
      return Math.max(0, look.width === 'own' ? Math.min(look.ownPx, columnPx) : columnPx);
    }),
  };
}

/** The same heading, above what it is about wherever too little room is left beside it. */
function headingIn(room: Room, heading: Heading, bands: Bands): Heading {
  if (!Object.values(heading.stands).includes('beside')) return heading;
  return {
    ...heading,
    stands: byBands(bands, (band, fromPx) => {
      const left =
        innerWidth(room, bands, band, fromPx) - valueAt(heading.widthPx, bands, band) - HEADING_GAP_PX;
      const isSeen = heading.words !== '' && heading.shown;
      return isSeen && valueAt(heading.stands, bands, band) === 'beside' && left >= LEAST_BESIDE_PX
        ? 'beside'
        : 'above';
    }),
  };
}

/** What a heading leaves of the room that it stands in. */
function besideHeading(room: Room, { stands, widthPx }: Heading, bands: Bands): Room {
  if (!Object.values(stands).includes('beside')) return room;
  const taken = (band: string) =>
    valueAt(stands, bands, band) === 'beside' ? valueAt(widthPx, bands, band) + HEADING_GAP_PX : 0;
  return {
    marginPx: room.marginPx,
    takenPx: byBands(bands, (band) => valueAt(room.takenPx, bands, band) + taken(band)),
    mostPx: byBands(bands, (band) => {
      const most = valueAt(room.mostPx, bands, band);
      return most === null ? null : Math.max(0, most - taken(band));
    }),
  };
}
