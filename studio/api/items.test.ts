import { QueryClient } from '@tanstack/react-query';
import { beforeEach, describe, expect, it } from 'vitest';
import { readAssortment } from '../../core/assortment/assortment.ts';
import type { ItemsAnswer, ItemsRequest } from '../../core/view/view.ts';
import type { Client } from './client.ts';
import { makeItems, nobody, type Items } from './items.ts';

interface Question {
  body: { count: number; assortment: unknown };
  answer(total: number): Promise<void>;
  fail(message: string): Promise<void>;
}

let questions: Question[];
let items: Items;
let turns: number;

const settled = () => new Promise((resolve) => setTimeout(resolve, 5));

beforeEach(() => {
  questions = [];
  turns = 0;
  const client = {
    ask: (_: unknown, { body }: Pick<Question, 'body'>) =>
      new Promise<ItemsAnswer>((resolve, reject) => {
        questions.push({
          body,
          answer: (total) => (resolve({ total, own: total, start: 0, items: [] }), settled().then(() => {})),
          fail: (message) => (reject(new Error(message)), settled().then(() => {})),
        });
      }),
  } as unknown as Client;
  items = makeItems(client, new QueryClient());
  items.subscribe((state, before) => {
    if (state.answer !== before.answer) turns += 1;
  });
});

const request = (more: Partial<ItemsRequest> = {}): ItemsRequest => ({
  shelfId: 'a',
  assortment: readAssortment({ of: 'products' }),
  fallbacks: [],
  without: [],
  start: 0,
  count: 12,
  needs: [],
  listing: null,
  ...more,
});
const ask = (more?: Partial<ItemsRequest>) => items.getState().answer(request(more), nobody);
const limited = (limit: number) => ({ assortment: readAssortment({ of: 'products', limit }) });

describe('items of shelves', () => {
  it('are nothing until they come, then there at once', async () => {
    expect(ask()).toMatchObject({ total: 0, coming: true });
    await settled();
    expect([...items.getState().waiting]).toEqual(['a']);
    await questions[0]!.answer(64);
    expect(items.getState().waiting.size).toBe(0);
    expect(turns).toBe(1);
    expect(ask().total).toBe(64);
    expect(ask().coming).toBeUndefined();
    expect(questions).toHaveLength(1);
  });

  it('are asked for in lots, so that most changes of a number ask nothing', async () => {
    ask();
    await settled();
    await questions[0]!.answer(64);
    for (const count of [1, 20, 48]) expect(ask({ count }).total).toBe(64);
    expect(questions).toHaveLength(1);
    ask({ count: 49 });
    await settled();
    expect(questions.map(({ body }) => body.count)).toEqual([48, 96]);
    // The last answer stays until the new one is there.
    expect(ask({ count: 49 }).total).toBe(64);
  });

  it('never show an older answer that comes after a newer question', async () => {
    ask(limited(3));
    await settled();
    ask(limited(5));
    await settled();
    await questions[1]!.answer(5);
    expect(ask(limited(5)).total).toBe(5);
    await questions[0]!.answer(3);
    expect(ask(limited(5)).total).toBe(5);
    expect(turns).toBe(1);
  });

  it('say what went wrong by shelf, do not ask again by themselves, and do when told', async () => {
    ask();
    await settled();
    await questions[0]!.fail('It took too long.');
    expect(items.getState().failed.get('a')).toBe('It took too long.');
    ask();
    await settled();
    expect(questions).toHaveLength(1);
    items.retry();
    ask();
    await settled();
    expect(questions).toHaveLength(2);
    await questions[1]!.answer(7);
    expect(items.getState().failed.size).toBe(0);
    expect(ask().total).toBe(7);
  });
});
