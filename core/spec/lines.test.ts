import { describe, expect, it } from 'vitest';
import { completeAssortment } from '../assortment/assortment.ts';
import { bayKinds } from '../bays/index.ts';
import { apply } from '../plan/commands.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { subjectOf } from '../plan/target.ts';
import { plain } from '../sentence/sentence.ts';
import { nodeAt } from '../settings/setting.ts';
import { specimenNames, specimenStored } from '../specimen/specimen.ts';
import type { LineInput } from './line.ts';
import { sayVarying } from './sayVarying.ts';

const planWith = (holds: string) => {
  const { bay, shelves } = bayKinds.find(({ id }) => id === holds)!.atFirst('a');
  return apply(specimenStored([]), { do: 'addBay', page: 'home', at: 0, bay: bay as never, shelves });
};
const inputFor = (holds: string): LineInput => {
  const plan = completePlan(planWith(holds));
  const shelf = plan.shelves.a ?? null;
  return {
    bay: plan.pages.home!.bays[0] as unknown as LineInput['bay'],
    shelf,
    assortment: shelf?.assortment ?? null,
    names: specimenNames,
    total: 64,
  };
};

describe('lines of the spec', () => {
  it.each(bayKinds.map(({ id, spec }) => [id, spec] as const))(
    'of a %s say sentences whose every underlined piece opens a setting of it',
    (holds, spec) => {
      const plan = planWith(holds);
      const trees = [
        subjectOf(plan, { page: 'home', bay: 'a' })!.tree,
        ...(plan.shelves.a ? [subjectOf(plan, { shelf: 'a' })!.tree] : []),
      ];
      expect(spec.length).toBeGreaterThan(1);
      for (const line of spec) {
        const sentence = line.say(inputFor(holds));
        expect(plain(sentence).length, line.id).toBeGreaterThan(3);
        for (const piece of sentence)
          if (typeof piece !== 'string')
            expect(
              trees.some((tree) => nodeAt(tree, piece.opens)),
              `${line.id} ${piece.opens}`,
            ).toBe(true);
      }
    },
  );

  it('read aloud', () => {
    const { spec } = bayKinds.find(({ id }) => id === 'shelf')!;
    const said = Object.fromEntries(spec.map((line) => [line.id, plain(line.say(inputFor('shelf')))]));
    expect(said).toMatchObject({
      shows: 'All products, in stock, newest first',
      layout: 'A grid filled row by row, the first 2 rows of 64, the rest not shown',
      columns:
        '2 columns on Phone, 3 columns on Tablet, 4 columns from Laptop; gaps of 12 px on Phone, 20 px on Tablet, 24 px from Laptop and 20 px on Phone, 28 px on Tablet, 32 px from Laptop between rows',
      look: `Headed "New shelf", content width, the page's background; 40 px above and below`,
      visibility: 'Always, at every width',
    });
  });

  it('never name a number larger than the total', () => {
    const input = inputFor('shelf');
    const shelf = { ...input.shelf!, amount: { ...input.shelf!.amount, by: 'items' as const } };
    const { spec } = bayKinds.find(({ id }) => id === 'shelf')!;
    const line = spec.find(({ id }) => id === 'layout')!;
    expect(plain(line.say({ ...input, shelf, total: 5 }))).toContain('all 5');
    expect(plain(line.say({ ...input, shelf, total: 50 }))).toContain('the first 12 of 50');
  });

  it('speak of a saved assortment by its name', () => {
    const input = inputFor('shelf');
    const { spec } = bayKinds.find(({ id }) => id === 'shelf')!;
    const said = plain(
      spec[0]!.say({
        ...input,
        shelf: { ...input.shelf!, assortmentId: 'x' },
        assortment: completeAssortment({ of: 'collections' }),
      }),
    );
    expect(said).toBe('Assortment x: All collections, without empty ones, in your own order');
  });
});

describe('a value that varies, in words', () => {
  const { bands } = specimenNames;
  const say = (values: Record<string, number>, more = {}) => sayVarying(values, { bands }, String, more);
  it('merges equal values at neighbouring widths', () => {
    expect(say({ phone: 6, laptop: 5 })).toBe('6 on Phone and Tablet, 5 from Laptop');
    expect(say({ phone: 6, tablet: 6, wide: 6 })).toBe('6');
    expect(say({ phone: 1, tablet: 2, laptop: 1, wide: 2 })).toBe(
      '1 on Phone, 2 on Tablet, 1 on Laptop, 2 on Wide',
    );
  });
  it('says where, of some widths only if that is wanted', () => {
    const among = bands.slice(1, 2);
    expect(say({ phone: 6 }, { among })).toBe('6');
    expect(say({ phone: 6 }, { among, whereAlways: true })).toBe('6 on Tablet');
  });
});
