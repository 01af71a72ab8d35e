import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { specimenNames } from '../specimen/specimen.ts';
import { ValidationError } from '../schema/schema.ts';
import { goodsWords, type Goods } from './goods.ts';
import {
  edited,
  goodsEdits,
  goodsEditSchema,
  goodsFault,
  isStill,
  valueAt,
  type GoodsEdit,
} from './goodsEdit.ts';
import { undoneEdits } from '../facts/factEdit.ts';
import { goodsFact, goodsFacts } from './goodsFacts.ts';

const jug: Goods = {
  id: 7,
  slug: 'jug',
  title: 'Pouring jug',
  code: 'J-7',
  shortText: 'It does not drip.',
  longText: '',
  brandId: 1,
  featured: false,
  categoryIds: [2, 3],
  collectionIds: [],
  tags: ['table'],
  fields: { capacity: 1100, safe: true },
  variants: [
    {
      id: 70,
      choice: 'Inkwell',
      code: '',
      price: 4200,
      reduced: 3150,
      stock: 42,
      pictureId: null,
      values: [],
    },
    {
      id: 71,
      choice: 'Peat',
      code: 'P',
      price: 4200,
      reduced: null,
      stock: null,
      pictureId: null,
      values: [],
    },
  ],
  pictureIds: [],
};

const text = fc.string({ minLength: 1, maxLength: 20 }).filter((one) => one.trim() !== '');
const value: Record<string, fc.Arbitrary<unknown>> = {
  'product title': text,
  'product code': text,
  'product shortText': text,
  'product longText': text,
  'product brandId': fc.option(fc.integer({ min: 1, max: 9 })),
  'product featured': fc.boolean(),
  'product categoryIds': fc.uniqueArray(fc.integer({ min: 1, max: 9 }), { maxLength: 4 }),
  'product collectionIds': fc.uniqueArray(fc.integer({ min: 1, max: 9 }), { maxLength: 4 }),
  'product pictureIds': fc.uniqueArray(fc.constantFrom('a', 'b', 'c').map((one) => one.repeat(64))),
  'product tags': fc.uniqueArray(text, { maxLength: 4 }),
  'variant code': text,
  'variant price': fc.integer({ min: 0, max: 1_000_000 }),
  'variant reduced': fc.option(fc.integer({ min: 1, max: 1_000_000 })),
  'variant stock': fc.option(fc.integer({ min: 0, max: 900 })),
  'variant pictureId': fc.option(fc.constant('b'.repeat(64))),
  'field value': fc.option(fc.oneof(fc.integer(), fc.boolean(), text)),
};

/** Any edits in a row, each of what the one before left. */
const edits: fc.Arbitrary<GoodsEdit[]> = fc
  .array(
    fc.constantFrom(...goodsFacts).chain(({ of, id }) =>
      fc.record({
        of: fc.constant(of),
        fact: fc.constant(id),
        part: {
          product: fc.constant(null),
          variant: fc.constantFrom(70, 71),
          field: fc.constantFrom('capacity', 'glaze'),
        }[of],
        is: value[`${of} ${id}`]!,
      }),
    ),
    { maxLength: 12 },
  )
  .map((list) => {
    let goods = jug;
    return list.map((one): GoodsEdit => {
      const edit = { product: 7, ...one, was: null };
      const full = { ...edit, was: valueAt(goods, edit) };
      goods = edited(goods, full);
      return full;
    });
  });

describe('edits of a product', () => {
  it('are each of what the one before left, do what they say, and are taken back to what was there', () => {
    fc.assert(
      fc.property(edits, (list) => {
        let goods = jug;
        for (const edit of list) {
          expect(isStill(goods, edit)).toBe(true);
          goods = edited(goods, edit);
          expect(valueAt(goods, edit)).toEqual(edit.is);
        }
        for (const edit of undoneEdits(list)) {
          expect(isStill(goods, edit)).toBe(true);
          goods = edited(goods, edit);
        }
        expect(goods).toEqual(jug);
        expect(undoneEdits(undoneEdits(list))).toEqual(list);
      }),
    );
  });

  it('of any kind can be sent', () => {
    fc.assert(
      fc.property(edits, (list) => {
        for (const edit of list)
          expect(() =>
            goodsEditSchema.validateSync(JSON.parse(JSON.stringify(edit)), { strict: true }),
          ).not.toThrow();
      }),
    );
  });

  it('are not of what somebody else has changed meanwhile', () => {
    const edit: GoodsEdit = { product: 7, of: 'variant', part: 70, fact: 'price', was: 4000, is: 3900 };
    expect(isStill(jug, edit)).toBe(false);
    expect(isStill(jug, { ...edit, was: 4200 })).toBe(true);
    expect(isStill(jug, { ...edit, part: 99, was: 4200 })).toBe(false);
    // Nothing in a field is null, whatever fields there are.
    expect(isStill(jug, { product: 7, of: 'field', part: 'glaze', fact: 'value', was: null, is: 'x' })).toBe(
      true,
    );
    expect(
      isStill(jug, { product: 7, of: 'field', part: 'constructor', fact: 'value', was: null, is: 'x' }),
    ).toBe(true);
  });
});

describe('values in words', () => {
  const said = (of: 'product' | 'variant' | 'field', fact: string, value: unknown) =>
    goodsFact(of, fact)!.say(value, {
      ...specimenNames,
      brand: (id) => (id === 1 ? 'Ada' : undefined),
      category: (id) => (id === 2 ? 'Jugs' : undefined),
    });

  it.each<[string, unknown, string]>([
    ['variant price', 4250, '£42.50'],
    ['variant reduced', null, ''],
    ['variant stock', 0, '0'],
    ['variant stock', null, ''],
    ['product title', 'Dish', '“Dish”'],
    ['product shortText', '', ''],
    ['product brandId', 1, 'Ada'],
    ['product brandId', 9, 'another brand'],
    ['product brandId', null, ''],
    ['product categoryIds', [2, 3], 'Jugs and another category'],
    ['product categoryIds', [], ''],
    ['product collectionIds', [4], 'another collection'],
    ['product tags', ['a', 'b'], 'a and b'],
    ['product featured', false, 'no'],
    ['field value', true, 'yes'],
    ['field value', 12.5, '“12.5”'],
    ['field value', null, ''],
  ])('%s of %j', (name, value, words) => {
    const [of, fact] = name.split(' ');
    expect(said(of as 'product', fact!, value)).toBe(words);
  });
});

describe('lists', () => {
  it('are of the same in whatever order', () => {
    const edit: GoodsEdit = {
      product: 7,
      of: 'product',
      part: null,
      fact: 'categoryIds',
      was: [3, 2],
      is: [],
    };
    expect(isStill(jug, edit)).toBe(true);
    expect(isStill(jug, { ...edit, was: [3] })).toBe(false);
    expect(goodsEdits(jug, { of: 'product', part: null, fact: 'categoryIds' }, [3, 2])).toEqual([]);
  });
});

describe('what is refused', () => {
  const said = (edit: unknown): string | null => {
    try {
      goodsEditSchema.validateSync(edit, { strict: true });
      return null;
    } catch (error) {
      return (error as ValidationError).message;
    }
  };
  const edit = (
    of: string,
    fact: string,
    is: unknown,
    part: unknown = of === 'variant' ? 70 : of === 'field' ? 'capacity' : null,
  ) => ({
    product: 7,
    of,
    part,
    fact,
    was: null,
    is,
  });

  it.each<[unknown, RegExp]>([
    [edit('product', 'title', '  '), /^Title: A product needs a title\.$/],
    [edit('product', 'title', 'x'.repeat(201)), /^Title: This is too long/],
    [edit('product', 'id', 8), /^There is nothing called "id"/],
    [edit('product', 'slug', 'x'), /^There is nothing called "slug"/],
    [edit('product', 'tags', ['a', 'a']), /^Tags: A tag is there twice\.$/],
    [edit('product', 'tags', ['']), /^Tags: /],
    [edit('product', 'categoryIds', [0]), /^Categories: /],
    [edit('product', 'featured', 'yes'), /^Featured: /],
    [edit('variant', 'price', -1), /^Price: A price is not below nothing\.$/],
    [edit('variant', 'price', 12.5), /^Price: Write an amount/],
    [edit('variant', 'price', null), /^Price: /],
    [edit('variant', 'reduced', 0), /^Reduced price: A reduced price is above nothing\.$/],
    [edit('variant', 'stock', -3), /^Stock: There is nothing less than none\.$/],
    [edit('variant', 'stock', 3, null), /^It is not said which variant or field/],
    [edit('product', 'title', 'x', 3), /^It is not said which variant or field/],
    [edit('field', 'value', 'x', 'No such id!'), /^It is not said which variant or field/],
    [edit('field', 'value', Number.NaN), /^Field: /],
    [edit('field', 'value', { a: 1 }), /^Field: /],
    [edit('shelf', 'title', 'x'), /^There is nothing called "title" to be set of a shelf/],
  ])('%j', (sent, message) => expect(said(sent)).toMatch(message));

  it('is a reduced price that is no reduction, by the name of the variant', () => {
    expect(goodsFault(jug)).toBeNull();
    const dear = edited(jug, { product: 7, of: 'variant', part: 70, fact: 'price', was: 4200, is: 3150 });
    expect(goodsFault(dear)).toBe('The reduced price of Pouring jug, Inkwell is not below its price.');
  });
});

it('finds a product by the words of its title, its brand and its tags, each once', () => {
  expect(goodsWords('Émaux, blue', 'Blue & Co.', ['table', 'wide table'])).toEqual([
    'emaux',
    'blue',
    'co',
    'table',
    'wide',
  ]);
  expect(goodsWords('', null, [])).toEqual([]);
});

it('has each fact once', () => {
  for (const { of, id } of goodsFacts)
    expect(goodsFacts.filter((one) => one.of === of && one.id === id)).toHaveLength(1);
  expect(goodsFact('product', 'price')).toBeUndefined();
});
