import { listed, type Piece } from '../../sentence/sentence.ts';

/** "Vases, Bowls or Jugs" as pieces that open the clause; says so where nothing is chosen yet. */
export function chosen(names: readonly string[], none: string): Piece[] {
  if (names.length === 0) return [{ text: none, opens: 'clause' }];
  if (names.length > 4) return [{ text: `${names.length} chosen`, opens: 'clause' }];
  return names.flatMap((text, i): Piece[] => [
    ...(i === 0 ? [] : [i === names.length - 1 ? ' or ' : ', ']),
    { text, opens: 'clause' },
  ]);
}

/** For saying why not: "Vases or Bowls". */
export const orOf = (names: readonly string[]): string =>
  names.length ? listed(names, 'or') : 'nothing yet';

/** Names by id, those that are gone in a word of their own. */
export const named = <Id>(ids: readonly Id[], name: (id: Id) => string | undefined, gone: string): string[] =>
  ids.map((id) => name(id) ?? gone);

export const goneOf = <Id>(
  ids: readonly Id[],
  name: (id: Id) => string | undefined,
  what: string,
): string[] => ids.filter((id) => name(id) === undefined).map((id) => `${what} ${String(id)}`);

/** What is in one list or the other, once each. */
export const both = <T>(a: readonly T[], b: readonly T[]): T[] => [...new Set([...a, ...b])];
