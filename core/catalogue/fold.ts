/**
 * A text as it is compared and searched: without marks, in lower case, runs of anything that is not a letter
 * or digit as one space. Made here so that memory and database sort by the same key (calculations §12).
 */
export function fold(text: string): string {
  return text
    .normalize('NFKD')
    .replace(/\p{M}+/gu, '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
}
