import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writtenDocument } from '../../core/plan/reading.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

const cardsOf = (html: string): string[] => [...html.matchAll(/data-card="(\d+)"/g)].map(([, id]) => id!);
const headingsOf = (html: string): string[] =>
  [...html.matchAll(/<h1[^>]*>([^<]*)</g)].map(([, words]) => words!);

describe('where there is nothing', () => {
  it('stands what sells best, under what the store says of it, with 404 and no address of its own', async () => {
    const { rows } = await store.database.pool.query<{ id: string }>(
      `SELECT product_id AS id FROM sold_daily s JOIN product p ON p.id = s.product_id AND p.in_stock
       WHERE day > (SELECT max(day) FROM sold_daily) - 30 GROUP BY product_id ORDER BY sum(units) DESC LIMIT 1`,
    );
    for (const path of ['/nowhere', '/product/none', '/page/none']) {
      const { statusCode, body } = await store.get(path);
      expect(statusCode, path).toBe(404);
      expect(headingsOf(body)).toEqual(['There is nothing at this address']);
      expect(cardsOf(body).length).toBeGreaterThan(1);
      if (rows[0]) expect(cardsOf(body)[0]).toBe(String(rows[0].id));
      expect(body.includes('rel="canonical"')).toBe(false);
    }
  });

  it('stands what its owner arranged, once that is published', async () => {
    const bays = [{ id: 'said', holds: 'banner', title: 'Off the wheel', link: '' }];
    const page = { id: 'missing', kind: 'missing', name: 'Not found', bays };
    const saved = await store.save({ key: 'page:missing', version: 0, body: writtenDocument(page) });
    expect(saved.statusCode, saved.body).toBe(200);
    expect(headingsOf((await store.get('/nowhere')).body)).toEqual(['There is nothing at this address']);
    expect((await store.publish()).statusCode).toBe(200);
    const { statusCode, body } = await store.get('/nowhere');
    expect(statusCode).toBe(404);
    expect(headingsOf(body)).toEqual(['Off the wheel']);
    expect(cardsOf(body)).toEqual([]);
  });

  it('is nowhere to go to: no address, no place in the sitemap', async () => {
    const { body } = await store.get('/sitemap-1.xml');
    const paths = [...body.matchAll(/<loc>([^<]*)<\/loc>/g)].map(([, loc]) => new URL(loc!).pathname);
    expect(new Set(paths).size).toBe(paths.length);
    expect(paths.filter((path) => path.startsWith('/missing'))).toEqual([]);
    expect((await store.get('/missing')).statusCode).toBe(404);
  });
});
