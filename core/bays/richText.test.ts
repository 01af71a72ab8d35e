import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkDocument } from '../plan/checkDocument.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { specimenBay, specimenStored, specimenTree, specimenView } from '../specimen/specimen.ts';
import { bayHeight } from '../view/bayHeight.ts';
import {
  asRichText,
  linksIn,
  plainText,
  richTextFault,
  withLinks,
  type BlockNode,
  type Inline,
  type Mark,
  type TextLevel,
} from './richText.ts';
import type { WordsContent } from './words.ts';

const words = (text: string, ...marks: Mark[]): Inline => ({
  type: 'text',
  text,
  ...(marks.length > 0 && { marks }),
});
const paragraph = (...content: Inline[]): BlockNode => ({
  type: 'paragraph',
  ...(content.length > 0 && { content }),
});
const link = (href: string): Mark => ({ type: 'link', attrs: { href } });

/** Any text that can be. */
const marks = fc.uniqueArray(
  fc.constantFrom<Mark>({ type: 'bold' }, { type: 'italic' }, link('/shop'), link('category:3')),
  { maxLength: 2, selector: ({ type }) => type },
);
const inline = fc.oneof(
  fc
    .record({ text: fc.string({ minLength: 1, maxLength: 20 }), own: marks })
    .map(({ text, own }) => words(text, ...own)),
  fc.constant<Inline>({ type: 'hardBreak' }),
);
const { block } = fc.letrec<{ block: BlockNode; list: BlockNode }>((tie) => ({
  block: fc.oneof(
    { depthSize: 'small', withCrossShrink: true, maxDepth: 2 },
    fc.array(inline, { maxLength: 4 }).map((content) => paragraph(...content)),
    fc
      .record({
        level: fc.constantFrom<TextLevel>(2, 3, 4),
        content: fc.array(inline, { minLength: 1, maxLength: 2 }),
      })
      .map(({ level, content }): BlockNode => ({ type: 'heading', attrs: { level }, content })),
    tie('list'),
  ),
  list: fc
    .record({
      type: fc.constantFrom<'bulletList' | 'orderedList'>('bulletList', 'orderedList'),
      items: fc.array(fc.array(tie('block'), { minLength: 1, maxLength: 2 }), { minLength: 1, maxLength: 3 }),
    })
    .map(({ type, items }): BlockNode => ({
      type,
      content: items.map((content) => ({ type: 'listItem', content })),
    })),
}));
const texts = fc.array(block, { minLength: 1, maxLength: 4 });

describe('a text', () => {
  it('is taken from an editor as it is, whatever it holds, and keeps every word of it', () => {
    fc.assert(
      fc.property(texts, (body) => {
        expect(richTextFault(body)).toBeNull();
        const taken = asRichText(body);
        if (plainText(body).trim() === '') expect(taken).toEqual([]);
        else expect(taken).toEqual(body);
      }),
    );
  });

  it('is none where nothing is written', () => {
    expect(asRichText([{ type: 'paragraph' }])).toEqual([]);
    expect(asRichText([{ type: 'paragraph', content: [words('  ')] }, { type: 'paragraph' }])).toEqual([]);
    expect(asRichText(undefined)).toEqual([]);
  });

  it('loses what it cannot have, and never a word', () => {
    const pasted = [
      { type: 'heading', attrs: { level: 1, class: 'x' }, content: [{ type: 'text', text: 'One' }] },
      { type: 'codeBlock', attrs: { language: 'js' }, content: [{ type: 'text', text: 'two' }] },
      {
        type: 'paragraph',
        attrs: { style: 'color:red' },
        content: [
          {
            type: 'text',
            text: 'three',
            marks: [{ type: 'link', attrs: { href: 'javascript:alert(1)', target: '_blank' } }],
          },
          { type: 'text', text: 'four', marks: [{ type: 'strike' }, { type: 'bold', attrs: {} }] },
          { type: 'image', attrs: { src: 'https://elsewhere.example/x.png' } },
          {
            type: 'text',
            text: 'five',
            marks: [{ type: 'link', attrs: { href: '/shop', target: '_blank', rel: 'x' } }],
          },
        ],
      },
    ];
    const taken = asRichText(pasted);
    expect(richTextFault(taken)).toBeNull();
    expect(plainText(taken)).toBe('One\ntwo\nthreefourfive');
    expect(taken[0]).toEqual({ type: 'heading', attrs: { level: 2 }, content: [words('One')] });
    expect(linksIn(taken)).toEqual(['/shop']);
  });

  it.each([
    ['no list', 'Hello', /paragraphs, headings, lists/],
    [
      'markup',
      [{ type: 'paragraph', content: [{ type: 'html', text: '<b>' }] }],
      /paragraphs, headings, lists/,
    ],
    ['an attribute', [{ type: 'paragraph', attrs: { onclick: 'x' } }], /paragraphs, headings, lists/],
    ['a level that pages have', [{ type: 'heading', attrs: { level: 1 } }], /paragraphs, headings, lists/],
    ['a link that runs', [paragraph(words('x', link('javascript:alert(1)')))], /A link begins with/],
    ['a list without items', [{ type: 'bulletList', content: [] }], /paragraphs, headings, lists/],
    ['too much', [paragraph(words('x'.repeat(20_001)))], /20000 characters at most/],
    ['a loop of lists', [deepList(12)], /4 times at most/],
  ])('cannot be %s, which is said', (_, body, said) => {
    expect(richTextFault(body)).toMatch(said);
    const bay = specimenBay('a', { holds: 'words', body } as never);
    const { pages } = specimenStored([], [bay]);
    expect(checkDocument('page:home', pages.home!)).not.toBeNull();
  });
});

function deepList(deep: number): object {
  const within = deep === 0 ? { type: 'paragraph' } : deepList(deep - 1);
  return { type: 'bulletList', content: [{ type: 'listItem', content: [within] }] };
}

describe('links of a text', () => {
  const body = [
    paragraph(words('a', link('category:2')), words('b', { type: 'bold' }, link('category:99'))),
    { type: 'bulletList', content: [{ type: 'listItem', content: [paragraph(words('c', link('/shop')))] }] },
    { type: 'blockquote', content: [paragraph(words('d', link('page:home')))] },
  ] as BlockNode[];

  it('are all found, and lead elsewhere or nowhere without a word lost', () => {
    expect(linksIn(body)).toEqual(['category:2', 'category:99', '/shop', 'page:home']);
    const to = (href: string) => (href === 'category:99' ? null : `${href}!`);
    const other = withLinks(body, to);
    expect(linksIn(other)).toEqual(['category:2!', '/shop!', 'page:home!']);
    expect(plainText(other)).toBe(plainText(body));
    expect(withLinks(body, (href) => href)).toEqual(body);
  });

  it('are drawn as the addresses of what they name; of what is gone, the words stay', () => {
    const plan = completePlan(specimenStored([], [specimenBay('a', { holds: 'words', body } as never)]));
    const view = specimenView(plan, 0);
    const { body: drawn } = view.bays[0]!.content as unknown as WordsContent;
    const category = specimenTree.byId(2)!;
    expect(linksIn(drawn)).toEqual([`/category/${category.slug}`, '/shop', '/']);
    expect(plainText(drawn)).toBe('ab\nc\nd');
    expect(view.description).toBe('ab c d');
  });
});

describe('a bay of text', () => {
  const seen = (settings: object) => {
    const plan = completePlan(
      specimenStored(
        [],
        [specimenBay('a', { holds: 'words', heading: { words: '' }, ...settings } as never)],
      ),
    );
    return specimenView(plan, 0);
  };
  const long = [paragraph(words('Stoneware for the table, the sill and the garden. '.repeat(12)))];

  it('is as high as its lines, which are no longer than is set', () => {
    const height = (settings: object, px: number) => {
      const view = seen({ body: long, ...settings });
      return bayHeight(view.bays[0]!, view.bands, px);
    };
    expect(height({}, 390)).toBeGreaterThan(height({}, 1100));
    expect(height({ linePx: 0 }, 1100)).toBeLessThan(height({ linePx: 400 }, 1100));
    expect(height({ linePx: 400 }, 1100)).toBe(height({ linePx: 400 }, 1600));
  });

  it('is not drawn while nothing is written in it', () => {
    expect(seen({ body: [] }).bays[0]!.empty).toBe(true);
    expect(seen({ body: long }).bays[0]!.empty).toBe(false);
  });
});
