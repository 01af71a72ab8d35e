/** An id that none of these has: the stem with a number. */
export function freeId(stem: string, taken: readonly { id: string }[]): string {
  const ids = new Set(taken.map(({ id }) => id));
  let n = taken.length + 1;
  while (ids.has(`${stem}-${n}`)) n += 1;
  return `${stem}-${n}`;
}
