/** A host as addresses name it: by its name, in letters that every program takes, or by its number. */
const ORIGIN = /^https?:\/\/(?:[a-z0-9_-]+(?:\.[a-z0-9_-]+)*|\[[0-9a-f:.]+\])(?::\d+)?$/;

/** Where a store is seen from outside, as scheme and host: "https://lamps.example"; null where a text is none. */
export function publicOrigin(text: string): string | null {
  if (!URL.canParse(text)) return null;
  const { origin, pathname, search, hash, username } = new URL(text);
  const isBare = pathname === '/' && !search && !hash && !username;
  return isBare && ORIGIN.test(origin) ? origin : null;
}
