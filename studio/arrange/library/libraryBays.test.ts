import { describe, expect, it } from 'vitest';
import { checkDocument } from '../../../core/plan/checkDocument.ts';
import { apply } from '../../../core/plan/commands.ts';
import { keepBay } from '../../../core/plan/library.ts';
import { addPage, removePage } from '../../../core/plan/pageEdits.ts';
import { shelvesOf } from '../../../core/plan/places.ts';
import { readyBays } from '../../../core/plan/readyBays/index.ts';
import { completePlan } from '../../../core/plan/storedPlan.ts';
import { specimenBay, specimenShelf, specimenStored } from '../../../core/specimen/specimen.ts';
import { addableTo, findBays, libraryBays, madeFrom } from './libraryBays.ts';

const home = specimenStored([specimenShelf('a', { name: 'Vases' })], [specimenBay('a')]);
const withSale = apply(
  home,
  addPage(
    { id: 'sale', name: 'Winter sale', slug: 'sale' },
    {
      bays: [
        specimenBay('cups', { shelfId: 'cups', heading: { words: 'Cups, reduced' } }),
        specimenBay('goods', { holds: 'product' } as never),
      ],
      shelves: [specimenShelf('cups')],
    },
  ),
);
const stored = apply(withSale, keepBay(withSale, 'sale', 'cups', { cups: 'cups-1kept' }));
const { bands } = completePlan(stored).house;
const onHome = libraryBays(stored, bands, stored.pages.home!);
const of = (group: string) => onHome.filter((one) => one.group === group);

describe('what is in the library', () => {
  it('is what was made beforehand, what was saved, and what other pages have', () => {
    expect(of('saved').map(({ name, about }) => [name, about])).toEqual([['Cups, reduced', 'Shelf']]);
    // What only a page of a product can have is not offered elsewhere.
    expect(of('pages').map(({ name, about }) => [name, about])).toEqual([
      ['Cups, reduced', 'On Winter sale'],
    ]);
    expect(onHome.length).toBe(
      readyBays.filter(({ on }) => on === null || on.includes('home')).length + of('saved').length + 1,
    );
    const onSale = libraryBays(stored, bands, stored.pages.sale!);
    expect(onSale.filter(({ group }) => group === 'pages').map(({ about }) => about)).toEqual(['On Home']);
  });

  it('has what says something of a product only for pages of one, and every ready one fits where it is offered', () => {
    const fits = (holds: string) =>
      ['product', 'quick', 'home'].map((kind) => addableTo({ kind })({ holds }));
    expect(fits('reviews')).toEqual([true, false, false]);
    expect(fits('words')).toEqual([true, true, true]);
    for (const { on, make } of readyBays)
      for (const kind of on ?? ['home', 'product', 'own'])
        expect(addableTo({ kind })(make('new', bands).bay), kind).toBe(true);
  });

  it('has nothing of pages that are deleted, and for the header nothing made beforehand', () => {
    const without = apply(stored, removePage('sale'));
    expect(libraryBays(without, bands, without.pages.home!).filter(({ group }) => group === 'pages')).toEqual(
      [],
    );
    const header = { id: 'header', kind: 'header', bays: [] };
    expect(libraryBays(stored, bands, header)).toEqual([]);
  });

  it('stands apart: no id of an example is that of another, or of anything in the plan', () => {
    const ids = onHome.flatMap(({ bay, shelves }) => [bay.id, ...shelves.map(({ id }) => `shelf ${id}`)]);
    expect(new Set(ids).size).toBe(ids.length);
    for (const { bay, shelves } of onHome) {
      expect(Object.values(stored.pages).some((page) => page.bays.some(({ id }) => id === bay.id))).toBe(
        false,
      );
      expect(shelves.map(({ id }) => id)).toEqual([...new Set(shelvesOf(bay))]);
    }
  });

  it('becomes a bay that can be saved, with ids of its own each time', () => {
    let plan = stored;
    for (const one of [...onHome, ...onHome]) {
      const { bay, shelves } = madeFrom(one, completePlan(plan));
      plan = apply(plan, { do: 'addBay', page: 'home', at: 0, bay, shelves });
      for (const shelf of shelves) {
        expect(plan.shelves[shelf.id]).toEqual(shelf);
        expect(checkDocument(`shelf:${shelf.id}`, shelf)).toBeNull();
      }
    }
    expect(checkDocument('page:home', plan.pages.home)).toBeNull();
  });
});

describe('typing in the library', () => {
  const found = (typed: string) => findBays(typed, onHome).map(({ name }) => name);
  it('finds by all words, in the name, in what a bay is for, and in what it holds', () => {
    expect(found('')).toHaveLength(onHome.length);
    expect(found('winter CUPS')).toEqual(['Cups, reduced']);
    expect(found('journal')).toEqual(['From the journal']);
    expect(found('contact form')).toEqual(['Write to us']);
    expect(found('products reduced')).toContain('Reduced now');
    expect(found('cups from nowhere')).toEqual([]);
  });
});
