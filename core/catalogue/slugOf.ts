export const LONGEST_SLUG = 80;

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
