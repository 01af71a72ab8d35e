import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pageCss } from '../css/pageCss.ts';
import { apply } from '../plan/commands.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { shelfFacts } from '../view/facts.ts';
import {
  specimenBay,
  specimenNames,
  specimenPicture,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { findingsOn } from './index.ts';

const px = fc.integer({ min: 0, max: 30 }).map((fours) => 4 * fours);
const look = fc.record({
  rise: fc.record({ phone: px, laptop: px }),
  above: fc.record({ phone: px }),
  below: fc.record({ phone: px }),
  background: fc.option(fc.constant('#eeeeee')),
  lies: fc.constantFrom('over' as const, 'under' as const),
});
const picture = 'f'.repeat(64);

const planOf = (upper: object, lower: object): StoredPlan =>
  specimenStored(
    [specimenShelf('a'), specimenShelf('b')],
    [specimenBay('a', { look: upper }), specimenBay('b', { look: lower })],
  );
const seen = (stored: StoredPlan) => {
  const plan = completePlan(stored);
  const view = specimenView(plan, 8, { pictures: () => specimenPicture({ width: 2400, height: 1600 }) });
  return { view, found: findingsOn(view, plan, specimenNames).filter(({ check }) => check === 'lying-over') };
};

describe('a bay that is moved up', () => {
  it('covers what the space of both leaves, is said to where that is most, and no longer after one press', () => {
    fc.assert(
      fc.property(look, look, (upper, lower) => {
        const stored = planOf({ ...upper, rise: { phone: 0 } }, lower);
        const space = (one: typeof upper, hides: boolean, of: 'above' | 'below') =>
          hides ? 0 : one[of].phone;
        const free =
          lower.lies === 'over'
            ? space(lower, lower.background !== null, 'above') + upper.below.phone
            : lower.above.phone + space(upper, upper.background !== null, 'below');
        const covered = Math.max(...Object.values(lower.rise)) - free;
        const { found } = seen(stored);
        expect(found).toHaveLength(covered > 0 ? 1 : 0);
        if (!found[0]) return;
        expect(found[0].text).toContain(`${covered} px of`);
        const mended = seen(apply(stored, found[0].fix!.command));
        expect(mended.found).toEqual([]);
        // No more than is needed.
        const drawn = mended.view.bays[1]!.look.rise;
        expect(Math.max(...Object.values(drawn))).toBe(Math.max(0, Math.min(free, covered + free)));
      }),
    );
  });

  it('covers the heading of its page where it is the first, unless there is none to be seen', () => {
    const first = (more: object = {}) => {
      const plan = completePlan(
        specimenStored(
          [specimenShelf('a')],
          [specimenBay('a', { look: { rise: { phone: 60 }, above: { phone: 20 } } })],
        ),
      );
      const page = { ...plan.pages.home!, ...more };
      return findingsOn(specimenView(plan, 8, { page }), plan, specimenNames).filter(
        ({ check }) => check === 'lying-over',
      );
    };
    expect(first().map(({ text }) => text)).toEqual(['Covers 40 px of the heading of the page on Phone']);
    expect(first({ headed: false, breadcrumb: false })).toEqual([]);
  });

  it('takes what is below it along, so that more of it is on the first screen', () => {
    const facts = (rise: number) =>
      shelfFacts(seen(planOf({}, { rise: { phone: rise } })).view, 'b', 'b').map((one) => one.ofFirstScreen);
    const [before, after] = [facts(0), facts(120)];
    after.forEach((one, i) => expect(one).toBeGreaterThanOrEqual(before[i]!));
    expect(after).not.toEqual(before);
  });

  it('is drawn with nothing of it while it is not, and only by rules of its own page', () => {
    const css = (rise: number, more: object = {}) =>
      pageCss(seen(planOf({}, { rise: { phone: rise }, ...more })).view);
    expect(css(0)).toBe(css(0, { lies: 'under' }));
    expect(css(20)).not.toBe(css(20, { lies: 'under' }));
  });

  it('may stand on the picture of a banner with a background, but not on its texts', () => {
    const banner = (more: object = {}) =>
      specimenBay('banner', {
        holds: 'banner',
        title: 'Winter',
        pictureId: picture,
        heightPx: { phone: 480 },
        look: { below: { phone: 0 } },
        ...more,
      } as never);
    const withBanner = (lower: object, more: object = {}) =>
      seen(specimenStored([specimenShelf('b')], [banner(more), specimenBay('b', { look: lower })])).found;
    const up = { rise: { phone: 0, laptop: 80 }, above: { phone: 20 } };
    expect(withBanner({ ...up, background: '#ffffff' })).toEqual([]);
    const [bare] = withBanner(up);
    expect(bare).toMatchObject({
      text: expect.stringMatching(/^Stands on the picture of "Bay banner" without/) as string,
    });
    expect(bare!.fix!.command).toMatchObject({ setting: 'look.background' });
    const [tall] = withBanner(
      { ...up, rise: { phone: 0, laptop: 200 }, background: '#ffffff' },
      { heightPx: { phone: 220 } },
    );
    expect(tall!.text).toMatch(/^Covers \d+ px of "Bay banner"/);
  });

  it('may stand below the words of a banner without a picture, but not on what marks the place among several', () => {
    const over = (upper: object) =>
      seen(
        specimenStored(
          [specimenShelf('b')],
          [
            specimenBay('banner', { look: { below: { phone: 0 } }, ...upper }),
            specimenBay('b', {
              look: { rise: { phone: 0, laptop: 60 }, above: { phone: 20 }, background: '#ffffff' },
            }),
          ],
        ),
      ).found.map(({ text }) => text);
    const [one, two] = ['Winter', 'Spring'].map((title) => ({ id: title, title }));
    const several = (marks: string) => ({
      holds: 'banners',
      banners: [one, two],
      moving: { marks: { phone: marks } },
    });
    expect(over({ holds: 'banner', title: 'Winter' })).toEqual([]);
    expect(over(several('none'))).toEqual([]);
    expect(over(several('dots'))).toEqual(['Covers 60 px of "Bay banner" on Laptop']);
  });
});
