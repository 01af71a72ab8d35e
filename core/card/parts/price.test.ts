import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { firstBands } from '../../plan/firstBands.ts';
import { completePlan } from '../../plan/storedPlan.ts';
import { specimenHouse, specimenShelf, specimenStored } from '../../specimen/specimen.ts';
import { figuresAt } from '../../style/figures.ts';
import { spaceOf, widthOf } from '../text.ts';
import type { TextSize } from '../textSize.ts';
import { pricePart } from './price.ts';

const SIZE = pricePart.text!;
const own = {} as never;
const texts = {} as never;

const plain = { now: '£48', before: null, from: '', own: ['', ''] } as const;
const reduced = { ...plain, before: '£96' };
const height = (view: object, size: TextSize, widthPx = 300) =>
  pricePart.heightPx(view as never, own, widthPx, texts, size);
const width = (view: object, size: TextSize) => pricePart.widthPx!(view as never, size);

describe('a price', () => {
  it('is one line as long as it fits with what it was, and no longer', () => {
    const px = width(reduced, SIZE);
    expect(height(reduced, SIZE, px)).toBe(SIZE.linePx);
    expect(height({ ...reduced, own: ['Now', 'each'] }, SIZE, px)).toBeGreaterThan(SIZE.linePx);
    expect(px).toBeGreaterThan(width(plain, SIZE) + widthOf('£96', SIZE));
  });

  it('has a space between what it is and what it was, and around words of the owner’s own', () => {
    const [before, now] = [widthOf('£96', SIZE), widthOf('£48', { ...SIZE, weight: 560 })];
    const space = spaceOf(SIZE);
    expect(space).toBeGreaterThan(2);
    expect(width(reduced, SIZE)).toBeCloseTo(now + space + 7 + before, 6);
    const said = { ...reduced, from: 'from', own: ['Now', 'each'] };
    const words = ['from', 'Now', 'each'].reduce((px, one) => px + widthOf(one, SIZE), 0);
    expect(width(said, SIZE)).toBeCloseTo(width(reduced, SIZE) + words + 3 * space, 6);
    const apart = { ...SIZE, spacingEm: 0.1, wordEm: 0.5 };
    expect(spaceOf(apart)).toBeCloseTo(space + 0.6 * SIZE.fontPx, 6);
  });

  it('that is reduced and set larger is wider and higher, and nothing else is', () => {
    const large = { ...SIZE, prominent: { fontPx: 28, weight: 560 } };
    expect(width(reduced, large)).toBeGreaterThan(width(reduced, SIZE));
    expect(height(reduced, large)).toBeGreaterThan(SIZE.linePx);
    // What it was stays as large: half of it grows by three quarters.
    expect(width(reduced, large) / width(reduced, SIZE)).toBeLessThan(28 / 16);
    expect([width(plain, large), height(plain, large)]).toEqual([width(plain, SIZE), SIZE.linePx]);
  });

  it('has its letters as far apart in either size', () => {
    const spaced = { ...SIZE, spacingEm: 0.1 };
    const large = { ...spaced, prominent: { fontPx: 32, weight: 560 } };
    const grown = (size: TextSize) =>
      width(reduced, { ...size, spacingEm: 0.1 }) - width(reduced, { ...size, spacingEm: 0 });
    expect(grown(large)).toBeCloseTo(grown(spaced), 5);
  });
});

describe('what a reduced price is measured by', () => {
  const figures = (house: object, shelf: object, bandId: string) => {
    const plan = completePlan({
      ...specimenStored([specimenShelf('a', { style: shelf } as never)]),
      house: { ...specimenHouse, style: house as never },
    });
    return figuresAt(plan.shelves.a!.style, plan.house.style, firstBands, bandId).price;
  };

  it('is on two lines at least where both prices do not fit on one', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 400 }), fc.integer({ min: 12, max: 40 }), (widthPx, fontPx) => {
        const size = { fontPx, linePx: 30, weight: 400, prominent: { fontPx: fontPx + 4, weight: 560 } };
        const fits = width(reduced, size) <= widthPx;
        const lines = Math.floor(height(reduced, size, widthPx) / 30);
        expect(fits ? lines === 1 : lines >= 2).toBe(true);
      }),
    );
  });

  it('is what is set of it, by width, from the house or apart from it', () => {
    const house = { reducedPrice: { rest: { size: { phone: 18, laptop: 26 } } } };
    expect(figures({}, {}, 'phone')).toBeUndefined();
    expect(figures(house, {}, 'phone')).toMatchObject({ fontPx: 16, prominent: { fontPx: 18, weight: 560 } });
    expect(figures(house, {}, 'laptop')!.prominent!.fontPx).toBe(26);
    const bolder = { reducedPrice: { rest: { weight: 800 } }, price: { rest: { size: { phone: 20 } } } };
    expect(figures({}, bolder, 'phone')).toMatchObject({
      fontPx: 20,
      prominent: { fontPx: 20, weight: 800 },
    });
  });
});
