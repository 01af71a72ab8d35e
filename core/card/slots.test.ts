import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bandEnd } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { within } from '../css/containers.ts';
import { placeCss } from '../css/placeCss.ts';
import { effectOf } from '../plan/effect.ts';
import { shelfSettings, type StoredShelf } from '../plan/shelf.ts';
import { cardArbitrary, textParts } from '../specimen/card.ts';
import { specimenPlan, specimenProduct, specimenShelf, specimenView } from '../specimen/specimen.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import { textsOf } from '../view/cardTexts.ts';
import type { Card } from './card.ts';
import { partKind, partsOf } from './parts/index.ts';
import { everShown, hiddenAt, ofPart } from './shown.ts';
import { slotsOf, textLinesAt, zoneAt } from './slots.ts';
import { TEXT_ZONE } from './zones.ts';

const bands = specimenPlan([]).house.bands;
const texts = textParts;

const cardOf = (card: NonNullable<StoredShelf['card']>): Card =>
  specimenPlan([specimenShelf('s', { card })]).shelves.s!.card;

describe('where parts of a card are drawn', () => {
  it('is one place at each width for every part that is shown there, and none for others', () => {
    fc.assert(
      fc.property(cardArbitrary, (stored) => {
        const card = cardOf(stored);
        const { lead, texts: after, zones } = slotsOf(card);
        for (const id of texts) {
          const lines = [...lead, ...after].flat().filter((one) => one === id).length;
          const inZones = zones.filter(({ parts }) => parts.includes(id)).map(({ zone }) => zone);
          if (!everShown(card, id)) {
            expect([lines, inZones]).toEqual([0, []]);
            continue;
          }
          expect(lines).toBeLessThanOrEqual(1);
          for (const band of bands) {
            const zone = zoneAt(card, id, bands, band.id);
            expect(zone === TEXT_ZONE ? lines === 1 : inZones.includes(zone)).toBe(true);
          }
        }
      }),
    );
  });

  it('keeps the order of the card, before the picture and after it', () => {
    fc.assert(
      fc.property(cardArbitrary, (stored) => {
        const card = cardOf(stored);
        const { lead, texts: after } = slotsOf(card);
        const drawn = [...lead.flat(), ...after.flat()];
        expect(drawn).toEqual(card.order.filter((id) => drawn.includes(id)));
        const picture = everShown(card, 'picture') ? card.order.indexOf('picture') : -1;
        expect(lead.flat().every((id) => card.order.indexOf(id) < picture)).toBe(true);
        expect(after.flat().every((id) => card.order.indexOf(id) > picture)).toBe(true);
      }),
    );
  });

  it('has on a line of the text at a width only what is shown there, and shares it only where that is set', () => {
    fc.assert(
      fc.property(cardArbitrary, fc.constantFrom(...bands), (stored, band) => {
        const card = cardOf(stored);
        const hidden = hiddenAt(card, bands, band.id);
        const lines = Object.values(textLinesAt(card, bands, band.id)).flat();
        const here = texts.filter((id) => !hidden.has(id) && zoneAt(card, id, bands, band.id) === TEXT_ZONE);
        expect(lines.flat().sort()).toEqual([...here].sort());
        for (const [, ...others] of lines)
          for (const id of others) {
            const own = ofPart(card, id) as unknown as { row: Record<string, string> };
            expect(valueAt(own.row, bands, band.id)).toBe('shared');
          }
      }),
    );
  });

  it('stays with the text where there is no picture, and where a part carries the link of the card', () => {
    fc.assert(
      fc.property(cardArbitrary, (stored) => {
        const card = cardOf({ ...stored, parts: { ...stored.parts, picture: { shown: { phone: false } } } });
        expect(slotsOf(card).zones).toEqual([]);
        const pictured = cardOf({
          ...stored,
          parts: { ...stored.parts, picture: { shown: { phone: true } } },
        });
        const linking = slotsOf(pictured).zones.flatMap(({ parts }) => parts);
        expect(linking.some((id) => partKind(id)!.carriesLink)).toBe(false);
      }),
    );
  });
});

describe('a line that is shared', () => {
  const shared = shelfSettings('products').find(({ id }) => id === 'card.parts.title.row')!;
  const reasonWith = (card: NonNullable<StoredShelf['card']>) => {
    const shelf = specimenPlan([specimenShelf('s', { card })]).shelves.s!;
    return effectOf(shared, shelf, shelf, bands).reason;
  };

  it('has no effect where no text stands before it, and says so', () => {
    expect(reasonWith({})).toBe('No part of the text stands before it');
    const brand = { shown: { phone: true } };
    const before = ['brand', 'title', 'picture', 'price'];
    expect(reasonWith({ order: before })).toBe('No part of the text stands before it');
    expect(reasonWith({ order: before, parts: { brand } })).toBeNull();
    // Across the picture nothing is shared, nor with what stands on it.
    const across = ['brand', 'picture', 'title', 'price'];
    expect(reasonWith({ order: across, parts: { brand } })).toBe('No part of the text stands before it');
    expect(reasonWith({ order: across, parts: { brand, picture: { shown: { phone: false } } } })).toBeNull();
    expect(reasonWith({ order: before, parts: { brand: { ...brand, zone: { phone: 'foot' } } } })).toBe(
      'No part of the text stands before it',
    );
  });
});

describe('the style sheet of places', () => {
  it('hides a part that stands in two places in one of them at each width, never in both', () => {
    fc.assert(
      fc.property(cardArbitrary, (stored) => {
        const card = cardOf(stored);
        const css = placeCss('#s', card, bands);
        for (const id of texts.filter((one) => everShown(card, one)))
          for (const band of bands) {
            const zones = new Set(bands.map((one) => zoneAt(card, id, bands, one.id)));
            const at = zoneAt(card, id, bands, band.id);
            for (const zone of zones) {
              const box = zone === TEXT_ZONE ? '.texts' : `.zone-${zone}`;
              const rule = `#s ${box} .part-${id}{display:none}`;
              const hiddenHere = css.includes(within(band.from, bandEnd(bands, band.id), rule));
              expect(hiddenHere).toBe(zones.size > 1 && zone !== at);
            }
          }
      }),
      { numRuns: 40 },
    );
  });

  it('says nothing of a plain card', () => {
    expect(placeCss('#s', cardOf({}), bands)).toBe('');
  });
});

describe('widths of parts on a line', () => {
  it('fill it and no more, the first with what the others leave of it', () => {
    fc.assert(
      fc.property(cardArbitrary, fc.integer({ min: 90, max: 700 }), (stored, cardPx) => {
        const product = specimenProduct(1, {
          title: 'Low tide stoneware bowl',
          brand: 'The Lower Kiln',
          category: 'Bowls',
          code: 'KC-1001',
          shortText: 'Keeps the wax off the table.',
          rating: { mean: 4.1, count: 39 },
          price: { regular: 4400, reduced: 2850, from: true },
        });
        const plan = specimenPlan([specimenShelf('s', { card: stored })]);
        const view = specimenView(plan, 1, {}, [{ of: 'products', product }]);
        const { shelf } = shelvesOn(view)[0]!;
        for (const step of shelf.steps) {
          const all = textsOf(shelf.cards[0]!, shelf.card, step, view.bands, cardPx);
          for (const line of [...all.lead, ...all.texts]) {
            expect(line.every(({ px }) => px > 0)).toBe(true);
            const gaps = 8 * (line.length - 1);
            expect(line.reduce((sum, { px }) => sum + px, gaps)).toBeLessThanOrEqual(cardPx + 0.01);
          }
        }
      }),
      { numRuns: 60 },
    );
  });

  it('are known of every part that is text, and so are its words', () => {
    for (const kind of partsOf('products').filter(({ text }) => text))
      expect([kind.id, typeof kind.words, typeof kind.widthPx]).toEqual([kind.id, 'function', 'function']);
  });
});
