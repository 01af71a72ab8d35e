import { zoneOffset } from './storeTime.ts';

const FORM = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})$/;
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** The instant at which a clock that keeps UTC shows a time, ms; NaN for what is none. */
const asUtc = (time: string): number => (FORM.test(time) ? Date.parse(`${time}Z`) : NaN);

/** Whether a text is a day and a time, YYYY-MM-DDTHH:MM, that there is. */
export const isTime = (time: string): boolean => {
  const utc = asUtc(time);
  // The 30th of February is read as a day in March.
  return Number.isFinite(utc) && new Date(utc).toISOString().slice(0, 16) === time;
};

/** A time in words: "1 Dec 2026, 09:00". */
export function sayTime(time: string): string {
  const [, year, month, day, hour, minute] = FORM.exec(time) ?? [];
  return year ? `${Number(day)} ${MONTHS[Number(month) - 1]} ${year}, ${hour}:${minute}` : time;
}

/**
 * The instant (UTC ms) at which the clocks of the store show a time; of two, as when they are put back, the first, and
 * of none, as when they are put forward, that at which they would have without.
 * @param zone IANA
 */
export function instantOf(time: string, zone: string): number {
  const utc = asUtc(time);
  if (!Number.isFinite(utc)) return NaN;
  const before = utc - zoneOffset(utc - 86_400_000, zone);
  const after = utc - zoneOffset(utc + 86_400_000, zone);
  const shows = (instant: number) => instant + zoneOffset(instant, zone) === utc;
  return !shows(before) && shows(after) ? after : before;
}

/** What the clocks of the store show at an instant (UTC ms), to the minute. @param zone IANA */
export const shownAt = (instant: number, zone: string): string =>
  new Date(instant + zoneOffset(instant, zone)).toISOString().slice(0, 16);
