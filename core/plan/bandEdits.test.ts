import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { bandAt, MOST_BANDS, type Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { specimenBay, specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { checkDocument } from './checkDocument.ts';
import { apply, type Command } from './commands.ts';
import { documentKeys, documentOf } from './documents.ts';
import { readPlan } from './reading.ts';
import { aroundOf, completePlan, type StoredPlan } from './storedPlan.ts';
import { varyingOf, varyingPlaces } from './varyingValues.ts';

const { plan: demo } = readPlan(
  JSON.parse(readFileSync(new URL('./formats/stores/format-5.json', import.meta.url), 'utf8')),
);
/** Nothing set but the house's margins, which bays inherit; one bay has its own at one width. */
const bare = specimenStored(
  [specimenShelf('a'), specimenShelf('b', { columns: { count: { laptop: 5 } } })],
  [specimenBay('a'), specimenBay('b', { look: { margin: { laptop: 4 } } })],
);

const edit = fc.oneof(
  fc.tuple(fc.nat(9), fc.integer({ min: 40, max: 2500 })).map(([at, from]) => (bands: Bands): Command => ({
    do: 'editBands',
    edit: { is: 'move', id: bands[at % bands.length]!.id, from },
  })),
  fc.integer({ min: 40, max: 2500 }).map((from) => (bands: Bands, n: number): Command | null => {
    if (bands.length >= MOST_BANDS || bands.some((band) => Math.abs(band.from - from) < 40)) return null;
    const band = { id: `new-${n}`, name: `New ${n}`, from, nominal: { width: from, height: 800 } };
    return { do: 'editBands', edit: { is: 'add', band } };
  }),
  fc.nat(9).map(
    (at) =>
      (bands: Bands): Command | null =>
        bands.length > 2
          ? { do: 'editBands', edit: { is: 'remove', id: bands[at % bands.length]!.id } }
          : null,
  ),
);

/** What every value of a plan comes to at a width of its bands. */
const allAt = (plan: StoredPlan, bandId: string) => {
  const around = aroundOf(plan);
  return varyingPlaces(plan).map((place) => [
    `${JSON.stringify(place.target)} ${place.setting.id}`,
    valueAt(varyingOf(plan, place, around), around.bands, bandId),
  ]);
};

describe.each([
  ['a store of the demo', demo],
  ['a store in which hardly anything is set', bare],
])('bands of %s', (_, start) => {
  it('are moved, added and removed without any value reading otherwise at a band that was there', () => {
    fc.assert(
      fc.property(fc.array(edit, { minLength: 1, maxLength: 4 }), (edits) => {
        let plan = start;
        edits.forEach((make, n) => {
          const before = aroundOf(plan).bands;
          const command = make(before, n);
          if (!command) return;
          const next = apply(plan, command);
          for (const band of aroundOf(next).bands) {
            const was = before.find(({ id }) => id === band.id) ?? bandAt(before, band.from);
            expect(allAt(next, band.id)).toEqual(allAt(plan, was.id));
          }
          plan = next;
        });
        for (const key of documentKeys(plan)) expect(checkDocument(key, documentOf(plan, key))).toBeNull();
      }),
      { numRuns: 40 },
    );
  });
});

describe('what is inherited from the house', () => {
  const margin = (plan: StoredPlan, bay: number) => completePlan(plan).pages.home!.bays[bay]!.look.margin;

  it('goes on being inherited when a band is added, and follows the house afterwards', () => {
    const band = { id: 'mid', name: 'Mid', from: 700, nominal: { width: 720, height: 900 } };
    const added = apply(bare, { do: 'editBands', edit: { is: 'add', band } });
    expect(added.pages.home!.bays[0]).toEqual(bare.pages.home!.bays[0]);
    const wider = apply(added, { do: 'set', on: { house: true }, setting: 'margin', band: 'mid', value: 77 });
    expect(margin(wider, 0).mid).toBe(77);
    // The bay that has its own from a laptop on takes the house's below it.
    const { bands } = aroundOf(wider);
    expect(valueAt(margin(wider, 1), bands, 'mid')).toBe(77);
    expect(valueAt(margin(wider, 1), bands, 'laptop')).toBe(4);
  });

  it('keeps what a band showed when the one it took its value from goes', () => {
    const without = apply(bare, { do: 'editBands', edit: { is: 'remove', id: 'laptop' } });
    const { bands } = aroundOf(without);
    expect(bands.some(({ id }) => id === 'laptop')).toBe(false);
    expect(valueAt(completePlan(without).shelves.b!.columns.count, bands, 'wide')).toBe(
      valueAt(completePlan(bare).shelves.b!.columns.count, aroundOf(bare).bands, 'wide'),
    );
  });
});
