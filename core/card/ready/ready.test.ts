import { describe, expect, it } from 'vitest';
import { OFS, type Of } from '../../assortment/of.ts';
import { apply } from '../../plan/commands.ts';
import { checkDocument } from '../../plan/checkDocument.ts';
import { firstBands } from '../../plan/firstBands.ts';
import type { StoredShelf } from '../../plan/shelf.ts';
import { completePlan } from '../../plan/storedPlan.ts';
import { specimenShelf, specimenStored } from '../../specimen/specimen.ts';
import { partKind, partsOf } from '../parts/index.ts';
import { everShown } from '../shown.ts';
import { placeOf } from '../slots.ts';
import { zoneKind } from '../zones.ts';
import { readyCards, readyCardsFor, startFromCard } from './index.ts';

type OwnCard = StoredShelf['card'];

const storedWith = (of: Of, card: OwnCard = {}) =>
  specimenStored([specimenShelf('a', { assortment: { of } as never, ...(card && { card }) })]);

/** The shelf after a ready-made card was put in the place of its own. */
function after(of: Of, id: string, card?: OwnCard) {
  const stored = storedWith(of, card);
  const ready = readyCards.find((one) => one.id === id)!;
  const next = apply(stored, startFromCard(completePlan(stored).shelves.a!, of, ready, firstBands));
  return { stored: next.shelves.a!, card: completePlan(next).shelves.a!.card, next };
}
const shownOf = (of: Of, { card }: ReturnType<typeof after>) =>
  card.order.filter((id) => everShown(card, id) && partKind(id)!.of.includes(of));

describe.each(readyCards)('the ready-made card "$name"', (ready) => {
  it.each(ready.of.map((of) => [of]))(
    'of %s shows its parts in their order and no other, where it says',
    (of) => {
      const made = after(of, ready.id);
      expect(checkDocument('shelf:a', made.stored)).toBeNull();
      const has = new Set(partsOf(of).map(({ id }) => id));
      const wanted = ready.parts.filter(({ part }) => has.has(part));
      expect(shownOf(of, made)).toEqual(wanted.map(({ part }) => part));
      for (const { part, zone, shares, onHover } of wanted) {
        const place = placeOf(made.card, part);
        if (!place) continue;
        expect(Object.values(place.zone)).toEqual([zone ?? 'text']);
        expect(Object.values(place.row)).toEqual([shares ? 'shared' : 'own']);
        expect(place.when).toBe(onHover ? 'hover' : 'always');
      }
    },
  );

  it('names parts, places and settings that there are', () => {
    for (const { part, zone, own = {} } of ready.parts) {
      const kind = partKind(part)!;
      expect(kind, part).toBeDefined();
      if (zone) expect(zoneKind(zone), zone).toBeDefined();
      for (const key of Object.keys(own)) expect(Object.keys(kind.settings), part).toContain(key);
      expect(ready.of.some((of) => kind.of.includes(of))).toBe(true);
    }
    expect(new Set(ready.parts.map(({ part }) => part)).size).toBe(ready.parts.length);
  });
});

describe('starting from a ready-made card', () => {
  const own: OwnCard = {
    frame: 'framed',
    parts: {
      title: { lines: 3 },
      price: { before: 'Now', align: 'center', row: { phone: 'shared' } },
      rating: { shown: { phone: true }, figure: false },
      basket: { words: 'Take it', zone: { phone: 'middle' }, when: 'hover' },
    },
  };

  it('keeps what was set of the parts themselves, and of the look of the card', () => {
    const { card } = after('products', 'toBuy', own);
    expect(card.frame).toBe('framed');
    expect(card.parts.title.lines).toBe(3);
    expect(card.parts.price.before).toBe('Now');
    expect(card.parts.basket).toMatchObject({ words: 'Take it', width: 'card', when: 'always' });
    // Not shown any more, but as it was for whoever shows it again.
    expect(everShown(card, 'rating')).toBe(false);
    expect(card.parts.rating.figure).toBe(false);
  });

  it('puts the others where it says, wherever they were', () => {
    const { card } = after('products', 'plain', own);
    expect(placeOf(card, 'price')).toMatchObject({ align: 'card', row: { phone: 'own' } });
  });

  it('is one step, comes to the same however often, and one after the other as if it were the first', () => {
    const once = after('products', 'wordsOver', own);
    expect(after('products', 'wordsOver', once.stored.card).stored.card).toEqual(once.stored.card);
    const [direct, round] = [
      after('products', 'plain'),
      after('products', 'plain', after('products', 'wordsBeside').stored.card),
    ];
    expect(shownOf('products', round)).toEqual(shownOf('products', direct));
    expect(round.card.text).toEqual({ ...direct.card.text, background: round.card.text.background });
  });

  it('is offered for each kind of item, six or more for products', () => {
    for (const of of OFS) expect(readyCardsFor(of).length, of).toBeGreaterThanOrEqual(3);
    expect(readyCardsFor('products').length).toBeGreaterThanOrEqual(6);
    expect(new Set(readyCards.map(({ name }) => name)).size).toBe(readyCards.length);
  });
});
