import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { apply, type Command } from '../plan/commands.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { cardArbitrary, textParts } from '../specimen/card.ts';
import { specimenPlan, specimenShelf, specimenStored } from '../specimen/specimen.ts';
import type { Card } from './card.ts';
import { settingsDropped, takesDrop, withDropped, type LineDrop, type PartDrop } from './dropped.ts';
import { partKind } from './parts/index.ts';
import { hiddenAt } from './shown.ts';
import { textLinesAt, zoneAt } from './slots.ts';
import { TEXT_ZONE, zoneKinds, zoneNames } from './zones.ts';

const { bands } = specimenPlan([]).house;
type StoredCard = NonNullable<StoredShelf['card']>;

const storedWith = (card: StoredCard) => specimenStored([specimenShelf('s', { card })]);

/** The card after the drop, by the one door through which everything is changed. */
function after(card: StoredCard, id: string, drop: PartDrop, bandId: string): Card {
  const stored = storedWith(card);
  const { card: before } = completePlan(stored).shelves.s!;
  const commands = settingsDropped(before, withDropped(before, id, drop, bands, bandId)).map(
    ([setting, value]): Command => ({ do: 'set', on: { shelf: 's' }, setting, value }),
  );
  return completePlan(apply(stored, { do: 'together', commands })).shelves.s!.card;
}

const pictured = cardArbitrary.map((card) => ({
  ...card,
  parts: { ...card.parts, picture: { shown: { phone: true } } },
}));

const shownAt = (card: Card, bandId: string) =>
  textParts.filter((id) => !hiddenAt(card, bands, bandId).has(id));

/** Lines before and after the picture without one part. */
const others = (card: Card, id: string, bandId: string) => {
  const { lead, texts } = textLinesAt(card, bands, bandId);
  const without = (lines: readonly string[][]) =>
    lines.map((line) => line.filter((part) => part !== id)).filter((line) => line.length > 0);
  return [without(lead), without(texts)];
};

describe('a part that was let go', () => {
  const some = fc.record({
    stored: pictured,
    band: fc.constantFrom(...bands),
    pick: fc.nat(),
    of: fc.nat(),
  });

  it('in a zone stands there, and all others where they stood', () => {
    fc.assert(
      fc.property(
        some,
        fc.constantFrom(...zoneKinds.filter(({ css }) => css)),
        ({ stored, band, pick }, { id: zone }) => {
          const card = completePlan(storedWith(stored)).shelves.s!.card;
          const shown = shownAt(card, band.id).filter((id) => takesDrop(id, { zone }));
          fc.pre(shown.length > 0);
          const id = shown[pick % shown.length]!;
          const next = after(stored, id, { zone }, band.id);
          expect(zoneAt(next, id, bands, band.id)).toBe(zone);
          expect(others(next, id, band.id)).toEqual(others(card, id, band.id));
        },
      ),
    );
  });

  it('by a line of the text stands there, and all others where they stood', () => {
    fc.assert(
      fc.property(
        some,
        fc.constantFrom<LineDrop>('before', 'after', 'beside'),
        ({ stored, band, pick, of }, line) => {
          const card = completePlan(storedWith(stored)).shelves.s!.card;
          const shown = shownAt(card, band.id);
          const inText = shown.filter((id) => zoneAt(card, id, bands, band.id) === TEXT_ZONE);
          fc.pre(inText.length > 0);
          const id = shown[pick % shown.length]!;
          const target = inText[of % inText.length]!;
          const rest = others(card, id, band.id);
          const before = textLinesAt(card, bands, band.id);
          const onto = [...before.lead, ...before.texts].find((parts) => parts.includes(target))!;
          const at = onto.filter((part) => part !== id);
          const next = after(stored, id, { line, of: target }, band.id);
          // Alone on a line and dropped there, it stays where it is.
          if (at.length === 0) {
            expect(next).toEqual(card);
            return;
          }
          expect(others(next, id, band.id)).toEqual(rest);
          const { lead, texts } = textLinesAt(next, bands, band.id);
          const lines = [lead, texts].find((all) => all.flat().includes(id))!;
          const own = lines.findIndex((parts) => parts.includes(id));
          if (line === 'beside') expect(lines[own]).toEqual([...at, id]);
          else {
            expect(lines[own]).toEqual([id]);
            expect(lines[line === 'before' ? own + 1 : own - 1]).toEqual(at);
          }
        },
      ),
    );
  });

  it('is alike at every width where it was, and changed at one width alone where it differed', () => {
    const shown = { phone: true };
    const changes = (zone: Record<string, keyof typeof zoneNames>) =>
      after({ parts: { brand: { shown, zone } } }, 'brand', { zone: 'foot' }, 'tablet').parts.brand.zone;
    expect(changes({ phone: 'middle' })).toEqual({ phone: 'foot' });
    expect(changes({ phone: 'middle', laptop: 'text' })).toEqual({
      phone: 'middle',
      tablet: 'foot',
      laptop: 'text',
    });
  });

  it('on the picture is none that carries the link of the card, nor the picture itself', () => {
    const linking = textParts.filter((id) => partKind(id)!.carriesLink);
    expect(linking.length).toBeGreaterThan(0);
    for (const id of linking) {
      expect(takesDrop(id, { zone: 'middle' })).toBe(false);
      expect(takesDrop(id, { line: 'after', of: 'price' })).toBe(true);
    }
    expect(takesDrop('picture', { zone: 'middle' })).toBe(false);
  });
});
