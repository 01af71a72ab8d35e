/** What the files in the ZIP of a whole store are called. */
export const HEAD = 'store.json';
export const DRAFT = 'draft.jsonl';
export const PUBLISHED = 'published.json';
export const tableFile = (id: string): string => `catalogue/${id}.jsonl`;
