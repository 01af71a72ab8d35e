import { instantOf } from '../catalogue/clockTime.ts';
import type { BayBase } from './bay.ts';

type Timed = Pick<BayBase, 'from' | 'until'>;

/** From when and until when a bay is shown, UTC ms. */
export const timesOf = ({ from, until }: Timed, zone: string): { from: number; until: number } => ({
  from: from === null ? -Infinity : instantOf(from, zone),
  until: until === null ? Infinity : instantOf(until, zone),
});

/** Whether a bay is shown at an instant, as far as times go. */
export function isInTime(bay: Timed, zone: string, now: number): boolean {
  const { from, until } = timesOf(bay, zone);
  return from <= now && now < until;
}

/** The next instant at which one of these comes or goes; null where none does. */
export function nextComing(bays: readonly Timed[], zone: string, now: number): number | null {
  const later = bays
    .filter((bay) => bay.from !== null || bay.until !== null)
    .flatMap((bay) => Object.values(timesOf(bay, zone)))
    .filter((instant) => instant > now && instant < Infinity);
  return later.length > 0 ? Math.min(...later) : null;
}
