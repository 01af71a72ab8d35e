import { describe, expect, it } from 'vitest';
import { OFS, type Of } from '../assortment/assortment.ts';
import { partKinds } from '../card/parts/index.ts';
import { labelKinds } from '../label/label.ts';
import { specimenNames, specimenPlan, specimenShelf } from '../specimen/specimen.ts';
import { plain } from '../sentence/sentence.ts';
import { firstBands, newAssortment, newCard } from './atFirst.ts';
import { bayKinds } from './bays/index.ts';
import { linesOf } from './lines.ts';
import { isDocumentKey, planFaults, readDocument } from './plan.ts';
import { allSettings, findSettings } from './settings/index.ts';
import { readPath } from './settings/setting.ts';

const shelf = specimenShelf('a');
describe('settings', () => {
  it('each lead to something that is there', () => {
    for (const one of allSettings) {
      if (one.on === 'page') expect(readPath(specimenPlan([shelf]).pages.home, one.id)).toBeDefined();
      if (one.on === 'bay')
        for (const kind of bayKinds)
          if (!one.holds || one.holds.includes(kind.id))
            expect(readPath(kind.atFirst('x', 'phone'), one.id), `${kind.id} ${one.id}`).not.toBeUndefined();
      if (one.on === 'shelf')
        for (const of of one.of ?? OFS) {
          const owner = {
            ...shelf,
            assortment: newAssortment(of as Of),
            card: newCard(of as Of, firstBands),
          };
          expect(readPath(owner, one.id), `${of} ${one.id}`).not.toBeUndefined();
        }
    }
  });

  it('cover every part and label of a card', () => {
    const ids = new Set(allSettings.map(({ id }) => id));
    for (const kind of [...partKinds, ...labelKinds]) expect(ids).toContain(`card.shown.${kind.id}`);
  });

  it('are found by what people call them', () => {
    const first = (typed: string) => findSettings(typed, allSettings)[0]?.id;
    expect(first('gap')).toBe('gap.column');
    expect(first('price')).toBe('card.shown.price');
    expect(first('columns')).toBe('across.by');
    expect(findSettings('zzz', allSettings)).toEqual([]);
  });
});

describe('fallbacks', () => {
  const saved = (id: string, from: string | null) => ({
    id,
    name: id.toUpperCase(),
    assortment: {
      ...newAssortment('products'),
      fallback: from === null ? null : { fewerThan: 4, then: 'topUp' as const, from },
    },
  });
  const planOf = (...all: ReturnType<typeof saved>[]) => ({
    ...specimenPlan([shelf]),
    assortments: Object.fromEntries(all.map((one) => [one.id, one])),
  });

  it('that return to where they began are refused, and the way round is named', () => {
    const faults = planFaults(planOf(saved('a', 'b'), saved('b', 'c'), saved('c', 'a')));
    expect(faults[0]).toMatchObject({ key: 'assortment:a', path: 'assortment.fallback.from' });
    expect(faults[0]!.message).toContain('"A" to "B" to "C" to "A"');
  });

  it('may follow one another, and may not lead to what is gone', () => {
    expect(planFaults(planOf(saved('a', 'b'), saved('b', 'c'), saved('c', null)))).toEqual([]);
    expect(planFaults(planOf(saved('a', 'b')))[0]!.message).toContain('no longer there');
  });
});

describe('lines of the spec', () => {
  it('say sentences whose every underlined piece opens a setting of that bay', () => {
    const known = new Set(allSettings.map(({ id }) => id));
    for (const kind of bayKinds) {
      const bay = kind.atFirst('a', 'phone');
      for (const line of linesOf[kind.id]) {
        const sentence = line.say({
          bay,
          shelf: kind.id === 'shelf' ? shelf : null,
          assortment: kind.id === 'shelf' ? shelf.assortment : null,
          names: specimenNames,
          total: 64,
        });
        expect(plain(sentence).length, `${kind.id} ${line.id}`).toBeGreaterThan(3);
        for (const piece of sentence)
          if (typeof piece !== 'string') expect(known, `${line.id} ${piece.opens}`).toContain(piece.opens);
      }
    }
  });

  it('read aloud', () => {
    const input = {
      bay: bayKinds[0]!.atFirst('a', 'phone'),
      shelf,
      assortment: shelf.assortment,
      names: specimenNames,
      total: 64,
    };
    const said = Object.fromEntries(linesOf.shelf.map((line) => [line.id, plain(line.say(input))]));
    expect(said.shows).toBe('All products, in stock, newest first');
    expect(said.form).toBe('A grid filled row by row, the first 2 rows of 64, without pages');
    expect(said.across).toBe(
      '2 on Phone, 3 on Tablet, 4 from Laptop side by side; gaps of 12 on Phone, 20 on Tablet, 24 from Laptop and 20 on Phone, 28 on Tablet, 32 from Laptop between rows',
    );
    expect(said.when).toBe('Always, at every width');
  });
});

describe('documents', () => {
  it('are known by their keys', () => {
    expect(['house', 'page:home', 'shelf:a-2'].every(isDocumentKey)).toBe(true);
    expect(['page:', 'page:../x', 'shelf:A', 'other:a', ''].some(isDocumentKey)).toBe(false);
  });

  it('say where they are at fault', () => {
    const broken = { ...shelf, gap: { ...shelf.gap, column: { phone: -1 } } };
    expect(() => readDocument('shelf:a', broken)).toThrow(
      expect.objectContaining({ path: 'gap.column.phone', message: 'This is too small; 0 at least.' }),
    );
    expect(() => readDocument('shelf:a', { ...shelf, surprise: 1 })).toThrow(/surprise/);
  });

  it('must fit together', () => {
    const plan = specimenPlan([shelf]);
    expect(planFaults({ ...plan, shelves: {} })).toMatchObject([
      { key: 'page:home', path: 'bays[0].shelfId' },
    ]);
    const noFirst = { ...shelf, across: { ...shelf.across, count: { laptop: 3 } } };
    expect(planFaults({ ...plan, shelves: { a: noFirst } })).toMatchObject([{ path: 'across.count' }]);
  });
});
