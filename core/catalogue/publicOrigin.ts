/** Where a store is seen from outside, as scheme and host: "https://lamps.example"; null where a text is none. */
export function publicOrigin(text: string): string | null {
  if (!URL.canParse(text)) return null;
  const { protocol, origin, pathname, search, hash, username } = new URL(text);
  const isBare = pathname === '/' && !search && !hash && !username;
  return ['http:', 'https:'].includes(protocol) && isBare ? origin : null;
}
