import { LINK, LINK_FAULT, LONGEST_LINK, namedIn } from '../plan/link.ts';
import { mixed, type Schema } from '../schema/schema.ts';

/**
 * Text in paragraphs, headings and lists, as the documents of ProseMirror write it: `type`, `attrs`, `content` and
 * `marks`, and of those only what is named here.
 */
export type Mark = { type: 'bold' } | { type: 'italic' } | { type: 'link'; attrs: { href: string } };
export type Words = { type: 'text'; text: string; marks?: readonly Mark[] };
export type Inline = Words | { type: 'hardBreak' };
export type ItemNode = { type: 'listItem'; content: readonly BlockNode[] };
export type BlockNode =
  | { type: 'paragraph'; content?: readonly Inline[] }
  | { type: 'heading'; attrs: { level: TextLevel }; content?: readonly Inline[] }
  | { type: 'bulletList' | 'orderedList'; content: readonly ItemNode[] }
  | { type: 'blockquote'; content: readonly BlockNode[] };

/** Levels of headings in a text: the page has the first. */
export const TEXT_LEVELS = [2, 3, 4] as const;
export type TextLevel = (typeof TEXT_LEVELS)[number];

export const LONGEST_TEXT = 20_000;
/** Lists in lists at most. */
export const DEEPEST = 4;

type Node = Readonly<Record<string, unknown>>;

const TOO_DEEP = `Lists stand in one another ${DEEPEST} times at most.`;
const UNKNOWN = 'A text has paragraphs, headings, lists and quotations.';

const isList = (type: unknown) => type === 'bulletList' || type === 'orderedList';
const isNode = (value: unknown): value is Node =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const listOf = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);

/** A sentence about a link that cannot be; null for one that can. */
export const linkFault = (href: unknown): string | null =>
  typeof href === 'string' && href.length <= LONGEST_LINK && (LINK.test(href) || namedIn(href) !== null)
    ? null
    : LINK_FAULT;

const hasOnly = (node: Node, ...keys: string[]) => Object.keys(node).every((key) => keys.includes(key));

function inlineFault(value: unknown): string | null {
  if (!isNode(value)) return UNKNOWN;
  if (value.type === 'hardBreak') return hasOnly(value, 'type') ? null : UNKNOWN;
  const { type, text, marks = [] } = value;
  if (type !== 'text' || typeof text !== 'string' || text === '' || !hasOnly(value, 'type', 'text', 'marks'))
    return UNKNOWN;
  if (!Array.isArray(marks) || marks.length > 3) return UNKNOWN;
  for (const mark of marks as unknown[]) {
    if (!isNode(mark)) return UNKNOWN;
    if (mark.type === 'link') {
      if (!isNode(mark.attrs) || !hasOnly(mark, 'type', 'attrs') || !hasOnly(mark.attrs, 'href'))
        return UNKNOWN;
      const fault = linkFault(mark.attrs.href);
      if (fault) return fault;
    } else if ((mark.type !== 'bold' && mark.type !== 'italic') || !hasOnly(mark, 'type')) return UNKNOWN;
  }
  return null;
}

function blockFault(value: unknown, deep: number): string | null {
  if (!isNode(value)) return UNKNOWN;
  if (deep > 2 * DEEPEST) return TOO_DEEP;
  const { type, attrs, content = [] } = value;
  if (!Array.isArray(content)) return UNKNOWN;
  const within = content as unknown[];
  const first = (faultOf: (one: unknown) => string | null) =>
    within.reduce<string | null>((fault, one) => fault ?? faultOf(one), null);
  if (type === 'paragraph') return hasOnly(value, 'type', 'content') ? first(inlineFault) : UNKNOWN;
  if (type === 'heading') {
    const isLevel =
      isNode(attrs) && hasOnly(attrs, 'level') && TEXT_LEVELS.includes(attrs.level as TextLevel);
    return isLevel && hasOnly(value, 'type', 'attrs', 'content') ? first(inlineFault) : UNKNOWN;
  }
  if (within.length === 0 || !hasOnly(value, 'type', 'content')) return UNKNOWN;
  if (type === 'blockquote') return first((one) => blockFault(one, deep + 1));
  if (!isList(type)) return UNKNOWN;
  return first((one) => {
    if (!isNode(one) || one.type !== 'listItem' || !hasOnly(one, 'type', 'content')) return UNKNOWN;
    const blocks = listOf(one.content);
    if (blocks.length === 0) return UNKNOWN;
    return blocks.reduce<string | null>((fault, block) => fault ?? blockFault(block, deep + 2), null);
  });
}

/** What is wrong with a text, as a sentence; null where nothing is. */
export function richTextFault(value: unknown): string | null {
  if (!Array.isArray(value)) return UNKNOWN;
  for (const block of value as unknown[]) {
    const fault = blockFault(block, 0);
    if (fault) return fault;
  }
  return plainText(value as BlockNode[]).length > LONGEST_TEXT
    ? `A text has ${LONGEST_TEXT} characters at most.`
    : null;
}

export const richTextSchema = mixed()
  .test('text', UNKNOWN, function (value) {
    if (value === undefined) return true;
    const message = richTextFault(value);
    return message === null || this.createError({ message });
  })
  .defined() as unknown as Schema<BlockNode[]>;

const inlineText = (content: readonly Inline[] = []): string =>
  content.map((one) => (one.type === 'text' ? one.text : '\n')).join('');

/** What a text says, a line for each paragraph, heading and item. */
export const plainText = (blocks: readonly BlockNode[]): string =>
  blocks
    .map((block): string => {
      if (block.type === 'paragraph' || block.type === 'heading') return inlineText(block.content);
      if (block.type === 'blockquote') return plainText(block.content);
      return block.content.map((item) => plainText(item.content)).join('\n');
    })
    .join('\n');

/** Every link of a text. */
export const linksIn = (blocks: readonly BlockNode[]): string[] =>
  blocks.flatMap((block): string[] => {
    if (block.type === 'paragraph' || block.type === 'heading')
      return (block.content ?? []).flatMap((one) =>
        one.type === 'text'
          ? (one.marks ?? []).flatMap((mark) => (mark.type === 'link' ? [mark.attrs.href] : []))
          : [],
      );
    return block.content.flatMap((one) => (one.type === 'listItem' ? linksIn(one.content) : linksIn([one])));
  });

/**
 * The same text with other addresses.
 * @param to where a link leads; null for nowhere, which leaves its words
 */
export function withLinks(blocks: readonly BlockNode[], to: (href: string) => string | null): BlockNode[] {
  const inline = (content: readonly Inline[]): Inline[] =>
    content.map((one) => {
      if (one.type !== 'text' || !one.marks) return one;
      const marks = one.marks.flatMap((mark): Mark[] => {
        if (mark.type !== 'link') return [mark];
        const href = to(mark.attrs.href);
        return href === null ? [] : [{ type: 'link', attrs: { href } }];
      });
      const { marks: _, ...bare } = one;
      return marks.length > 0 ? { ...bare, marks } : bare;
    });
  return blocks.map((block): BlockNode => {
    if (block.type === 'paragraph' || block.type === 'heading')
      return block.content ? { ...block, content: inline(block.content) } : block;
    if (block.type === 'blockquote') return { ...block, content: withLinks(block.content, to) };
    const content = block.content.map((item): ItemNode => ({
      ...item,
      content: withLinks(item.content, to),
    }));
    return { ...block, content };
  });
}

/** Of what an editor holds, all that a text can have; what it cannot have is left out, and its words stay. */
export function asRichText(content: unknown): BlockNode[] {
  const all = asBlocks(content);
  // An editor always holds a paragraph, in which nothing may be written yet.
  return plainText(all).trim() === '' ? [] : all;
}

/** The same, also where nothing is written in it. */
export function asBlocks(content: unknown): BlockNode[] {
  const inline = (nodes: unknown): Inline[] =>
    listOf(nodes).flatMap((one): Inline[] => {
      if (!isNode(one)) return [];
      if (one.type === 'hardBreak') return [{ type: 'hardBreak' }];
      if (typeof one.text !== 'string' || one.text === '') return [];
      const marks = listOf(one.marks).flatMap((mark): Mark[] => {
        if (!isNode(mark)) return [];
        if (mark.type === 'bold' || mark.type === 'italic') return [{ type: mark.type }];
        const href = mark.type === 'link' && isNode(mark.attrs) ? mark.attrs.href : null;
        return href !== null && linkFault(href) === null
          ? [{ type: 'link', attrs: { href: href as string } }]
          : [];
      });
      return [{ type: 'text', text: one.text, ...(marks.length > 0 && { marks }) }];
    });
  const blocks = (nodes: unknown): BlockNode[] =>
    listOf(nodes).flatMap((one): BlockNode[] => {
      if (!isNode(one)) return [];
      const { type, attrs } = one;
      if (isList(type)) {
        const items = listOf(one.content).flatMap((item): ItemNode[] => {
          const within = isNode(item) ? blocks(item.content) : [];
          return within.length > 0 ? [{ type: 'listItem', content: within }] : [];
        });
        return items.length > 0 ? [{ type: type as 'bulletList', content: items }] : [];
      }
      if (type === 'blockquote') {
        const within = blocks(one.content);
        return within.length > 0 ? [{ type, content: within }] : [];
      }
      const words = inline(one.content);
      const content = words.length > 0 ? { content: words } : {};
      if (type !== 'heading') return [{ type: 'paragraph', ...content }];
      const level = isNode(attrs) ? Number(attrs.level) : 2;
      const nearest = TEXT_LEVELS.find((own) => own >= level) ?? TEXT_LEVELS.at(-1)!;
      return [{ type, attrs: { level: nearest }, ...content }];
    });
  return blocks(content);
}
