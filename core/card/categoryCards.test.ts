import { describe, expect, it } from 'vitest';
import { apply } from '../plan/commands.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { shelfCss } from '../css/shelfCss.ts';
import { specimenShelf, specimenStored, specimenTree, specimenView } from '../specimen/specimen.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import { partKinds } from './parts/index.ts';
import { readyCardsFor, startFromCard } from './ready/index.ts';
import type { ReadyCard } from './ready/readyCard.ts';
import type { Item } from './item.ts';

const items: Item[] = specimenTree.all.map((category) => ({
  of: 'categories',
  category: { ...category, description: `About ${category.name}` },
}));
type Parts = NonNullable<NonNullable<StoredShelf['card']>['parts']>;
const stored = (parts: Parts = {}): StoredPlan =>
  specimenStored([specimenShelf('a', { assortment: { of: 'categories' } as never, card: { parts } })]);
const shown = (plan: StoredPlan) =>
  shelvesOn(specimenView(completePlan(plan), items.length, {}, items))[0]!.shelf;
const partsOf = (plan: StoredPlan) => shown(plan).cards[0]!.parts.map(({ part }) => part);

/** Begun from a ready-made card. */
const begun = (ready: ReadyCard): StoredPlan => {
  const { shelves, house } = completePlan(stored());
  return apply(stored(), startFromCard(shelves.a!, 'categories', ready, house.bands));
};

const everywhere = { shown: { phone: true } };
const nowhere = { shown: { phone: false } };

describe('the card of a category', () => {
  it('can have every part that there is for one, and go without each of them', () => {
    const offered = partKinds.filter(({ of }) => of.includes('categories')).map(({ id }) => id);
    expect(offered).toEqual(
      expect.arrayContaining(['picture', 'title', 'description', 'count', 'icon', 'details']),
    );
    for (const part of ['picture', 'title', 'description', 'count', 'details']) {
      expect(partsOf(stored({ [part]: everywhere })), part).toContain(part);
      expect(partsOf(stored({ [part]: nowhere })), part).not.toContain(part);
    }
  });

  it('carries a button that leads where it does, in words of its own', () => {
    const { cards } = shown(stored({ details: { ...everywhere, words: 'See all' } }));
    const button = cards[0]!.parts.find(({ part }) => part === 'details');
    expect(button).toMatchObject({
      href: cards[0]!.href,
      words: 'See all',
      name: `See all: ${cards[0]!.name}`,
    });
  });

  it('can keep its description until it is pointed at', () => {
    const rules = (when: 'always' | 'hover') => {
      const plan = stored({ description: { ...everywhere, when } });
      return shelfCss(shown(plan), completePlan(plan).house.bands);
    };
    expect(rules('hover')).not.toBe(rules('always'));
    expect(
      rules('hover')
        .split('}')
        .some((rule) => rule.includes('.part-description') && rule.includes(':hover')),
    ).toBe(true);
  });

  it('begins from any of several arrangements, of which no two are alike, and is set in detail from there', () => {
    const arranged = readyCardsFor('categories').map((ready) => {
      const plan = begun(ready);
      const { cards, card } = shown(plan);
      return JSON.stringify([partsOf(plan), cards[0]!.slots, card.text]);
    });
    expect(arranged.length).toBeGreaterThanOrEqual(4);
    expect(new Set(arranged).size).toBe(arranged.length);
    const after = apply(begun(readyCardsFor('categories')[0]!), {
      do: 'set',
      on: { shelf: 'a' },
      setting: 'card.parts.count.shown',
      value: false,
      band: 'phone',
    });
    expect(partsOf(after)).not.toContain('count');
  });
});
