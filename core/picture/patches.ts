import { rgbOf } from '../colour/contrast.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import { CELLS, type Cells } from './cells.ts';

/** A part of a frame, 0 to 1 from its left and from its top. */
export interface Area {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** How a picture is held by its frame. */
export interface Held {
  /** Width to height of the frame. */
  frame: number;
  fit: 'cover' | 'contain';
  /** object-position, percent. */
  x: number;
  y: number;
}

/** What is seen of a picture in one place, 0xrrggbb. */
export interface Patch extends Area {
  dark: number;
  light: number;
}

/** Where all of a picture is, in its frame; outside of it where it is cut. */
export function placedIn(ratio: number, { frame, fit, x, y }: Held): Area {
  const wider = ratio / frame;
  const [width, height] =
    fit === 'cover'
      ? [Math.max(1, wider), Math.max(1, 1 / wider)]
      : [Math.min(1, wider), Math.min(1, 1 / wider)];
  const left = ((1 - width) * x) / 100;
  const top = ((1 - height) * y) / 100;
  return { left, right: left + width, top, bottom: top + height };
}

/** Of the narrower of two, so much is in both at least if one is to be over the other. */
const SLIVER = 0.25;

/** Whether more than a sliver of a cell is under text, or of the text over it. */
const isUnder = (both: Area, cell: Area, area: Area): boolean =>
  (
    [
      ['left', 'right'],
      ['top', 'bottom'],
    ] as const
  ).every(
    ([from, to]) => both[to] - both[from] >= SLIVER * Math.min(cell[to] - cell[from], area[to] - area[from]),
  );

/** What is in both; null where that is nothing. */
function within(one: Area, other: Area): Area | null {
  const both = {
    left: Math.max(one.left, other.left),
    right: Math.min(one.right, other.right),
    top: Math.max(one.top, other.top),
    bottom: Math.min(one.bottom, other.bottom),
  };
  // What only touches is not over it.
  return both.right - both.left > 1e-9 && both.bottom - both.top > 1e-9 ? both : null;
}

const sizeOf = ({ left, right, top, bottom }: Area): number => (right - left) * (bottom - top);

/**
 * What is seen in an area of a frame: each cell of its picture of which more than a sliver is there, and what is around
 * the picture. Without
 * cells the colour that most of it is of stands for all.
 * @param around behind the picture, 0xrrggbb
 */
export function patchesIn(
  area: Area,
  { width, height, dominant }: Pick<PictureFacts, 'width' | 'height' | 'dominant'>,
  held: Held,
  cells: Cells | null,
  around: number,
): Patch[] {
  const whole = placedIn(width / height, held);
  const seen = within(whole, area);
  const patches: Patch[] = [];
  if (!seen || sizeOf(seen) < sizeOf(area) - 1e-6) patches.push({ ...area, dark: around, light: around });
  if (!seen) return patches;
  if (!cells) {
    const rgb = rgbOf(dominant);
    return [...patches, { ...seen, dark: rgb, light: rgb }];
  }
  const [across, down] = [(whole.right - whole.left) / CELLS, (whole.bottom - whole.top) / CELLS];
  for (let row = 0; row < CELLS; row += 1)
    for (let column = 0; column < CELLS; column += 1) {
      const [left, top] = [whole.left + column * across, whole.top + row * down];
      const cell = { left, top, right: left + across, bottom: top + down };
      const both = within(cell, area);
      const at = 2 * (row * CELLS + column);
      if (both && isUnder(both, cell, area))
        patches.push({ ...both, dark: cells[at]!, light: cells[at + 1]! });
    }
  return patches;
}
