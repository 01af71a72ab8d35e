import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText, richTextFault, type BlockNode, type Inline, type Mark } from '../bays/richText.ts';
import { readLongText, tidyLongText, writtenLongText } from './longText.ts';
import { isMarkedUp, withoutMarkup } from './markup.ts';

const words = fc
  .array(fc.constantFrom('a', 'Bé', '&', '<', '>', '"', "'", 'p>', '<p>', '&amp;', '1', '</b>', '😀', '<3'), {
    minLength: 1,
    maxLength: 5,
  })
  .map((parts) => parts.join(' '));
const marks = fc.constantFrom<readonly Mark[]>(
  [],
  [{ type: 'bold' }],
  [{ type: 'italic' }],
  [{ type: 'bold' }, { type: 'italic' }],
  [{ type: 'link', attrs: { href: 'https://shop.example/?a=1&b=2' } }],
  [{ type: 'link', attrs: { href: '/shop' } }, { type: 'bold' }],
);
/** Words of which no two neighbours are marked alike, lines parted by breaks. */
const run: fc.Arbitrary<Inline[]> = fc
  .array(fc.record({ text: words, marks, breaks: fc.nat(2) }), { minLength: 1, maxLength: 4 })
  .map((all) =>
    all.flatMap(({ text, marks: own, breaks }, at): Inline[] => {
      const isLike = at > 0 && JSON.stringify(all[at - 1]!.marks) === JSON.stringify(own);
      return [
        ...Array.from(
          { length: at === 0 ? 0 : Math.max(breaks, isLike ? 1 : 0) },
          () => ({ type: 'hardBreak' }) as const,
        ),
        { type: 'text', text, ...(own.length > 0 && { marks: own }) },
      ];
    }),
  );
const paragraph = run.map((content): BlockNode => ({ type: 'paragraph', content }));
const { block } = fc.letrec<{ block: BlockNode; item: { type: 'listItem'; content: BlockNode[] } }>(
  (tie) => ({
    block: fc.oneof(
      { depthSize: 'small', maxDepth: 2 },
      paragraph,
      fc
        .record({ level: fc.constantFrom(2 as const, 3 as const, 4 as const), content: run })
        .map(({ level, content }): BlockNode => ({ type: 'heading', attrs: { level }, content })),
      fc
        .record({
          type: fc.constantFrom('bulletList' as const, 'orderedList' as const),
          content: fc.array(tie('item'), { minLength: 1, maxLength: 3 }),
        })
        .map((list) => list as BlockNode),
      fc
        .array(tie('block'), { minLength: 1, maxLength: 2 })
        .map((content): BlockNode => ({ type: 'blockquote', content })),
    ),
    item: fc
      .array(tie('block'), { minLength: 1, maxLength: 2 })
      .map((content) => ({ type: 'listItem' as const, content })),
  }),
);
const blocks = fc.array(block, { maxLength: 4 });

describe('a long text', () => {
  it('is read as it was written, whatever stands in it', () => {
    fc.assert(
      fc.property(blocks, (all) => {
        expect(richTextFault(all)).toBeNull();
        expect(readLongText(writtenLongText(all))).toEqual(all);
      }),
    );
  });

  it('is written without HTML as long as it has nothing but paragraphs', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.constantFrom('a', 'b', '<', '& c'), { minLength: 1 }), { maxLength: 3 }),
        (all) => {
          const text = all.map((one) => one.join(' ')).join('\n\n');
          expect(writtenLongText(readLongText(text))).toBe(text);
        },
      ),
    );
    expect(writtenLongText(readLongText('One\ntwo\n\nThree'))).toBe('One\ntwo\n\nThree');
    // What is written about HTML stays what it is.
    const about: BlockNode[] = [{ type: 'paragraph', content: [{ type: 'text', text: 'Use <p> & </p>' }] }];
    expect(writtenLongText(about)).toBe('<p>Use &lt;p&gt; &amp; &lt;/p&gt;</p>');
    expect(readLongText(writtenLongText(about))).toEqual(about);
  });

  it('is only ever what a text can have, out of any HTML, and stays so', () => {
    const odd = fc
      .array(
        fc.constantFrom(
          ...[
            '<p>',
            '</p>',
            '<ul>',
            '<li>',
            '</ul>',
            '<ol><li>',
            '<b>',
            '</b>',
            '<a href="javascript:alert(1)">',
          ],
          ...[
            '<a href=/shop>',
            '</a>',
            '<script>',
            '</script>',
            '<table><tr><td>',
            '<h1>',
            '</h1>',
            '<br>',
            '<!--',
          ],
          ...[
            '-->',
            '<blockquote>',
            '<svg><p>',
            '<style>',
            'words',
            ' ',
            '\n',
            '&lt;b&gt;',
            '&nbsp;',
            '\0',
            '<p',
            '"',
          ],
        ),
        { maxLength: 40 },
      )
      .map((parts) => parts.join(''));
    fc.assert(
      fc.property(odd, (html) => {
        const read = readLongText(html);
        expect(richTextFault(read)).toBeNull();
        expect(JSON.stringify(read)).not.toMatch(/javascript/);
        const tidy = tidyLongText(html);
        expect(tidyLongText(tidy)).toBe(tidy);
        expect(plainText(readLongText(tidy))).toBe(plainText(read));
      }),
      { numRuns: 400 },
    );
  });

  it('of another shop keeps what it means, and nothing of how it looked', () => {
    const html = `<div class="x" style="color:red" onclick="go()"><h1>For the table</h1>
      <p>A <b>jug</b> that  does not <span>drip</span>.<br/>Holds 1&nbsp;l &amp; more.</p>
      <ul><li>thrown</li> <li><p>glazed</p><ol><li>twice</ol></ul><script>steal()</script>
      loose <a href="https://shop.example/care" target="_blank">care</a><a href="data:x">no</a></div>`;
    expect(tidyLongText(html)).toBe(
      [
        '<h2>For the table</h2>',
        '<p>A <strong>jug</strong> that does not drip.<br>Holds 1\u00a0l &amp; more.</p>',
        '<ul><li>thrown</li><li><p>glazed</p>\n<ol><li>twice</li></ol></li></ul>',
        '<p>loose <a href="https://shop.example/care">care</a>no</p>',
      ].join('\n'),
    );
  });

  it('is read in bounded time, however deep it nests', () => {
    for (const open of ['<div>', '<ul><li>', '<blockquote>', '<b>', '<table><tr><td>']) {
      const read = readLongText(`<p>before</p>${open.repeat(9_000)}deep`);
      expect(plainText(read)).toMatch(/^before/);
      expect(richTextFault(read)).toBeNull();
    }
  });
});

describe('a text in one line', () => {
  it('has no HTML, and is itself where it is written in none', () => {
    expect(withoutMarkup('<p>Use <strong>it</strong></p>\n<p>1 &lt; 2 &amp; so on</p>')).toBe(
      'Use it 1 < 2 & so on',
    );
    for (const plain of ['1 < 2', 'a <3 b>', 'x <y> z', '&amp;', 'no\n\nmark']) {
      expect(isMarkedUp(plain)).toBe(false);
      expect(withoutMarkup(plain)).toBe(plain);
    }
  });
});
