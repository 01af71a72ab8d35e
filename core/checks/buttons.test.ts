import { describe, expect, it } from 'vitest';
import type { Item } from '../card/item.ts';
import { apply } from '../plan/commands.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import {
  specimenNames,
  specimenPicture,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { wrappedButtons } from '../view/buttons.ts';
import { cardPxIn } from '../view/clipped.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import { troublesOf } from '../view/trouble.ts';
import { findingsOn } from './index.ts';

type Card = NonNullable<StoredShelf['card']>;

const goods: Item[] = [1, 2].map((id) => ({
  of: 'products',
  product: specimenProduct(id, {
    featured: id === 1,
    price: { regular: 4400, reduced: 2850, from: false },
    pictures: [specimenPicture()],
  }),
}));
const planWith = (card: Card, across: number, house: StoredPlan['house'] = {}): StoredPlan => ({
  ...specimenStored([specimenShelf('s', { card, columns: { by: 'count', count: { phone: across } } })]),
  house,
});
const found = (stored: StoredPlan, check: string) => {
  const plan = completePlan(stored);
  return findingsOn(specimenView(plan, goods.length, {}, goods), plan, specimenNames).filter(
    (one) => one.check === check,
  );
};

describe('words of a button', () => {
  const saving = (more: object, across = 4) =>
    planWith({ parts: { save: { shown: { phone: true }, ...more } } }, across);

  it('that have no room on one line are found at the widths at which that is so, and an icon mends it', () => {
    const plan = saving({ shows: 'both' });
    const [one] = found(plan, 'button-text-clipped');
    expect(one!.text).toMatch(/^Save for later needs \d lines for its words on Phone: 2 of the 2 cards$/);
    expect(one!.fix!.words).toBe('Show its icon');
    expect(found(apply(plan, one!.fix!.command), 'button-text-clipped')).toEqual([]);
  });

  it('are nothing to tell of where they have room, or where there are none', () => {
    expect(found(saving({ shows: 'both' }, 1), 'button-text-clipped')).toEqual([]);
    expect(found(saving({ shows: 'icon' }), 'button-text-clipped')).toEqual([]);
  });

  it('are measured on the picture as well', () => {
    const plan = saving({ shows: 'words', words: 'Keep it for a later day', zone: { phone: 'foot' } });
    expect(found(plan, 'button-text-clipped')).toHaveLength(1);
    expect(found(saving({ shows: 'words', zone: { phone: 'foot' } }, 2), 'button-text-clipped')).toEqual([]);
  });
});

describe('what is seen only when pointed at', () => {
  it('is told of where shoppers decide by it, and of nothing else', () => {
    const corner = { zone: { phone: 'lowerStart' }, when: 'hover' } as const;
    const plan = planWith({ parts: { price: corner } }, 2);
    const [one] = found(plan, 'only-on-hover');
    expect(one!.text).toBe('Price is seen only when a card is pointed at; by touch always');
    expect(found(apply(plan, one!.fix!.command), 'only-on-hover')).toEqual([]);
    const save = { shown: { phone: true }, ...corner };
    expect(found(planWith({ parts: { save } }, 2), 'only-on-hover')).toEqual([]);
    expect(
      found(planWith({ parts: { price: { ...corner, shown: { phone: false } } } }, 2), 'only-on-hover'),
    ).toEqual([]);
  });

  it('is told of all words over pictures, but not where they stand under them', () => {
    const over = planWith({ text: { when: 'hover', reach: { phone: 100 } } }, 2);
    const [one] = found(over, 'only-on-hover');
    expect(one!.text).toMatch(/^The words on pictures/);
    expect(found(apply(over, one!.fix!.command), 'only-on-hover')).toEqual([]);
    expect(found(planWith({ text: { when: 'hover', reach: { phone: 0 } } }, 2), 'only-on-hover')).toEqual([]);
  });
});

describe('labels in two corners', () => {
  const labels = (at: 'upperStart' | 'upperEnd' | 'lowerEnd') => ({
    labels: {
      list: [
        { id: 'sale', kind: 'sale', words: 'Save {saved} today' },
        { id: 'featured', kind: 'featured', words: 'Our favourite', at },
      ],
    },
  });

  it('are found where they come over each other, and stand in one corner after the fix', () => {
    const plan = planWith({}, 3, labels('upperEnd'));
    const [one] = found(plan, 'labels-collide');
    expect(one!.text).toMatch(/^Featured label comes over another label on Phone.*: 1 of the 2 cards$/);
    const after = apply(plan, one!.fix!.command);
    expect(found(after, 'labels-collide')).toEqual([]);
    expect(completePlan(after).house.labels.list.map(({ at }) => at)).toEqual([undefined, 'upperStart']);
  });

  it('are nothing to tell of where there is room, at other edges, in one corner, or where one is not shown', () => {
    expect(found(planWith({}, 1, labels('upperEnd')), 'labels-collide')).toEqual([]);
    expect(found(planWith({}, 3, labels('lowerEnd')), 'labels-collide')).toEqual([]);
    expect(found(planWith({}, 3, labels('upperStart')), 'labels-collide')).toEqual([]);
    const hidden = { labels: { featured: { shown: { phone: false } } } };
    expect(found(planWith(hidden, 3, labels('upperEnd')), 'labels-collide')).toEqual([]);
  });
});

describe('the sweep over all widths', () => {
  const troubles = (card: Card, house: StoredPlan['house'] = {}) => {
    const view = specimenView(completePlan(planWith(card, 2, house)), goods.length, {}, goods);
    return troublesOf(view.bays[0], view.bands);
  };

  it('stops where a button, parts or labels have no room any more, just there', () => {
    const save = { shown: { phone: true }, shows: 'words', words: 'Keep it for a later day' } as const;
    const [button] = troubles({ parts: { save } });
    expect(button!.words).toBe('a button needs more than one line');
    const at = (px: number) => {
      const view = specimenView(completePlan(planWith({ parts: { save } }, 2)), goods.length, {}, goods);
      const { shelf } = shelvesOn(view)[0]!;
      const step = shelf.steps.find(({ from, to }) => from <= px && px < to)!;
      const cardPx = cardPxIn(shelf, step, view.bands, px);
      return wrappedButtons(shelf.cards[0]!, shelf.card, step, view.bands, cardPx).length;
    };
    expect([at(button!.to - 1), at(button!.to)]).toEqual([1, 0]);
    const labels = {
      labels: {
        list: [
          { id: 'sale', kind: 'sale', words: 'Save {saved} today' },
          { id: 'featured', kind: 'featured', words: 'Our favourite', at: 'upperEnd' as const },
        ],
      },
    };
    expect(troubles({}, labels).map(({ words }) => words)).toContain('labels come over each other');
    expect(troubles({})).toEqual([]);
  });
});
