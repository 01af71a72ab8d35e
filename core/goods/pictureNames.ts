import { slugOf } from '../catalogue/slugOf.ts';
import { MOST_OF_PRODUCT } from '../picture/limits.ts';
import type { Goods } from './goods.ts';
import { goodsEdits, type GoodsEdit } from './goodsEdit.ts';

/** What a name may be of: a word, and which of several pictures of that it is. */
interface Named {
  key: string;
  place: number;
}

/**
 * What a picture may be of by its name, the likeliest first: all of it, or what is left without a number at its end, so
 * that "KC-101 (2)" is the second picture of KC-101. Words are as addresses have them.
 */
export function namedBy(name: string): Named[] {
  const key = slugOf(name);
  const [, without, number] = /^(.+)-(\d{1,3})$/.exec(key) ?? [];
  return [...(key ? [{ key, place: 0 }] : []), ...(without ? [{ key: without, place: Number(number) }] : [])];
}

/** What is called by a word: a product by its item code or its address, or one of its variants by an item code. */
export interface Called {
  key: string;
  by: 'code' | 'variant' | 'address';
  product: number;
  /** The variant that has the item code; null where the whole product is meant. */
  variant: number | null;
}

const LIKELIEST: readonly Called['by'][] = ['code', 'variant', 'address'];

/** Whose a picture is, and its place among others of the same name. */
export interface PictureOf extends Pick<Called, 'product' | 'variant'> {
  place: number;
}

/**
 * Whose each picture is by its name: what has that item code, or else that address; null where nothing is called so, or
 * several products are.
 */
export function picturesByName(names: readonly string[], called: readonly Called[]): (PictureOf | null)[] {
  const byKey = new Map<string, Called[]>();
  for (const one of called) byKey.set(one.key, [...(byKey.get(one.key) ?? []), one]);
  return names.map((name) => {
    for (const { key, place } of namedBy(name))
      for (const by of LIKELIEST) {
        const found = byKey.get(key)?.filter((one) => one.by === by) ?? [];
        const [first] = found;
        if (!first) continue;
        return found.every(({ product }) => product === first.product)
          ? { product: first.product, variant: found.length === 1 ? first.variant : null, place }
          : null;
      }
    return null;
  });
}

/** A picture that is to be put with its product. */
export interface Put extends PictureOf {
  id: string;
  name: string;
}

const inOrder = (a: Put, b: Put) =>
  a.place - b.place || (a.name < b.name ? -1 : Number(a.name > b.name)) || (a.id < b.id ? -1 : 1);

/**
 * Puts pictures after those that their products have, in the order of their numbers; a variant that has none of its own
 * is shown by the first that is named like it.
 * @returns what changes, and how many pictures no product has room for
 */
export function putWithProducts(
  all: readonly Goods[],
  pictures: readonly Put[],
): { edits: GoodsEdit[]; without: number } {
  const edits: GoodsEdit[] = [];
  let without = 0;
  for (const goods of all) {
    const own = pictures
      .filter(({ product, id }) => product === goods.id && !goods.pictureIds.includes(id))
      .sort(inOrder);
    const fits = own.slice(0, Math.max(0, MOST_OF_PRODUCT - goods.pictureIds.length));
    without += own.length - fits.length;
    edits.push(
      ...goodsEdits(goods, { of: 'product', part: null, fact: 'pictureIds' }, [
        ...goods.pictureIds,
        ...fits.map(({ id }) => id),
      ]),
    );
    for (const { id, pictureId } of goods.variants) {
      const first = fits.find(({ variant }) => variant === id);
      if (first && pictureId === null && goods.variants.length > 1)
        edits.push(...goodsEdits(goods, { of: 'variant', part: id, fact: 'pictureId' }, first.id));
    }
  }
  return { edits, without };
}
