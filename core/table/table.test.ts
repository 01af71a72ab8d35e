import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { OFS } from '../assortment/of.ts';
import { innerWidth, stepAt } from '../geometry/steps.ts';
import { partKind, partKinds } from '../card/parts/index.ts';
import { apply } from '../plan/commands.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { firstBands } from '../plan/firstBands.ts';
import { saidParts } from '../plan/saidParts.ts';
import { completePlan } from '../plan/storedPlan.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import {
  specimenPlan,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { english } from '../texts/english.ts';
import { shelfMeasure } from '../view/shelfMeasure.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import { readyTables, readyTablesFor, startFromTable } from './ready/index.ts';
import { ordinal, sayTable } from './sayTable.ts';
import { columnOf, columnsSchema, type TableColumn } from './tableColumn.ts';

const viewOf = (columns: readonly TableColumn[], more: Partial<StoredShelf> = {}, own: object = {}) => {
  const shelf = specimenShelf('a', {
    layout: { phone: 'table' },
    amount: { rows: { phone: 4 } },
    layoutOwn: { table: { columns, ...own } },
    ...more,
  } as never);
  const plan = specimenPlan([shelf]);
  const view = specimenView(
    plan,
    4,
    {},
    [1, 2, 3, 4].map((id) => ({ of: 'products', product: specimenProduct(id, { code: `C${id}` }) })),
  );
  return { plan, view, shelf: shelvesOn(view)[0]!.shelf };
};

const title = columnOf('title');

describe('columns of a table as they are stored', () => {
  const isGood = (columns: unknown) => columnsSchema.isValidSync(columns, { strict: true });

  it('are parts that there are, each once, with the title among them, which stays', () => {
    expect(isGood([title, columnOf('price')])).toBe(true);
    expect(isGood([])).toBe(false);
    expect(isGood([columnOf('price')])).toBe(false);
    expect(isGood([{ ...title, leaves: 1 }])).toBe(false);
    expect(isGood([title, title])).toBe(false);
    expect(isGood([title, { ...title, id: 'gone' }])).toBe(false);
    expect(isGood([title, { ...columnOf('price'), more: 1 }])).toBe(false);
    expect(isGood(partKinds.slice(0, 17).map(({ id }) => columnOf(id)))).toBe(false);
  });

  it('have widths, shares and places within what can be drawn', () => {
    const price = columnOf('price');
    for (const wrong of [
      { share: -1 },
      { share: 13 },
      { share: 0.5 },
      { least: 31 },
      { least: 601 },
      { align: 'left' },
      { leaves: 0 },
      { sort: 'yes' },
      { words: 'x'.repeat(41) },
    ])
      expect(isGood([title, { ...price, ...wrong }]), JSON.stringify(wrong)).toBe(false);
    expect(isGood([title, { ...price, share: 0, least: 32, leaves: 16, words: 'Now' }])).toBe(true);
  });

  it('are of every part as its kind has them, with a heading of the store', () => {
    for (const { id } of partKinds) {
      expect(isGood(id === 'title' ? [title] : [title, columnOf(id)]), id).toBe(true);
      expect(Object.keys(english.columns)).toContain(id);
    }
    expect(Object.keys(english.columns)).toHaveLength(partKinds.length);
  });
});

describe('a table on a page', () => {
  const columns = [
    columnOf('picture'),
    title,
    { ...columnOf('code'), leaves: 1 },
    { ...columnOf('stock'), leaves: 2 },
    columnOf('price'),
    { ...columnOf('basket'), leaves: 3 },
  ];

  it('has at every width of a step the same columns, those that fit there, and all of them at most', () => {
    const { view, shelf } = viewOf(columns);
    fc.assert(
      fc.property(fc.integer({ min: 280, max: 2600 }), (regionPx) => {
        const step = stepAt(shelf.steps, regionPx);
        const innerPx = innerWidth(shelf.room, view.bands, step.bandId, regionPx);
        const { stay, left } = step.table!;
        expect([...stay, ...left].map(({ id }) => id).sort()).toEqual(columns.map(({ id }) => id).sort());
        const leastOf = (all: readonly TableColumn[]) => all.reduce((sum, { least }) => sum + least, 0);
        if (left.length > 0) expect(leastOf(stay)).toBeLessThanOrEqual(Math.max(innerPx, leastOf(stay)));
        const next = [...left].sort((a, b) => b.leaves! - a.leaves!)[0];
        // One more would not fit.
        if (next) expect(leastOf(stay) + next.least).toBeGreaterThan(innerPx);
        if (!step.table!.isNarrow) expect(leastOf(stay)).toBeLessThanOrEqual(innerPx);
      }),
      { numRuns: 300 },
    );
    expect(shelf.steps.at(-1)!.table!.left).toEqual([]);
  });

  it('says of its items what its columns show, and of cards only what another width has', () => {
    const saying = (layout: StoredShelf['layout']) => [
      ...saidParts(
        specimenPlan([
          specimenShelf('a', {
            layout,
            layoutOwn: { table: { columns: [title, columnOf('code')] } },
          }),
        ]).shelves.a!,
      ),
    ];
    expect(saying({ phone: 'table' })).toEqual(['title', 'code']);
    // Of categories, which the same card may show, the number of products.
    expect(saying({ phone: 'grid' })).toEqual(['picture', 'title', 'price', 'count']);
    expect(saying({ phone: 'grid', laptop: 'table' })).toEqual([
      'picture',
      'title',
      'price',
      'code',
      'count',
    ]);
  });

  it('is as high as its rows one under the other, below its headings', () => {
    fc.assert(
      fc.property(fc.integer({ min: 300, max: 1600 }), fc.boolean(), (regionPx, ways) => {
        const { view, shelf } = viewOf(columns, {}, ways ? { addAll: 'both', caption: 'Trade' } : {});
        const { boxes, heightPx } = shelfMeasure(shelf, view.bands, regionPx);
        expect(boxes).toHaveLength(4);
        expect(boxes[0]!.y).toBeGreaterThan(ways ? 100 : 20);
        boxes.forEach(({ y, height }, i) => {
          expect(height).toBeGreaterThan(40);
          if (boxes[i + 1]) expect(boxes[i + 1]!.y).toBeCloseTo(y + height, 6);
        });
        expect(heightPx).toBeGreaterThanOrEqual(boxes[3]!.y + boxes[3]!.height);
      }),
      { numRuns: 40 },
    );
  });

  it('keeps a card while nothing that it says has changed', () => {
    const first = viewOf(columns);
    const wider = viewOf(columns.map((one) => ({ ...one, least: one.least + 8 })));
    expect(wider.shelf.cards.map(({ parts }) => parts)).toEqual(first.shelf.cards.map(({ parts }) => parts));
  });
});

describe('what is said of the columns at each width', () => {
  it('names few, counts many, and says where there are fewer', () => {
    const { view, shelf } = viewOf([
      columnOf('picture'),
      title,
      { ...columnOf('code'), leaves: 1 },
      { ...columnOf('stock'), leaves: 2 },
      columnOf('price'),
      { ...columnOf('basket'), leaves: 3 },
    ]);
    const said = sayTable(shelf.steps, view.bands, (id) => partKind(id)!.name);
    expect(said.map(({ band }) => band)).toEqual(['Phone', 'Tablet', 'Laptop', 'Wide']);
    expect(said[0]!.words).toMatch(/^4 columns; 2 in the second line, 3 below \d+$/);
    expect(said[3]!.words).toBe('all 6');
    const few = viewOf([title, { ...columnOf('price'), least: 600, leaves: 1 }]);
    expect(sayTable(few.shelf.steps, few.view.bands, (id) => id)[0]!.words).toBe(
      'title; 1 in the second line',
    );
    expect(sayTable(viewOf([title], { layout: { phone: 'grid' } }).shelf.steps, view.bands, String)).toEqual(
      [],
    );
  });

  it.each([
    [1, '1st'],
    [2, '2nd'],
    [3, '3rd'],
    [4, '4th'],
    [11, '11th'],
    [12, '12th'],
    [13, '13th'],
    [21, '21st'],
  ])('writes %i as %s', (place, words) => expect(ordinal(place)).toBe(words));
});

describe.each(readyTables)('the ready-made table "$name"', (ready) => {
  it.each(ready.of.map((of) => [of]))('of %s takes the place of what was set, in one step', (of) => {
    const before = specimenStored([
      specimenShelf('a', {
        assortment: { of } as never,
        layout: { phone: 'table' },
        layoutOwn: { table: { lines: 'none', caption: 'Mine', picture: { phone: 96 } } },
        card: { parts: { price: { before: 'now' } } },
      } as never),
    ]);
    const after = apply(before, startFromTable('a', of, ready, firstBands));
    expect(checkDocument('shelf:a', after.shelves.a!)).toBeNull();
    const { table } = completePlan(after).shelves.a!.layoutOwn;
    expect(table.columns).toEqual(ready.columns.filter(({ id }) => partKind(id)!.of.includes(of)));
    expect(table.caption).toBe((ready.own?.caption as string | undefined) ?? '');
    expect(table.lines).toBe(ready.own?.lines ?? 'rows');
    // What is set of a part itself stays.
    expect(after.shelves.a!.card).toEqual(before.shelves.a!.card);
  });
});

describe('ready-made tables', () => {
  it('are there for every kind of item', () => {
    for (const of of OFS) expect(readyTablesFor(of).length, of).toBeGreaterThan(0);
    expect(new Set(readyTables.map(({ id }) => id)).size).toBe(readyTables.length);
  });
});
