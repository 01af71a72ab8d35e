import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Varying } from '../bands/varying.ts';
import type { ProductFacts } from '../catalogue/facts.ts';
import { pageCss } from '../css/pageCss.ts';
import { LAYOUT_IDS, layoutKind } from '../layouts/index.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan } from '../plan/storedPlan.ts';
import {
  specimenPicture,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { cardHeight } from '../view/cardHeight.ts';
import { labelsOver } from '../view/onPicture.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import type { ShelfView, StepView } from '../view/view.ts';
import { LABEL_PLACES, labelPlace, placeOf } from './labelPlaces.ts';
import { labelRoomPx } from './labelRoom.ts';
import type { StoreLabel } from './storeLabel.ts';

const one = (kind: string, more: Partial<StoreLabel> = {}): StoreLabel => ({ id: kind, kind, ...more });
const marked: Partial<ProductFacts> = {
  price: { regular: 4400, reduced: 2850, from: false },
  featured: true,
  tags: ['tea', 'gift'].map((tag) => ({ id: tag, name: tag })),
  pictures: [specimenPicture()],
};

function drawn(list: StoreLabel[], shelf: Partial<StoredShelf> = {}, facts: Partial<ProductFacts> = marked) {
  const { house, ...others } = specimenStored([specimenShelf('s', shelf)]);
  const plan = completePlan({ ...others, house: { ...house, labels: { list } } });
  const view = specimenView(plan, 1, {}, [{ of: 'products', product: specimenProduct(1, facts) }]);
  return { view, bands: plan.house.bands, shelf: shelvesOn(view)[0]!.shelf };
}

const labelsOn = ({ cards }: ShelfView) =>
  cards[0]!.parts.flatMap((part) => ('labels' in part ? part.labels : [])).map(({ id }) => id);

describe('room for labels over pictures', () => {
  const label = fc.record({
    id: fc.constant('a'),
    kind: fc.constant('sale'),
    at: fc.constantFrom(...LABEL_PLACES),
    apartPx: fc.integer({ min: 0, max: 60 }),
    picture: fc.constantFrom(undefined, 'a'.repeat(64)),
    picturePx: fc.integer({ min: 16, max: 120 }),
  });

  it('is none for labels within pictures, and enough for each that is not', () => {
    fc.assert(
      fc.property(fc.array(label, { maxLength: 5 }), (labels) => {
        const room = labelRoomPx(labels);
        const outside = labels.filter(({ at }) => labelPlace(at).outside > 0);
        if (outside.length === 0) expect(room).toBe(0);
        for (const { at, picture, picturePx } of outside)
          expect(room).toBeGreaterThanOrEqual(labelPlace(at).outside * (picture ? picturePx : 24.5));
      }),
    );
  });

  it('makes every card of a shelf as much higher, in layouts that have it, and none in others', () => {
    for (const layout of LAYOUT_IDS) {
      const at = (place: StoreLabel['at']) =>
        drawn([one('sale', { at: place })], { layout: { phone: layout } });
      const [inside, above] = [at('upperStart'), at('aboveStart')];
      const heightIn = ({ shelf, bands }: ReturnType<typeof drawn>, step: StepView) =>
        cardHeight(shelf.cards[0]!, shelf.card, step, bands, 300);
      const manner = layoutKind(layout).card;
      for (const [i, step] of above.shelf.steps.entries()) {
        const room =
          manner === 'stacked' || manner === 'own' ? labelRoomPx([one('sale', { at: 'aboveStart' })]) : 0;
        expect([layout, step.labelsOutPx]).toEqual([layout, room]);
        expect(heightIn(above, step) - heightIn(inside, inside.shelf.steps[i]!)).toBeCloseTo(room);
      }
    }
  });

  it('is there at the widths at which such a label is shown', () => {
    const { shelf } = drawn([one('sale', { at: 'acrossEnd' })], {
      card: { labels: { sale: { shown: { phone: false, laptop: true } } } },
    });
    for (const { bandId, labelsOutPx } of shelf.steps)
      expect(labelsOutPx > 0).toBe(['laptop', 'wide'].includes(bandId));
  });

  it('reaches the style sheet, as does how far a label stands from the edges', () => {
    const above = pageCss(drawn([one('sale', { at: 'aboveEnd', apartPx: 6 })]).view);
    expect(above).toContain('margin-block-start:35px');
    expect(above).toContain('.labels>.label.of-sale{margin-block-end:6px}');
    const lower = pageCss(drawn([one('sale', { at: 'lowerEnd', apartPx: 0 })]).view);
    expect(lower).toContain('.label.of-sale{margin-inline-end:-10px}');
    expect(lower).toContain('.label.of-sale:last-child{margin-block-end:-10px}');
  });
});

describe('labels that come over each other', () => {
  const over = (list: StoreLabel[], cardPx: number, shelf: Partial<StoredShelf> = {}) => {
    const made = drawn(list, shelf);
    return labelsOver(made.shelf.cards[0]!, made.shelf.card, made.shelf.steps[0]!, made.bands, cardPx);
  };

  it('are in one corner, within it and across its edge', () => {
    expect(over([one('sale'), one('featured', { at: 'acrossStart' })], 900)).toEqual([
      { id: 'featured', at: 'acrossStart', to: 'upperStart' },
    ]);
    expect(over([one('sale'), one('featured', { at: 'aboveStart' })], 900)).toEqual([]);
    expect(over([one('sale'), one('featured', { at: 'acrossEnd' })], 900)).toEqual([]);
  });

  it('are at two ends of one edge where it has no room, side by side or alone', () => {
    const words = 'One of our own favourites';
    const ends = [one('sale', { at: 'aboveStart', words }), one('featured', { at: 'aboveEnd', words })];
    expect(over(ends, 900)).toEqual([]);
    expect(over(ends, 240)).toEqual([{ id: 'featured', at: 'aboveEnd', to: 'upperEnd' }]);
    const same = ends.map((label) => ({ ...label, at: 'acrossEnd' as const }));
    expect(over(same, 900)).toEqual([]);
    expect(over(same, 240).map(({ id, to }) => [id, to])).toEqual([
      ['sale', 'upperEnd'],
      ['featured', 'upperEnd'],
    ]);
  });

  it('came together since the layout has no room outside of pictures', () => {
    const slider = LAYOUT_IDS.find((id) => layoutKind(id).card === 'ground')!;
    const list = [one('sale'), one('featured', { at: 'aboveStart' })];
    const layout = { layout: { phone: slider } };
    expect(over(list, 900, layout)).toEqual([{ id: 'featured', at: 'aboveStart', to: 'upperStart' }]);
    expect(
      over(
        list.map((label) => ({ ...label, at: 'aboveStart' })),
        900,
        layout,
      ),
    ).toEqual([]);
  });

  it('come over each other no more once each was put where it is said to have room', () => {
    const place = fc.constantFrom(...LABEL_PLACES);
    const words = fc.constantFrom('Now', 'One of our own favourites', 'Save {saved} while it lasts');
    const lists = fc
      .tuple(place, words, place, words, place, words)
      .map(([a, one_, b, two, c, three]) => [
        one('sale', { at: a, words: one_ }),
        one('featured', { at: b, words: two }),
        one('tag', { at: c, words: three, tag: 'tea' }),
      ]);
    fc.assert(
      fc.property(
        lists,
        fc.integer({ min: 120, max: 700 }),
        fc.constantFrom(...LAYOUT_IDS),
        (list, cardPx, layout) => {
          let now = list;
          for (let turn = 0; turn < 4; turn += 1) {
            const [found] = over(now, cardPx, { layout: { phone: layout } });
            if (!found) return;
            const { at, to } = found;
            expect(labelPlace(to).outside).toBe(0);
            now = now.map((label) => (placeOf(label) === at ? { ...label, at: to } : label));
          }
          expect(over(now, cardPx, { layout: { phone: layout } })).toEqual([]);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('own labels of a store', () => {
  const tea = one('tag', { id: 'tag', tag: 'tea' });
  const gift = one('tag', { id: 'tag-2', tag: 'gift' });
  const out = (ownLabelsOut: Varying<string[]>) => drawn([tea, gift], { card: { ownLabelsOut } });

  it('are left out of a shelf one by one, at every width or at some', () => {
    expect(labelsOn(out({}).shelf)).toEqual(['tag', 'tag-2']);
    expect(labelsOn(out({ phone: ['tag-2'] }).shelf)).toEqual(['tag']);
    const some = out({ phone: [], laptop: ['tag'] });
    expect(labelsOn(some.shelf)).toEqual(['tag', 'tag-2']);
    const css = pageCss(some.view);
    expect(css).toMatch(/\(width >= \d+px\)\{[^{}]*\.label\.of-tag\{display:none\}/);
    expect(css).not.toContain('.label.of-tag-2{display:none}');
  });

  it('that are gone from the store are still readable, and what is no id is not saved', () => {
    const shelf = (ids: unknown) =>
      checkDocument('shelf:s', specimenShelf('s', { card: { ownLabelsOut: { phone: ids as string[] } } }));
    expect(shelf(['gone'])).toBeNull();
    expect(shelf(['x{}'])?.message).toContain('letters, digits and hyphens');
    expect(shelf('tag')?.message).toContain('a list');
  });
});
