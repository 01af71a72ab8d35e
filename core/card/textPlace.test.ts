import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { valueAt } from '../bands/varying.ts';
import { apply, type Command } from '../plan/commands.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { textPlacesOf, withReadableText, withTextPlace, type TextPlace } from './textPlace.ts';

const start = specimenStored([specimenShelf('a')]);
const PLACES: readonly TextPlace[] = ['under', 'over', 'above', 'before', 'after'];
const anyPlace = fc.constantFrom(...PLACES);
const anyBand = fc.constantFrom('phone', 'tablet', 'laptop', 'wide');

const placesIn = (stored: StoredPlan) => {
  const plan = completePlan(stored);
  return textPlacesOf(plan.shelves.a!, plan.house.bands);
};
const put = (stored: StoredPlan, value: unknown, band?: string) =>
  apply(
    stored,
    withTextPlace(stored, {
      do: 'set',
      on: { shelf: 'a' },
      setting: 'card.text.side',
      value,
      ...(band !== undefined && { band }),
    }),
  );
const reach = (value: unknown): Command => ({
  do: 'set',
  on: { shelf: 'a' },
  setting: 'card.text.reach',
  value,
});

describe('where texts are', () => {
  it('is what was put there at that width, and at every other as it was', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(anyPlace, anyBand), { minLength: 1, maxLength: 6 }), (puts) => {
        let stored = start;
        for (const [place, band] of puts) {
          const before = placesIn(stored);
          stored = put(stored, place, band);
          const after = placesIn(stored);
          expect(after[band]).toBe(place);
          const { bands } = completePlan(stored).house;
          // Wider widths follow where nothing was put at them.
          for (const { id } of bands.slice(
            0,
            bands.findIndex((one) => one.id === band),
          ))
            expect(after[id]).toBe(before[id]);
        }
      }),
    );
  });

  it('is put everywhere at once, and reset', () => {
    for (const place of PLACES) {
      const stored = put(start, { phone: place });
      expect(Object.values(placesIn(stored))).toEqual([place, place, place, place]);
      expect(Object.values(placesIn(put(stored, undefined)))).toEqual(['under', 'under', 'under', 'under']);
    }
  });

  it('keeps how far texts reach between the sides and above, and ends it under the picture', () => {
    const reachIn = (stored: StoredPlan) => {
      const plan = completePlan(stored);
      return valueAt(plan.shelves.a!.card.text.reach, plan.house.bands, 'laptop');
    };
    const before = apply(put(start, 'before', 'laptop'), reach({ phone: 40 }));
    for (const place of ['after', 'above', 'before'] as const)
      expect(reachIn(put(before, place, 'laptop')), place).toBe(40);
    expect(reachIn(put(before, 'over', 'laptop'))).toBe(40);
    expect(reachIn(put(before, 'under', 'laptop'))).toBe(0);
    expect(reachIn(put(put(start, 'over', 'laptop'), 'after', 'laptop'))).toBe(0);
  });

  it('over the picture has a dark background the first time, unless one was chosen', () => {
    const background = (stored: StoredPlan) => completePlan(stored).shelves.a!.card.text.background;
    expect(background(start)).toBe('light');
    const over = put(start, 'over', 'laptop');
    expect(background(over)).toBe('dark');
    expect(
      valueAt(completePlan(over).shelves.a!.card.text.reach, completePlan(over).house.bands, 'laptop'),
    ).toBe(30);
    expect(background(put(start, 'above', 'laptop'))).toBe('light');
    expect(background(apply(start, withReadableText(start, reach({ phone: 50 }), 'a')))).toBe('dark');

    const chosen = apply(start, {
      do: 'set',
      on: { shelf: 'a' },
      setting: 'card.text.background',
      value: 'none',
    });
    expect(background(put(chosen, 'over', 'laptop'))).toBe('none');
    // Texts that are over pictures already keep what they have.
    const light = apply(start, reach({ phone: 40 }));
    expect(background(apply(light, withReadableText(light, reach({ phone: 60 }), 'a')))).toBe('light');
  });
});
