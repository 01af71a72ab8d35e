import { describe, expect, it } from 'vitest';
import type { ProductDetail } from '../catalogue/facts.ts';
import { pageStyles } from '../css/pageCss.ts';
import { firstPlan } from '../pages/firstPlan.ts';
import { apply, type Command } from '../plan/commands.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { specimenDetail, specimenNames, specimenView } from '../specimen/specimen.ts';
import type { LineInput } from '../spec/line.ts';
import { bayHeight } from '../view/bayHeight.ts';
import { BAY_TEXT } from './bayTexts.ts';
import { bayKind } from './index.ts';
import { BELOW_STARS_PX } from './reviews.ts';

const on = { page: 'product', bay: 'thought' } as const;
const addedTo = (page: string): Command => ({
  do: 'addBay',
  page,
  at: 0,
  bay: { id: 'thought', holds: 'reviews' } as never,
});

/** The bay on the page of a product with this rating, and what its lines say. */
function shown(rating: ProductDetail['rating'], settings: Record<string, unknown> = {}) {
  let stored = apply(firstPlan('Store'), addedTo('product'));
  for (const [setting, value] of Object.entries(settings))
    stored = apply(stored, { do: 'set', on, setting, value });
  const plan = completePlan(stored);
  const bay = plan.pages.product!.bays.find(({ id }) => id === 'thought')!;
  const view = specimenView(plan, 0, {
    page: plan.pages.product!,
    about: { product: specimenDetail(1, { rating }) },
    address: { path: '/product/p-1', from: {}, open: {} },
  });
  const drawn = view.bays.find(({ id }) => id === 'thought')!;
  const says = bayKind('reviews').spec.map((line) =>
    line
      .say({ bay, names: specimenNames } as unknown as LineInput)
      .map((part) => (typeof part === 'string' ? part : part.text))
      .join(''),
  );
  return { view, drawn, says };
}

describe('reviews as stars', () => {
  it('say the rating of the product that the page is about', () => {
    const { drawn } = shown({ mean: 4.25, count: 12 });
    expect(drawn.empty).toBe(false);
    expect(drawn.content).toMatchObject({
      rating: { mean: 4.25, count: 12 },
      says: '4.3 out of 5 (12 reviews)',
      worded: true,
    });
  });

  it('are not there for a product without a rating, nor for one with fewer reviews than it takes', () => {
    expect(shown(null).drawn.empty).toBe(true);
    const few = { mean: 5, count: 2 };
    expect(shown(few).drawn.empty).toBe(false);
    expect(shown(few, { least: 3 }).drawn.empty).toBe(true);
    expect(shown({ mean: 5, count: 3 }, { least: 3 }).drawn.empty).toBe(false);
  });

  it('are nothing on a page that is about no product', () => {
    const stored = apply(firstPlan('Store'), addedTo('home'));
    const view = specimenView(completePlan(stored), 0);
    expect(view.bays.find(({ id }) => id === 'thought')!.empty).toBe(true);
  });

  it('are higher by as much as the stars are larger, and by the words where there are any', () => {
    const rating = { mean: 3, count: 1240 };
    const height = (settings: Record<string, unknown>, regionPx: number) => {
      const { drawn, view } = shown(rating, settings);
      return bayHeight(drawn, view.bands, regionPx);
    };
    for (const regionPx of [390, 1280]) {
      const [small, large] = [20, 60].map((px) => height({ starPx: { phone: px } }, regionPx));
      expect(large! - small!).toBe(40);
      const alone = height({ starPx: { phone: 20 }, worded: false }, regionPx);
      expect(small! - alone).toBe(BELOW_STARS_PX + BAY_TEXT.linePx);
    }
  });

  it('say in their lines what is set', () => {
    expect(shown(null).says.slice(0, 3)).toEqual([
      'Stars, and the rating in words, of a product with 1 review or more',
      '28 px high',
      'At the start',
    ]);
    expect(shown(null, { worded: false, least: 5 }).says[0]).toBe(
      'Stars alone, of a product with 5 reviews or more',
    );
  });

  it('are drawn as large as they are set to be, from the width on at which that differs', () => {
    const { view } = shown({ mean: 4, count: 9 }, { starPx: { phone: 14, laptop: 42 } });
    const css = pageStyles(view).get('thought')!;
    expect([...css.matchAll(/\.stars\{zoom:([\d.]+)\}/g)].map(([, zoom]) => Number(zoom))).toEqual([1, 3]);
  });
});
