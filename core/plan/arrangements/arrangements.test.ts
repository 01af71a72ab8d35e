import { describe, expect, it } from 'vitest';
import { findingsOn } from '../../checks/index.ts';
import { completePlan } from '../storedPlan.ts';
import {
  specimenDetail,
  specimenNames,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../../specimen/specimen.ts';
import { firstBands } from '../firstBands.ts';
import { apply } from '../commands.ts';
import { checkDocument } from '../checkDocument.ts';
import { documentKeys, documentOf } from '../documents.ts';
import { pageKinds } from '../../pages/index.ts';
import { READY_GROUPS } from '../readyBays/readyBay.ts';
import { readyBays, readyBaysFor } from '../readyBays/index.ts';
import { arrangements, startFrom } from './index.ts';

const few = firstBands.slice(0, 2);
const many = [
  ...firstBands,
  { id: 'wall', name: 'Wall', from: 1800, nominal: { width: 1920, height: 1080 } },
];

describe.each(arrangements)('the arrangement "$name"', (arrangement) => {
  it('makes a shelf that can be drawn, at any number of bands', () => {
    for (const bands of [few, firstBands, many]) {
      const plan = specimenStored([specimenShelf('a')]);
      const next = apply(
        { ...plan, house: { ...plan.house, bands: [...bands] } },
        startFrom('a', arrangement, bands),
      );
      expect(checkDocument('shelf:a', next.shelves.a)).toBeNull();
      expect(next.shelves.a).not.toEqual(plan.shelves.a);
    }
  });

  it('changes what is shown and where it is shown as little as its own settings say', () => {
    const plan = specimenStored([specimenShelf('a'), specimenShelf('b')]);
    const next = apply(plan, startFrom('a', arrangement, firstBands));
    const touched = Object.keys(arrangement.settings(firstBands)).map((path) => path.split('.')[0]);
    const before = plan.shelves.a as unknown as Record<string, unknown>;
    const after = next.shelves.a as unknown as Record<string, unknown>;
    for (const key of Object.keys(before)) if (!touched.includes(key)) expect(after[key]).toBe(before[key]);
    expect(next.shelves.b).toBe(plan.shelves.b);
    expect(next.pages).toBe(plan.pages);
  });
});

describe.each(readyBays)('the bay "$heading"', (ready) => {
  it('fits into a page of its kinds', () => {
    const { bay, shelves } = ready.make('made', firstBands);
    const plan = specimenStored([specimenShelf('a')]);
    const [page] = Object.keys(plan.pages);
    const next = apply(plan, { do: 'addBay', page: page!, at: 1, bay, shelves });
    for (const key of documentKeys(next)) expect(checkDocument(key, documentOf(next, key))).toBeNull();
    expect(next.pages[page!]!.bays).toHaveLength(2);
    for (const { id } of shelves) expect(id === 'made' || id.startsWith('made-')).toBe(true);
  });

  it('is filled so that it can be judged at once, and nothing is wrong with it', () => {
    const { bay, shelves } = ready.make('made', firstBands);
    const plan = completePlan(specimenStored(shelves, [bay]));
    // What is offered for pages of a product is judged on one.
    const product = ready.on?.includes('product')
      ? specimenDetail(1, { rating: { mean: 4.2, count: 31 } })
      : null;
    const view = specimenView(plan, 64, { about: { product } });
    expect(view.bays.map(({ empty }) => empty)).toEqual([false]);
    const wrong = findingsOn(view, plan, specimenNames).filter(({ severity }) => severity === 'wrong');
    expect(wrong).toEqual([]);
  });
});

it('offers fifteen ready-made bays at least, each once, of every group', () => {
  expect(readyBays.length).toBeGreaterThanOrEqual(15);
  expect(new Set(readyBays.map(({ id }) => id)).size).toBe(readyBays.length);
  expect(new Set(readyBays.map(({ group }) => group))).toEqual(new Set(Object.keys(READY_GROUPS)));
});

it('offers bays that need a product on product pages only', () => {
  for (const { id: kind } of pageKinds)
    for (const one of ['goesWithIt', 'sameBrand', 'buyersThink'])
      expect(readyBaysFor(kind).some(({ id }) => id === one)).toBe(kind === 'product');
});
