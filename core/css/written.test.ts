// @vitest-environment jsdom
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { specimenPlan, specimenShelf, specimenView } from '../specimen/specimen.ts';
import type { PageView } from '../view/view.ts';
import { pageCss } from './pageCss.ts';
import { cssColour, cssName, cssString, insideStyle, scopeOf } from './written.ts';

/** Any words, and those that mean something in a style sheet or to the element round it. */
const words = fc
  .array(
    fc.oneof(
      fc.string({ unit: 'binary', maxLength: 4 }),
      fc.constantFrom('"', "'", '\\', '}', '{', ';', '</style>', '<!--', '/*', '*/', '\n', ']', 'x-hostile'),
    ),
    { minLength: 1, maxLength: 6 },
  )
  .map((parts) => parts.join(''));

function rulesIn(css: string): CSSRule[] {
  const style = document.createElement('style');
  style.textContent = css;
  document.head.append(style);
  const within = (rules: CSSRuleList): CSSRule[] =>
    [...rules].flatMap((rule) =>
      'name' in rule && 'cssRules' in rule ? within(rule.cssRules as CSSRuleList) : rule,
    );
  const rules = within(style.sheet!.cssRules);
  style.remove();
  return rules;
}

describe('words in a style sheet', () => {
  it('find what has them as its id, and are one rule', () => {
    fc.assert(
      fc.property(
        // The two that no attribute of HTML can hold as they are.
        words.filter((text) => !/[\0\r\f]|[\ud800-\udfff]/u.test(text)),
        (id) => {
          const element = document.createElement('div');
          element.setAttribute('data-bay', id);
          expect(element.matches(scopeOf('bay', id))).toBe(true);
          expect(element.matches(scopeOf('bay', `${id}x`))).toBe(false);
          expect(rulesIn(`${scopeOf('bay', id)}{color:red}b{color:blue}`)).toHaveLength(2);
        },
      ),
    );
  });

  it('leave nothing that ends a string, a name or a value', () => {
    fc.assert(
      fc.property(words, (text) => {
        expect(cssString(text).slice(1, -1)).not.toMatch(/["\n{};<]|\\(?![\da-f]{1,6} )/);
        expect(cssName(text)).toMatch(/^(?:[\w-]|\\[\da-f]{1,6} )*$/);
        expect(cssColour(text)).not.toMatch(/[;{}<>"'\\\n*]/);
      }),
    );
  });

  it('are left as they are where they are harmless, so that style sheets read well', () => {
    expect(scopeOf('shelf', 'new-from-the-kiln')).toBe('[data-shelf="new-from-the-kiln"]');
    for (const colour of ['#fff', '#2f6f8fcc', 'white', 'rgb(0 0 0 / 68%)', 'currentColor'])
      expect(cssColour(colour)).toBe(colour);
  });

  it('cannot end the element they stand in', () => {
    fc.assert(
      fc.property(words, (text) => {
        const html = `<style>${insideStyle(`b::after{content:"${text}</style><x-hostile>"}`)}</style><p>after</p>`;
        const read = new DOMParser().parseFromString(html, 'text/html');
        expect(read.querySelectorAll('x-hostile')).toHaveLength(0);
        expect(read.querySelectorAll('style')).toHaveLength(1);
        expect(read.querySelector('p')!.textContent).toBe('after');
      }),
    );
    expect(rulesIn(insideStyle('b::after{content:"</b>"}'))).toHaveLength(1);
  });
});

describe('a page whose documents nobody checked', () => {
  const ATTACK = `red}"]{}</style><x-hostile></x-hostile>*/}x-hostile{color:red}/*`;
  const view = specimenView(specimenPlan([specimenShelf('a')]), 12);
  const rest = view.bays[0]!;
  const count = rulesIn(pageCss(view)).length;

  const unchecked: [string, Partial<PageView>][] = [
    ['a colour of the house', { colours: { ...view.colours, ground: ATTACK, text: ATTACK } }],
    ['the name of a colour', { colours: { ...view.colours, ...{ [ATTACK]: '#ffffff' } } }],
    ['the background of a bay', { bays: [{ ...rest, look: { ...rest.look, background: ATTACK } }] }],
    ['the id of a bay', { bays: [{ ...rest, id: ATTACK }] }],
  ];
  it.each(unchecked)('has the same rules with an attack as %s', (what, more) => {
    const css = pageCss({ ...view, ...more });
    // A background is one rule more.
    expect(rulesIn(css)).toHaveLength(what.startsWith('the background') ? count + 1 : count);
    expect(css).not.toContain('x-hostile{');
    expect(css).not.toContain('</');
  });
});
