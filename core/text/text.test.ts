import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { spacedFace, weightPlace, widthAt } from './face.ts';
import { textLines, textWidth, type TextStyle } from './measure.ts';
import { storeFace } from './storeFace.ts';

const style: TextStyle = { face: storeFace, sizePx: 16, weight: 500 };
const anyWords = fc
  .array(fc.stringMatching(/^[A-Za-z0-9,.'&-]{1,14}$/), { minLength: 1, maxLength: 12 })
  .map((words) => words.join(' '));

describe('a face', () => {
  it('has widths in proportion between its weights, and the nearest outside of them', () => {
    const at = (weight: number) => widthAt([90, 100, 110, 150, 190], weightPlace(storeFace, weight));
    expect(storeFace.weights).toEqual([200, 400, 500, 700, 900]);
    expect([200, 300, 400, 450, 500, 600, 700, 800, 900].map(at)).toEqual([
      90, 95, 100, 105, 110, 130, 150, 170, 190,
    ]);
    expect([at(100), at(1000)]).toEqual([90, 190]);
  });
});

describe('letters that are drawn as one', () => {
  it('are so only where they have no space between them', () => {
    const wide = (text: string, spacingPx: number) =>
      textWidth(text, { ...style, sizePx: 1000, spacingPx }).px - spacingPx * text.length;
    expect(Object.keys(storeFace.joined!)).toContain('Th');
    expect(wide('Th', 1)).toBeGreaterThan(wide('Th', 0));
    // What only stands closer together stays so.
    expect(wide('AV', 1)).toBeCloseTo(wide('AV', 0), 6);
    expect(wide('AV', 0)).toBeLessThan(wide('A', 0) + wide('V', 0));
  });
});

describe('measured text', () => {
  it('is as wide as its letters, closer together where the face has them so', () => {
    const wide = (text: string) => textWidth(text, { ...style, sizePx: 1000 }).px;
    expect(wide('AV')).toBeLessThan(wide('A') + wide('V'));
    expect(wide('aa')).toBeCloseTo(2 * wide('a'), 5);
    expect(wide('  a \n a ')).toBeCloseTo(wide('a a'), 5);
  });

  it('grows with its size and the space between its letters', () => {
    fc.assert(
      fc.property(
        anyWords,
        fc.integer({ min: 8, max: 60 }),
        fc.integer({ min: 0, max: 8 }),
        (text, sizePx, gap) => {
          const { px } = textWidth(text, { ...style, sizePx });
          expect(px).toBeCloseTo(textWidth(text, { ...style, sizePx: 1 }).px * sizePx, 3);
          const spaced = textWidth(text, { ...style, sizePx, spacingPx: gap }).px;
          // What is drawn as one is so no more.
          const apart = textWidth(text, { ...style, face: spacedFace(style.face), sizePx }).px;
          expect(spaced).toBeCloseTo(gap === 0 ? px : apart + gap * [...text].length, 3);
        },
      ),
    );
  });

  it('grows by the space between its words, once for each', () => {
    fc.assert(
      fc.property(anyWords, fc.integer({ min: -2, max: 12 }), (words, wordPx) => {
        const spaces = words.split(' ').length - 1;
        const apart = textWidth(words, { ...style, wordPx }).px;
        expect(apart).toBeCloseTo(textWidth(words, style).px + spaces * wordPx, 6);
      }),
    );
    // What does not break a line is a space all the same.
    const joined = textWidth('a\u00a0b', { ...style, wordPx: 9 }).px;
    expect(joined).toBeCloseTo(textWidth('a\u00a0b', style).px + 9, 6);
  });

  it('has a widest line that is no wider than there is room, and all of it on one', () => {
    fc.assert(
      fc.property(
        anyWords,
        fc.integer({ min: 40, max: 500 }),
        fc.integer({ min: 0, max: 8 }),
        (words, room, wordPx) => {
          const set = { ...style, wordPx };
          const { lines, widestPx } = textLines(words, set, room);
          const all = textWidth(words, set).px;
          expect(widestPx).toBeLessThanOrEqual(room);
          expect(widestPx * lines).toBeGreaterThan(0.3 * all);
          if (lines === 1) expect(widestPx).toBeCloseTo(Math.min(all, room), 1);
          // As wide as its widest line it is set the same.
          expect(textLines(words, set, widestPx).lines).toBe(lines);
        },
      ),
      // A word that is wider than the room by less than a pixel has parts.
      { examples: [['-7O,,d A .&', 45, 0]] },
    );
  });

  it('is on one line where it fits exactly, and on more where it does not', () => {
    fc.assert(
      fc.property(anyWords, (text) => {
        fc.pre(text.length > 1);
        const { px } = textWidth(text, style);
        expect(textLines(text, style, px).lines).toBe(1);
        expect(textLines(text, style, px - 0.5).lines).toBeGreaterThan(1);
      }),
      // Letters that stand further apart together than each by itself.
      { examples: [['Q.a'], ['Q.r']] },
    );
  });

  it('never needs fewer lines on a narrower line', () => {
    fc.assert(
      fc.property(
        anyWords,
        fc.integer({ min: 20, max: 600 }),
        fc.integer({ min: 1, max: 200 }),
        (text, px, more) => {
          expect(textLines(text, style, px).lines).toBeGreaterThanOrEqual(
            textLines(text, style, px + more).lines,
          );
        },
      ),
    );
  });

  it('breaks a word that is wider than a line, and nothing else inside words', () => {
    expect(textLines('m'.repeat(40), style, 100).lines).toBeGreaterThan(4);
    expect(textLines('plain', style, 2).lines).toBe(5);
    const { px } = textWidth('wonderful', style);
    expect(textLines('a wonderful', style, px + 1).lines).toBe(2);
  });

  it('may end a line after a hyphen, and never before a comma', () => {
    const { px } = textWidth('hand-', style);
    expect(textLines('hand-thrown', style, px + 1 + textWidth('thrown', style).px / 2).lines).toBe(2);
    expect(textLines('a, b', style, textWidth('a', style).px + 1).lines).toBeGreaterThan(1);
  });

  it('says when a character is not of the face', () => {
    expect(textLines('Mug', style, 100).estimated).toBe(false);
    expect(textLines('茶碗', style, 100).estimated).toBe(true);
    expect(textWidth('茶碗', style).px).toBe(32);
  });
});
