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

/** What SQL needs to know of the world: the core's World itself. */
export type SqlWorld = World;
