import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ProductFacts } from '../catalogue/facts.ts';
import { pageCss } from '../css/pageCss.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { completePlan } from '../plan/storedPlan.ts';
import type { Item } from '../card/item.ts';
import { picturesNamed } from '../plan/picturesNamed.ts';
import {
  specimenPicture,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { firstTexts } from '../texts/index.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import { labelKinds } from './labels/index.ts';
import { labelsOf } from './labelsOf.ts';
import { filledWords, PLACEHOLDERS, placeholdersIn, wordsFault } from './placeholders.ts';
import { sayLabel } from './sayLabel.ts';
import type { StoreLabel } from './storeLabel.ts';

const currency = { code: 'GBP', locale: 'en-GB' };
const texts = firstTexts;
const SINCE = Date.UTC(2026, 9, 26);
const DAY = 86_400_000;

const said = (list: StoreLabel[], facts: Partial<ProductFacts>, most = 6) =>
  labelsOf(
    specimenProduct(1, facts),
    { labels: { list, most }, pictures: [], currency, texts, newSince: SINCE },
    () => true,
  ).map(({ text }) => text);

const tagged = (...tags: string[]) => tags.map((tag) => ({ id: tag, name: tag }));
const one = (kind: string, more: Partial<StoreLabel> = {}): StoreLabel => ({ id: kind, kind, ...more });
const reduced = { price: { regular: 4400, reduced: 2850, from: false } };

describe('a label stands', () => {
  it.each<[string, StoreLabel, Partial<ProductFacts>, string[]]>([
    ['on what is reduced, by whole percent', one('sale'), reduced, ['35% off']],
    [
      'on what is reduced by less than one',
      one('sale'),
      { price: { regular: 10_000, reduced: 9_950, from: false } },
      ['Reduced'],
    ],
    ['on nothing that is not', one('sale'), {}, []],
    ['with what is saved', one('sale', { words: 'Save {saved}' }), reduced, ['Save £15.50']],
    ['on what is sold out', one('soldOut'), { stock: { state: 'out', count: 0 } }, ['Sold out']],
    ['on the last few', one('lowStock'), { stock: { state: 'last', count: 3 } }, ['Only 3 left']],
    [
      'on more than that where the owner says so',
      one('lowStock', { from: 10, words: 'Last {left}' }),
      { stock: { state: 'in', count: 9 } },
      ['Last 9'],
    ],
    ['not on the last few of what is sold out', one('lowStock'), { stock: { state: 'out', count: 0 } }, []],
    ['not where stock is not counted', one('lowStock'), { stock: { state: 'in', count: null } }, []],
    ['on what came since', one('new'), { onSaleFrom: SINCE }, ['New']],
    ['not on what came before', one('new'), { onSaleFrom: SINCE - 1 }, []],
    [
      'on what is featured',
      one('featured', { words: 'Our favourite' }),
      { featured: true },
      ['Our favourite'],
    ],
    [
      'on what has a tag, by its name',
      one('tag', { tag: 'speckled' }),
      { tags: tagged('tea', 'speckled') },
      ['speckled'],
    ],
    [
      'on what has a tag that is called otherwise by now',
      one('tag', { tag: 'speckled' }),
      { tags: [{ id: 'speckled', name: 'Full of dots' }] },
      ['Full of dots'],
    ],
    [
      'by what rules know a tag by, not by what another is called',
      one('tag', { tag: 'speckled' }),
      { tags: [{ id: 'dots', name: 'speckled' }] },
      [],
    ],
    ['not on what has another', one('tag', { tag: 'speckled' }), { tags: tagged('tea') }, []],
    ['not where the tag is missing', one('tag'), { tags: tagged('') }, []],
    ['not where a newer version made it', one('glows'), reduced, []],
  ])('%s', (_, label, facts, expected) => {
    expect(said([label], facts)).toEqual(expected);
  });
});

describe('labels together', () => {
  const all = labelKinds.map(({ id }) => one(id, { tag: 'tea' }));
  const everything: Partial<ProductFacts> = {
    ...reduced,
    stock: { state: 'last', count: 2 },
    onSaleFrom: SINCE + DAY,
    featured: true,
    tags: tagged('tea'),
  };

  it('come in the order of the store, as many as may at once', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(all), fc.integer({ min: 1, max: 6 }), (list, most) => {
        const whole = said(list, everything);
        expect(said(list, everything, most)).toEqual(whole.slice(0, most));
        expect(said([...list].reverse(), everything)).toEqual([...whole].reverse());
      }),
    );
  });

  it('are told apart by their own colours', () => {
    const colours = labelKinds.map(({ colours: [ground] }) => ground);
    expect(new Set(colours).size).toBe(colours.length);
  });

  it('of any list and product are words in full, never braces or nothing', () => {
    const label = fc.record(
      {
        id: fc.constantFrom('a', 'b', 'c'),
        kind: fc.constantFrom(...labelKinds.map(({ id }) => id), 'none'),
        words: fc.constantFrom('', 'Save {saved}', '{percent} off', '{left}', '{nothing}', '{', '}{', 'Now'),
        tag: fc.constantFrom('tea', 'x'),
        from: fc.integer({ min: 1, max: 999 }),
      },
      { requiredKeys: ['id', 'kind'] },
    );
    const facts = fc.record({
      price: fc.record({
        regular: fc.constant(100),
        reduced: fc.option(fc.integer({ min: 1, max: 99 })),
        from: fc.boolean(),
      }),
      stock: fc.record({
        state: fc.constantFrom('in' as const, 'last' as const, 'out' as const),
        count: fc.option(fc.nat(20)),
      }),
      tags: fc.subarray(tagged('tea', 'x')),
      featured: fc.boolean(),
      onSaleFrom: fc.option(fc.constantFrom(SINCE - DAY, SINCE + DAY)),
    });
    fc.assert(
      fc.property(fc.array(label, { maxLength: 6 }), facts, (list, product) => {
        for (const text of said(list, product)) {
          expect(text.trim()).not.toBe('');
          expect(text).not.toMatch(/\{(saved|percent|left|nothing)\}/);
          expect(text).not.toMatch(/null|undefined|NaN/);
        }
      }),
    );
  });
});

describe('figures in own words', () => {
  it('are filled in, or the store says it in its own words where one is not known', () => {
    const product = specimenProduct(1, reduced);
    expect(filledWords('{percent} off, {saved} saved', product, currency)).toBe('35% off, £15.50 saved');
    expect(filledWords('Last {left}', product, currency)).toBeNull();
    expect(said([one('sale', { words: 'Save {left}' })], reduced)).toEqual(['35% off']);
  });

  it('that do not exist are said, with those that do', () => {
    expect(wordsFault('Save {saved}', ['percent', 'saved'])).toBeNull();
    expect(wordsFault('Save {amount}', ['percent', 'saved'])).toBe(
      'Here "{amount}" stands for nothing. What can be used: {percent}, {saved}.',
    );
    expect(wordsFault('{left}', [])).toContain('take "{left}" out');
    expect(placeholdersIn('a {b} {c}')).toEqual(['b', 'c']);
    for (const kind of labelKinds) for (const name of kind.placeholders) expect(PLACEHOLDERS).toContain(name);
  });
});

describe('labels of a store', () => {
  const storeWith = (list: StoreLabel[], card = {}) => {
    const { house, ...others } = specimenStored([specimenShelf('s', { card })]);
    return { ...others, house: { ...house, labels: { list } } };
  };
  const view = (list: StoreLabel[], card = {}, facts: Partial<ProductFacts> = reduced) =>
    specimenView(completePlan(storeWith(list, card)), 1, {}, [
      { of: 'products', product: specimenProduct(1, facts) },
    ]);
  const onCard = (made: ReturnType<typeof view>) =>
    shelvesOn(made)[0]!.shelf.cards[0]!.parts.flatMap((part) => ('labels' in part ? part.labels : []));

  it('stand where they were put, in their own colours, and are left out by one shelf alone', () => {
    const list = [one('sale', { at: 'lowerEnd', ground: '#112233', ink: '#ffffff' })];
    const shown = view(list);
    expect(onCard(shown)).toEqual([
      { id: 'sale', kind: 'sale', text: '35% off', at: 'lowerEnd', fartherPx: 0, own: true, picture: null },
    ]);
    expect(pageCss(shown)).toContain('.label.of-sale{background:#112233!important;color:#ffffff!important}');
    expect(onCard(view(list, { labels: { sale: { shown: { phone: false } } } }))).toEqual([]);
  });

  it('show a picture at its height where they have one that is there, and their words where it is gone', () => {
    const star = specimenPicture({ id: 'a'.repeat(64), width: 300, height: 100 });
    const list = [one('sale', { picture: star.id, picturePx: 40 })];
    const plan = completePlan(storeWith(list));
    const goods: Item[] = [{ of: 'products', product: specimenProduct(1, reduced) }];
    const made = (there: boolean) =>
      onCard(specimenView(plan, 1, { pictures: () => (there ? star : undefined) }, goods));
    expect(made(true)).toMatchObject([
      { text: '35% off', picture: { facts: star, widthPx: 120, heightPx: 40 } },
    ]);
    expect(made(false)).toMatchObject([{ text: '35% off', picture: null }]);
    expect(picturesNamed({ bays: [] }, plan)).toEqual([star.id]);
  });

  it('that begin and end with the day have the page made anew when it turns, and others do not', () => {
    expect(view([one('new')], {}, { onSaleFrom: SINCE }).goodUntil).not.toBeNull();
    expect(view([one('new')], { labels: { new: { shown: { phone: false } } } }).goodUntil).toBeNull();
    expect(view([one('sale')]).goodUntil).toBeNull();
  });

  it.each<[string, unknown, string]>([
    ['a picture that is none', [one('sale', { picture: 'star.png' })], 'not the id of a picture'],
    ['two with one id', [one('sale'), one('sale')], 'Two labels have the same id.'],
    ['a colour that is none', [one('sale', { ground: 'red' })], 'A colour is written #rrggbb.'],
    ['a place that is none', [{ ...one('sale'), at: 'beneath' }], 'This can be one of'],
    ['something that nobody knows', [{ ...one('sale'), glow: 1 }], 'There is no such value: glow'],
    ['words without end', [one('sale', { words: 'a'.repeat(200) })], 'too long'],
  ])('are not saved with %s', (_, list, words) => {
    const { house } = storeWith(list as StoreLabel[]);
    expect(checkDocument('house', house)?.message).toContain(words);
  });

  it('are said in words', () => {
    const names = { tag: (tag: string) => (tag === 'tea' ? 'Tea time' : undefined) };
    expect(sayLabel(one('sale', { words: 'Save {saved}' }), names)).toBe('sale label saying "Save {saved}"');
    expect(sayLabel(one('tag', { tag: 'tea' }), names)).toBe('own label for "Tea time"');
    expect(sayLabel(one('tag', { tag: 'gone' }), names)).toBe('own label for "gone"');
  });
});
