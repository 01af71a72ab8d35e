import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ProductFacts } from '../catalogue/facts.ts';
import type { Item } from '../card/item.ts';
import { stepAt } from '../geometry/steps.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import {
  specimenHouse,
  specimenPicture,
  specimenProduct,
  specimenShelf,
  specimenTree,
} from '../specimen/specimen.ts';
import { ALONE_AROUND_PX, alonePx, cardsAlone, onlyAt, standsAlone } from '../view/cardsAlone.ts';
import { cardPxIn } from '../view/clipped.ts';
import { bandAt } from '../bands/bands.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import { layoutKinds, LAYOUT_IDS, type LayoutId } from '../layouts/index.ts';
import { cardFaults } from './cardFaults.ts';
import { hardCases } from './hardCases.ts';

const bands = specimenHouse.bands!;
const CARD_PX = 160;

const shown = (...ids: string[]): StoredShelf['card'] => ({
  parts: Object.fromEntries(ids.map((id) => [id, { shown: { phone: true } }])),
});

const goods = (...all: Partial<ProductFacts>[]): Item[] =>
  all.map((facts, i) => ({ of: 'products', product: specimenProduct(i + 1, facts) }));

function drawn(
  items: readonly Item[],
  card: StoredShelf['card'] = {},
  bandId = 'phone',
  layout: LayoutId = 'grid',
) {
  const shelf = specimenShelf('s', card ? { card } : {});
  const page = cardsAlone(
    specimenHouse,
    bands,
    bandId,
    layout,
    [{ shelf, of: 'products', items }],
    specimenTree,
    0,
  );
  const view = shelvesOn(page)[0]!.shelf;
  const widthPx = alonePx(layout, items.length, CARD_PX);
  return { page, view, widthPx, step: stepAt(view.steps, widthPx) };
}

/** The cases of some goods, by their names, with the place of the item and what is said. */
function cases(items: readonly Item[], card?: StoredShelf['card']) {
  const { page, view, step } = drawn(items, card);
  const candidates = items.map((item, i) => ({ item, card: view.cards[i]! }));
  return new Map(
    hardCases(view, step, page.bands, CARD_PX, candidates).map(({ id, at, said }) => [
      id,
      [at, said] as const,
    ]),
  );
}

const picture = (width: number, height: number) => specimenPicture({ width, height });

describe('the items on which a card is likeliest to fail', () => {
  it('are those with the longest and the shortest title, by width and not by letters', () => {
    const found = cases(goods({ title: 'iiiiiiiiiiii' }, { title: 'WWWWWWWWWWW' }, { title: 'l' }));
    expect(found.get('longest-title')).toEqual([1, '11 characters']);
    expect(found.get('shortest-title')).toEqual([2, '1 character']);
  });

  it('are those with the longest price, a reduced one, and a reduced one of which variants cost more', () => {
    const found = cases(
      goods(
        { price: { regular: 900, reduced: null, from: false } },
        { price: { regular: 120_000, reduced: 99_050, from: false } },
        { price: { regular: 900, reduced: 500, from: true } },
      ),
    );
    expect(found.get('longest-price')).toEqual([1, '£990.50 £1,200']);
    expect(found.get('reduced')).toEqual([1, 'was £1,200']);
    expect(found.get('reduced-in-one')).toEqual([2, 'from £5 £9']);
  });

  it('are those without picture, with the widest, the tallest and the most cropped one', () => {
    const found = cases(
      goods(
        {},
        { pictures: [picture(2000, 1000)] },
        { pictures: [picture(500, 1000)] },
        { pictures: [picture(8, 10)] },
      ),
    );
    expect(found.get('no-picture')).toEqual([0, 'none yet']);
    expect(found.get('widest-picture')).toEqual([1, '2 times as wide as high']);
    expect(found.get('tallest-picture')).toEqual([2, '2 times as high as wide']);
    expect(found.get('most-cropped')).toEqual([1, '60% cut off']);
  });

  it('are of parts only where the card shows them', () => {
    const items = goods({ rating: null }, { rating: { mean: 4, count: 1203 } });
    expect(cases(items).has('not-rated')).toBe(false);
    expect(cases(items, shown('rating')).get('not-rated')).toEqual([0, 'nobody rated it yet']);
    expect(cases(items, shown('rating')).get('most-ratings')).toEqual([1, '1,203 ratings']);
    expect(cases(items, shown('title', 'picture')).has('longest-price')).toBe(true);
  });

  it('are those that are sold out or nearly so, and the highest of all cards', () => {
    const found = cases(
      goods(
        { stock: { state: 'out', count: 0 } },
        { stock: { state: 'last', count: 3 } },
        { stock: { state: 'last', count: 1 }, title: 'A title that needs two lines at this width' },
      ),
    );
    expect(found.get('sold-out')).toEqual([0, 'none left']);
    expect(found.get('low-stock')).toEqual([2, '1 left']);
    expect(found.get('highest-card')?.[0]).toBe(2);
  });

  it('are none where there is nothing, and no case is named twice', () => {
    expect(cases([])).toEqual(new Map());
    const { page, view, step } = drawn(goods({}, {}));
    const all = hardCases(view, step, page.bands, CARD_PX, [{ item: goods({})[0]!, card: view.cards[0]! }]);
    expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
  });
});

describe('what is wrong with one card', () => {
  const faults = (title: string, card?: StoredShelf['card']) => {
    const { page, view, step } = drawn(goods({ title }), card);
    return cardFaults(view, view.cards[0]!, step, page.bands, CARD_PX);
  };

  it('is a title that is cut short, with as many lines as it needs, and nothing on a card that fits', () => {
    expect(faults('Bowl')).toEqual([]);
    const [fault, ...others] = faults('A title of words enough for three lines at this width');
    expect(others).toEqual([]);
    expect(fault!.text).toMatch(/^Title clipped: it needs [34] lines$/);
    expect(fault!.fix).toMatchObject({ command: { setting: 'card.parts.title.lines', on: { shelf: 's' } } });
  });

  it('is without a way out where no setting allows as many lines as are needed', () => {
    expect(faults('word '.repeat(80))[0]).toMatchObject({ fix: null });
  });

  it('is gone once its fix was taken', () => {
    const title = 'A title of words enough for three lines at this width';
    const { value } = faults(title)[0]!.fix!.command as { value: number };
    expect(faults(title, { parts: { title: { lines: value } } })).toEqual([]);
  });
});

describe('cards drawn alone', () => {
  it('are as wide as asked for, whatever the number and in every layout in which they can be', () => {
    const across = LAYOUT_IDS.filter(standsAlone);
    expect(across.length).toBeGreaterThan(3);
    fc.assert(
      fc.property(
        fc.constantFrom(...across),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 80, max: 420 }),
        fc.constantFrom(...bands.map(({ id }) => id)),
        (layout, count, cardPx, bandId) => {
          const { page, view } = drawn(
            goods(...Array.from({ length: count }, () => ({}))),
            {},
            bandId,
            layout,
          );
          const widthPx = alonePx(layout, count, cardPx);
          const step = stepAt(view.steps, widthPx);
          expect(bandAt(page.bands, widthPx).id).toBe(bandId);
          expect(cardPxIn(view, step, page.bands, widthPx)).toBeCloseTo(cardPx, 6);
          expect(step.shows).toEqual({ start: 0, end: count });
        },
      ),
      { numRuns: 80 },
    );
    expect(alonePx('grid', 1, 100)).toBe(100 + 2 * ALONE_AROUND_PX);
  });

  it('hold at one band at every width that a page can have', () => {
    for (const { id } of bands)
      for (const widthPx of [320, 800, 2560]) expect(bandAt(onlyAt(bands, id), widthPx).id).toBe(id);
  });

  it('are not where the layout says how large each is', () => {
    for (const kind of layoutKinds) expect(standsAlone(kind.id as LayoutId)).toBe(kind.card !== 'ground');
  });
});
