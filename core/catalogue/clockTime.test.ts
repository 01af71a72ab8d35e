import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { time } from '../settings/values.ts';
import { instantOf, isTime, sayTime, shownAt } from './clockTime.ts';

const ZONES = [
  'UTC',
  'Europe/London',
  'America/New_York',
  'Asia/Kathmandu',
  'Australia/Lord_Howe',
  'Pacific/Apia',
];

/** What a clock of a zone shows at an instant, YYYY-MM-DDTHH:MM. */
function shown(instant: number, zone: string): string {
  const parts = new Intl.DateTimeFormat('en-CA', {
    timeZone: zone,
    hourCycle: 'h23',
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
  }).formatToParts(instant);
  const at = (type: string) => parts.find((part) => part.type === type)!.value;
  return `${at('year')}-${at('month')}-${at('day')}T${at('hour')}:${at('minute')}`;
}

const aTime = fc
  .integer({ min: Date.UTC(2015, 0, 1) / 60_000, max: Date.UTC(2035, 0, 1) / 60_000 })
  .map((minutes) => new Date(minutes * 60_000).toISOString().slice(0, 16));

describe('a time by the clocks of a store', () => {
  it('is what they show at an instant, wherever the store is', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: Date.UTC(2015, 0, 1), max: Date.UTC(2035, 0, 1) }),
        fc.constantFrom(...ZONES),
        (instant, zone) => {
          expect(shownAt(instant, zone)).toBe(shown(instant, zone));
        },
      ),
    );
  });

  it('is the instant at which they show it, wherever the store is', () => {
    fc.assert(
      fc.property(aTime, fc.constantFrom(...ZONES), (text, zone) => {
        const instant = instantOf(text, zone);
        // An hour that is left out when clocks are put forward is shown by none.
        const isLeftOut = [-1, 1].some(
          (side) => shown(instant + side * 7_200_000, zone) !== shift(text, side * 120),
        );
        if (!isLeftOut) expect(shown(instant, zone)).toBe(text);
      }),
      { numRuns: 400 },
    );
  });

  it('is the first of two when they are put back, and a little late when they are put forward', () => {
    // In London clocks go back at 2 on 25 October 2026, and went forward at 1 on 29 March.
    expect(instantOf('2026-10-25T01:30', 'Europe/London')).toBe(Date.UTC(2026, 9, 25, 0, 30));
    expect(instantOf('2026-10-25T02:30', 'Europe/London')).toBe(Date.UTC(2026, 9, 25, 2, 30));
    expect(shown(instantOf('2026-03-29T01:30', 'Europe/London'), 'Europe/London')).toBe('2026-03-29T02:30');
    expect(instantOf('2026-07-01T09:00', 'Europe/London')).toBe(Date.UTC(2026, 6, 1, 8));
  });

  it('comes later where it is later, but for the hour that is there twice', () => {
    fc.assert(
      fc.property(aTime, aTime, fc.constantFrom(...ZONES), (a, b, zone) => {
        const [early, late] = [a, b].sort() as [string, string];
        const apart = Date.parse(`${late}Z`) - Date.parse(`${early}Z`);
        if (apart > 3 * 3_600_000) expect(instantOf(early, zone)).toBeLessThan(instantOf(late, zone));
      }),
    );
  });

  it('is refused where there is none such, and said in words', () => {
    for (const wrong of [
      '',
      '2026-02-30T10:00',
      '2026-12-01',
      '2026-12-01T24:00',
      '2026-13-01T09:00',
      'soon',
    ])
      expect(isTime(wrong), wrong).toBe(false);
    expect(isTime('2028-02-29T23:59')).toBe(true);
    expect(instantOf('soon', 'UTC')).toBeNaN();
    expect(sayTime('2026-12-01T09:05')).toBe('1 Dec 2026, 09:05');
    const { schema, say } = time('for good');
    expect(schema.isValidSync('2026-12-01T09:00')).toBe(true);
    expect(schema.isValidSync(null)).toBe(true);
    for (const wrong of ['2026-02-30T10:00', 7, '2026-12-01T09:00:00', {}])
      expect(schema.isValidSync(wrong)).toBe(false);
    expect([say(null, {} as never), say('2026-12-01T09:00', {} as never)]).toEqual([
      'for good',
      '1 Dec 2026, 09:00',
    ]);
  });
});

/** A time so many minutes later, by a clock that is never changed. */
const shift = (text: string, minutes: number): string =>
  new Date(Date.parse(`${text}Z`) + minutes * 60_000).toISOString().slice(0, 16);
