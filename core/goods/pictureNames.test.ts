import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MOST_OF_PRODUCT } from '../picture/limits.ts';
import { specimenGoods as goods, specimenVariant as variant } from '../specimen/goods.ts';
import { edited } from './goodsEdit.ts';
import { namedBy, picturesByName, putWithProducts, type Called, type Put } from './pictureNames.ts';

const called = (key: string, by: Called['by'], product: number, of: number | null = null): Called => ({
  key,
  by,
  product,
  variant: of,
});

describe('the name of a picture', () => {
  it.each([
    ['KC-101', ['kc-101 0', 'kc 101']],
    ['KC 101 2', ['kc-101-2 0', 'kc-101 2']],
    ['Jug (12)', ['jug-12 0', 'jug 12']],
    ['Samphire pouring jug', ['samphire-pouring-jug 0']],
    ['Crème brûlée', ['creme-brulee 0']],
    ['2024', ['2024 0']],
    ['IMG 20260101', ['img-20260101 0']],
    ['…', []],
    ['', []],
  ])('%s may be of %s', (name, keys) => {
    expect(namedBy(name).map(({ key, place }) => `${key} ${place}`)).toEqual(keys);
  });

  it('is what has that code before what has that address, all of it before what is left without its number', () => {
    const all = [
      called('kc-101', 'code', 1),
      called('kc-101', 'address', 2),
      called('kc-101-2', 'variant', 3, 31),
      called('jug', 'address', 4),
      called('jug-3', 'address', 5),
    ];
    expect(picturesByName(['KC-101', 'KC-101-2', 'KC-101-3', 'Jug-3', 'jug_4', 'Bowl', ''], all)).toEqual([
      { product: 1, variant: null, place: 0 },
      { product: 3, variant: 31, place: 0 },
      { product: 1, variant: null, place: 3 },
      { product: 5, variant: null, place: 0 },
      { product: 4, variant: null, place: 4 },
      null,
      null,
    ]);
  });

  it('is of none where several products are called so; of all of a product where several of its variants are', () => {
    const two = [called('jug', 'code', 1), called('jug', 'code', 2), called('jug', 'address', 3)];
    expect(picturesByName(['jug'], two)).toEqual([null]);
    const both = [called('cup', 'variant', 1, 11), called('cup', 'variant', 1, 12)];
    expect(picturesByName(['cup 2'], both)).toEqual([{ product: 1, variant: null, place: 2 }]);
  });
});

const put = fc.record({
  product: fc.integer({ min: 1, max: 3 }),
  at: fc.integer({ min: 0, max: 2 }),
  place: fc.integer({ min: 0, max: 4 }),
  name: fc.constantFrom('a', 'b', 'c'),
});
const puts = fc.array(put, { maxLength: 40 }).map((list) =>
  list.map(({ product, at, place, name }, i): Put => ({
    id: `picture-${String(i).padStart(2, '0')}`,
    name,
    product,
    variant: at === 0 ? null : product * 10 + at,
    place,
  })),
);
const store = [
  goods(1, { pictureIds: ['own-1', 'own-2'], variants: [variant(11), variant(12, { pictureId: 'own-1' })] }),
  goods(2, { variants: [variant(21)] }),
  goods(3, { pictureIds: Array.from({ length: MOST_OF_PRODUCT }, (_, i) => `full-${i}`) }),
];

describe('pictures that are put with their products', () => {
  it('come after those that are there, by their numbers, as many as there is room for', () => {
    fc.assert(
      fc.property(puts, (pictures) => {
        const { edits, without } = putWithProducts(store, pictures);
        let [room, put] = [0, 0];
        for (const one of store) {
          const after = edits.filter(({ product }) => product === one.id).reduce(edited, one);
          expect(after.pictureIds.slice(0, one.pictureIds.length)).toEqual(one.pictureIds);
          const more = after.pictureIds.slice(one.pictureIds.length);
          const own = pictures.filter(({ product }) => product === one.id);
          const places = more.map((id) => own.find((each) => each.id === id)!.place);
          expect(places).toEqual([...places].sort((a, b) => a - b));
          expect(new Set(after.pictureIds).size).toBe(after.pictureIds.length);
          expect(after.pictureIds.length).toBeLessThanOrEqual(MOST_OF_PRODUCT);
          room += Math.min(own.length, MOST_OF_PRODUCT - one.pictureIds.length);
          put += more.length;
          for (const [i, { id, pictureId }] of after.variants.entries()) {
            const before = one.variants[i]!.pictureId;
            const ofIt = own.filter((each) => each.variant === id && more.includes(each.id));
            if (before !== null || one.variants.length === 1) expect(pictureId).toBe(before);
            else expect(ofIt.length === 0 ? [null] : ofIt.map((each) => each.id)).toContain(pictureId);
          }
          // The same again changes nothing.
          expect(putWithProducts([after], pictures).edits).toEqual([]);
        }
        expect(put).toBe(room);
        expect(put + without).toBe(pictures.length);
      }),
    );
  });
});
