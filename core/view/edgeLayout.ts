import { bandAt, type Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { bayKind } from '../bays/index.ts';
import { bayHeight, isDrawnAt } from './bayHeight.ts';
import type { BayView, PageView, EdgeView } from './view.ts';

/** A bay where it stands in the header or the footer, px from its upper corner at the start. */
export interface EdgeBox {
  bayId: string;
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A line under the header and over the footer, and how high a header is at least, px; as the base sheet has them. */
const LINE_PX = 1;
const LEAST_PX = { head: 64, foot: 0 } as const;

/** Parts of a row that a bay takes, beside others of its kind. */
const SHARES = { quarter: 4, third: 3, half: 2, row: 1 } as const;

interface Placed {
  bay: BayView;
  width: number;
  height: number;
  grows: boolean;
}

/** The rows of the header or the footer in a region of this width, as a browser wraps them; estimated where texts are. */
export function edgeLayout(
  edge: EdgeView,
  view: Pick<PageView, 'bands' | 'margin' | 'edgesPx'>,
  regionPx: number,
): { boxes: EdgeBox[]; heightPx: number } {
  const { bands } = view;
  const band = bandAt(bands, regionPx).id;
  const gap = valueAt(edge.between, bands, band);
  const ends = valueAt(edge.ends, bands, band);
  const marginPx = valueAt(view.margin, bands, band);
  const innerPx = Math.min(regionPx - 2 * marginPx, view.edgesPx);
  const start = (regionPx - innerPx) / 2;
  const shown = edge.bays.filter((bay) => isDrawnAt(bay, band));
  const isLast = ({ place }: BayView) => valueAt(place.last, bands, band);
  const rows: { items: Placed[]; usedPx: number }[] = [];
  for (const bay of [...shown.filter((one) => !isLast(one)), ...shown.filter(isLast)]) {
    const takes = valueAt(bay.place.takes, bands, band);
    const own = Math.min(innerPx, ownWidth(bay, bands, band) ?? innerPx);
    const grows = takes === 'rest';
    const width = takes === 'own' || grows ? own : (innerPx - (SHARES[takes] - 1) * gap) / SHARES[takes];
    // What takes the room that is left needs no more than its longest word.
    const least = grows ? Math.min(own, leastWidth(bay, bands, band)) : width;
    const last = rows.at(-1);
    const item = { bay, width: grows ? 0 : width, height: 0, grows };
    if (last && last.usedPx + gap + least <= innerPx + 0.5) {
      last.items.push(item);
      last.usedPx += gap + least;
    } else rows.push({ items: [item], usedPx: least });
  }
  const boxes: EdgeBox[] = [];
  let y = ends;
  for (const { items } of rows) {
    const fixed = items.reduce((sum, { width }) => sum + width, 0) + (items.length - 1) * gap;
    const growing = items.filter(({ grows }) => grows).length;
    for (const item of items) {
      if (item.grows) item.width = Math.max(0, innerPx - fixed) / growing;
      item.height = heightOf(item.bay, bands, band, item.width, regionPx);
    }
    const high = Math.max(...items.map(({ height }) => height));
    let x = start;
    for (const { bay, width, height } of items) {
      const top = edge.edge === 'head' ? (high - height) / 2 : 0;
      boxes.push({ bayId: bay.id, x, y: y + top, width, height });
      x += width + gap;
    }
    y += high + ROW_GAP_PX;
  }
  const high = rows.length > 0 ? y - ROW_GAP_PX + ends : 0;
  const heightPx = rows.length > 0 ? Math.max(LEAST_PX[edge.edge], high) + LINE_PX : 0;
  // Rows stand in the middle of what is higher than they are.
  const down = rows.length > 0 ? (heightPx - LINE_PX - high) / 2 : 0;
  return { boxes: boxes.map((box) => ({ ...box, y: box.y + down })), heightPx };
}

/** Space between rows, px, as the base sheet has it; and the longest word that is reckoned with. */
export const ROW_GAP_PX = 4;
const LEAST_REST_PX = 80;

const leastWidth = ({ content }: BayView, bands: Bands, band: string): number =>
  bayKind(content.holds).leastPx?.(content, bands, band) ?? LEAST_REST_PX;

const ownWidth = ({ content }: BayView, bands: Bands, band: string): number | undefined =>
  bayKind(content.holds).ownPx?.(content, bands, band);

function heightOf(bay: BayView, bands: Bands, band: string, widthPx: number, regionPx: number): number {
  const { content, heading, look } = bay;
  const inside = bayKind(content.holds).heightIn?.(content, heading, bands, band, widthPx);
  if (inside === undefined) return bayHeight(bay, bands, regionPx);
  return inside + valueAt(look.above, bands, band) + valueAt(look.below, bands, band);
}

/** Height of the header, px; 0 where there is none. */
export const headHeight = (view: PageView, regionPx: number): number =>
  view.head ? edgeLayout(view.head, view, regionPx).heightPx : 0;
