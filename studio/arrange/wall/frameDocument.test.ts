// @vitest-environment jsdom
import { afterEach, describe, expect, it } from 'vitest';
import { firstBands } from '../../../core/plan/firstBands.ts';
import { styleCss } from '../../../core/style/styleCss.ts';
import { allBaysCss } from '../../../storefront/bays/index.tsx';
import { baseCss } from '../../../storefront/styles/base.ts';
import { frameDocument, twinned } from './frameDocument.ts';

const sheets = () => [...document.querySelectorAll('style')].map((style) => style.textContent ?? '');

afterEach(() => document.head.replaceChildren());

describe('the document of a frame', () => {
  it('writes only the pieces that read otherwise, and takes away those that are gone', () => {
    const frame = frameDocument(document);
    const own = sheets().length;
    frame.style(
      new Map([
        ['a', 'p{color:red}'],
        ['b', 'p{color:blue}'],
      ]),
    );
    const [a, b] = [...document.querySelectorAll('style')].slice(own);
    const before = b!.firstChild;
    frame.style(
      new Map([
        ['a', 'p{color:green}'],
        ['b', 'p{color:blue}'],
      ]),
    );
    expect(sheets().slice(own)).toEqual(['p{color:green}', 'p{color:blue}']);
    expect(b!.firstChild).toBe(before);
    frame.style(new Map([['b', 'p{color:blue}']]));
    expect(a!.isConnected).toBe(false);
    frame.mark('.x{}');
    expect(sheets()).toContain('.x{}');
  });

  it('sets tokens on the root, and leaves every sheet as it is', () => {
    const frame = frameDocument(document);
    frame.style(new Map([['', 'p{color:var(--text)}']]));
    const before = sheets();
    frame.tokens(new Map([['--text', '#123456']]));
    frame.tokens(new Map([['--text', '#654321']]));
    expect(document.documentElement.style.getPropertyValue('--text')).toBe('#654321');
    expect(sheets()).toEqual(before);
    document.documentElement.removeAttribute('style');
  });

  const hiddenUntil = '.s .card:not(:hover,:focus-within) .part-basket{opacity:0}';
  const texts = ':is(.s .card:hover,.s .card:focus-within)>.texts{opacity:1}';

  it('draws the ring of a card that has the keyboard on all of them, and on none elsewhere', () => {
    const ring = '.card:has(:focus-visible){outline:3px solid}';
    const focus = frameDocument(document, 'focus');
    focus.style(new Map([['', ring]]));
    expect(sheets()).toContain('.card:not(._){outline:3px solid}');
    frameDocument(document, 'hover').style(new Map([['', ring]]));
    expect(sheets()).toContain(ring);
  });

  it.each([
    ['atRest', hiddenUntil, texts],
    [
      'hover',
      '.s .card:not(:not(._),:focus-within) .part-basket{opacity:0}',
      ':is(.s .card:not(._),.s .card:focus-within)>.texts{opacity:1}',
    ],
    [
      'focus',
      '.s .card:not(:hover,:not(._)) .part-basket{opacity:0}',
      ':is(.s .card:hover,.s .card:not(._))>.texts{opacity:1}',
    ],
  ] as const)('draws all cards %s', (state, hidden, shown) => {
    const frame = frameDocument(document, state);
    frame.style(
      new Map([
        ['places', hiddenUntil],
        ['bay', texts],
      ]),
    );
    expect(sheets()).toEqual(expect.arrayContaining([hidden, shown]));
  });

  it('leaves nothing of the shared sheet that goes by pointing at a card, and everything else of it', () => {
    frameDocument(document, 'hover');
    const [shared] = sheets();
    expect(shared).not.toContain('.card:hover');
    expect(shared).toContain('.act:hover');
    expect(baseCss).toContain('.card:hover');
  });
});

describe('twins of states', () => {
  const styled = styleCss(
    {
      title: { cardHover: { textColour: 'accent' } },
      basket: { hover: { lift: 3 }, focus: { textColour: 'text' }, pressed: { background: 'accent' } },
    },
    'o',
    '[data-shelf="a"]',
    firstBands,
  );

  it('stand beside every state that needs a pointer or a keyboard, and nothing else is otherwise', () => {
    for (const css of [baseCss, styled]) {
      const twins = twinned(css);
      expect(twins).not.toBe(css);
      const back = twins.replace(/:is\((:hover|:focus-visible|:active),\[data-as~=\w+\]\)/g, '$1');
      expect(back).toBe(css);
      // What a device can do is no state.
      expect(twins.split('(hover:hover)')).toHaveLength(css.split('(hover:hover)').length);
    }
    expect(twinned(styled)).toContain(
      '.card:is(:hover,[data-as~=hover]) .part-title{color:var(--accent)!important}',
    );
    expect(twinned(styled)).toContain(
      '.act:is(:active,[data-as~=pressed]){background:var(--accent)!important}',
    );
  });
});

it('holds rules of every kind of bay, none of which is about the page itself, since a frame may have none of them', () => {
  expect(allBaysCss.includes('.column{')).toBe(true);
  expect(/(^|[{},])\s*(html|body|:root|\*)[\s{,:.>]/.test(allBaysCss)).toBe(false);
});
