import { JSDOM } from 'jsdom';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writtenDocument } from '../../core/plan/reading.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
beforeAll(async () => {
  store = await smallStore(12);
  const { pool } = store.database;
  await pool.query('DELETE FROM product_category');
  await pool.query('INSERT INTO product_category SELECT id, (SELECT min(id) FROM category) FROM product');
  await pool.query('UPDATE product SET position = id');
  await arrange({ neighbours: true });
});
afterAll(() => store.stop());

/** Sets something of the bay of the product, and publishes it. */
async function arrange(more: object): Promise<void> {
  const page = await store.document('page:product');
  const bays = (page.body.bays as { holds: string }[]).map((bay) =>
    bay.holds === 'product' ? { ...bay, ...more } : bay,
  );
  const saved = await store.save({ ...page, body: writtenDocument({ ...page.body, bays } as never) });
  expect(saved.statusCode, saved.body).toBe(200);
  expect((await store.publish()).statusCode).toBe(200);
}

async function read(path: string) {
  const { body, statusCode } = await store.get(path);
  expect(statusCode, path).toBe(200);
  const { document } = new JSDOM(body).window;
  const link = (rel: string) =>
    document.querySelector<HTMLAnchorElement>(`.neighbours [rel=${rel}]:not([hidden])`);
  return {
    document,
    previous: link('prev')?.getAttribute('aria-label') ?? null,
    next: link('next')?.getAttribute('aria-label') ?? null,
    place: document.querySelector('.neighbours .from')?.textContent ?? null,
  };
}

describe('the page of a product', () => {
  it('leads to what stands before and after it in its category', async () => {
    const page = await read('/product/piece-5');
    expect(page.previous).toBe('Previous: Piece 4');
    expect(page.next).toBe('Next: Piece 6');
    expect(page.place).toMatch(/^5 of 12 in /);
    expect((await read('/product/piece-1')).previous).toBeNull();
    expect((await read('/product/piece-12')).next).toBeNull();
  });

  it('is made anew when that is called otherwise, stands elsewhere, or is gone', async () => {
    const { pool } = store.database;
    const next = async () => (await read('/product/piece-5')).next;
    expect(await next()).toBe('Next: Piece 6');
    await pool.query(`UPDATE product SET title = 'Ewer' WHERE id = 6`);
    await expect.poll(next, { timeout: 3_000 }).toBe('Next: Ewer');
    await pool.query('UPDATE product SET position = 99 WHERE id = 6');
    await expect.poll(next, { timeout: 3_000 }).toBe('Next: Piece 7');
    await pool.query('DELETE FROM product WHERE id = 7');
    await expect.poll(next, { timeout: 3_000 }).toBe('Next: Piece 8');
  });

  it('has no such links where they are not asked for', async () => {
    await arrange({ neighbours: false });
    await expect.poll(async () => (await read('/product/piece-5')).place, { timeout: 3_000 }).toBeNull();
  });

  it.each([
    ['of another product', '3'],
    ['that is none', 'glaze'],
    ['in the thousands', '999999999999'],
    ['twice', '1&variant=2'],
    ['below nothing', '-1'],
  ])('shows the product for a variant %s', async (_, variant) => {
    const { document } = await read(`/product/piece-5?variant=${variant}`);
    expect(document.querySelector('h1')!.textContent).toBe('Piece 5');
    expect(document.querySelector('link[rel=canonical]')!.getAttribute('href')).toMatch(
      /\/product\/piece-5$/,
    );
  });
});
