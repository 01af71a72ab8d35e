/** A parameterised statement in the making: values only ever enter as $1, $2, … */
export class Statement {
  readonly values: unknown[] = [];

  /** Adds a value and returns its place. */
  value(value: unknown): string {
    this.values.push(value);
    return `$${this.values.length}`;
  }
}

/** What SQL needs to know of the world; the counterpart of the core's World. */
export interface SqlWorld {
  today: number;
  around: number | null;
}
