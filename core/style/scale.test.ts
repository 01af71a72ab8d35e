import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { valueAt, type Varying } from '../bands/varying.ts';
import { pageCss } from '../css/pageCss.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { specimenHouse, specimenShelf, specimenStored, specimenView } from '../specimen/specimen.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import { inPx } from './inPx.ts';
import { properties } from './properties/index.ts';
import { isStep, stepPx, steps, type Scale } from './scale.ts';

const { bands, scale: first } = completePlan(specimenStored([])).house;
const sizes = ['s-2', 's-1', 's0', 's1', 's2', 's3', 's4', 's5', 's6'];

const anyScale: fc.Arbitrary<Scale> = fc.record({
  size: fc.integer({ min: 10, max: 28 }).map((phone) => ({ phone })),
  ratio: fc.integer({ min: 105, max: 162 }).map((phone) => ({ phone })),
  space: fc.integer({ min: 2, max: 24 }).map((phone) => ({ phone })),
});

const planWith = (style: object, ofShelf: object = {}, scale: object = {}) =>
  completePlan({
    ...specimenStored([specimenShelf('a', { style: ofShelf } as never)]),
    house: { ...specimenHouse, scale, style: style as never },
  });
const stepAt = (scale: object, bandId: string) => {
  const view = specimenView(planWith({ title: { rest: { size: { phone: 's2' } } } }, {}, scale), 4);
  const [{ shelf }] = shelvesOn(view) as [ReturnType<typeof shelvesOn>[number]];
  return shelf.steps.find((step) => step.bandId === bandId)!.figures.title!.fontPx;
};

describe('the steps of a house', () => {
  it('are each as many times the one before as is set, and spaces as many of one', () => {
    expect(steps.sizes.map(({ id }) => stepPx(id, first, bands, 'phone'))).toEqual([
      11, 13, 16, 19, 23, 28, 33, 40, 48,
    ]);
    expect(steps.sizes.map(({ id }) => id)).toEqual(sizes);
    expect(steps.spaces.map(({ id }) => stepPx(id, first, bands, 'phone'))).toEqual([
      2, 4, 8, 12, 16, 24, 32, 48,
    ]);
  });

  it('never come down from one to the next, whatever they are made from', () => {
    fc.assert(
      fc.property(anyScale, (scale) => {
        for (const all of Object.values(steps)) {
          const px = all.map(({ id }) => stepPx(id, scale, bands, 'phone'));
          expect([...px].sort((a, b) => a - b)).toEqual(px);
          expect(px.every(Number.isInteger)).toBe(true);
        }
      }),
    );
  });
});

describe('a style with steps', () => {
  it('comes to px at every width, within what can be set, and to nothing else', () => {
    const value = fc.oneof(fc.integer({ min: 10, max: 40 }), fc.constantFrom(...sizes));
    fc.assert(
      fc.property(anyScale, value, value, (scale, narrow, wide) => {
        const { style } = planWith({
          title: { rest: { size: { phone: narrow, laptop: wide }, weight: 700 } },
        }).house;
        const px = inPx(style, scale, bands);
        const { size, weight } = px.title!.rest!;
        expect(weight).toBe(700);
        for (const [band, set] of [
          ['phone', narrow],
          ['laptop', wide],
        ] as const) {
          const at = valueAt(size as Varying<number>, bands, band);
          expect(at).toBe(isStep(set) ? Math.min(96, Math.max(10, stepPx(set, scale, bands, band))) : set);
        }
        // What is in px stays the very same, so that what was measured by it does.
        expect(inPx(px, scale, bands)).toBe(px);
        expect(inPx(style, scale, bands)).toBe(px);
      }),
    );
  });

  it('is measured and drawn by what its steps come to at each width', () => {
    const wider = { size: { phone: 14, laptop: 20 }, ratio: { phone: 120 } };
    expect([stepAt(wider, 'phone'), stepAt(wider, 'laptop')]).toEqual([20, 29]);
    const css = pageCss(specimenView(planWith({ title: { rest: { size: { phone: 's2' } } } }, {}, wider), 4));
    expect(css.includes('font-size:20px!important')).toBe(true);
    expect(css.includes('font-size:29px!important')).toBe(true);
    expect(css.includes('s2px')).toBe(false);
  });

  it('follows the house on a shelf too, in spaces as in sizes', () => {
    const card = { card: { rest: { spaceInside: { phone: 'p200' } } } };
    const inside = (space: number) => {
      const [{ shelf }] = shelvesOn(
        specimenView(planWith({}, card, { space: { phone: space } }), 4),
      ) as never as [{ shelf: { steps: { insidePx: number }[] } }];
      return shelf.steps[0]!.insidePx;
    };
    expect([inside(8), inside(11)]).toEqual([16, 22]);
  });

  it('is refused with a sentence where a step or a number is none', () => {
    const { schema } = properties.size.kind;
    const fault = (value: unknown): string => {
      try {
        schema.validateSync(value, { strict: true });
        return '';
      } catch (error) {
        return (error as Error).message;
      }
    };
    expect(['s0', 's6', 10, 96].map(fault)).toEqual(['', '', '', '']);
    for (const value of ['s7', 'p100', '16px', 's2;}', 9, 97, 16.5, null, {}, [16]])
      expect(fault(value), String(value)).not.toBe('');
    const house = (style: object) => ({ ...completePlan(specimenStored([])).house, style });
    expect(fault('s7')).toBe('There is no such step.');
    expect(
      checkDocument('house', house({ title: { rest: { size: { phone: 's7' } } } }) as never),
    ).not.toBeNull();
  });
});
