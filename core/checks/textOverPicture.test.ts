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

const foundIn = (stored: Stored, pictures: readonly string[]) => {
  const plan = completePlan(stored);
  const goods = pictures.flatMap((dominant) => specimenPictured({ dominant }).slice(0, 1));
  return findingsOn(specimenView(plan, goods.length, {}, goods), plan, specimenNames).filter(
    ({ check }) => check === 'text-over-picture',
  );
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
        (background, reach, of, pictures, colour) => {
          const style = {
            overlay: of,
            ...(colour && { title: { rest: { textColour: colour } } }),
          };
          let stored = storedOver({ background, reach, style });
          let count = 0;
          for (let [one] = foundIn(stored, pictures); one?.fix; [one] = foundIn(stored, pictures)) {
            const before = one.text;
            stored = apply(stored, one.fix.command) as Stored;
            expect(foundIn(stored, pictures).map(({ text }) => text)).not.toContain(before);
            count += 1;
            expect(count).toBeLessThan(4);
          }
        },
      ),
      { numRuns: 60 },
    );
  });
});
