import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { describe, expect, it, vi } from 'vitest';
import type { Conflict } from '../../core/facts/factEdit.ts';
import type { Goods } from '../../core/goods/goods.ts';
import { edited, isStill, valueAt, type GoodsEdit } from '../../core/goods/goodsEdit.ts';
import type { Client } from './client.ts';
import { goodsKey, makeGoodsWriter } from './goodsWriter.ts';

const dish = {
  id: 1,
  title: 'Dish',
  code: 'A',
  featured: false,
  variants: [],
  fields: {},
} as unknown as Goods;
const edit = (fact: string, was: unknown, is: unknown): GoodsEdit => ({
  product: 1,
  of: 'product',
  part: null,
  fact,
  was,
  is,
});
const step = (fact: string, was: unknown, is: unknown) => ({ words: fact, edits: [edit(fact, was, is)] });

/** A writer, and a server that keeps what it is told, unless it is away. */
function made() {
  let goods = dish;
  const server = { isAway: false };
  const queries = new QueryClient();
  queries.setQueryData(goodsKey(1), { goods });
  const client = {
    ask: async (_: unknown, { body }: { body: { edits: GoodsEdit[] } }) => {
      await Promise.resolve();
      if (server.isAway) throw new Error('Nobody is there.');
      const conflicts: Conflict<GoodsEdit>[] = body.edits.flatMap((one) =>
        isStill(goods, one) ? [] : [{ edit: one, now: valueAt(goods, one), gone: false }],
      );
      if (conflicts.length === 0) goods = body.edits.reduce(edited, goods);
      return { conflicts };
    },
  } as unknown as Client;
  const writer = makeGoodsWriter(client, queries);
  const shown = () => queries.getQueryData<{ goods: Goods }>(goodsKey(1))!.goods;
  const elsewhere = (more: Partial<Goods>) => {
    goods = { ...goods, ...more };
  };
  return { writer, server, shown, elsewhere, now: () => goods, state: writer.getState };
}

describe('what is shown while facts are on their way', () => {
  it('is never what was asked before them, and is asked anew once nothing is on its way', async () => {
    const queries = new QueryClient();
    let goods = dish;
    const waits: (() => void)[] = [];
    const asked: string[] = [];
    const client = {
      ask: (_: unknown, { body }: { body: { edits: GoodsEdit[] } }) =>
        new Promise((resolve) => {
          waits.push(() => {
            goods = body.edits.reduce(edited, goods);
            resolve({ conflicts: [] });
          });
        }),
    } as unknown as Client;
    const writer = makeGoodsWriter(client, queries);
    /** Read now, answered when it is let go. */
    const reads: (() => void)[] = [];
    const observer = new QueryObserver(queries, {
      queryKey: goodsKey(1),
      queryFn: () => {
        const now = goods;
        asked.push(now.title);
        return new Promise<{ goods: Goods }>((resolve) => reads.push(() => resolve({ goods: now })));
      },
    });
    const stop = observer.subscribe(() => undefined);
    reads.shift()!();
    await vi.waitFor(() => expect(observer.getCurrentResult().data).toBeDefined());
    const title = () => observer.getCurrentResult().data!.goods.title;
    void queries.invalidateQueries({ queryKey: goodsKey(1) });
    await vi.waitFor(() => expect(reads).toHaveLength(1));
    void writer.write(step('title', 'Dish', 'Bowl'));
    void writer.write(step('title', 'Bowl', 'Jug'));
    expect(title()).toBe('Jug');
    // The old answer comes, and then the first of the two is written.
    reads.shift()!();
    await vi.waitFor(() => expect(waits).toHaveLength(1));
    waits.shift()!();
    await vi.waitFor(() => expect(waits).toHaveLength(1));
    expect(title()).toBe('Jug');
    expect(asked).toEqual(['Dish', 'Dish']);
    waits.shift()!();
    await vi.waitFor(() => expect(asked).toEqual(['Dish', 'Dish', 'Jug']));
    reads.shift()!();
    expect(title()).toBe('Jug');
    stop();
  });
});

describe('facts of products on their way', () => {
  it('are shown at once, written in order, and as they were where they are not written', async () => {
    const { writer, shown, now, server } = made();
    const both = [writer.write(step('title', 'Dish', 'Bowl')), writer.write(step('title', 'Bowl', 'Jug'))];
    expect(shown().title).toBe('Jug');
    expect(writer.getState().under).toBe(2);
    expect(await Promise.all(both)).toEqual([true, true]);
    expect(now().title).toBe('Jug');
    server.isAway = true;
    expect(await writer.write(step('title', 'Jug', 'Lost'))).toBe(false);
    expect(shown().title).toBe('Jug');
    expect(writer.getState().under).toBe(0);
  });

  it('that were not written all stay, whatever is written after them, until they are sent again or left', async () => {
    const { writer, server, state, now } = made();
    server.isAway = true;
    await writer.write(step('title', 'Dish', 'Bowl'));
    await writer.write(step('code', 'A', 'B'));
    server.isAway = false;
    await writer.write(step('featured', false, true));
    expect(state().refused.map((one) => [one.step.words, one.why])).toEqual([
      ['title', 'Nobody is there.'],
      ['code', 'Nobody is there.'],
    ]);
    const [title, code] = state().refused;
    expect(await writer.again(title!)).toBe(true);
    writer.leave(code!);
    expect(state().refused).toEqual([]);
    expect([now().title, now().code, now().featured]).toEqual(['Bowl', 'A', true]);
  });

  it('are written over what somebody else wrote only when that is asked for', async () => {
    const { writer, state, now, elsewhere } = made();
    elsewhere({ title: 'Theirs' });
    expect(await writer.write(step('title', 'Dish', 'Mine'))).toBe(false);
    expect(now().title).toBe('Theirs');
    expect(state().refused[0]!.conflicts[0]!.now).toBe('Theirs');
    expect(await writer.again(state().refused[0]!)).toBe(true);
    expect(now().title).toBe('Mine');
  });

  it('are taken back one by one, however quickly that is pressed, and done again', async () => {
    const { writer, state, now } = made();
    await writer.write(step('title', 'Dish', 'Bowl'));
    await writer.write(step('code', 'A', 'B'));
    expect(await Promise.all([writer.undo(), writer.undo(), writer.undo()])).toEqual([true, true, false]);
    expect(now()).toEqual(dish);
    expect(state().undone.map(({ words }) => words)).toEqual(['code', 'title']);
    expect(await Promise.all([writer.redo(), writer.redo()])).toEqual([true, true]);
    expect([now().title, now().code]).toEqual(['Bowl', 'B']);
    expect(state().done.map(({ words }) => words)).toEqual(['title', 'code']);
  });

  it('that cannot be taken back stay where they can be', async () => {
    const { writer, state, server, now } = made();
    await writer.write(step('title', 'Dish', 'Bowl'));
    server.isAway = true;
    expect(await writer.undo()).toBe(false);
    expect(state().done.map(({ words }) => words)).toEqual(['title']);
    expect(state().undone).toEqual([]);
    expect(now().title).toBe('Bowl');
  });
});
