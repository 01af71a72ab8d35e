import { describe, expect, it } from 'vitest';
import { completePlan } from '../../core/plan/storedPlan.ts';
import type { StoredShelf } from '../../core/plan/shelf.ts';
import { specimenBay, specimenShelf, specimenStored, specimenView } from '../../core/specimen/specimen.ts';
import { baysCss } from '../bays/index.tsx';
import { consentCss } from './consent.ts';
import { flickCss } from './flick.ts';
import { headingCss } from './heading.ts';
import { movingCss } from './moving.ts';
import { pagerCss } from './pager.ts';
import { pauseCss } from './pause.ts';
import { secondCss } from './second.ts';
import { starsCss } from './stars.ts';
import { swatchesCss } from './swatches.ts';
import { allUsedCss, usedCss } from './whereUsed.ts';

const shelf = (more: Partial<StoredShelf> = {}) => specimenShelf('a', { paging: { by: 'none' }, ...more });
const viewOf = (more?: Partial<StoredShelf>) => specimenView(completePlan(specimenStored([shelf(more)])), 8);

describe('the rules that a page is sent', () => {
  it.each<[string, string, Partial<StoredShelf>]>([
    ['swatches', swatchesCss, { card: { parts: { swatches: { shown: { phone: true } } } } }],
    ['ratings', starsCss, { card: { parts: { rating: { shown: { laptop: true } } } } }],
    ['a second picture', secondCss, { card: { parts: { picture: { second: true } } } }],
    ['the button that pauses', pauseCss, { moving: { play: true } }],
    ['what moves', movingCss, { layout: { laptop: 'carousel' } }],
    ['pictures to flick through', flickCss, { card: { parts: { picture: { several: 3 } } } }],
    ['numbers under a list', pagerCss, { paging: { by: 'numbered' } }],
  ])('are those of %s only where a shelf has them, at whatever width', (_, css, more) => {
    expect(usedCss(viewOf()).includes(css)).toBe(false);
    expect(usedCss(viewOf(more)).includes(css)).toBe(true);
    expect(allUsedCss.includes(css)).toBe(true);
  });

  it('are those of the question whether what is viewed may be remembered only where that is asked', () => {
    const lookedAt = { assortment: { of: 'products', rule: { join: 'all', parts: [{ is: 'lookedAt' }] } } };
    expect(usedCss(viewOf()).includes(consentCss)).toBe(false);
    expect(usedCss(viewOf(lookedAt as never)).includes(consentCss)).toBe(true);
    expect(allUsedCss.includes(consentCss)).toBe(true);
  });

  it('are those of a shelf in a closed tab too, which is opened where it stands', () => {
    const shelves = [
      shelf(),
      specimenShelf('b', { card: { parts: { rating: { shown: { phone: true } } } } }),
    ];
    const tabs = specimenBay('t', {
      holds: 'tabs',
      tabs: [
        { id: 'one', shelfId: 'a' },
        { id: 'two', shelfId: 'b' },
      ],
    } as never);
    expect(usedCss(specimenView(completePlan(specimenStored(shelves, [tabs])), 8)).includes(starsCss)).toBe(
      true,
    );
  });

  it('are those of what moves where banners do, and of what pauses them where they play', () => {
    const css = (banners: object[], moving: object = {}) => {
      const bay = specimenBay('b', { holds: 'banners', banners, moving } as never);
      const all = usedCss(specimenView(completePlan(specimenStored([], [bay])), 0));
      return [all.includes(movingCss), all.includes(pauseCss)];
    };
    const [one, two] = ['One', 'Two'].map((title) => ({ id: title, title }));
    expect(css([one!])).toEqual([false, false]);
    expect(css([one!], { play: true })).toEqual([false, false]);
    expect(css([one!, two!])).toEqual([true, false]);
    expect(css([one!, two!], { play: true })).toEqual([true, true]);
  });

  it('are those of its own heading where no bay has one, and those that kinds of bay share once', () => {
    expect(usedCss(viewOf()).includes(headingCss)).toBe(true);
    const bays = ['contact', 'contact'].map((holds, i) =>
      specimenBay(`c${i}`, { holds, heading: { words: 'Write', level: 1 } } as never),
    );
    const view = specimenView(completePlan(specimenStored([], bays)), 0);
    expect(usedCss(view).includes(headingCss)).toBe(false);
    expect(baysCss(view).split('.form-field{').length).toBe(2);
  });
});
