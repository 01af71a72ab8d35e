import { describe, expect, it } from 'vitest';
import { specimenBay, specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { apply, type Command } from './commands.ts';
import { completePlan } from './storedPlan.ts';

const stored = specimenStored(
  [specimenShelf('a'), specimenShelf('b')],
  [specimenBay('a'), specimenBay('b', { heading: { words: 'Second' } })],
);
const before = completePlan(stored);
const after = (command: Command) => completePlan(apply(stored, command));
const set = (on: Extract<Command, { do: 'set' }>['on'], setting: string, value: unknown): Command => ({
  do: 'set',
  on,
  setting,
  value,
});

describe('a plan completed anew', () => {
  it('is the very same object for the same stored plan', () => {
    expect(completePlan(stored)).toBe(before);
  });

  it('holds the same objects wherever nothing changed, down to whole kinds of documents', () => {
    const shelfSet = after(set({ shelf: 'a' }, 'paging.by', 'numbered'));
    expect(shelfSet.shelves.a).not.toBe(before.shelves.a);
    expect(shelfSet.shelves.a!.paging.by).toBe('numbered');
    expect(shelfSet.shelves.a!.card).toBe(before.shelves.a!.card);
    expect(shelfSet.shelves.b).toBe(before.shelves.b);
    expect(shelfSet.pages).toBe(before.pages);
    expect(shelfSet.assortments).toBe(before.assortments);
    expect(shelfSet.house).toBe(before.house);

    const [page] = Object.keys(before.pages);
    const bay = before.pages[page!]!.bays[1]!.id;
    const baySet = after(set({ page: page!, bay }, 'heading.words', 'Other'));
    expect(baySet.pages[page!]!.bays[0]).toBe(before.pages[page!]!.bays[0]);
    expect(baySet.pages[page!]!.bays[1]).not.toBe(before.pages[page!]!.bays[1]);
    expect(baySet.shelves).toBe(before.shelves);
  });

  it('holds every other document where the house changed in what none of them follows', () => {
    const now = completePlan({ ...stored, house: { ...stored.house } });
    // Such as of a release with other widths, which is read in between.
    completePlan({ ...specimenStored([], []), house: { bands: before.house.bands.slice(0, 2) } });
    const coloured = after(set({ house: true }, 'colours.accent', '#123456'));
    expect(coloured.house.colours.accent).toBe('#123456');
    expect(coloured.pages).toBe(now.pages);
    expect(coloured.shelves).toBe(now.shelves);
  });

  it('is made anew throughout where the house changed in what all is completed with', () => {
    const margin = Object.fromEntries(before.house.bands.map(({ id }) => [id, 7]));
    const houseSet = after(set({ house: true }, 'margin', margin));
    expect(houseSet.shelves).not.toBe(before.shelves);
    const look = Object.values(houseSet.pages)[0]!.bays[0]!.look;
    expect(new Set(Object.values(look.margin))).toEqual(new Set([7]));
  });
});
