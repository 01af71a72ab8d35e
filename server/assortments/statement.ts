import type { World } from '../../core/assortment/kinds.ts';

/** A parameterised statement in the making: values only ever enter as $1, $2, … */
export class Statement {
  readonly values: unknown[] = [];

  /** Adds a value and returns its place. */
  value(value: unknown): string {
    this.values.push(value);
    return `$${this.values.length}`;
  }
  ints(ids: readonly number[]): string {
    return `${this.value(ids)}::int[]`;
  }
}

/** Spans of days whose sales are kept summed up (sold_window). */
export const SOLD_WINDOWS: readonly number[] = [7, 30, 90, 365];

/** What SQL needs to know of the world. */
export interface SqlWorld extends World {
  /** Store day that the summed-up spans stand for; null for none. They are used only for that day. */
  soldWindowsAsOf: number | null;
}

/** Whether the sales of a span are there summed up. */
export const hasWindow = (days: number, { soldWindowsAsOf, today }: SqlWorld): boolean =>
  soldWindowsAsOf === today && SOLD_WINDOWS.includes(days);
