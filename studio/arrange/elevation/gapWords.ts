/**
 * Which gap of the outline it is.
 * @param at place of a bay that would stand there
 */
export function gapWords(names: readonly string[], at: number): string {
  const [above, below] = [names[at - 1], names[at]];
  if (above && below) return `Between ${above} and ${below}`;
  if (below) return `Above ${below}`;
  return above ? `Below ${above}` : 'As the first bay';
}
