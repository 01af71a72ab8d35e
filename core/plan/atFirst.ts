import type { Assortment, Of } from '../assortment/assortment.ts';
import type { Band, Bands } from '../bands/bands.ts';
import { everywhere } from '../bands/varying.ts';
import type { Card } from '../card/card.ts';
import { partsOf } from '../card/parts/index.ts';
import { labelKinds } from '../label/label.ts';
import type { Shelf } from './shelf.ts';

/** Bands a store begins with (calculations §1). */
export const firstBands: readonly Band[] = [
  { id: 'phone', name: 'Phone', from: 0, nominal: { width: 375, height: 720 } },
  { id: 'tablet', name: 'Tablet', from: 560, nominal: { width: 800, height: 1080 } },
  { id: 'laptop', name: 'Laptop', from: 880, nominal: { width: 1180, height: 740 } },
  { id: 'wide', name: 'Wide', from: 1240, nominal: { width: 1440, height: 860 } },
];

const firsts: { [O in Of]: () => Extract<Assortment, { of: O }> } = {
  products: () => ({
    of: 'products',
    rule: { join: 'all', parts: [] },
    order: { by: 'newest' },
    byHand: { putIn: [], leftOut: [], pins: [] },
    soldOut: 'out',
    limit: null,
    fallback: null,
  }),
  categories: () => ({
    of: 'categories',
    choose: { from: 'roots' },
    without: { empty: true, pictureless: false, catchAll: true, levels: [] },
    order: { by: 'own' },
    grouped: false,
    limit: null,
  }),
  collections: () => ({
    of: 'collections',
    ids: null,
    without: { empty: true, pictureless: false },
    order: { by: 'own' },
    limit: null,
  }),
  entries: () => ({ of: 'entries', ids: null, tags: [], order: { by: 'newest' }, limit: null }),
  pictures: () => ({ of: 'pictures', items: [], limit: null }),
};

export const newAssortment = <O extends Of>(of: O): Extract<Assortment, { of: O }> => firsts[of]();

/** A card with every part that the items can have, the usual ones shown. */
export function newCard(of: Assortment['of'], bands: Bands): Card {
  const parts = partsOf(of);
  const labels = of === 'products' ? labelKinds : [];
  return {
    order: parts.map((kind) => kind.id),
    shown: Object.fromEntries(
      [...parts, ...labels].map((kind) => [kind.id, everywhere(bands, kind.atFirst)]),
    ),
    picture: {
      by: 'ratio',
      ratio: everywhere(bands, '4:5'),
      height: everywhere(bands, 240),
      screen: everywhere(bands, 50),
      fit: 'fill',
    },
    titleLines: 2,
    align: 'start',
    text: {
      side: everywhere(bands, 'under'),
      share: everywhere(bands, 50),
      reach: everywhere(bands, 0),
      ground: 'light',
      when: 'always',
      comes: 'fades',
    },
    frame: 'plain',
    inside: everywhere(bands, 12),
  };
}

/** A shelf that can be judged at once: the newest, two rows, full at the widths of the first bands. */
export function newShelf(id: string, bands: Bands, of: Assortment['of'] = 'products'): Shelf {
  const [first, second, third] = bands;
  return {
    id,
    name: 'New shelf',
    assortmentId: null,
    assortment: newAssortment(of),
    notTwice: false,
    form: everywhere(bands, 'grid'),
    across: {
      by: 'count',
      count: { [first!.id]: 2, [second!.id]: 3, ...(third && { [third.id]: 4 }) },
      smallest: everywhere(bands, 220),
    },
    gap: {
      column: { [first!.id]: 12, [second!.id]: 20, ...(third && { [third.id]: 24 }) },
      row: { [first!.id]: 20, [second!.id]: 28, ...(third && { [third.id]: 32 }) },
    },
    visible: { [first!.id]: 1.4, [second!.id]: 2.5, ...(third && { [third.id]: 4 }) },
    amount: { by: 'rows', rows: everywhere(bands, 2), items: everywhere(bands, 12) },
    paging: { by: 'none', words: 'Show more', link: '' },
    lastRow: everywhere(bands, 'leave'),
    lastRowAlign: everywhere(bands, 'start'),
    equalHeights: everywhere(bands, true),
    moving: {
      step: everywhere(bands, 1),
      arrows: { [first!.id]: false, [second!.id]: true },
      arrowPlace: 'over',
      arrowSize: everywhere(bands, 40),
      arrowShape: 'round',
      arrowSign: '',
      arrowLook: { ink: null, ground: null, edge: false, offset: 8 },
      marks: { [first!.id]: 'dots', [second!.id]: 'none' },
      markLook: { ink: null, current: null, size: 9, shape: 'round' },
      play: false,
      restMs: 5_000,
      moveMs: 350,
      loop: false,
      swipe: true,
      drag: true,
      start: 1,
      comes: 'moves',
    },
    slideBy: 'ratio',
    slideScreen: everywhere(bands, 70),
    slideRatio: { [first!.id]: '4:5', [second!.id]: '16:9', ...(third && { [third.id]: '5:2' }) },
    listPicture: { [first!.id]: 110, [second!.id]: 180 },
    spread: {
      items: { [first!.id]: 2, [second!.id]: 4 },
      facing: { [first!.id]: false, ...(third && { [third.id]: true }) },
    },
    direction: 'page',
    card: newCard(of, bands),
  };
}
