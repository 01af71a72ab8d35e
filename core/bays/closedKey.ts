/** A short text that stands for others: equal ones come to the same, others hardly ever (FNV-1a, 32 bits). */
function mark(text: string): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return (hash >>> 0).toString(36);
}

/** What a notice is kept in mind by once it was closed: another one as soon as it says something else. */
export const closedKey = (bayId: string, ...says: readonly string[]): string =>
  `${bayId}-${mark(says.join('\n'))}`;
