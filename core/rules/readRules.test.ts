import fc from 'fast-check';
import parse from 'css-tree/parser';
import { describe, expect, it } from 'vitest';
import { elements } from '../style/elements/index.ts';
import { FUNCTIONS, PROPERTIES } from './allowed.ts';
import { elementsNamed } from './elementsNamed.ts';
import { LONGEST_RULES } from './longest.ts';
import { placesFor, rulePlaces } from './places.ts';
import { readRules } from './readRules.ts';

const onShelf = (text: string) => readRules(text, 'a');
const SHELF = '[data-shelf="a"]';

describe('own rules of a shelf', () => {
  it('are about its elements and nothing else, and come over all that is set', () => {
    const { css, faults } = onShelf('.title { color: red; text-transform: uppercase }');
    expect(css).toBe(`${SHELF} .part-title{color:red!important;text-transform:uppercase!important}`);
    expect(faults).toEqual([]);
  });

  it('can be about states, lists of elements, conditions, and about the shelf itself', () => {
    expect(onShelf('.card:hover .title, .price::after { color: red }').css).toBe(
      `${SHELF} .card:hover .part-title,${SHELF} .part-price::after{color:red!important}`,
    );
    expect(onShelf('.shelf { padding: 8px } .shelf > .cards { gap: 0 }').css).toBe(
      `${SHELF}{padding:8px!important}${SHELF}>.cards{gap:0!important}`,
    );
    expect(onShelf('@media (min-width: 300px) { .title { color: red } }').css).toBe(
      `@media (min-width:300px){${SHELF} .part-title{color:red!important}}`,
    );
    expect(onShelf('.card:not(:has(.label)):nth-child(2n + 1 of .card) { opacity: .5 }').css).toBe(
      `${SHELF} .card:not(:has(.label)):nth-child(2n+1 of .card){opacity:.5!important}`,
    );
  });

  it('can be nested', () => {
    expect(onShelf('.card { color: red; &:hover { color: blue } & > .texts { gap: 2px } }').css).toBe(
      `${SHELF} .card{color:red!important;&:hover{color:blue!important}&>.texts{gap:2px!important}}`,
    );
    expect(onShelf('.title { @media (hover: hover) { color: red } }').css).toBe(
      `${SHELF} .part-title{@media (hover:hover){color:red!important}}`,
    );
  });

  it('move only where movement is wanted, by movements of their own', () => {
    const { css, faults } = onShelf(
      '@keyframes swing { from { rotate: 0deg } 50%, to { rotate: 4deg } } .card { animation: swing 2s infinite, spin 1s; color: red }',
    );
    expect(faults).toEqual([]);
    expect(css).toBe(
      '@keyframes own0-a{from{rotate:0deg}50%,to{rotate:4deg}}' +
        `${SHELF} .card{color:red!important;@media (prefers-reduced-motion:no-preference){animation:own0-a 2s infinite,spin 1s!important}}`,
    );
  });

  it('lose only what is refused', () => {
    const { css, faults } = onShelf(
      '.title { color: red;\n  position: fixed;\n  margin: 0 }\n.nothing { a: b }',
    );
    expect(css).toBe(`${SHELF} .part-title{color:red!important;margin:0!important}`);
    expect(faults.map(({ line, column }) => [line, column])).toEqual([
      [2, 3],
      [4, 1],
    ]);
  });
});

it('of the store are about everything on its pages', () => {
  const { css, faults } = readRules('.page { background: #eee } .header, * { letter-spacing: 1px }', null);
  expect(css).toBe(
    '.region{background:#eee!important}.region .store,.region *{letter-spacing:1px!important}',
  );
  expect(faults).toEqual([]);
});

/** What has to be refused, each with a word of why. */
const REFUSED: readonly (readonly [rules: string, why: RegExp])[] = [
  ['.title { background: url(https://example.org/a.png) }', /Addresses/],
  ['.title { background: url("//example.org") }', /Addresses/],
  ['.title { background-image: image-set("a.png" 1x) }', /Addresses/],
  ['.title { background: -webkit-image-set(url(a) 1x) }', /Addresses/],
  ['.title { --a: url(x) }', /Addresses/],
  ['.title { color: var(--a, url(x)) }', /cannot be read/],
  ['.title { background: var(--a) }', /background-color/],
  ['.title { content: var(--a) }', /plainly/],
  ['.title { content: attr(data-shelf) }', /attr/],
  ['.title { position: var(--a) }', /plainly/],
  ['.title { position: fixed }', /relative, absolute or sticky/],
  ['.title { position: FIXED }', /relative, absolute or sticky/],
  ['.title { position: fix\\65 d }', /backslash/],
  ['.title { pos\\69tion: fixed }', /backslash/],
  ['.title { width: expression(alert(1)) }', /expression/],
  ['.title { behavior: url(x) }', /behavior/],
  ['.title { -moz-binding: url(x) }', /-moz-binding/],
  ['.title { all: unset }', /all/],
  ['.title { colr: red }', /colr/],
  ['.title { color: }', /no value/],
  ['.title { color red }', /cannot be read/],
  ['@import "x.css";', /@import/],
  ['@import url(//example.org);', /@import/],
  ['@font-face { font-family: x; src: url(x) }', /@font-face/],
  ['@charset "utf-8";', /@charset/],
  ['@namespace url(x);', /@namespace/],
  ['@layer top { .title { color: red } }', /@layer/],
  ['@property --x { syntax: "*" }', /@property/],
  ['@nonsense { .title { color: red } }', /@nonsense/],
  ['html { color: red }', /outside/],
  ['BODY .title { color: red }', /outside/],
  [':root { --x: 1 }', /outside/],
  [':host { --x: 1 }', /:host/],
  ['.title:visited { color: red }', /:visited/],
  ['div { color: red }', /names of elements/],
  ['#main { color: red }', /names of elements/i],
  ['[data-shelf] { color: red }', /names of elements/i],
  ['.part-title { color: red }', /no element/],
  ['.t\\69tle { color: red }', /no element/],
  ['.header { color: red }', /no element/],
  ['+ .title { color: red }', /Begin with a name/],
  ['.shelf ~ * { color: red }', /beside/],
  ['.shelf:hover + * { color: red }', /beside/],
  ['.shelf { & ~ * { color: red } }', /beside/],
  ['.shelf { &:hover { & + * { color: red } } }', /beside/],
  ['.card .shelf { color: red }', /stands first/],
  [':is(.shelf) + * { color: red }', /stands first/],
  ['& .title { color: red }', /& stands first/],
  ['.card { :root & { color: red } }', /& before|cannot be read/],
  ['.card { & & { color: red } }', /& stands first/],
  ['.card { &:is(html, &) { color: red } }', /outside|& stands first/],
  ['.card { .title { color: red } }', /& before/],
  ['.card { @keyframes x { from { color: red } } }', /inside a rule/],
  ['@keyframes x { start { color: red } }', /percentages/],
  ['@keyframes x { from { animation: y 1s } }', /begin another/],
  ['} .title { color: red }', /cannot be read/],
  ['<!-- .title { color: red } -->', /cannot be read/],
  ['</style><script>alert(1)</script>', /./],
];

describe('what is not safe', () => {
  it.each(REFUSED)('%s is refused', (rules, why) => {
    for (const text of [rules, `.price { margin: 0 }\n${rules}`]) {
      const { css, faults } = onShelf(text);
      expect(faults.length).toBeGreaterThan(0);
      expect(faults.map((one) => one.why).join('; ')).toMatch(why);
      expect(css).not.toMatch(/url|fixed|<|@import|expression|attr\(|:root|html/i);
    }
  });

  it('does not take what comes before it with it', () => {
    for (const [rules] of REFUSED.filter(([one]) => /^[.@]/.test(one)))
      expect(onShelf(`.price { margin: 0 }\n${rules}`).css).toContain(
        `${SHELF} .part-price{margin:0!important}`,
      );
  });

  it('names nothing of the page but what is listed, however it is written', () => {
    for (const text of [
      '.title { color: red',
      '.title { content: "</style>" }',
      '/* </style> */ .title { top: 0 }',
    ])
      expect(onShelf(text).css).toMatch(/^\[data-shelf="a"\] \.part-title\{/);
  });

  it('is refused as a whole where it is too long, or too deep, and told', () => {
    const long = onShelf('.title { color: red }\n'.repeat(LONGEST_RULES / 20));
    expect(long).toMatchObject({ css: '', faults: [{ line: 1, why: expect.stringContaining('at most') }] });
    for (const deep of [
      `.title { width: ${'calc('.repeat(3_900)}`,
      '.card { &:hover '.repeat(1_200),
      `${':is('.repeat(4_900)}`,
      '{'.repeat(LONGEST_RULES),
      '@media (width > 0) {'.repeat(900),
    ]) {
      expect(deep.length).toBeLessThanOrEqual(LONGEST_RULES);
      const { css, faults } = onShelf(`.price { margin: 0 }\n${deep}`.slice(0, LONGEST_RULES));
      expect(css === '' ? faults[0]!.why : css).toMatch(/nested too deeply|margin:0/);
    }
  });
});

describe('whatever is written', () => {
  const words = fc.constantFrom(
    ...['.title', '.card', '.shelf', '&', '*', ':root', ':hover', ':is(', ')', '{', '}', '(', ';', ':', ','],
    ...['color', 'position', 'fixed', 'red', 'url(', 'url("x")', 'var(--a)', '--a', '@media', '@import', '"'],
    ...['/*', '*/', '</style>', '\\', '\\65 ', '+', '~', '>', '!important', '<!--', '-->', '\n', ' ', '12px'],
    ...[
      'content',
      'animation',
      '@keyframes x',
      'from',
      '::before',
      '[data-bay]',
      '#id',
      'html',
      'expression(',
    ],
  );

  it('only what is allowed comes out of it, in its scope', () => {
    fc.assert(
      fc.property(fc.array(words, { maxLength: 40 }), fc.constantFrom('', ' '), (some, between) => {
        const { css } = onShelf(some.join(between));
        const seen: string[] = [];
        const walk = (node: unknown): void => {
          if (typeof node !== 'object' || node === null) return;
          const one = node as Record<string, unknown> & { type?: string; children?: Iterable<unknown> };
          if (one.type === 'Url' || one.type === 'Raw') seen.push(one.type);
          if (one.type === 'Function' && !FUNCTIONS.has(String(one.name).toLowerCase()))
            seen.push(String(one.name));
          if (one.type === 'Declaration') {
            const property = String(one.property);
            if (!property.startsWith('--') && !PROPERTIES.has(property)) seen.push(property);
          }
          if (one.type === 'Atrule' && one.name !== 'media' && one.name !== 'keyframes')
            seen.push(String(one.name));
          for (const key of ['prelude', 'block', 'value', 'children'])
            if (one[key] && typeof one[key] === 'object') {
              const inner = one[key];
              if (Symbol.iterator in inner) for (const each of inner as Iterable<unknown>) walk(each);
              else walk(inner);
            }
        };
        walk(parse(css, { parseCustomProperty: true }));
        expect(seen).toEqual([]);
        expect(css).not.toContain('</style');
      }),
      { numRuns: 2_000 },
    );
  });

  it('what was read before it changes nothing, and keeps nobody waiting', () => {
    const odd = '[data-bay]red)+</style>url("x"):rootfrom( .title#id::before@import::before+';
    const alone = onShelf(odd);
    for (const before of ['('.repeat(500), '{'.repeat(2_000), ') ('.repeat(900)]) {
      onShelf(before);
      expect(onShelf(odd)).toEqual(alone);
    }
  });

  it('what is read is read the same again, as rules without a fault', () => {
    const rules = fc.record({
      place: fc.constantFrom(...placesFor(true).map(({ name }) => name)),
      property: fc.constantFrom('color', 'border', 'margin', 'opacity'),
      value: fc.constantFrom('red', '1px', 'inherit', 'calc(1px + 2px)', 'var(--accent)'),
    });
    fc.assert(
      fc.property(fc.array(rules, { maxLength: 12 }), (some) => {
        const text = some.map(({ place, property, value }) => `.${place}{${property}:${value}}`).join('\n');
        const { css, faults } = onShelf(text);
        expect(faults).toEqual([]);
        expect(css.match(/!important/g) ?? []).toHaveLength(some.length);
        expect(onShelf(text).css).toBe(css);
      }),
    );
  });
});

it('every element has a name that can be written in a rule, and one alone', () => {
  const named = rulePlaces.flatMap(({ element }) => element ?? []);
  expect(named.length + 1).toBe(new Set([...named, 'page']).size);
  expect(new Set([...named, 'page'])).toEqual(new Set(elements.map(({ id }) => id)));
  for (const { name } of rulePlaces) {
    expect(name).toMatch(/^[a-z-]+\d?$/);
    expect(readRules(`.${name}{color:red}`, null)).toMatchObject({ faults: [] });
  }
});

it('knows which elements rules may change', () => {
  expect(elementsNamed('')).toEqual(new Set());
  expect(elementsNamed('.card:hover > .title, .reduced-price { color: red } /* .price */')).toEqual(
    new Set(['card', 'title', 'reducedPrice']),
  );
  expect(elementsNamed('.cards > * { color: red }')).toBeNull();
  expect(elementsNamed('.title { margin: calc(2px * 3) .5px }')).toEqual(new Set(['title']));
});
