import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bandAt, type Band, type Bands } from './bands.ts';
import { addBand, addFirstBand, moveEdge, removeBand } from './edit.ts';
import { resolve, valueAt, withValue, type Varying } from './varying.ts';

const band = (id: string, from: number): Band => ({
  id,
  name: id,
  from,
  nominal: { width: from + 100, height: 700 },
});
const names = ['a', 'b', 'c', 'd', 'e'];

const someBands = fc
  .uniqueArray(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 4 })
  .map((steps): Bands =>
    [0, ...steps.sort((x, y) => x - y).map((n) => n * 80)].map((from, i) => band(names[i]!, from)),
  );

const bandsAndVarying = someBands.chain((bands) =>
  fc
    .tuple(fc.integer(), ...bands.slice(1).map(() => fc.option(fc.integer(), { nil: undefined })))
    .map(([first, ...rest]) => {
      let varying: Varying<number> = { [bands[0]!.id]: first };
      rest.forEach((value, i) => (varying = withValue(varying, bands, bands[i + 1]!.id, value)));
      return { bands, varying };
    }),
);

const widths = [0, 39, 79, 80, 81, 159, 160, 320, 500, 801, 1239, 1600, 2399, 2400, 2560];
const at = (bands: Bands, varying: Varying<number>, width: number) =>
  valueAt(varying, bands, bandAt(bands, width).id);

describe('a value that varies by width', () => {
  it('takes the nearest narrower band that has one, and says which', () => {
    const bands = [band('a', 0), band('b', 560), band('c', 880)];
    expect(resolve({ a: 2, b: 3 }, bands, 'c')).toEqual({ value: 3, setAt: 'b' });
    expect(() => resolve({}, bands, 'c')).toThrow(RangeError);
  });

  it('cannot be let go at the first band', () => {
    const bands = [band('a', 0), band('b', 560)];
    expect(withValue({ a: 2, b: 3 }, bands, 'a', undefined)).toEqual({ a: 2, b: 3 });
    expect(withValue({ a: 2, b: 3 }, bands, 'b', undefined)).toEqual({ a: 2 });
  });
});

describe('changing the bands', () => {
  it('adding one changes nothing at any width', () => {
    fc.assert(
      fc.property(bandsAndVarying, fc.integer({ min: 40, max: 2500 }), ({ bands, varying }, from) => {
        fc.pre(bands.every((b) => Math.abs(b.from - from) >= 40));
        const after = addBand(bands, band('new', from));
        for (const w of widths) expect(at(after.bands, after.edit(varying), w)).toBe(at(bands, varying, w));
      }),
    );
  });

  it('a new first band copies the old first value, so nothing changes at any width', () => {
    fc.assert(
      fc.property(bandsAndVarying, ({ bands, varying }) => {
        const after = addFirstBand(bands, band('new', 0), 40);
        for (const w of widths) expect(at(after.bands, after.edit(varying), w)).toBe(at(bands, varying, w));
      }),
    );
  });

  it('removing one leaves every other band as it was', () => {
    fc.assert(
      fc.property(bandsAndVarying, fc.nat(), ({ bands, varying }, pick) => {
        fc.pre(bands.length > 2);
        const gone = bands[pick % bands.length]!;
        const after = removeBand(bands, gone.id);
        for (const w of widths)
          if (bandAt(bands, w).id !== gone.id)
            expect(at(after.bands, after.edit(varying), w)).toBe(at(bands, varying, w));
      }),
    );
  });

  it('moving an edge changes only what lies between its old and new place, and stops 40 short', () => {
    fc.assert(
      fc.property(
        bandsAndVarying,
        fc.nat(),
        fc.integer({ min: -50, max: 3000 }),
        ({ bands, varying }, pick, to) => {
          const moved = bands[1 + (pick % (bands.length - 1))]!;
          const after = moveEdge(bands, moved.id, to);
          const now = after.bands.find((b) => b.id === moved.id)!;
          const [low, high] = [Math.min(moved.from, now.from), Math.max(moved.from, now.from)];
          for (const w of widths)
            if (w < low || w >= high) expect(at(after.bands, varying, w)).toBe(at(bands, varying, w));
          after.bands.forEach(
            (b, i) => i > 0 && expect(b.from - after.bands[i - 1]!.from).toBeGreaterThanOrEqual(40),
          );
        },
      ),
    );
  });

  it('keeps between two and six bands', () => {
    const two = [band('a', 0), band('b', 560)];
    expect(() => removeBand(two, 'a')).toThrow(RangeError);
    const six = [0, 100, 200, 300, 400, 500].map((from) => band(`b${from}`, from));
    expect(() => addBand(six, band('new', 900))).toThrow(RangeError);
    expect(() => addBand(two, band('new', 590))).toThrow(RangeError);
  });
});
