export const LONGEST_SLUG = 80;

/** An address that is not taken: the one wanted, or that with the first number that is free. */
export function freeSlugOf(wanted: string, isTaken: (slug: string) => boolean): string {
  let slug = wanted;
  for (let i = 2; isTaken(slug); i += 1) {
    const end = `-${i}`;
    slug = `${wanted.slice(0, LONGEST_SLUG - end.length).replace(/-$/, '')}${end}`;
  }
  return slug;
}

/** The address that a name makes: letters without their marks, digits, and hyphens between words; empty where none is left. */
export const slugOf = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replaceAll('ß', 'ss')
    .toLowerCase()
    .replace(/[’']/g, '')
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, LONGEST_SLUG)
    .replace(/^-|-$/g, '');
