import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { valueAt, type Varying } from '../../bands/varying.ts';
import { pageCss } from '../../css/pageCss.ts';
import { everShown } from '../../card/shown.ts';
import { pageKind, pageKinds } from '../../pages/index.ts';
import { readPath } from '../../settings/path.ts';
import { same } from '../../settings/same.ts';
import { specimenView } from '../../specimen/specimen.ts';
import { shelvesOn } from '../../view/shelvesIn.ts';
import { documentKeys, documentOf, splitKey, type DocumentKey } from '../documents.ts';
import { readDocuments, readPlan, withKept, writtenDocument, writtenPlan } from '../reading.ts';
import { readRule } from '../readRule.ts';
import { completePlan } from '../storedPlan.ts';
import { objectAt, type Old } from '../upgrades/step.ts';
import { currentDefaults } from './currentDefaults.ts';
import frozen from './defaults-5.json' with { type: 'json' };
import { FORMAT, steps } from './format.ts';

const storeOf = (format: number): Old =>
  JSON.parse(readFileSync(new URL(`./stores/format-${format}.json`, import.meta.url), 'utf8')) as Old;
const FORMATS = Array.from({ length: FORMAT }, (_, i) => i + 1);

/** Settings of a shelf that format 6 made values of its style. */
const BECAME_STYLE = [
  'moving.arrowLook.ink',
  'moving.arrowLook.background',
  'moving.arrowLook.edge',
  'moving.markLook.ink',
  'moving.markLook.current',
];

describe('defaults', () => {
  const current = JSON.stringify(currentDefaults(), null, 1);

  it('are those that were frozen with the format; to change one, add a step that writes the old value', () => {
    const now = JSON.parse(current) as typeof frozen;
    // A part that came later has its place among those that a new card begins with, and is not shown.
    const order = now.shelf['card.order'].value;
    now.shelf['card.order'].value = order.filter((id) => frozen.shelf['card.order'].value.includes(id));
    const shelf = Object.entries(frozen.shelf).filter(([id]) => !BECAME_STYLE.includes(id));
    // Format 7 made parts of a product a list.
    const product = Object.entries(frozen.bay.product).filter(([id]) => !id.startsWith('shows.'));
    expect(now).toMatchObject({
      ...frozen,
      shelf: Object.fromEntries(shelf),
      bay: { ...frozen.bay, product: Object.fromEntries(product) },
    });
    const parts = completePlan(readPlan(storeOf(5)).plan);
    for (const id of Object.keys(objectAt(storeOf(5).shelves))) {
      const { card } = parts.shelves[id]!;
      const others = card.order.filter((id) => !frozen.shelf['card.order'].value.includes(id));
      expect(others.every((id) => !everShown(card, id))).toBe(true);
    }
  });

  it('of settings that came later are written down too; the file is written anew by running with --update', async () => {
    await expect(`${current}\n`).toMatchFileSnapshot('defaults-now.json');
  });
});

describe('pages that came after a store was begun', () => {
  it('are there, arranged by the widths of that store', () => {
    const bands = ['narrow', 'broad'].map((id, i) => ({
      id,
      name: id,
      from: i * 900,
      nominal: { width: 375 + i * 700, height: 720 },
    }));
    const { plan, unreadable } = readDocuments([{ key: 'house', body: { format: FORMAT, bands } }]);
    expect(unreadable).toEqual([]);
    const { pages, shelves } = completePlan(plan);
    expect(Object.keys(pages)).toEqual(expect.arrayContaining(['basket', 'quick', 'saved']));
    expect(everShown(shelves['saved-products']!.card, 'save')).toBe(true);
    expect(shelves['saved-products']!.card.parts.save.zone).toEqual({ narrow: 'upperEnd' });
  });
});

describe('steps', () => {
  it('lead from each format to the next', () => {
    expect(steps.map(({ to }) => to)).toEqual(FORMATS.slice(1));
  });
});

describe.each(FORMATS)('a store of format %i', (format) => {
  const { plan, unreadable } = readPlan(storeOf(format));

  it('is read whole, and every page of it is drawn', () => {
    expect(unreadable).toEqual([]);
    const complete = completePlan(plan);
    expect(Object.keys(complete.pages).length).toBeGreaterThanOrEqual(4);
    for (const page of Object.values(complete.pages)) {
      const view = specimenView(complete, 64, { page });
      expect(pageKind(page.kind).id).toBe(page.kind);
      expect(view.bays.length).toBeGreaterThan(0);
      expect(pageCss(view)).toContain('.region{');
      for (const { shelf } of shelvesOn(view)) expect(shelf.steps.length).toBeGreaterThan(1);
    }
  });

  it('is the same when it is written down and read again, and stays so', () => {
    const again = readPlan(JSON.parse(JSON.stringify(writtenPlan(plan))));
    expect(again).toEqual({ plan, unreadable: [] });
  });

  it('is the same read document by document, in any order', () => {
    const store = storeOf(format);
    const said = typeof store.format === 'number' ? { format: store.format } : {};
    const group = { pages: 'page', shelves: 'shelf', assortments: 'assortment' } as const;
    const documents = (Object.keys(group) as (keyof typeof group)[]).flatMap((name) =>
      Object.entries(objectAt(store[name])).map(([id, body]) => ({
        key: `${group[name]}:${id}` as DocumentKey,
        body: { ...said, ...(body as object) },
      })),
    );
    const house = { key: 'house' as const, body: { ...said, ...objectAt(store.house) } };
    expect(readDocuments([...documents.reverse(), house]).plan).toEqual(plan);
  });
});

/** Where the values of a shelf of format 4 are now. */
const MOVED: Readonly<Record<string, string>> = {
  form: 'layout',
  'across.by': 'columns.by',
  'across.count': 'columns.count',
  'across.smallest': 'columns.smallest',
  visible: 'layoutOwn.carousel.visible',
  slideBy: 'layoutOwn.slider.by',
  slideRatio: 'layoutOwn.slider.ratio',
  slideScreen: 'layoutOwn.slider.screen',
  listPicture: 'layoutOwn.list.picture',
  'spread.items': 'layoutOwn.spread.items',
  'spread.facing': 'layoutOwn.spread.facing',
  'amount.by': 'amount.by',
  'amount.rows': 'amount.rows',
  'amount.items': 'amount.items',
  'gap.column': 'gap.column',
  'gap.row': 'gap.row',
  'paging.by': 'paging.by',
  'paging.words': 'paging.words',
  lastRow: 'lastRow',
  lastRowAlign: 'lastRowAlign',
  equalHeights: 'equalHeights',
  notTwice: 'notTwice',
  assortmentId: 'assortmentId',
  'moving.arrows': 'moving.arrows',
  'moving.marks': 'moving.marks',
  'moving.restMs': 'moving.restMs',
  'card.picture.ratio': 'card.parts.picture.ratio',
  'card.picture.fit': 'card.parts.picture.fit',
  'card.titleLines': 'card.parts.title.lines',
  'card.align': 'card.align',
  'card.shown.price': 'card.parts.price.shown',
  'card.shown.words': 'card.parts.description.shown',
  'card.shown.reduced': 'card.labels.sale.shown',
  'card.text.side': 'card.text.side',
  'card.text.ground': 'card.text.background',
  'card.frame': 'card.frame',
  'card.inside': 'card.inside',
  'assortment.of': 'assortment.of',
  'assortment.order': 'assortment.order',
  'assortment.limit': 'assortment.limit',
};

describe('what was set before documents were sparse', () => {
  const store = storeOf(4);
  const plan = completePlan(readPlan(store).plan);
  const { bands } = plan.house;
  const isVarying = (value: unknown): value is Varying<unknown> =>
    typeof value === 'object' && value !== null && Object.hasOwn(value, bands[0]!.id);

  it('holds at every width, wherever it is kept now', () => {
    const shelves = objectAt(store.shelves);
    expect(Object.keys(plan.shelves)).toEqual(expect.arrayContaining(Object.keys(shelves)));
    let compared = 0;
    for (const [id, old] of Object.entries(shelves))
      for (const [from, to] of Object.entries(MOVED)) {
        const [was, now] = [readPath(old, from), readPath(plan.shelves[id], to)];
        if (was === undefined) continue;
        compared += 1;
        if (isVarying(was))
          for (const band of bands)
            expect(valueAt(now as Varying<unknown>, bands, band.id), `${id} ${to} ${band.id}`).toEqual(
              valueAt(was, bands, band.id),
            );
        else expect(now, `${id} ${to}`).toEqual(was);
      }
    expect(compared).toBeGreaterThan(300);
  });

  it('is kept only where it differs from the default', () => {
    const bytes = (value: unknown) => JSON.stringify(value).length;
    const before = bytes(store.shelves);
    const after = bytes(readPlan(store).plan.shelves);
    expect(after).toBeLessThan(before / 4);
  });

  it('holds for bays too, heading, background and space', () => {
    for (const [id, old] of Object.entries(objectAt(store.pages)))
      (old as { bays: Old[] }).bays.forEach((was, i) => {
        const now = plan.pages[id]!.bays[i]!;
        const look = objectAt(was.look);
        expect(now.heading).toMatchObject(objectAt(was.heading));
        expect(now.look.background).toBe(look.ground);
        expect(now.look.width).toBe(look.width);
        for (const band of bands)
          expect(valueAt(now.look.above, bands, band.id)).toBe(
            valueAt(look.above as Varying<number>, bands, band.id),
          );
        if (look.margin === null) expect(now.look.margin).toEqual(plan.house.margin);
      });
  });
});

describe('colours of arrows and markers before they were style', () => {
  const colour = fc.constantFrom(null, '#101820', '#a3341a');
  const look = fc.record(
    {
      arrowLook: fc.record(
        { ink: colour, background: colour, edge: fc.boolean(), offset: fc.integer({ min: -60, max: 60 }) },
        { requiredKeys: [] },
      ),
      markLook: fc.record(
        { ink: colour, current: colour, size: fc.integer({ min: 6, max: 20 }) },
        { requiredKeys: [] },
      ),
      step: fc.constant({ phone: 2 }),
    },
    { requiredKeys: [] },
  );
  const set = <T>(value: T | null | undefined): T | undefined => value ?? undefined;

  it('are drawn as they were, and what is measured of them stays where it was', () => {
    const style = { title: { rest: { textColour: '#223344' } } };
    fc.assert(
      fc.property(look, fc.boolean(), (moving, styled) => {
        const store = {
          ...storeOf(5),
          shelves: { one: { id: 'one', name: 'One', moving, ...(styled && { style }) } },
        };
        const { plan, unreadable } = readPlan(store);
        expect(unreadable).toEqual([]);
        const shelf = completePlan(plan).shelves.one!;
        const at = (path: string) => set(readPath(shelf.style, path));
        const { arrowLook: arrow = {}, markLook: mark = {} } = moving;
        expect(at('arrow.rest.textColour')).toBe(set(arrow.ink));
        expect(at('arrow.rest.background')).toBe(set(arrow.background));
        expect(at('arrow.rest.borderWidth')).toBe(arrow.edge ? 2 : undefined);
        expect(at('arrow.rest.borderColour')).toBe(arrow.edge ? (arrow.ink ?? 'text') : undefined);
        for (const property of ['borderColour', 'background']) {
          expect(at(`markerDot.rest.${property}`)).toBe(set(mark.ink));
          expect(at(`markerDot.current.${property}`)).toBe(set(mark.current));
        }
        expect(at('markerBar.rest.background')).toBe(set(mark.ink));
        expect(at('markerBar.current.background')).toBe(set(mark.current));
        expect(at('marker.rest.textColour')).toBe(set(mark.current));
        expect(at('title.rest.textColour')).toBe(styled ? '#223344' : undefined);
        expect(shelf.moving.arrowLook.offset).toBe(arrow.offset ?? 8);
        expect(shelf.moving.markLook.size).toBe(mark.size ?? 9);
        expect(shelf.moving.step.phone).toBe(moving.step?.phone ?? 1);
      }),
    );
  });
});

describe('parts of a product before they were a list', () => {
  const names = ['labels', 'brand', 'price', 'rating', 'buying', 'save', 'fields', 'details'];
  const shows = fc.dictionary(fc.constantFrom(...names), fc.boolean());
  const productBay = (bay: object) => {
    const store = {
      ...storeOf(6),
      pages: { product: { id: 'product', kind: 'product', name: 'Product', bays: [bay] } },
    };
    const { plan, unreadable } = readPlan(store);
    return {
      unreadable,
      bay: () =>
        completePlan(plan).pages.product!.bays[0] as unknown as { parts: { id: string; beside?: boolean }[] },
    };
  };

  it('are the same ones, in the order in which they stood, each in a row of its own', () => {
    fc.assert(
      fc.property(fc.option(shows, { nil: undefined }), (set) => {
        const { unreadable, bay } = productBay({ id: 'a', holds: 'product', ...(set && { shows: set }) });
        expect(unreadable).toEqual([]);
        const { parts } = bay();
        const there = (id: string) => parts.some((one) => one.id === id);
        for (const id of names) expect(there(id), id).toBe(set?.[id] ?? id !== 'details');
        expect(there('title')).toBe(true);
        expect(there('ask')).toBe(there('buying'));
        expect(parts.some(({ beside }) => beside)).toBe(false);
        const at = (id: string) => parts.findIndex((one) => one.id === id);
        expect(at('title')).toBeLessThan(at('stock'));
        expect(at('stock')).toBeLessThan(at('longText'));
      }),
    );
  });

  it('are not guessed where they cannot be read, and those of other bays are left alone', () => {
    const { unreadable } = productBay({ id: 'a', holds: 'product', shows: 'all' });
    expect(unreadable).toHaveLength(1);
    expect(productBay({ id: 'a', holds: 'line' }).unreadable).toEqual([]);
  });
});

describe('what cannot be read', () => {
  const { plan } = readPlan(storeOf(FORMAT));

  const ofAllStores = pageKinds.flatMap(({ everywhere, first }) =>
    everywhere ? (first?.shelves ?? []).map(({ id }) => id) : [],
  );

  it('is left out and said, and all else is there', () => {
    const [first, ...others] = documentKeys(plan).filter((key) => key.startsWith('shelf:'));
    const broken = [
      { key: first!, body: { ...(writtenDocument(documentOf(plan, first!)!) as Old), gap: 'wide' } },
      ...others.map((key) => ({ key, body: writtenDocument(documentOf(plan, key)!) })),
    ];
    const read = readDocuments([{ key: 'house', body: writtenDocument(plan.house) }, ...broken]);
    expect(Object.keys(read.plan.shelves).sort()).toEqual(
      [...new Set([...others.map((key) => splitKey(key).id), ...ofAllStores])].sort(),
    );
    expect(read.unreadable).toMatchObject([{ key: first, body: broken[0]!.body }]);
    expect(read.unreadable[0]!.message).toContain('This has to be a group of values.');
  });

  it('is a document of a newer version, with a sentence that says what to do', () => {
    const { unreadable } = readPlan({ ...writtenPlan(plan), format: FORMAT + 1 });
    expect(unreadable.length).toBe(documentKeys(plan).length);
    for (const { message } of unreadable) expect(message).toContain('newer version of Wide Shelf');
  });

  it('is not put over what can be, from a browser that kept it', () => {
    const key = documentKeys(plan).find((one) => one.startsWith('shelf:'))!;
    const { plan: next, unreadable } = withKept(plan, [{ key, body: { format: FORMAT, surprise: 1 } }]);
    expect(next).toBe(plan);
    expect(unreadable).toHaveLength(1);
  });
});

describe.each(FORMATS)('a broken document of format %i', (format) => {
  const store = storeOf(format);
  const said = typeof store.format === 'number' ? { format: store.format } : {};
  const WRONG = [null, 7, 'wide', [], {}, [null], { phone: null }];

  /** Every way into a document, by its keys. */
  const waysInto = (value: unknown, at: string[] = []): string[][] =>
    typeof value === 'object' && value !== null
      ? Object.entries(value).flatMap(([key, inside]) => [[...at, key], ...waysInto(inside, [...at, key])])
      : [];

  const withValue = (document: Old, way: readonly string[], value: unknown): Old => {
    const copy = structuredClone(document);
    const holder = way.slice(0, -1).reduce<Old>((one, key) => one[key] as Old, copy);
    holder[way.at(-1)!] = value;
    return copy;
  };

  it.each(['house', 'pages', 'shelves'] as const)(
    'of its %s is read, or said, whatever is wrong in it',
    (group) => {
      const [id, body] =
        group === 'house' ? ['', objectAt(store.house)] : Object.entries(objectAt(store[group]))[0]!;
      const key = { house: 'house', pages: `page:${id}`, shelves: `shelf:${id}` }[group] as DocumentKey;
      const house = { key: 'house' as const, body: { ...said, ...objectAt(store.house) } };
      let tried = 0;
      for (const way of waysInto(body))
        for (const value of WRONG) {
          const broken = { key, body: { ...said, ...withValue(body as Old, way, value) } };
          const { plan, unreadable } = readDocuments(group === 'house' ? [broken] : [house, broken]);
          for (const { message } of unreadable)
            expect(message, way.join('.')).toMatch(/^(House|Page|Shelf).+\.$/);
          if (unreadable.length === 0) expect(() => completePlan(plan), way.join('.')).not.toThrow();
          tried += 1;
        }
      expect(tried).toBeGreaterThan(40);
    },
  );
});

describe('the rule of a collection', () => {
  const rule = { join: 'all', parts: [{ is: 'featured' }] };
  it('is read with or without its format', () => {
    expect(readRule(rule)).toEqual(rule);
    expect(readRule({ format: FORMAT, ...rule })).toEqual(rule);
  });
  it('is upgraded as that of a shelf is', () => {
    const old = { format: 1, join: 'all', parts: [{ join: 'any', parts: [{ is: 'reduced' }] }] };
    expect(readRule(old)).toEqual({
      join: 'all',
      parts: [{ join: 'any', parts: [{ is: 'reduced', percent: 0 }] }],
    });
  });
  it('holds for nothing where it cannot be read', () => {
    expect(readRule({ join: 'all', parts: [{ is: 'hovering' }] })).toBeNull();
    expect(readRule({ format: FORMAT + 1, ...rule })).toBeNull();
    expect(same(readRule(null), { join: 'all', parts: [] })).toBe(false);
  });
});
