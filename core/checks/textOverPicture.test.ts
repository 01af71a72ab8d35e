import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { apply } from '../plan/commands.ts';
import { completePlan } from '../plan/storedPlan.ts';
import {
  specimenHouse,
  specimenNames,
  specimenPictured,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import { hexOf, LEAST_CONTRAST, rgbOf } from '../colour/contrast.ts';
import { CELLS, noCells, type Cells, type CellsOf } from '../picture/cells.ts';
import { leastContrast, telling } from '../style/overPictures.ts';
import { specimenBay, specimenPicture } from '../specimen/specimen.ts';
import { findingsOn } from './index.ts';

interface Over {
  background?: 'none' | 'light' | 'dark';
  reach?: number;
  style?: object;
  house?: object;
  pictures?: string[];
}

const storedOver = ({ background = 'none', reach = 40, style = {}, house = {} }: Over) => ({
  ...specimenStored([
    specimenShelf('a', { card: { text: { reach: { phone: reach }, background } }, style } as never),
  ]),
  house: { ...specimenHouse, style: house as never },
});
type Stored = ReturnType<typeof storedOver>;

const foundIn = (stored: Stored, pictures: readonly string[], cells = noCells) => {
  const plan = completePlan(stored);
  const goods = pictures.flatMap((dominant) => specimenPictured({ id: dominant, dominant }).slice(0, 1));
  return findingsOn(
    specimenView(plan, goods.length, {}, goods),
    plan,
    specimenNames,
    undefined,
    cells,
  ).filter(({ check }) => check === 'text-over-picture');
};
const found = (over: Over) => foundIn(storedOver(over), over.pictures ?? ['#f4efe6', '#ffffff']);

/** What hovering draws over the pictures. */
const onHover = (more: object) => ({
  overlay: { cardHover: { overlay: 'plain', overlayColour: '#000000', ...more } },
});

describe('text over pictures', () => {
  it('is looked at through the overlay that hovering draws, and mended there', () => {
    expect(found({})).toEqual([]);
    const over = { style: onHover({ opacity: 80 }) };
    const [one, ...others] = found(over);
    expect(others).toEqual([]);
    expect(one!.text).toMatch(/^Text over 2 pictures is hard to read on card hover: contrast 1\.\d/);
    expect(one!.goTo).toBe('look');
    const mended = apply(storedOver(over), one!.fix!.command) as Stored;
    const style = mended.shelves.a!.style as unknown as Record<string, Record<string, object>>;
    expect(Object.keys(style.title!)).toEqual(['cardHover']);
    expect(foundIn(mended, ['#f4efe6', '#ffffff'])).toEqual([]);
  });

  it('is legible over a dark picture that is made light enough, evenly or where the text is', () => {
    const pictures = ['#202020'];
    const light = (more: object) => ({ overlay: { rest: { overlayColour: '#ffffff', ...more } } });
    expect(found({ pictures })).toHaveLength(1);
    expect(found({ pictures, style: light({ overlay: 'plain', opacity: 90 }) })).toEqual([]);
    expect(found({ pictures, reach: 10, style: light({ overlay: 'below' }) })).toEqual([]);
    // Far up a gradient has faded, and one from above never reached it.
    expect(found({ pictures, reach: 70, style: light({ overlay: 'below' }) })).toHaveLength(1);
    expect(found({ pictures, reach: 10, style: light({ overlay: 'above' }) })).toHaveLength(1);
    expect(found({ pictures, house: light({ overlay: 'plain', opacity: 90 }) })).toEqual([]);
  });

  it('goes by colours that are set of it, whatever the background', () => {
    const style = { title: { rest: { textColour: '#ffffff' } }, price: { rest: { textColour: '#ffffff' } } };
    expect(found({ background: 'light', style })).toHaveLength(1);
    expect(found({ background: 'dark', style })).toEqual([]);
    expect(found({ background: 'dark' })).toEqual([]);
    const dark = { title: { rest: { textColour: '#111111' } } };
    const [one] = found({ background: 'dark', style: dark });
    expect(one!.text).toMatch(/^Text over 2 pictures is hard to read: contrast/);
    const mended = apply(storedOver({ background: 'dark', style: dark }), one!.fix!.command) as Stored;
    expect(foundIn(mended, ['#f4efe6', '#ffffff'])).toEqual([]);
  });

  it('goes by what is seen where the text is, cell by cell', () => {
    // Light above and dark below, of a colour that says nothing of either.
    const halves: Cells = Uint32Array.from({ length: 2 * CELLS * CELLS }, (_, i) =>
      i < CELLS * CELLS ? 0xf4f4f4 : 0x181818,
    );
    const stored = (side: string) => ({
      ...specimenStored([
        specimenShelf('a', {
          card: { text: { reach: { phone: 40 }, side: { phone: side }, background: 'none' } },
        } as never),
      ]),
    });
    const on = (side: string, cells: CellsOf, more: Partial<PictureFacts> = {}) => {
      const plan = completePlan(stored(side));
      const goods = specimenPictured({ dominant: '#f4f4f4', width: 1000, height: 1250, ...more });
      return findingsOn(specimenView(plan, 1, {}, goods), plan, specimenNames, undefined, cells).filter(
        ({ check }) => check === 'text-over-picture',
      );
    };
    expect(on('under', noCells)).toEqual([]);
    expect(on('under', () => halves)).toHaveLength(1);
    expect(on('above', () => halves)).toEqual([]);
    // At a side it is over both.
    expect(on('after', () => halves)).toHaveLength(1);
    // Cut to its upper end, nothing dark is left in a picture that is much higher than its frame.
    const tall = { width: 500, height: 2500 };
    expect(on('under', () => halves, { ...tall, focal: { x: 0.5, y: 0 } })).toEqual([]);
    expect(on('above', () => halves, { ...tall, focal: { x: 0.5, y: 1 } })).toHaveLength(1);
  });

  it('leaves out nothing that decides by looking at fewer backgrounds', () => {
    const rgb = fc.nat(0xffffff);
    fc.assert(
      fc.property(fc.array(rgb, { minLength: 1, maxLength: 400 }), rgb, (grounds, text) => {
        const few = telling(grounds);
        expect(few.every((one) => grounds.includes(rgbOf(one)))).toBe(true);
        const least = (all: readonly number[]) => leastContrast(hexOf(text), all);
        const [all, some] = [least(grounds), least(few.map(rgbOf))];
        expect(some >= LEAST_CONTRAST).toBe(all >= LEAST_CONTRAST);
      }),
    );
  });

  it('has a fix that mends it, or none', () => {
    const hex = fc
      .tuple(fc.nat(255), fc.nat(255), fc.nat(255))
      .map((all) => `#${all.map((one) => one.toString(16).padStart(2, '0')).join('')}`);
    const overlay = fc.record({
      overlay: fc.constantFrom('none', 'plain', 'below', 'above', 'left', 'right'),
      overlayColour: hex,
      opacity: fc.integer({ min: 2, max: 20 }).map((fives) => fives * 5),
    });
    fc.assert(
      fc.property(
        fc.constantFrom('none' as const, 'light' as const, 'dark' as const),
        fc.integer({ min: 5, max: 60 }),
        fc.record({ rest: overlay, cardHover: overlay }),
        fc.array(hex, { minLength: 1, maxLength: 3 }),
        fc.option(hex, { nil: undefined }),
        fc.option(fc.array(fc.nat(0xffffff), { minLength: 1, maxLength: 5 }), { nil: undefined }),
        (background, reach, of, pictures, colour, few) => {
          const cells: CellsOf = () =>
            few ? Uint32Array.from({ length: 2 * CELLS * CELLS }, (_, i) => few[i % few.length]!) : null;
          const style = {
            overlay: of,
            ...(colour && { title: { rest: { textColour: colour } } }),
          };
          let stored = storedOver({ background, reach, style });
          let count = 0;
          for (
            let [one] = foundIn(stored, pictures, cells);
            one?.fix;
            [one] = foundIn(stored, pictures, cells)
          ) {
            const before = one.text;
            stored = apply(stored, one.fix.command) as Stored;
            expect(foundIn(stored, pictures, cells).map(({ text }) => text)).not.toContain(before);
            count += 1;
            expect(count).toBeLessThan(4);
          }
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('text of a banner over its picture', () => {
  const picture = specimenPicture({ width: 1600, height: 900, dominant: '#888888' });
  const stored = (more: object = {}) =>
    specimenStored(
      [],
      [
        specimenBay('b', {
          holds: 'banner',
          title: 'New this week',
          words: 'Small runs of stoneware',
          pictureId: picture.id,
          ...more,
        } as never),
      ],
    );
  const onBanner = (one: ReturnType<typeof stored>, cells: CellsOf) => {
    const plan = completePlan(one);
    const view = specimenView(plan, 0, { pictures: () => picture });
    return findingsOn(view, plan, specimenNames, undefined, cells).filter(
      ({ check }) => check === 'text-over-picture',
    );
  };
  const even =
    (rgb: number): CellsOf =>
    () =>
      new Uint32Array(2 * CELLS * CELLS).fill(rgb);
  /** Each cell as dark and as light as can be. */
  const restless: CellsOf = () =>
    Uint32Array.from({ length: 2 * CELLS * CELLS }, (_, i) => (i % 2 ? 0xffffff : 0));

  it('is found where it does not stand out, and mended in its own bay', () => {
    expect(onBanner(stored(), even(0xfafafa))).toEqual([]);
    const [one] = onBanner(stored(), even(0x303030));
    expect(one).toMatchObject({ at: { on: 'bay', page: 'home', bay: 'b' }, goTo: 'look' });
    expect(one!.text).toMatch(/^Text over 1 picture is hard to read: contrast 1\.\d, at least \d/);
    const mended = apply(stored(), one!.fix!.command);
    expect(onBanner(mended, even(0x303030))).toEqual([]);
  });

  it('is given an overlay where no colour would do', () => {
    const [one] = onBanner(stored(), restless);
    expect(one!.fix!.words).toMatch(/^Draw a (dark|light) overlay of \d+%$/);
    const mended = apply(stored(), one!.fix!.command);
    expect(onBanner(mended, restless)).toEqual([]);
  });

  it('is looked at only on that part of the picture where it can be, and where there is any', () => {
    // Dark at the far end alone, where no text is.
    const farDark: CellsOf = () =>
      Uint32Array.from({ length: 2 * CELLS * CELLS }, (_, i) =>
        Math.floor(i / 2) % CELLS > 5 ? 0 : 0xffffff,
      );
    expect(onBanner(stored(), farDark)).toEqual([]);
    expect(onBanner(stored({ title: '', words: '' }), even(0x303030))).toEqual([]);
  });

  it('is seen through the overlay as it is drawn where the text stands', () => {
    const overlay = (more: object) =>
      stored({ style: { bannerOverlay: { rest: { overlayColour: '#ffffff', ...more } } } });
    expect(onBanner(overlay({ overlay: 'left' }), even(0))).toEqual([]);
    // At the text little of it is left.
    expect(onBanner(overlay({ overlay: 'right' }), even(0))).toHaveLength(1);
    expect(onBanner(overlay({ overlay: 'plain', opacity: 80 }), even(0))).toEqual([]);
  });
});
