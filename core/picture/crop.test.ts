import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fillCrop } from './crop.ts';

describe('a picture that fills its frame', () => {
  it('follows the worked example: 1000×1000 into 2:1 with the focal point at 0.4', () => {
    expect(fillCrop(2, 1, { x: 0.5, y: 0.4 })).toEqual({ x: 50, y: 30, loss: 0.5 });
  });

  it('loses nothing where the proportions agree, and stays within the picture always', () => {
    const unit = fc.double({ min: 0, max: 1, noNaN: true });
    const ratio = fc.double({ min: 0.2, max: 5, noNaN: true });
    fc.assert(
      fc.property(ratio, ratio, unit, unit, (frame, picture, x, y) => {
        const crop = fillCrop(frame, picture, { x, y });
        for (const at of [crop.x, crop.y]) {
          expect(at).toBeGreaterThanOrEqual(0);
          expect(at).toBeLessThanOrEqual(100);
        }
        expect(crop.loss).toBeGreaterThanOrEqual(-1e-9);
        expect(crop.loss).toBeLessThan(1);
      }),
    );
    expect(fillCrop(0.8, 0.8, { x: 0, y: 1 }).loss).toBeCloseTo(0);
  });
});
