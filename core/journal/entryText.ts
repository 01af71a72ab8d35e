import { asBlocks, linksIn, plainText, richTextFault, withLinks, type BlockNode } from '../bays/richText.ts';
import { same } from '../settings/same.ts';
import { mixed, type Schema } from '../schema/schema.ts';

/** Where a shelf of the draft stands in the text of an entry. */
export interface ShelfNode {
  type: 'shelf';
  attrs: { shelfId: string };
}

/** The text of an entry: paragraphs as in every text, and shelves between them. */
export type EntryBlock = BlockNode | ShelfNode;

const SHELF_ID = /^[a-z0-9-]{1,60}$/;
export const MOST_SHELVES = 12;

export const isShelfNode = (block: EntryBlock): block is ShelfNode => block.type === 'shelf';

/** Whether something that was sent is the place of a shelf, with nothing else in it. */
function asShelfNode(value: unknown): ShelfNode | null {
  const { type, attrs } = (value ?? {}) as Partial<Record<'type' | 'attrs', unknown>>;
  const { shelfId } = (attrs ?? {}) as { shelfId?: unknown };
  return type === 'shelf' && typeof shelfId === 'string' && SHELF_ID.test(shelfId)
    ? { type, attrs: { shelfId } }
    : null;
}

/** What is wrong with the text of an entry, as a sentence; null where nothing is. */
export function entryTextFault(value: unknown): string | null {
  if (!Array.isArray(value)) return richTextFault(value);
  const words: unknown[] = [];
  const shelves: string[] = [];
  for (const block of value as unknown[]) {
    const node = asShelfNode(block);
    if (node && same(block, node)) shelves.push(node.attrs.shelfId);
    else words.push(block);
  }
  if (shelves.length > MOST_SHELVES) return `An entry has at most ${MOST_SHELVES} shelves.`;
  if (new Set(shelves).size < shelves.length) return 'A shelf stands in an entry once.';
  return richTextFault(words);
}

export const entryTextSchema = mixed()
  .test('text', 'A text has paragraphs, headings, lists, quotations and shelves.', function (value) {
    if (value === undefined || value === null) return true;
    const message = entryTextFault(value);
    return message === null || this.createError({ message });
  })
  .nullable()
  .defined() as unknown as Schema<EntryBlock[] | null>;

/** What of it is words. */
export const wordsOf = (text: readonly EntryBlock[]): BlockNode[] =>
  text.filter((block): block is BlockNode => !isShelfNode(block));

/** Ids of the shelves that stand in it, from the top down. */
export const shelvesInText = (text: readonly EntryBlock[]): string[] =>
  text.filter(isShelfNode).map(({ attrs }) => attrs.shelfId);

/** How many words it has. */
export const countWords = (text: readonly EntryBlock[]): number =>
  plainText(wordsOf(text)).split(/\s+/).filter(Boolean).length;

/** Every link of it. */
export const linksInText = (text: readonly EntryBlock[]): string[] => linksIn(wordsOf(text));

/** The same with other addresses. @param to where a link leads; null for nowhere, which leaves its words */
export const textWithLinks = (
  text: readonly EntryBlock[],
  to: (href: string) => string | null,
): EntryBlock[] =>
  text.flatMap((block): EntryBlock[] => (isShelfNode(block) ? [block] : withLinks([block], to)));

/** Of what an editor holds, all that an entry can have; a shelf that stands in it twice stays where it is first. */
export function asEntryText(content: unknown): EntryBlock[] {
  const seen = new Set<string>();
  const all = (Array.isArray(content) ? (content as unknown[]) : []).flatMap((one): EntryBlock[] => {
    const node = asShelfNode(one);
    if (!node) return asBlocks([one]);
    if (seen.has(node.attrs.shelfId)) return [];
    seen.add(node.attrs.shelfId);
    return [node];
  });
  // An editor always holds a paragraph, in which nothing may be written yet.
  return seen.size === 0 && plainText(wordsOf(all)).trim() === '' ? [] : all;
}
