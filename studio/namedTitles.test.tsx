// @vitest-environment jsdom
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { specimenShelf, specimenStored } from '../core/specimen/specimen.ts';
import { makeDraft } from './draft/draftStore.ts';
import { useTitles } from './namedTitles.ts';

afterEach(cleanup);

const pinned = (ids: readonly number[]) => ({
  do: 'set' as const,
  on: { shelf: 'a' },
  setting: 'assortment.byHand',
  value: { pins: ids.map((id, i) => ({ id, place: i + 1 })), putIn: [], leftOut: [] },
});

function open(answer: (ids: readonly number[]) => Promise<{ products: { id: number; title: string }[] }>) {
  const stored = specimenStored([specimenShelf('a')]);
  const draft = makeDraft(stored, {}, null, Date.now);
  const ask = vi.fn((_: unknown, { body }: { body: { ids: readonly number[] } }) => answer(body.ids));
  const first: { id: number; title: string }[] = [];
  const client = { ask } as never;
  const { result } = renderHook(() => useTitles(draft, client, first));
  return { draft, ask, titles: () => result.current.titles, learn: () => result.current.learnTitles };
}
const mug = (id: number) => ({ id, title: `Mug ${id}` });

describe('titles of products that rules name', () => {
  it('are fetched whichever way a product comes into the draft, and never said to be gone before that', async () => {
    const { draft, ask, titles } = open(async (ids) => ({ products: ids.map(mug) }));
    act(() => draft.run(pinned([76])));
    expect(titles().get(76)).toBe('Fetching…');
    await waitFor(() => expect(titles().get(76)).toBe('Mug 76'));
    act(() => draft.undo());
    act(() => draft.redo());
    act(() => draft.run({ do: 'set', on: { shelf: 'a' }, setting: 'name', value: 'Other' }));
    expect(ask).toHaveBeenCalledTimes(1);
  });

  it('are missing once the server has none', async () => {
    const { draft, titles } = open(async () => ({ products: [] }));
    act(() => draft.run(pinned([99])));
    await waitFor(() => expect(titles().has(99)).toBe(false));
  });

  it('are asked for again after they could not be fetched', async () => {
    let away = true;
    const { draft, ask, titles } = open(async (ids) => {
      if (away) throw new Error('away');
      return { products: ids.map(mug) };
    });
    act(() => draft.run(pinned([5])));
    await waitFor(() => expect(ask).toHaveBeenCalledTimes(1));
    await act(async () => new Promise((resolve) => setTimeout(resolve, 10)));
    away = false;
    act(() => draft.run(pinned([5, 6])));
    await waitFor(() => expect(titles().get(5)).toBe('Mug 5'));
    expect(titles().get(6)).toBe('Mug 6');
  });

  it('that were met while searching are known at once', () => {
    const { titles, learn } = open(async () => ({ products: [] }));
    act(() => learn()([mug(3)]));
    expect(titles().get(3)).toBe('Mug 3');
  });
});
