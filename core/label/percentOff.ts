/** Whole percent off, rounded down so that it never overstates; null where there is under one percent to say. */
export function percentOff(regular: number, reduced: number): number | null {
  const percent = Math.floor((100 * (regular - reduced)) / regular);
  return percent < 1 ? null : percent;
}
