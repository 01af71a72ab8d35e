import { LONGEST_TAG } from '../facts/factSchemas.ts';

/** What rules and labels know a new tag by: its name, with the first number that is free where another is known by that. */
export function tagIdOf(name: string, isTaken: (id: string) => boolean): string {
  let id = name;
  for (let i = 2; isTaken(id); i += 1) {
    const end = ` ${i}`;
    id = `${name.slice(0, LONGEST_TAG - end.length)}${end}`;
  }
  return id;
}
