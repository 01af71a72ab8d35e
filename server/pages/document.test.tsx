// @vitest-environment jsdom
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { readLongText } from '../../core/goods/longText.ts';
import { checkDocument } from '../../core/plan/checkDocument.ts';
import { documentKeys, documentOf, withDocument, type PlanDocument } from '../../core/plan/documents.ts';
import { readPlan } from '../../core/plan/reading.ts';
import { completePlan, type StoredPlan } from '../../core/plan/storedPlan.ts';
import { LAYOUT_IDS } from '../../core/layouts/index.ts';
import {
  specimenBay,
  specimenPlan,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenTree,
  specimenView,
} from '../../core/specimen/specimen.ts';
import { reckoned } from '../../core/shopper/basket.ts';
import { orderOf } from '../../core/shopper/order.ts';
import type { Item } from '../../core/card/item.ts';
import type { ProductDetail } from '../../core/catalogue/facts.ts';
import { viewWith } from '../../core/view/driveView.ts';
import { htmlPage, inLowerCase } from './document.tsx';

const store = (format: number): unknown =>
  JSON.parse(
    readFileSync(join(import.meta.dirname, `../../core/plan/formats/stores/format-${format}.json`), 'utf8'),
  ) as unknown;
const { plan: read } = readPlan(store(5));
const home = read.pages.home!;
/** With a bay of each kind of content that came later. */
const plan: StoredPlan = {
  ...read,
  pages: {
    ...read.pages,
    home: {
      ...home,
      bays: [
        ...home.bays,
        {
          id: 'made',
          holds: 'pictureText',
          columns: [{ id: 'c', title: 'Thrown', words: 'By hand', button: 'Read on', link: '/journal' }],
        },
        { id: 'found', holds: 'links', links: [{ id: 'l', words: 'Write', link: '/ask', icon: 'mail' }] },
        {
          id: 'told-at-length',
          holds: 'words',
          body: [
            {
              type: 'paragraph',
              content: [
                { type: 'text', text: 'Fired twice', marks: [{ type: 'link', attrs: { href: '/journal' } }] },
              ],
            },
          ],
        },
        { id: 'gap', holds: 'line' },
        {
          id: 'write',
          holds: 'contact',
          heading: { words: 'Write to us' },
          button: 'Send it',
          thanks: 'Thank you',
          fields: [{ id: 'f', label: 'What about', required: true }],
        },
        { id: 'told', holds: 'notice', words: 'Open on Saturday', link: '/shop', closable: true },
        {
          id: 'turns',
          holds: 'banners',
          banners: ['one', 'two'].map((id) => ({
            id,
            title: 'Out of the kiln',
            words: 'Since Saturday',
            button: 'See more',
            link: '/shop',
          })),
        },
        { id: 'down', holds: 'jump', words: 'Down', target: 'found' },
        { id: 'thought', holds: 'reviews', heading: { words: 'What buyers think' } },
        {
          id: 'turn',
          holds: 'tabs',
          tabs: Object.keys(read.shelves)
            .slice(0, 2)
            .map((shelfId, i) => ({ id: `t${i}`, name: `Tab ${i}`, shelfId })),
        },
      ],
    },
  },
};

/** Each would become an element, a rule of style or a script of its own if it were not escaped where it is written. */
const ATTACKS = [
  `"'><x-hostile a=1></x-hostile></style></script><x-hostile></x-hostile>}x-hostile{color:red}/*--><x-hostile>`,
  '</style><x-hostile></x-hostile>',
  '"><x-hostile></x-hostile>',
  '}x-hostile{color:red}',
  '<x-hostile>',
  '";}*{color:red}"',
  'javascript:hostile()',
];

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** The document with a string put into each place where one stands, as far as it is still taken. */
function attacked(key: Parameters<typeof checkDocument>[0], document: Json, attack: string): [Json, number] {
  let now = document;
  let taken = 0;
  const visit = (way: (string | number)[], value: Json): void => {
    if (typeof value === 'string') {
      const next = structuredClone(now);
      let parent = next as Record<string | number, Json>;
      for (const step of way.slice(0, -1)) parent = parent[step] as Record<string | number, Json>;
      parent[way.at(-1)!] = attack;
      if (checkDocument(key, next)) return;
      taken += 1;
      now = next;
    } else if (Array.isArray(value)) value.forEach((one, i) => visit([...way, i], one));
    else if (value) for (const [at, one] of Object.entries(value)) visit([...way, at], one);
  };
  visit([], document);
  return [now, taken];
}

/** Ids and kinds have to stay, or there would be nothing to draw. */
const NAMES = new Set(['id', 'kind', 'holds', 'shelfId', 'assortmentId', 'target']);
const withNames = (before: Json, after: Json): Json => {
  if (Array.isArray(before) && Array.isArray(after)) return after.map((one, i) => withNames(before[i]!, one));
  if (before && after && typeof before === 'object' && typeof after === 'object')
    return Object.fromEntries(
      Object.entries(after).map(([key, one]) => [
        key,
        NAMES.has(key)
          ? (before as Record<string, Json>)[key]!
          : withNames((before as Record<string, Json>)[key] ?? null, one),
      ]),
    );
  return after;
};

function attackedPlan(attack: string): { stored: StoredPlan; taken: number } {
  let stored = plan;
  let total = 0;
  for (const key of documentKeys(plan)) {
    const before = JSON.parse(JSON.stringify(documentOf(plan, key))) as Json;
    const [after, taken] = attacked(key, before, attack);
    const next = withNames(before, after);
    expect(checkDocument(key, next), key).toBeNull();
    total += taken;
    stored = withDocument(stored, key, next as unknown as PlanDocument);
  }
  return { stored, taken: total };
}

/** An option with one value in words and one by a colour that is none. */
const attackedOption = (attack: string) => ({
  id: 1,
  name: attack,
  values: [null, attack].map((colour, i) => ({
    id: i + 1,
    name: attack,
    colour,
    picture: null,
    variantId: i + 1,
    photograph: null,
    price: { regular: 100 + i, reduced: null, from: false },
    available: i === 0,
    chosen: i === 0,
  })),
});

/** The HTML of every page, with goods whose every word is the attack too. */
function pagesOf(stored: StoredPlan, attack: string): [string, string][] {
  const complete = completePlan(stored);
  const product = (id: number) =>
    specimenProduct(id, {
      title: attack,
      shortText: attack,
      slug: attack,
      brand: attack,
      options: [attackedOption(attack)],
      price: { regular: 100, reduced: null, from: true },
    });
  const detail: ProductDetail = {
    ...product(1),
    longText: [
      { type: 'paragraph', content: [{ type: 'text', text: attack }] },
      ...readLongText(`<p><a href="${attack}">${attack}</a>${attack}</p><script>${attack}</script>`),
    ],
    code: attack,
    options: [attackedOption(attack)],
    fields: [{ id: 'a', name: attack, value: attack, unit: attack }],
    trail: [{ name: attack, slug: attack }],
    variants: [1, 2].map((id) => ({
      id,
      choice: attack,
      price: { regular: 100, reduced: null, from: false },
      available: true,
    })),
  };
  const basket = reckoned(
    [{ variantId: 1, quantity: 3, paid: 90 }],
    new Map([
      [
        1,
        {
          variantId: 1,
          productId: 1,
          slug: attack,
          title: attack,
          choice: attack,
          price: 100,
          stock: 2,
          picture: null,
        },
      ],
    ]),
  );
  const items = Array.from({ length: 12 }, (_, i): Item => ({ of: 'products', product: product(i + 1) }));
  return Object.values(complete.pages).map((page) => {
    const view = viewWith(
      {
        plan: complete,
        page,
        now: Date.UTC(2026, 10, 24, 12),
        tree: specimenTree,
        pictures: () => undefined,
        address: { path: `/${encodeURIComponent(attack)}`, from: {}, open: {} },
        about: {
          basket,
          order: orderOf(7, basket),
          token: attack,
          sent: {
            values: { name: attack, email: attack, note: attack, message: attack },
            faults: { name: attack, form: attack },
          },
          product: detail,
          entry: {
            id: 1,
            slug: attack,
            title: attack,
            summary: attack,
            text: [
              { type: 'heading', attrs: { level: 2 }, content: [{ type: 'text', text: attack }] },
              {
                type: 'paragraph',
                content: [{ type: 'text', text: attack, marks: [{ type: 'link', attrs: { href: attack } }] }],
              },
              { type: 'shelf', attrs: { shelfId: attack } },
            ],
            publishedAt: 0,
            author: attack,
            tags: [attack],
            picture: null,
          },
          category: specimenTree.all[0]!,
          collection: { id: 1, slug: attack, name: attack },
        },
      },
      ({ start, count }) => ({ total: 12, own: 12, start, items: items.slice(start, start + count) }),
    );
    return [page.id, htmlPage(view, 'https://shop.example').html];
  });
}

describe('the rules of style of a page', () => {
  it('are those of every page, and of the kinds of bay that it has', () => {
    const of = (bay: object) =>
      htmlPage(specimenView(completePlan(specimenStored([], [specimenBay('a', bay)]))), null).html;
    const [line, links] = [
      of({ holds: 'line' }),
      of({ holds: 'links', links: [{ id: 'l', link: '/shop' }] }),
    ];
    const has = (html: string) =>
      ['.space{', '.bay-links{', '.basket-lines{', '.bay-heading{'].map((rule) => html.includes(rule));
    expect(has(line)).toEqual([true, false, false, true]);
    expect(has(links)).toEqual([false, true, false, true]);
    // One that has nothing to show brings none.
    expect(has(of({ holds: 'links' }))).toEqual([false, false, false, true]);
  });
});

describe('whatever is written into a plan or a catalogue', () => {
  it.each(ATTACKS)('is words on the page, and nothing of it is markup, style or script: %s', (attack) => {
    const { stored, taken } = attackedPlan(attack);
    // Places that take any words at all: names, headings, texts.
    if (!attack.startsWith('javascript')) expect(taken).toBeGreaterThan(20);
    for (const [page, html] of pagesOf(stored, attack)) {
      const read = new DOMParser().parseFromString(html, 'text/html');
      expect(read.querySelectorAll('x-hostile'), page).toHaveLength(0);
      expect(read.querySelectorAll('[a]'), page).toHaveLength(0);
      // One style sheet, no script but data, and the page ends where it should.
      expect(read.querySelectorAll('style'), page).toHaveLength(1);
      expect(read.querySelectorAll('script:not([type="application/ld+json"])'), page).toHaveLength(0);
      expect(read.head.querySelectorAll('title')).toHaveLength(1);
      const rules = [...read.querySelector('style')!.textContent.matchAll(/x-hostile|color:red/g)];
      expect(rules, page).toEqual([]);
      for (const data of read.querySelectorAll('script'))
        expect(() => JSON.parse(data.textContent) as unknown, page).not.toThrow();
      for (const link of read.querySelectorAll('[href], [src]'))
        expect(`${link.getAttribute('href') ?? ''}${link.getAttribute('src') ?? ''}`, page).not.toMatch(
          /^\s*javascript:/i,
        );
    }
  });

  it('is there to be read', () => {
    const { stored } = attackedPlan('<x-hostile>');
    const [, html] = pagesOf(stored, '<x-hostile>').find(([page]) => page === 'home')!;
    const read = new DOMParser().parseFromString(html, 'text/html');
    expect(read.body.textContent).toContain('<x-hostile>');
  });
});

describe('stores of every format', () => {
  it.each([1, 2, 3, 4, 5])('of format %i: every page is a whole document of one language', (format) => {
    const complete = completePlan(readPlan(store(format)).plan);
    for (const page of Object.values(complete.pages)) {
      const { html, policy } = htmlPage(specimenView(complete, 24, { page }), 'https://shop.example');
      const read = new DOMParser().parseFromString(html, 'text/html');
      expect(read.documentElement.lang).toMatch(/^[a-z]{2}/);
      expect(read.title).not.toBe('');
      expect(read.querySelectorAll('main')).toHaveLength(1);
      expect(read.querySelectorAll('h1').length, `${format} ${page.id}`).toBe(1);
      expect(policy).toContain("default-src 'none'");
    }
  });
});

describe('the markup of a page', () => {
  it('names attributes as HTML does, and leaves texts and values as they are', () => {
    expect(
      inLowerCase(
        '<img fetchPriority="high" srcSet="/a b=&quot;c&quot;" alt=" srcSet=x"/><p>a srcSet="b" &lt;i tabIndex="0"&gt;</p><svg viewBox="0 0 1 1"></svg>',
      ),
    ).toBe(
      '<img fetchpriority="high" srcset="/a b=&quot;c&quot;" alt=" srcSet=x"/><p>a srcSet="b" &lt;i tabIndex="0"&gt;</p><svg viewBox="0 0 1 1"></svg>',
    );
  });

  it('has no attribute with capitals, and no two landmarks of one name', () => {
    for (const layout of LAYOUT_IDS)
      for (const by of ['numbered', 'more', 'onReach'] as const) {
        const shelf = specimenShelf('a', {
          layout: { phone: layout },
          paging: { by },
          moving: { play: true, arrows: { phone: true }, marks: { phone: 'dots' } },
        });
        const { html } = htmlPage(specimenView(specimenPlan([shelf]), 90), null);
        const body = html.slice(html.indexOf('<body>'));
        for (const [tag] of body.matchAll(/<[a-z][^>]*>/g))
          for (const [, name] of tag.matchAll(/ ([A-Za-z-]+)="/g))
            if (name !== 'viewBox') expect(name, tag).toBe(name!.toLowerCase());
        const page = new DOMParser().parseFromString(html, 'text/html');
        // Nothing is seen before what stands in the header is all there.
        const awaited = page.querySelector('link[rel=expect]')?.getAttribute('href') ?? null;
        expect(awaited).toBe(page.querySelector('header.store') ? '#main' : null);
        const names = [...page.querySelectorAll('nav,[role=region],aside,form:not(.part-basket)')].map(
          (one) => one.getAttribute('aria-label') ?? '',
        );
        expect(names.every(Boolean)).toBe(true);
        expect(new Set(names).size).toBe(names.length);
      }
  });
});
