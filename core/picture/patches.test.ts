import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CELLS, readCells, type Cells } from './cells.ts';
import { fillCrop } from './crop.ts';
import { patchesIn, placedIn, type Area, type Held } from './patches.ts';

const whole: Area = { left: 0, right: 1, top: 0, bottom: 1 };
const size = ({ left, right, top, bottom }: Area) => (right - left) * (bottom - top);

/** Each cell in a colour of its own, twice. */
const told: Cells = Uint32Array.from({ length: 2 * CELLS * CELLS }, (_, i) => Math.floor(i / 2));

const percent = fc.integer({ min: 0, max: 100 });
const ratio = fc.double({ min: 0.2, max: 5, noNaN: true });
const held = fc.record<Held>({
  frame: ratio,
  fit: fc.constantFrom('cover', 'contain'),
  x: percent,
  y: percent,
});
const unit = fc.double({ min: 0, max: 1, noNaN: true });
/** A place within an area, not at its very end. */
const place = fc.double({ min: 0, max: 0.999, noNaN: true });
const area = fc
  .tuple(unit, unit, unit, unit)
  .map(([a, b, c, d]): Area => ({
    left: Math.min(a, b),
    right: Math.max(a, b),
    top: Math.min(c, d),
    bottom: Math.max(c, d),
  }))
  .filter(({ left, right, top, bottom }) => right - left > 0.01 && bottom - top > 0.01);

describe('a picture in its frame', () => {
  it('follows the worked example: 1000×1000 into 2:1 with the focal point at 0.4', () => {
    const { x, y } = fillCrop(2, 1, { x: 0.5, y: 0.4 });
    const placed = placedIn(1, { frame: 2, fit: 'cover', x, y });
    // 500 px of 1000 are seen, from 150 on.
    expect(placed).toEqual({ left: 0, right: 1, top: -0.3, bottom: 1.7 });
  });

  it('covers its frame or is within it, in its own proportions', () => {
    fc.assert(
      fc.property(ratio, held, (own, one) => {
        const placed = placedIn(own, one);
        const width = (placed.right - placed.left) * one.frame;
        expect(width / (placed.bottom - placed.top)).toBeCloseTo(own, 6);
        const outer = one.fit === 'cover' ? placed : whole;
        const inner = one.fit === 'cover' ? whole : placed;
        expect(outer.left).toBeLessThanOrEqual(inner.left + 1e-9);
        expect(outer.top).toBeLessThanOrEqual(inner.top + 1e-9);
        expect(outer.right).toBeGreaterThanOrEqual(inner.right - 1e-9);
        expect(outer.bottom).toBeGreaterThanOrEqual(inner.bottom - 1e-9);
      }),
    );
  });
});

describe('what is seen in an area of a frame', () => {
  const picture = (own: number) => ({ width: Math.round(1000 * own), height: 1000, dominant: '#123456' });

  it('is every point of it once at most, by the cell that is there, and most of it', () => {
    fc.assert(
      fc.property(ratio, held, area, place, place, (own, one, of, u, v) => {
        const patches = patchesIn(of, picture(own), one, told, 999);
        const around = patches.filter(({ dark }) => dark === 999);
        const cells = patches.filter(({ dark }) => dark !== 999);
        const covered = cells.reduce((sum, patch) => sum + size(patch), 0);
        expect(covered).toBeLessThan(size(of) + 1e-6);
        // Slivers at its edges are left out.
        if (around.length === 0) expect(covered).toBeGreaterThan(0.4 * size(of));
        // A point of the area, and the cell that the picture has there.
        const [x, y] = [of.left + u * (of.right - of.left), of.top + v * (of.bottom - of.top)];
        const placed = placedIn(picture(own).width / 1000, one);
        const [across, down] = [
          ((x - placed.left) / (placed.right - placed.left)) * CELLS,
          ((y - placed.top) / (placed.bottom - placed.top)) * CELLS,
        ];
        // Not on the edge between two.
        if ([across, down].some((at) => Math.abs(at - Math.round(at)) < 1e-4)) return;
        const is = cells.filter(
          ({ left, right, top, bottom }) => x >= left && x < right && y >= top && y < bottom,
        );
        const inside = across > 0 && across < CELLS && down > 0 && down < CELLS;
        const cell = Math.floor(down) * CELLS + Math.floor(across);
        for (const { dark } of is) expect(inside && dark).toBe(cell);
        expect(is.length).toBeLessThan(2);
      }),
    );
  });

  it('is all cells of a picture that fills its frame, and of them those that more than a sliver of is under text', () => {
    const filled: Held = { frame: 1, fit: 'cover', x: 50, y: 50 };
    const seen = (of: Area) => patchesIn(of, picture(1), filled, told, 0).map(({ dark }) => dark);
    expect(seen(whole)).toEqual(Array.from({ length: CELLS * CELLS }, (_, i) => i));
    const row = { ...whole, top: 0, bottom: 1 / CELLS };
    // Three cells and a fifth of the fourth, then a third of it.
    expect(seen({ ...row, right: 3.2 / CELLS })).toEqual([0, 1, 2]);
    expect(seen({ ...row, right: 3.33 / CELLS })).toEqual([0, 1, 2, 3]);
    // A thin strip is on the cells that it is in.
    expect(seen({ ...row, top: 0.05, bottom: 0.06, right: 2 / CELLS })).toEqual([0, 1]);
  });

  it('is the colour that most of it is of where no cells are known', () => {
    const filled: Held = { frame: 1, fit: 'cover', x: 50, y: 50 };
    expect(patchesIn(whole, picture(1), filled, null, 0)).toEqual([
      { ...whole, dark: 0x123456, light: 0x123456 },
    ]);
    // Shown whole in a wide frame there is something at its sides too.
    const bars = patchesIn(whole, picture(1), { ...filled, frame: 2, fit: 'contain' }, null, 0xabcdef);
    expect(bars.map(({ dark }) => dark)).toEqual([0xabcdef, 0x123456]);
  });
});

describe('cells as they are sent', () => {
  it('are read back, and nothing else is', () => {
    const sent = [...told].map((one) => one.toString(16).padStart(6, '0')).join('');
    expect(readCells(sent)).toEqual(told);
    for (const other of ['', sent.slice(6), `${sent}000000`, sent.replace('0', 'g')])
      expect(readCells(other)).toBeNull();
  });
});
