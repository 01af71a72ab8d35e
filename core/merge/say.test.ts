import { describe, expect, it } from 'vitest';
import { apply, type Command } from '../plan/commands.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import { specimenNames, specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { merge } from './merge.ts';
import { sayConflict } from './say.ts';

const base = specimenStored([specimenShelf('a'), specimenShelf('b')]);
const said = (mine: StoredPlan, theirs: StoredPlan) =>
  merge(base, mine, theirs).conflicts.map((one) => sayConflict(one, mine, theirs, specimenNames));
const set = (setting: string, value: unknown, band?: string): StoredPlan =>
  apply(base, { do: 'set', on: { shelf: 'a' }, setting, value, ...(band === undefined ? {} : { band }) });

describe('a conflict in words', () => {
  it('names the place, the setting and its width, and both values', () => {
    expect(said(set('columns.count', 1, 'phone'), set('columns.count', 3, 'phone'))).toEqual([
      { where: 'Home: Heading of a', what: 'Number of columns on Phone', mine: '1', theirs: '3' },
    ]);
    expect(said(set('card.frame', 'framed'), set('card.frame', 'shadowed'))).toMatchObject([
      { what: 'Card frame', mine: 'border', theirs: 'shadow' },
    ]);
  });

  it('says mine as it is by now, since work goes on while it is asked', () => {
    const [mine, theirs] = [set('columns.count', 1, 'phone'), set('columns.count', 3, 'phone')];
    const [conflict] = merge(base, mine, theirs).conflicts;
    const since = apply(mine, {
      do: 'set',
      on: { shelf: 'a' },
      setting: 'columns.count',
      band: 'phone',
      value: 6,
    });
    expect(sayConflict(conflict!, since, theirs, specimenNames)).toMatchObject({ mine: '6', theirs: '3' });
  });

  it('says what is removed on one side, whichever it is', () => {
    const without = apply(base, { do: 'removeBay', page: 'home', bay: 'a' });
    const changed = set('card.frame', 'framed');
    expect(said(without, changed)).toEqual([
      { where: 'Home: Heading of a', what: 'All of it', mine: 'removed', theirs: 'changed' },
    ]);
    expect(said(changed, without)).toMatchObject([{ mine: 'changed', theirs: 'removed' }]);
  });

  it('says the house, an order and another kind of item too', () => {
    const house = (value: string): StoredPlan =>
      apply(base, { do: 'set', on: { house: true }, setting: 'colours.accent', value });
    expect(said(house('#111111'), house('#222222'))).toMatchObject([
      { where: 'House style', mine: '#111111', theirs: '#222222' },
    ]);
    const kind = (of: string) => set('assortment', { of });
    expect(said(kind('categories'), kind('collections'))).toMatchObject([{ what: 'What it shows' }]);
    const three = specimenStored([specimenShelf('a'), specimenShelf('b'), specimenShelf('c')]);
    const order = (...to: string[]): Command => ({ do: 'orderBays', page: 'home', order: to });
    const [mine, theirs] = [apply(three, order('c', 'a', 'b')), apply(three, order('a', 'c', 'b'))];
    const { conflicts } = merge(three, mine, theirs);
    expect(conflicts.map((one) => sayConflict(one, mine, theirs, specimenNames))).toMatchObject([
      { where: 'Home', what: 'Order of the bays' },
    ]);
  });
});
