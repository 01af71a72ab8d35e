import { JSDOM } from 'jsdom';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Goods } from '../../core/goods/goods.ts';
import type { ChoiceIn } from '../../core/goods/variants.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
beforeAll(async () => {
  store = await smallStore(12);
});
afterAll(() => store.stop());

const goods = async (id: number) =>
  (await store.owner.ask('GET', `/api/goods/one?id=${id}`)).json<{ goods: Goods }>().goods;
const option = (product: number, name: string, value: string) =>
  store.owner.ask('POST', '/api/goods/option', { product, choice: { option: name, value } });
const variant = (product: number, ...choice: ChoiceIn[]) =>
  store.owner.ask('POST', '/api/goods/variant', { product, choice });
const remove = (product: number, id: number) =>
  store.owner.ask('POST', '/api/goods/variant/removed', { product, id });
const choices = async (id: number) => (await goods(id)).variants.map(({ choice }) => choice);
const glaze = (value: string): ChoiceIn => ({ option: 'Glaze', value });

describe('options and variants of a product', () => {
  it('begin with an option in which it is what it is, and are added at its price, sold out', async () => {
    expect((await variant(3, glaze('Peat'))).json()).toMatchObject({
      message: 'A product needs an option before it can have variants.',
    });
    expect((await option(3, 'Glaze', 'Peat')).json()).toEqual({ added: true });
    expect((await option(3, 'gläze', 'Chalk')).json()).toMatchObject({ code: 'goods-faulty' });
    const added = await variant(3, glaze('Chalk'));
    expect(added.statusCode, added.body).toBe(200);
    const [first, second] = (await goods(3)).variants;
    expect(second).toMatchObject({ choice: 'Chalk', price: first!.price, stock: 0, reduced: null });
    // What shoppers can choose.
    const page = async () =>
      new JSDOM((await store.get('/product/piece-3')).body).window.document.querySelector('main')!
        .textContent;
    await expect.poll(page).toContain('Chalk');
    expect(await page()).toContain('Glaze');
    expect((await variant(3, glaze('chalk '))).json()).toMatchObject({
      message: 'There is a variant “chalk” already.',
    });
  });

  it('of a second option are said in both, and names are made once', async () => {
    expect((await option(3, 'Size', 'Small')).statusCode).toBe(200);
    expect(await choices(3)).toEqual(['Peat, Small', 'Chalk, Small']);
    expect((await variant(3, glaze('Peat'))).json()).toMatchObject({ message: 'Say which Size it is.' });
    expect((await variant(3, { option: 'size', value: 'Large' }, glaze('peat'))).statusCode).toBe(200);
    expect(await choices(3)).toEqual(['Peat, Small', 'Chalk, Small', 'Peat, Large']);
    await Promise.all([option(4, 'GLAZE', 'peat'), option(5, 'Glaze', 'Peat'), option(6, 'glaze', 'PEAT')]);
    const { rows } = await store.database.pool.query<{ options: number; values: number }>(
      `SELECT (SELECT count(*)::int FROM option) AS options, (SELECT count(*)::int FROM option_value) AS values`,
    );
    expect(rows[0]).toEqual({ options: 2, values: 4 });
    expect((await goods(5)).variants[0]!.values).toEqual((await goods(4)).variants[0]!.values);
  });

  it('are never two alike, however many add them at once', async () => {
    await option(7, 'Glaze', 'Peat');
    const all = await Promise.all(
      ['Slate', 'slate', 'SLATE', 'Moss'].map((value) => variant(7, glaze(value))),
    );
    expect(all.map(({ statusCode }) => statusCode).sort()).toEqual([200, 200, 422, 422]);
    expect((await choices(7)).map((choice) => choice.toLowerCase()).sort()).toEqual([
      'moss',
      'peat',
      'slate',
    ]);
  });

  it('are taken off but for the last, and what cards show of the product follows', async () => {
    const [first, ...others] = (await goods(3)).variants;
    for (const { id } of others) expect((await remove(3, id)).json()).toEqual({ removed: true });
    expect((await remove(3, others[0]!.id)).json()).toEqual({ removed: false });
    expect((await remove(3, first!.id)).statusCode).toBe(422);
    // One of another product is not of this one.
    expect((await remove(4, first!.id)).json()).toEqual({ removed: false });
    expect(await choices(3)).toEqual(['Peat, Small']);
    const { rows } = await store.database.pool.query(
      'SELECT price_varies, shown_variant_id, kind FROM product WHERE id = 3',
    );
    expect(rows[0]).toEqual({ price_varies: false, shown_variant_id: first!.id, kind: 'variants' });
  });

  it('of a product that is gone are refused in a sentence', async () => {
    for (const answer of [
      await option(9_999, 'Glaze', 'x'),
      await variant(9_999, glaze('x')),
      await remove(9_999, 1),
    ])
      expect(answer.json()).toMatchObject({ message: 'This product is not there any more.' });
    expect((await option(3, ' ', 'x')).statusCode).toBe(400);
    expect((await variant(3)).statusCode).toBe(400);
  });
});
