import { describe, expect, it } from 'vitest';
import type { SetUpFacts } from '../api/setUp.ts';
import { firstPlan } from '../pages/firstPlan.ts';
import { apply } from '../plan/commands.ts';
import { startOver } from '../plan/pageEdits.ts';
import { homeTemplates } from '../plan/pageTemplates/index.ts';
import { firstBands } from '../plan/firstBands.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import { missingToShow, nextStep, setUpSteps, STORE_SETTINGS } from './setUpSteps.ts';

const nothing: SetUpFacts = { products: 0, samples: 0, published: false };
const done = (stored: StoredPlan, facts: SetUpFacts) =>
  setUpSteps(stored, facts)
    .filter((step) => step.done)
    .map(({ id }) => id);
const confirmed = (stored: StoredPlan): StoredPlan => ({
  ...stored,
  house: { ...stored.house, locale: 'en-GB', currency: 'GBP', timeZone: 'Europe/London' },
});

describe('the steps from nothing to an open store', () => {
  it('a new store has done none of them, though it has a name', () => {
    const plan = firstPlan('Harbour Lamps');
    expect(done(plan, nothing)).toEqual([]);
    expect(nextStep(setUpSteps(plan, nothing))).toBe('store');
  });

  it('the store is confirmed though nothing of it is otherwise than before', () => {
    const plan = confirmed(firstPlan('Harbour Lamps'));
    expect(done(plan, nothing)).toEqual(['store']);
    for (const setting of STORE_SETTINGS) {
      const { [setting]: _, ...rest } = plan.house;
      expect(done({ ...plan, house: rest }, nothing), setting).toEqual([]);
    }
  });

  it('each can be done before the ones above it, and the next is the first that is not', () => {
    const plan = firstPlan('Harbour Lamps');
    const facts = { ...nothing, products: 3 };
    expect(done(plan, facts)).toEqual(['goods']);
    expect(nextStep(setUpSteps(plan, facts))).toBe('store');
    expect(nextStep(setUpSteps(confirmed(plan), facts))).toBe('home');
  });

  it('says how many products are samples', () => {
    const said = (products: number, samples: number) =>
      setUpSteps(firstPlan('A'), { ...nothing, products, samples })[1]!.said;
    expect(said(0, 0)).toBe('No products yet');
    expect(said(1, 0)).toBe('1 product');
    expect(said(24, 24)).toBe('24 products, all samples');
    expect(said(30, 24)).toBe('30 products, 24 of them samples');
  });

  it.each(homeTemplates.map((template) => [template.id, template] as const))(
    'the home page is made once it is from the template %s',
    (_, template) => {
      const plan = firstPlan('Harbour Lamps');
      const content = template.make({
        id: 'home-1',
        name: 'Harbour Lamps',
        bands: firstBands,
        category: null,
      });
      const after = apply(plan, startOver(plan.pages.home!, content));
      expect(done(after, nothing)).toEqual(['home']);
      expect(setUpSteps(after, nothing)[2]!.said).toContain(String(content.bays.length));
      // What it began with is gone, and what it has now is there.
      expect(after.shelves.new).toBeUndefined();
      for (const { id } of content.shelves) expect(after.shelves[id]).toBeDefined();
      expect(Object.keys(after.pages)).toEqual(Object.keys(plan.pages));
    },
  );

  it('says what is missing before what comes after it', () => {
    expect(missingToShow(nothing)).toContain('no products');
    expect(missingToShow({ ...nothing, published: true })).toContain('no products');
    expect(missingToShow({ ...nothing, products: 1 })).toContain('published');
    expect(missingToShow({ ...nothing, products: 1, published: true })).toBeNull();
  });
});
