import { JSDOM } from 'jsdom';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writtenDocument } from '../../core/plan/reading.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
beforeAll(async () => {
  store = await smallStore(60);
  const { pool } = store.database;
  await pool.query(`INSERT INTO brand (id, slug, name) VALUES (1, 'ada', 'Ada'), (2, 'bo', 'Bo & Sons')`);
  await pool.query('UPDATE product SET brand_id = 1 + id % 2');
  const shelf = await store.document('shelf:search-results').catch(() => null);
  const saved = await store.save({
    key: 'shelf:search-results',
    version: shelf?.version ?? 0,
    body: writtenDocument({
      id: 'search-results',
      name: 'What was found',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [{ is: 'around' }] },
        order: { by: 'bestMatch' },
        soldOut: 'asTheyCome',
      },
      tools: {
        count: { phone: true },
        sort: { phone: true },
        search: { phone: true },
        filters: [{ id: 'brand' }, { id: 'price' }],
      },
      amount: { by: 'items', items: { phone: 8 } },
      paging: { by: 'numbered' },
    } as never),
  });
  expect(saved.statusCode, saved.body).toBe(200);
  expect((await store.publish()).statusCode).toBe(200);
});
afterAll(() => store.stop());

async function read(url: string) {
  const { body, statusCode, headers } = await store.get(url.split('#')[0]!);
  expect(statusCode, url).toBe(200);
  const { document } = new JSDOM(body).window;
  const texts = (selector: string) => [...document.querySelectorAll(selector)].map((one) => one.textContent);
  return {
    document,
    headers,
    heading: document.querySelector('h1')!.textContent,
    said: document.querySelector('main .search-said')?.textContent ?? '',
    found: Number(document.querySelector<HTMLElement>('[data-listing]')!.dataset.total),
    cards: texts('[data-shelf] .card .part-title'),
    links: (selector: string) =>
      [...document.querySelectorAll<HTMLAnchorElement>(selector)].map((link) => link.getAttribute('href')!),
  };
}

describe('the page of searches', () => {
  it('shows what was found, the best match first, and says in its heading what was looked for', async () => {
    const page = await read('/search?q=piece+12');
    expect(page.heading).toBe('Search: piece 12');
    expect(page.cards[0]).toBe('Piece 12');
    expect(page.document.querySelector<HTMLInputElement>('main .site-search input')!.value).toBe('piece 12');
    expect(page.said).toBe('');
  });

  it('keeps what was looked for in everything that leads on: filters, sorting, pages', async () => {
    const all = await read('/search?q=piece');
    expect(all.found).toBe(60);
    const [ada] = all.links('a.filter-value[data-filter=brand]');
    const narrowed = await read(ada!);
    expect(narrowed.found).toBe(30);
    expect(narrowed.heading).toBe('Search: piece');
    const [second] = all.links('.pager a');
    expect(new URL(second!, 'http://a.b').searchParams.get('q')).toBe('piece');
    expect((await read(second!)).cards).not.toEqual(all.cards);
    const kept = all.document.querySelector<HTMLInputElement>('.tool-sort input[name=q]');
    expect(kept!.value).toBe('piece');
    const sorted = await read('/search?q=piece&sort=name&brand=ada');
    expect(sorted.found).toBe(30);
    expect(sorted.cards).toEqual([...sorted.cards].sort());
    // The page itself is what is searched; there is no second field for that in its list.
    expect(all.document.querySelector('.tool-search')).toBeNull();
  });

  it('pages through all that was found, each once', async () => {
    const seen: string[] = [];
    for (let from = 0; from < 60; from += 8)
      seen.push(...(await read(`/search?q=piece&search-results.from=${from}`)).cards);
    expect(new Set(seen).size).toBe(60);
    expect(seen).toHaveLength(60);
  });

  it('says how it found what is spelt otherwise, and is never empty', async () => {
    const wrong = await read('/search?q=peice+12');
    expect(wrong.said).toBe('Nothing matches “peice 12”. Shown instead: “piece 12”, 1 product.');
    const nothing = await read('/search?q=xylophone');
    expect(nothing.said).toMatch(/^Nothing matches “xylophone”/);
    expect(nothing.cards.length).toBeGreaterThan(0);
    const none = await read('/search');
    expect(none.heading).toBe('Search');
    expect(none.said).toBe('');
    expect(none.cards.length).toBeGreaterThan(0);
  });

  it('says it in words, whatever was typed', async () => {
    const hostile = '</h1><script>alert(1)</script>';
    const page = await read(`/search?q=${encodeURIComponent(hostile)}`);
    expect(page.heading).toBe(`Search: ${hostile}`);
    expect(page.document.querySelectorAll('script:not([src]):not([type])')).toHaveLength(0);
  });

  it('is found by no search engine, stands in no sitemap, and is the same for equal searches', async () => {
    const page = await read('/search?q=piece');
    expect(page.document.querySelector('meta[name=robots]')!.getAttribute('content')).toBe('noindex');
    expect((await store.get('/sitemap-1.xml')).body).not.toContain('/search');
    const other = await read('/search?q=++piece%20&colour=red&q.from=3');
    expect(other.headers.etag).toBe(page.headers.etag);
  });

  it.each([
    ['of ten thousand characters', 'x'.repeat(10_000)],
    ['of signs alone', '&&||!()<->:*'],
    ['from right to left', 'אגרטל'],
    ['of emoji', '🏺🏺'],
    ['with zeros', 'a\0b'],
    ['twice', 'jug&q=mug'],
    ['of half a character', '%ED%A0%80'],
  ])('answers a search %s with a page', async (_, words) => {
    const sent = words.includes('&q=') || words.startsWith('%ED') ? words : encodeURIComponent(words);
    const { statusCode } = await store.get(`/search?q=${sent}`);
    expect(statusCode).toBeLessThan(500);
    expect([200, 400]).toContain(statusCode);
  });

  it('finds a product by its new title at once', async () => {
    expect((await read('/search?q=zephyr')).said).not.toBe('');
    await store.database.pool.query(
      `UPDATE product SET title = 'Zephyr bowl', title_key = 'zephyr bowl' WHERE id = 5`,
    );
    await expect
      .poll(async () => (await read('/search?q=zephyr')).cards, { timeout: 3_000 })
      .toEqual(['Zephyr bowl']);
  });
});

describe('what is suggested while a search is typed', () => {
  const ask = async (words: string) => {
    const answer = await store.get(`/search/suggestions?q=${encodeURIComponent(words)}`);
    return { ...answer, ...(answer.statusCode === 200 && answer.json<{ html: string; said: string }>()) };
  };
  it('is products with the way to all, as options that lead to pages', async () => {
    const { html, said, headers } = await ask('piece');
    const { document } = new JSDOM(html).window;
    const options = [...document.querySelectorAll<HTMLElement>('[role=option]')];
    expect(options).toHaveLength(7);
    expect(said).toBe('6 suggestions');
    expect(options.at(-1)!.textContent).toMatch(/^Show all \d+ products$/);
    expect(headers['cache-control']).toBe('no-store');
    for (const option of options) expect((await store.get(option.dataset.href!)).statusCode).toBe(200);
  });
  it('is nothing where nothing matches, and refused where nothing is asked', async () => {
    expect((await ask('xylophone')).html).toBe('');
    expect((await ask('')).statusCode).toBe(404);
    expect((await store.get('/search/suggestions?q=a&q=b')).statusCode).toBe(404);
  });
});
