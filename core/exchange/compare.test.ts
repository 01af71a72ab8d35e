import { describe, expect, it } from 'vitest';
import type { Goods } from '../goods/goods.ts';
import { compared, type Outcome } from './compare.ts';
import { Identities } from './identity.ts';
import { readColumn, readRow } from './importRow.ts';
import { Lookup } from './lookup.ts';
import { targetNamed } from './ownTargets.ts';
import { TARGETS, type How } from './targets.ts';
import { Gatherer, type Wanted } from './wanted.ts';

const how: How = { list: ';', level: '>', decimal: '.', digits: 2 };

/** Rows as a file has them under some columns; lines count from 2. */
function read(columns: readonly string[], ...rows: readonly (readonly string[])[]) {
  const held = columns.map((id) => readColumn(targetNamed(TARGETS, id)!, how));
  const gatherer = new Gatherer();
  return [...rows.flatMap((row, at) => gatherer.add(readRow(row, held, at + 2))), ...gatherer.end()];
}
const whys = (all: ReturnType<typeof read>) =>
  all.map((one) => ('why' in one ? `${one.line}: ${one.why}` : null));

const jug: Goods = {
  id: 7,
  slug: 'jug',
  title: 'Pouring jug',
  code: 'J-7',
  shortText: 'It does not drip.',
  longText: '',
  brandId: 1,
  featured: false,
  categoryIds: [1],
  collectionIds: [],
  tags: ['table'],
  fields: {},
  variants: [
    {
      id: 70,
      choice: 'Inkwell',
      code: 'a',
      price: 4200,
      reduced: 3150,
      stock: 42,
      pictureId: null,
      values: [11],
    },
    {
      id: 71,
      choice: 'Peat',
      code: 'b',
      price: 4200,
      reduced: null,
      stock: null,
      pictureId: null,
      values: [12],
    },
  ],
  pictureIds: [],
};
const cup: Goods = {
  ...jug,
  id: 8,
  slug: 'cup',
  title: 'Cup',
  code: '',
  variants: [
    { id: 80, choice: '', code: '', price: 900, reduced: null, stock: 3, pictureId: null, values: [] },
  ],
};
const lookup = () =>
  new Lookup({
    tags: new Map([['sale', 'Reduced']]),
    brands: [{ id: 1, name: 'Ada' }],
    categories: [
      { id: 1, parentId: null, name: 'Tableware' },
      { id: 2, parentId: 1, name: 'Jugs' },
    ],
    collections: [
      { id: 1, name: 'Warm', byRule: false },
      { id: 2, name: 'On offer', byRule: true },
    ],
    pictures: [
      { id: 'a'.repeat(64), name: 'Jug' },
      { id: 'b'.repeat(64), name: 'jug back' },
      { id: 'c'.repeat(64), name: 'twice' },
      { id: 'd'.repeat(64), name: 'Twice' },
    ],
    options: [
      {
        id: 1,
        name: 'Glaze',
        values: [
          { id: 11, name: 'Inkwell' },
          { id: 12, name: 'Peat' },
        ],
      },
    ],
  });
const against = (
  there: Goods | undefined,
  columns: readonly string[],
  ...rows: readonly (readonly string[])[]
): Outcome => {
  const [wanted] = read(columns, ...rows);
  if (!wanted || 'why' in wanted) throw new Error(wanted?.why);
  return compared(wanted, there, lookup());
};
const saidOf = (outcome: Outcome) =>
  outcome.is === 'refused' ? `${outcome.fault.line}: ${outcome.fault.why}` : outcome.is;

describe('rows', () => {
  it('that cannot be read say the line, the column, the value and why', () => {
    expect(
      whys(
        read(
          ['code', 'title', 'price', 'stock', 'featured'],
          ['K-1', 'Egg cup', 'twelve', '1', ''],
          ['K-2', 'Egg cup', '12', '1.5', ''],
          ['K-3', 'Egg cup', '12', '', 'perhaps'],
          ['K-4', 'x'.repeat(201), '12', '', ''],
          ['K-5', 'NUL \0', '12', '', ''],
          ['', '', '12', '', ''],
          ['K-7', 'Egg cup', '-3', '', ''],
          ['K-8', 'Good', '12.50', '', 'yes'],
        ),
      ),
    ).toEqual([
      '2: Price “twelve” is not an amount.',
      '3: Stock “1.5” is not a whole number.',
      '4: Featured “perhaps” is neither yes nor no.',
      expect.stringMatching(/^5: This is too long/),
      '6: It holds a letter that is nothing (NUL).',
      '7: Nothing says which product it is: neither item code, address nor title.',
      '8: A price is not below nothing.',
      null,
    ]);
  });

  it('of a product that came before are refused, be they next to each other or not', () => {
    const all = read(['code', 'title'], ['K-1', 'a'], ['K-1', 'b'], ['K-2', 'c'], ['k-1', 'd']);
    expect(whys(all)).toEqual([
      '3: Item code K-1 is on line 2 already.',
      null,
      '5: Item code k-1 is on line 2 already.',
      null,
    ]);
  });

  it('of variants are one product, by its code or by that of the product they belong to', () => {
    const [one] = read(
      ['code', 'title', 'option:Glaze', 'price'],
      ['K-1', 'Jug', 'Peat', '4'],
      ['K-1', '', 'Inkwell', '5'],
    ) as [Wanted];
    expect(one).toMatchObject({
      line: 2,
      rows: 2,
      keys: { code: 'K-1', title: 'Jug' },
      variants: [{ price: 400 }, { price: 500, line: 3 }],
    });
    const [two] = read(
      ['code', 'parent', 'title', 'option:Glaze', 'price'],
      ['K-1', '', 'Jug', '', ''],
      ['K-1a', 'K-1', '', 'Peat', '4'],
      ['K-1b', 'K-1', '', 'Inkwell', '5'],
    ) as [Wanted];
    expect(two).toMatchObject({ rows: 3, keys: { code: 'K-1', title: 'Jug' } });
    expect(two.variants).toMatchObject([
      { code: 'K-1a', price: 400 },
      { code: 'K-1b', price: 500 },
    ]);
  });

  it('of a product whose first row cannot be read are refused with it, so that none of them stands for all of it', () => {
    const all = read(
      ['code', 'title', 'brand', 'option:Glaze', 'price'],
      ['K-1', 'Jug', 'x'.repeat(130), 'Peat', '4'],
      ['K-1', '', '', 'Inkwell', '5'],
      ['K-2', 'Cup', '', 'Peat', '4'],
      ['K-2', '', '', 'Inkwell', 'five'],
      ['K-2', '', '', 'Ash', '6'],
    );
    expect(whys(all)).toEqual([
      '2: It is longer than 120 letters.',
      '3: It is of the product on line 2, which cannot be imported.',
      '5: Price “five” is not an amount.',
      null,
    ]);
    expect((all[3] as Wanted).variants.map(({ line }) => line)).toEqual([4, 6]);
  });

  it('of one product may not say different things of it, nor a variant twice', () => {
    expect(
      whys(read(['code', 'brand', 'option:Glaze'], ['K-1', 'Ada', 'Peat'], ['K-1', 'Bo', 'Inkwell'])),
    ).toEqual(['3: It says something else of the product than line 2 does.']);
    expect(whys(read(['code', 'option:Glaze'], ['K-1', 'Peat'], ['K-1', 'Peat']))).toEqual([
      '3: Peat is on line 2 already.',
    ]);
  });
});

describe('what would happen', () => {
  it('to a product that is there is what differs, each fact as it was and as it is to be', () => {
    const outcome = against(
      jug,
      ['code', 'title', 'shortText', 'categories', 'option:Glaze', 'price', 'stock'],
      ['j-7', 'Pouring jug', '', 'Tableware > Jugs; Tableware > Ewers', 'Inkwell', '44', '42'],
      ['j-7', '', '', '', 'Lichen', '40', '7'],
    );
    expect(outcome).toMatchObject({
      is: 'changed',
      rows: 2,
      edits: [
        { of: 'variant', part: 70, fact: 'price', was: 4200, is: 4400 },
        { fact: 'shortText', was: 'It does not drip.', is: '' },
        { fact: 'categoryIds', was: [1], is: [-2, 2] },
        { fact: 'code', was: 'J-7', is: 'j-7' },
      ],
      // Of a value that is made with it.
      added: [{ price: 4000, stock: 7, reduced: null, values: [-1] }],
    });
  });

  it('says nothing of what no column is of', () => {
    expect(against(jug, ['code'], ['J-7'])).toEqual({ is: 'unchanged', line: 2, rows: 1 });
    expect(against(cup, ['title', 'stock'], ['Cup', ''])).toMatchObject({
      edits: [{ fact: 'stock', was: 3, is: null }],
    });
  });

  it('is refused where a product would be wrong, or where it cannot be told what is meant', () => {
    const said = (...given: Parameters<typeof against>) => saidOf(against(...given));
    expect(said(undefined, ['code', 'price'], ['K-9', '3'])).toBe('2: The title is empty.');
    expect(said(undefined, ['code', 'title'], ['K-9', 'Dish'])).toBe('2: The price is empty.');
    expect(said(undefined, ['title', 'price', 'reduced'], ['Dish', '3', '4'])).toBe(
      '2: The reduced price of Dish is not below its price.',
    );
    expect(said(jug, ['code', 'option:Glaze', 'price'], ['J-7', 'Inkwell', '31.50'])).toBe(
      '2: The reduced price of Pouring jug, Inkwell is not below its price.',
    );
    expect(said(jug, ['code', 'price'], ['J-7', '3'])).toBe(
      '2: Pouring jug has 2 variants, and the row does not say which it is of.',
    );
    expect(said(jug, ['code', 'variantCode', 'price'], ['J-7', 'b', '3'])).toBe('changed');
    expect(said(jug, ['code', 'option:Glaze', 'stock'], ['J-7', 'Lichen', '3'])).toBe(
      '2: The price is empty.',
    );
    expect(said(cup, ['title', 'option:Glaze', 'price'], ['Cup', 'Peat', '3'])).toBe(
      '2: Cup is there without options, so that no variant can be added to it.',
    );
  });

  it('puts into collections that are filled by hand, and makes those that are not there', () => {
    expect(against(jug, ['code', 'collections'], ['J-7', 'WARM; New ones'])).toMatchObject({
      edits: [{ fact: 'collectionIds', was: [], is: [-1, 1] }],
    });
    const names = lookup();
    const [wanted] = read(
      ['title', 'price', 'brand', 'collections'],
      ['Dish', '3', 'Nobody', 'Warm; On offer'],
    ) as [Wanted];
    expect(saidOf(compared(wanted, undefined, names))).toBe(
      '2: The collection “On offer” is filled by a rule, so that nothing can be put into it.',
    );
    // Nothing is made for what is refused.
    expect(names.made).toMatchObject({ brands: [], collections: [] });
  });

  it('shows a product by pictures of the store, by name, file or address; what is not known leaves it as it is', () => {
    const [a, b] = ['a'.repeat(64), 'b'.repeat(64)];
    const pictures = (cell: string, there: Goods | null = jug) =>
      against(
        there ?? undefined,
        ['code', 'title', 'price', 'option:Glaze', 'pictures'],
        ['J-7', 'Pouring jug', '42', 'Inkwell', cell],
      );
    const isOf = (outcome: Outcome) =>
      outcome.is === 'changed' ? outcome.edits.find(({ fact }) => fact === 'pictureIds')?.is : outcome.is;
    expect(isOf(pictures('jug back; Jug'))).toEqual([b, a]);
    expect(isOf(pictures('JUG.jpg'))).toEqual([a]);
    expect(isOf(pictures('https://pictures.example/2026/jug_back.webp?width=800'))).toEqual([b]);
    expect(isOf(pictures(b))).toEqual([b]);
    expect(isOf(pictures('jug; jug.png'))).toEqual([a]);
    expect(isOf(pictures('Jug; cup'))).toBe('unchanged');
    expect(isOf(pictures('twice'))).toBe('unchanged');
    expect(isOf(pictures('', { ...jug, pictureIds: [a] }))).toEqual([]);
    expect(pictures('jug', null)).toMatchObject({ goods: { pictureIds: [a] } });
    expect(pictures('cup', null)).toMatchObject({ goods: { pictureIds: [] } });
    const many = Array.from({ length: 13 }, (_, i) => `p${i}`).join(';');
    expect(whys(read(['code', 'pictures'], ['J-7', many]))).toEqual([
      expect.stringMatching(/names more than 12 pictures\.$/),
    ]);
    // Each variant may bring its own.
    const [both] = read(
      ['code', 'option:Glaze', 'pictures'],
      ['J-7', 'Inkwell', 'jug'],
      ['J-7', 'Peat', 'jug back;jug'],
    ) as [Wanted];
    expect(both.product.get('pictureIds')?.value).toEqual(['jug', 'jug back']);
  });

  it('notes which pictures are not known, each once', () => {
    const names = lookup();
    const rows = read(['code', 'pictures'], ['J-7', 'cup'], ['J-8', 'cup;jug;bowl']) as Wanted[];
    for (const row of rows) compared(row, jug, names);
    expect([...names.lostPictures]).toEqual(['cup', 'bowl']);
  });

  it('takes a reduced price of nothing, or of the price itself, for none', () => {
    for (const reduced of ['0', '0.00', '3', ''])
      expect(against(undefined, ['title', 'price', 'reduced'], ['Dish', '3', reduced])).toMatchObject({
        goods: { variants: [{ price: 300, reduced: null }] },
      });
  });
});

describe('which product is meant', () => {
  const one = (id: number, code: string, slug: string, titleKey: string) => ({ id, code, slug, titleKey });
  const all = new Identities([
    one(1, 'A', 'a', 'dish'),
    one(2, '', 'b', 'cup'),
    one(3, 'B', 'c', 'pot'),
    one(4, 'b', 'd', 'pot'),
    one(5, '', 'e', 'cup'),
  ]);
  it.each<[string, string, string, number | null | string]>([
    ['a', '', 'Whatever', 1],
    ['Z', '', 'Dish', null],
    ['Z', 'b', '', 2],
    ['', 'b', 'Dish', 2],
    ['', 'new', 'Dish', null],
    ['', '', 'DISH!', 1],
    ['', '', 'cup', '2 products are called cup.'],
    ['b', '', '', '2 products have the item code b.'],
    ['b', 'd', '', 4],
    ['', '', '', null],
  ])('by code %j, address %j, title %j: %j', (code, slug, title, id) =>
    expect(all.find({ code, slug, title })).toBe(id),
  );
});

describe('categories by name', () => {
  it('stand where they are, at the root, or anywhere if there is one of that name', () => {
    const names = lookup();
    expect(names.category(['jugs'])).toBe(2);
    expect(names.category(['tableware', 'JUGS'])).toBe(2);
    expect(names.category(['Garden', 'Jugs'])).toBe(-2);
    // Two are called so by now.
    expect(names.category(['Jugs'])).toBe(-3);
    expect(names.made.categories).toEqual([
      { id: -1, parentId: null, name: 'Garden' },
      { id: -2, parentId: -1, name: 'Jugs' },
      { id: -3, parentId: null, name: 'Jugs' },
    ]);
  });
});
