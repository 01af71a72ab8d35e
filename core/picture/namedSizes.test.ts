import { describe, expect, it } from 'vitest';
import type { Card } from '../card/card.ts';
import { picturePart } from '../card/parts/picture.ts';
import { ratioValue } from '../card/ratio.ts';
import { apply } from '../plan/commands.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { valueAt } from '../bands/varying.ts';
import { findingsOn } from '../checks/index.ts';
import {
  specimenNames,
  specimenPictured,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import { firstSizes, sizeRatio, type NamedSize } from './namedSizes.ts';

const wide: NamedSize = { id: 'wide', name: 'Wide', width: 300, height: 100 };

function stored(sizes: readonly NamedSize[], picture: Partial<Card['parts']['picture']>): StoredPlan {
  const plan = specimenStored([specimenShelf('s', { card: { parts: { picture } } })]);
  return { ...plan, house: { ...plan.house, pictureSizes: [...sizes] } };
}

const view = (plan: StoredPlan) =>
  specimenView(completePlan(plan), 1, {}, specimenPictured({ width: 1600, height: 1600 }));
const shelfOf = (plan: StoredPlan) => shelvesOn(view(plan))[0]!.shelf;
const pictureOn = (plan: StoredPlan) =>
  shelfOf(plan).cards[0]!.parts.find(
    (part): part is Extract<typeof part, { part: 'picture' }> => part.part === 'picture',
  )!;

describe('a size of pictures that the store keeps', () => {
  it('gives the pictures of every card that goes by it its proportions, and no more than its width', () => {
    const plan = stored([...firstSizes, wide], { by: 'size', size: 'wide' });
    for (const { picture } of shelfOf(plan).steps) expect(picture).toEqual({ by: 'ratio', ratio: 3 });
    expect(pictureOn(plan).mostPx).toBe(300);
    const changed = apply(plan, {
      do: 'set',
      on: { house: true },
      setting: 'pictureSizes',
      value: [{ ...wide, width: 400, height: 200 }],
    });
    for (const { picture } of shelfOf(changed).steps) expect(picture).toEqual({ by: 'ratio', ratio: 2 });
    expect(pictureOn(changed).mostPx).toBe(400);
  });

  it('leaves cards to their ratio where they do not go by it, or it is gone', () => {
    for (const plan of [stored([wide], { size: 'wide' }), stored([], { by: 'size', size: 'wide' })]) {
      const { house, shelves } = completePlan(plan);
      const own = shelves.s!.card.parts.picture;
      for (const { bandId, picture } of shelfOf(plan).steps)
        expect(picture).toEqual({ by: 'ratio', ratio: ratioValue(valueAt(own.ratio, house.bands, bandId)) });
      expect(pictureOn(plan).mostPx).toBeNull();
    }
  });

  it('is said where it is too small for the cards, as what is fetched of a picture', () => {
    const found = (plan: StoredPlan) =>
      findingsOn(view(plan), completePlan(plan), specimenNames).find(
        ({ check }) => check === 'picture-too-small',
      )?.text;
    const small = { ...wide, width: 40, height: 40 };
    expect(found(stored([small], { by: 'size', size: 'wide' }))).toContain('the smallest is 40 px wide');
    expect(found(stored([small], {}))).toBeUndefined();
  });

  it('is left for a ratio by the fix of what is cut off', () => {
    const plan = stored([wide], { by: 'size', size: 'wide' });
    const { fix } = findingsOn(view(plan), completePlan(plan), specimenNames).find(
      ({ check }) => check === 'crop-loses',
    )!;
    const [step] = shelfOf(apply(plan, fix!.command)).steps;
    expect(step!.picture).toEqual({ by: 'ratio', ratio: 1 });
  });

  it.each<[string, unknown, string]>([
    ['no name', [{ ...wide, name: ' ' }], 'A size needs a name'],
    ['sides of which one is none', [{ ...wide, width: 30, height: 30 }], 'too small'],
    ['more than there are pixels', [{ ...wide, width: 9000, height: 9000 }], 'too large'],
    ['proportions that nobody draws', [{ ...wide, width: 1600, height: 40 }], '5 times as wide as high'],
    ['two under one id', [wide, wide], 'Two sizes have the same id'],
    ['an id that is none', [{ ...wide, id: 'A{}' }], 'small letters'],
    ['something that nobody knows', [{ ...wide, glow: 1 }], 'no such value'],
  ])('is not saved with %s', (_, sizes, words) => {
    const { house } = stored(sizes as NamedSize[], {});
    expect(checkDocument('house', house)?.message).toContain(words);
  });

  it('begins as three of the same proportions', () => {
    expect(new Set(firstSizes.map(sizeRatio)).size).toBe(1);
    expect(checkDocument('house', stored(firstSizes, {}).house)).toBeNull();
    expect(picturePart.settings.size.byDefault).toMatchObject({ value: firstSizes[1]!.id });
  });
});
