import { parseFragment, type DefaultTreeAdapterTypes } from 'parse5';
import {
  DEEPEST,
  linkFault,
  type BlockNode,
  type Inline,
  type ItemNode,
  type Mark,
  type TextLevel,
} from '../bays/richText.ts';
import { same } from '../settings/same.ts';
import { isMarkedUp } from './markup.ts';

type HtmlNode = DefaultTreeAdapterTypes.ChildNode;
type HtmlElement = DefaultTreeAdapterTypes.Element;

/** What is not there to be read. */
const UNREAD = new Set([
  'script',
  'style',
  'template',
  'head',
  'title',
  'noscript',
  'iframe',
  'object',
  'svg',
  'math',
]);
/** What stands for itself, with nothing before or after it in its line. */
const APART =
  /^(?:p|div|section|article|aside|main|header|footer|figure|figcaption|table|thead|tbody|tfoot|tr|td|th|caption|dl|dt|dd|form|fieldset|address|pre|hr|details|summary|center|li|ul|ol|blockquote)$/;
const LEVELS: Readonly<Record<string, TextLevel>> = { h1: 2, h2: 2, h3: 3, h4: 4, h5: 4, h6: 4 };
const MARKS: Readonly<Record<string, Mark>> = {
  strong: { type: 'bold' },
  b: { type: 'bold' },
  em: { type: 'italic' },
  i: { type: 'italic' },
};
/** What stands deeper in itself is not read: nobody writes so. */
const MOST_NESTED = 60;
const ORDER: readonly Mark['type'][] = ['link', 'bold', 'italic'];

const isElement = (node: HtmlNode): node is HtmlElement => 'tagName' in node;

/**
 * The long text of a product as it is read: paragraphs with an empty line between them, or HTML, of which paragraphs,
 * headings, lists, quotations, links and what is bold or italic are taken, and of all else the words.
 */
export function readLongText(text: string): BlockNode[] {
  if (!isMarkedUp(text))
    return text
      .replaceAll(/\r\n?/g, '\n')
      .split(/\n[^\S\n]*\n/)
      .flatMap((paragraph) => paragraphOf(paragraph.split('\n').flatMap(asLine)));
  const { childNodes } = parseFragment(text);
  return flow(childNodes, { marks: [], nested: 0, lists: 0 });
}

const asLine = (line: string, at: number): Inline[] => [
  ...(at > 0 ? [{ type: 'hardBreak' } as const] : []),
  ...(line === '' ? [] : [{ type: 'text' as const, text: line }]),
];

interface Within {
  marks: readonly Mark[];
  nested: number;
  lists: number;
}

/** Words as one paragraph or heading; nothing where there are none. */
function paragraphOf(run: readonly Inline[], level?: TextLevel): BlockNode[] {
  const content = tidied(run);
  if (content.every((one) => one.type === 'hardBreak' || one.text.trim() === '')) return [];
  return [level ? { type: 'heading', attrs: { level }, content } : { type: 'paragraph', content }];
}

/** Spaces as one, none at the ends of lines, and nothing that is empty; words of equal marks as one. */
function tidied(run: readonly Inline[]): Inline[] {
  const all: Inline[] = [];
  for (const one of run) {
    const last = all.at(-1);
    if (one.type === 'hardBreak') {
      trimEnd(all);
      if (all.length > 0) all.push(one);
      continue;
    }
    let text = one.text.replaceAll(/[ \t\n\f\r]+/g, ' ');
    if (!last || last.type === 'hardBreak' || last.text.endsWith(' ')) text = text.replace(/^ /, '');
    if (text === '') continue;
    if (last?.type === 'text' && JSON.stringify(last.marks) === JSON.stringify(one.marks))
      all[all.length - 1] = { ...last, text: last.text + text };
    else all.push({ ...one, text });
  }
  for (;;) {
    trimEnd(all);
    if (all.at(-1)?.type !== 'hardBreak') return all;
    all.pop();
  }
}

function trimEnd(all: Inline[]): void {
  const last = all.at(-1);
  if (last?.type !== 'text') return;
  const text = last.text.replace(/ $/, '');
  if (text === '') all.pop();
  else all[all.length - 1] = { ...last, text };
}

/** What stands in an element, block by block. */
function flow(nodes: readonly HtmlNode[], within: Within): BlockNode[] {
  const blocks: BlockNode[] = [];
  let run: Inline[] = [];
  const end = () => {
    blocks.push(...paragraphOf(run));
    run = [];
  };
  const walk = (all: readonly HtmlNode[], { marks, nested, lists }: Within): void => {
    if (nested > MOST_NESTED) return;
    for (const node of all) {
      if (node.nodeName === '#text') {
        run.push(worded((node as DefaultTreeAdapterTypes.TextNode).value, marks));
        continue;
      }
      if (!isElement(node) || UNREAD.has(node.tagName)) continue;
      const { tagName: name, childNodes } = node;
      const inner = { marks, nested: nested + 1, lists };
      if (name === 'br') run.push({ type: 'hardBreak' });
      else if (LEVELS[name]) {
        end();
        walk(childNodes, inner);
        blocks.push(...paragraphOf(run, LEVELS[name]));
        run = [];
      } else if ((name === 'ul' || name === 'ol') && lists < DEEPEST) {
        end();
        const items = itemsOf(childNodes, { ...inner, lists: lists + 1 });
        if (items.length > 0)
          blocks.push({ type: name === 'ul' ? 'bulletList' : 'orderedList', content: items });
      } else if (name === 'blockquote' && lists < DEEPEST) {
        end();
        const content = flow(childNodes, { ...inner, lists: lists + 1 });
        if (content.length > 0) blocks.push({ type: 'blockquote', content });
      } else if (APART.test(name)) {
        end();
        walk(childNodes, inner);
        end();
      } else walk(childNodes, { ...inner, marks: marked(node, marks) });
    }
  };
  walk(nodes, within);
  end();
  return blocks;
}

/** Items of a list; what stands in it without being one is one as well. */
const itemsOf = (nodes: readonly HtmlNode[], within: Within): ItemNode[] =>
  nodes.flatMap((node): ItemNode[] => {
    const isItem = isElement(node) && node.tagName === 'li';
    const content = flow(isItem ? node.childNodes : [node], within);
    return content.length > 0 ? [{ type: 'listItem', content }] : [];
  });

const worded = (text: string, marks: readonly Mark[]): Inline => ({
  type: 'text',
  text,
  ...(marks.length > 0 && { marks }),
});

/** The marks of what stands in an element, each once and in one order. */
function marked({ tagName, attrs }: HtmlElement, marks: readonly Mark[]): readonly Mark[] {
  const href = tagName === 'a' ? attrs.find(({ name }) => name === 'href')?.value.trim() : undefined;
  const mark: Mark | undefined =
    href !== undefined && linkFault(href) === null ? { type: 'link', attrs: { href } } : MARKS[tagName];
  if (!mark || marks.some(({ type }) => type === mark.type)) return marks;
  return [...marks, mark].sort((a, b) => ORDER.indexOf(a.type) - ORDER.indexOf(b.type));
}

const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

const asHtml = (blocks: readonly BlockNode[]): string =>
  blocks
    .map((block) => {
      if (block.type === 'paragraph') return `<p>${inHtml(block.content)}</p>`;
      if (block.type === 'heading')
        return `<h${block.attrs.level}>${inHtml(block.content)}</h${block.attrs.level}>`;
      if (block.type === 'blockquote') return `<blockquote>${asHtml(block.content)}</blockquote>`;
      const name = block.type === 'bulletList' ? 'ul' : 'ol';
      return `<${name}>${block.content.map((item) => `<li>${itemHtml(item)}</li>`).join('')}</${name}>`;
    })
    .join('\n');

/** An item of one paragraph needs none, as lists are mostly written. */
function itemHtml({ content }: ItemNode): string {
  const [first, ...others] = content;
  return first?.type === 'paragraph' && others.length === 0 ? inHtml(first.content) : asHtml(content);
}

const inHtml = (content: readonly Inline[] = []): string =>
  content
    .map((one) => {
      if (one.type === 'hardBreak') return '<br>';
      return (one.marks ?? []).reduceRight((words, mark) => {
        if (mark.type === 'bold') return `<strong>${words}</strong>`;
        if (mark.type === 'italic') return `<em>${words}</em>`;
        return `<a href="${escaped(mark.attrs.href).replaceAll('"', '&quot;')}">${words}</a>`;
      }, escaped(one.text));
    })
    .join('');

/** A text as it is kept and stands in files: as it reads where it has nothing but paragraphs, else in HTML. */
export function writtenLongText(blocks: readonly BlockNode[]): string {
  const written = blocks.filter((block) => !isEmpty(block));
  const isPlain = written.every(
    ({ type, content = [] }) =>
      type === 'paragraph' &&
      (content as readonly Inline[]).every((one) => one.type === 'hardBreak' || !one.marks?.length),
  );
  if (isPlain) {
    const plain = (written as Extract<BlockNode, { type: 'paragraph' }>[])
      .map(({ content = [] }) => content.map((one) => (one.type === 'text' ? one.text : '\n')).join(''))
      .join('\n\n');
    // What would be read otherwise, as what only looks like HTML would, has to be written in it.
    if (same(readLongText(plain), written)) return plain;
  }
  return asHtml(written);
}

const isEmpty = (block: BlockNode): boolean =>
  (block.type === 'paragraph' || block.type === 'heading') && (block.content ?? []).length === 0;

/** A long text as it is kept, out of one that anybody may have written. */
export const tidyLongText = (text: string): string =>
  isMarkedUp(text) ? writtenLongText(readLongText(text)) : text;
