/** Numbers in one piece of memory, which grows as it is filled. */
export class Numbers<A extends Int32Array | Float64Array> {
  size = 0;
  at: A;
  private readonly make: (size: number) => A;

  constructor(make: (size: number) => A) {
    this.make = make;
    this.at = make(64);
  }

  push(value: number): void {
    this.set(this.size, value);
  }

  /** What lies between stays 0. */
  set(place: number, value: number): void {
    if (place >= this.at.length) {
      const more = this.make(Math.max(2 * this.at.length, place + 1));
      more.set(this.at);
      this.at = more;
    }
    this.at[place] = value;
    this.size = Math.max(this.size, place + 1);
  }
}

export const wholes = () => new Numbers((size) => new Int32Array(size));
export const figures = () => new Numbers((size) => new Float64Array(size));

/** Where a place has no rows. */
export const NO_ROWS = 0;

/**
 * Lists of numbers, several rows to a place. A place that is put anew is written at the end; what it had stays where it
 * was until all is made anew. Places at which every row is empty have none.
 */
export class Rows<A extends Int32Array | Float64Array> {
  /** By place, its first row; the others come after it. */
  readonly first = wholes();
  /** By row, where its numbers begin; they end where those of the next row begin. */
  readonly begins = wholes();
  readonly values: Numbers<A>;
  /** Rows that belong to a place. */
  private inUse = 0;
  private readonly counts = wholes();

  constructor(values: Numbers<A>) {
    this.values = values;
    // The row that stands for none.
    this.begins.push(0);
    this.begins.push(0);
  }

  put(place: number, rows: readonly (readonly number[])[]): void {
    const some = rows.some((row) => row.length > 0) ? rows : [];
    this.inUse += some.length - (this.counts.at[place] ?? 0);
    this.counts.set(place, some.length);
    this.first.set(place, some.length > 0 ? this.begins.size - 1 : NO_ROWS);
    for (const row of some) {
      for (const value of row) this.values.push(value);
      this.begins.push(this.values.size);
    }
  }

  isWorn(): boolean {
    return this.begins.size > 2 * this.inUse + 10_000;
  }
}
