import { describe, expect, it } from 'vitest';
import { completePlan } from '../../core/plan/storedPlan.ts';
import { firstPlan } from '../../core/pages/firstPlan.ts';
import {
  specimenBay,
  specimenPicture,
  specimenPlan,
  specimenProduct,
  specimenShelf,
  specimenView,
} from '../../core/specimen/specimen.ts';
import { shelvesIn } from '../../core/view/shelvesIn.ts';
import { shownNow } from './shownNow.ts';

const pageOf = (count: number) =>
  specimenView(
    specimenPlan(
      [specimenShelf('a', { layout: { phone: 'carousel' }, columns: { count: { phone: 2, wide: 4 } } })],
      [specimenBay('a')],
    ),
    count,
  );
const shelfOf = (page: ReturnType<typeof pageOf>) => shelvesIn(page.bays[0]!)[0]!;

describe('what is shown now, as far as settings go by it', () => {
  it('is the cards of a shelf, and whether anything of it moves or is on another page', () => {
    const many = pageOf(12);
    const shown = shownNow(shelfOf(many), many, 'a')!;
    expect(shown.cards.length).toBeGreaterThan(2);
    expect(shown.steps.some(({ moves }) => moves)).toBe(true);
    const one = pageOf(1);
    const few = shownNow(shelfOf(one), one, 'a')!;
    expect(few.steps.every(({ moves, whole }) => !moves && whole)).toBe(true);
  });

  it('is the pictures of the product that a bay is about', () => {
    const plan = completePlan(firstPlan('Store'));
    const product = {
      ...specimenProduct(1, { pictures: ['a', 'b'].map((id) => specimenPicture({ id })) }),
      longText: [],
      trail: [],
      variants: [],
    };
    const page = specimenView(plan, 0, { page: plan.pages.product!, about: { product } });
    expect(shownNow(null, page, 'product')).toEqual({ cards: [], steps: [], pictures: 2 });
  });

  it('is not known while nothing has come, and of what is not on the page', () => {
    const none = pageOf(0);
    expect(shownNow(shelfOf(none), none, 'a')).toBeNull();
    expect(shownNow(null, none, 'elsewhere')).toBeNull();
  });
});
