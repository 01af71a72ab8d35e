import { describe, expect, it } from 'vitest';
import { timesAtOdds } from '../checks/timesAtOdds.ts';
import { apply } from '../plan/commands.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { plain } from '../sentence/sentence.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { specimenBay, specimenNames, specimenStored, specimenView } from '../specimen/specimen.ts';

/** Midnight in the store's own time begins two hours before it does by UTC. */
const ZONE = 'Europe/Helsinki';
const notice = (id: string, more: object) =>
  specimenBay(id, { holds: 'notice', words: id, ...more } as never);
const stored = (...bays: ReturnType<typeof notice>[]) => {
  const plan = specimenStored([], bays);
  return { ...plan, house: { ...plan.house, timeZone: ZONE } };
};
const viewAt = (plan: ReturnType<typeof stored>, now: number, atAnyTime = false) =>
  specimenView(completePlan(plan), 0, { now, atAnyTime });

describe('bays with times', () => {
  const plan = stored(
    notice('always', {}),
    notice('sale', { from: '2026-12-01T00:00', until: '2026-12-03T18:00' }),
    notice('before', { until: '2026-12-01T00:00' }),
  );
  const begins = Date.UTC(2026, 10, 30, 22);
  const ends = Date.UTC(2026, 11, 3, 16);
  const shownAt = (now: number) => viewAt(plan, now).bays.map(({ id }) => id);

  it('are shown from the very instant that they begin, and no longer from that at which they end', () => {
    expect(shownAt(begins - 1)).toEqual(['always', 'before']);
    expect(shownAt(begins)).toEqual(['always', 'sale']);
    expect(shownAt(ends - 1)).toEqual(['always', 'sale']);
    expect(shownAt(ends)).toEqual(['always']);
  });

  it('let the page be good until the next of them comes or goes, and no longer', () => {
    expect(viewAt(plan, begins - 5).goodUntil).toBe(begins);
    expect(viewAt(plan, begins).goodUntil).toBe(ends);
    expect(viewAt(plan, ends).goodUntil).toBeNull();
    expect(
      viewAt(stored(notice('a', { hidden: true, from: '2026-12-01T00:00' })), begins - 5).goodUntil,
    ).toBeNull();
  });

  it('are all there where they are arranged', () => {
    expect(viewAt(plan, ends, true).bays).toHaveLength(3);
    expect(viewAt(plan, begins - 5, true).goodUntil).toBeNull();
  });

  it('take with them what jumps to them', () => {
    const jumping = stored(
      notice('later', { from: '2026-12-01T00:00' }),
      specimenBay('jump', { holds: 'jump', words: 'Down', target: 'later' } as never),
    );
    expect(viewAt(jumping, begins).bays.filter(({ empty }) => !empty)).toHaveLength(2);
    expect(viewAt(jumping, begins - 1).bays.filter(({ empty }) => !empty)).toEqual([]);
  });

  it('are said on the line of their visibility', () => {
    const said = (more: object) => {
      const [bay] = completePlan(stored(notice('a', more))).pages.home!.bays;
      return plain(
        visibilityLine.say({
          bay: bay as never,
          shelf: null,
          assortment: null,
          names: specimenNames,
          total: null,
        }),
      );
    };
    expect(said({})).toBe('Always, at every width');
    expect(said({ from: '2026-12-01T09:00' })).toBe('Shown from 1 Dec 2026, 09:00, at every width');
    expect(said({ from: '2026-12-01T09:00', until: '2026-12-03T18:00' })).toBe(
      'Shown from 1 Dec 2026, 09:00, until 3 Dec 2026, 18:00, at every width',
    );
  });

  it('are found where they are the wrong way round, and put right by one press', () => {
    const wrong = stored(notice('a', { from: '2026-12-03T18:00', until: '2026-12-01T00:00' }));
    const [found] = timesAtOdds.find(completePlan(wrong), specimenNames, new Set());
    expect(found!.text).toBe('"Notice" is shown until before it begins, so it never is');
    const mended = apply(wrong, found!.fix!.command);
    expect(mended.pages.home!.bays[0]).toMatchObject({ from: '2026-12-01T00:00', until: '2026-12-03T18:00' });
    expect(timesAtOdds.find(completePlan(mended), specimenNames, new Set())).toEqual([]);
    expect(viewAt(wrong, begins).bays).toEqual([]);
  });
});
