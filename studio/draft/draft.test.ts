import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { specimenShelf, specimenStored } from '../../core/specimen/specimen.ts';
import { writtenDocument } from '../../core/plan/reading.ts';
import type { Command } from '../../core/plan/commands.ts';
import { Away, Refusal } from '../api/client.ts';
import { draftVersion, makeDraft, type Draft } from './draftStore.ts';
import { readKept, startSaving, type Keep } from './saver.ts';

const plan = specimenStored([specimenShelf('a'), specimenShelf('b')]);
const versions = { house: 1, 'page:home': 1, 'shelf:a': 1, 'shelf:b': 1 };
const across = (shelf: string, value: number): Command => ({
  do: 'set',
  on: { shelf },
  setting: 'columns.count',
  band: 'phone',
  value,
});
const shown = (draft: Draft, shelf = 'a') => draft.getState().plan.shelves[shelf]!.columns.count.phone;

let now = 0;
let draft: Draft;
let kept: string | null;
const keep: Keep = { read: () => kept, write: (text) => (kept = text) };

beforeEach(() => {
  vi.useFakeTimers();
  now = 0;
  kept = null;
  draft = makeDraft(plan, versions, null, () => now);
});
afterEach(() => vi.useRealTimers());

describe('undo and redo', () => {
  it('go back and forward over every change', () => {
    for (const n of [3, 4, 5]) draft.run(across('a', n));
    draft.undo();
    draft.undo();
    expect(shown(draft)).toBe(3);
    draft.redo();
    expect(shown(draft)).toBe(4);
    draft.run(across('a', 6));
    draft.redo();
    expect(shown(draft)).toBe(6);
  });

  it('take quick repeats of the same thing as one step', () => {
    const type = (value: string) =>
      draft.run({ do: 'set', on: { page: 'home', bay: 'a' }, setting: 'heading.words', value }, 'heading');
    type('N');
    now += 100;
    type('Ne');
    now += 100;
    type('New');
    now += 5000;
    type('New!');
    draft.undo();
    expect(draft.getState().plan.pages.home!.bays[0]!.heading.words).toBe('New');
    draft.undo();
    expect(draft.getState().draft).toEqual(plan);
  });

  it('remember nothing where nothing changed', () => {
    draft.run(across('a', 5));
    draft.run(across('a', 5));
    expect(draft.getState().past).toHaveLength(1);
  });
});

describe('saving by itself', () => {
  const saves = (answer: (documents: { key: string; version: number }[]) => unknown) => {
    const post = vi.fn(async (_: string, body: unknown) =>
      answer((body as { documents: { key: string; version: number }[] }).documents),
    );
    return { post: post as never, calls: post };
  };
  const accept = (documents: { key: string; version: number }[]) => ({
    versions: Object.fromEntries(documents.map(({ key, version }) => [key, version + 1])),
    savedAt: '2026-11-24T14:02:00.000Z',
  });

  it('sends what changed within a second, and only that', async () => {
    const client = saves(accept);
    startSaving(draft, client, keep);
    for (let i = 0; i < 12; i += 1) {
      draft.run(across('a', 3 + i));
      await vi.advanceTimersByTimeAsync(80);
    }
    await vi.advanceTimersByTimeAsync(400);
    expect(client.calls.mock.calls.length).toBeGreaterThan(1);
    expect(
      client.calls.mock.calls.flatMap(([, body]) =>
        (body as { documents: { key: string }[] }).documents.map(({ key }) => key),
      ),
    ).toEqual(client.calls.mock.calls.map(() => 'shelf:a'));
    expect(draft.getState().saving).toEqual({ state: 'saved' });
    expect(draftVersion(draft.getState().versions)).toBe(4 + client.calls.mock.calls.length);
    expect(kept).toBeNull();
  });

  it('keeps the draft while the server is away, and sends it when it is back', async () => {
    let away = true;
    const client = saves((documents) => {
      if (away) throw new Away('away');
      return accept(documents);
    });
    startSaving(draft, client, keep);
    draft.run(across('a', 5));
    await vi.advanceTimersByTimeAsync(500);
    expect(draft.getState().saving.state).toBe('away');
    draft.run(across('b', 6));
    expect(readKept(keep).map(({ key }) => key)).toEqual(['shelf:a', 'shelf:b']);
    away = false;
    await vi.advanceTimersByTimeAsync(2500);
    expect(draft.getState().saving.state).toBe('saved');
    expect(draft.unsaved()).toEqual([]);
  });

  it('shows both sides of a stale save, and either can be chosen', async () => {
    const theirs = {
      key: 'shelf:a' as const,
      version: 9,
      body: writtenDocument({ ...plan.shelves.a!, name: 'Theirs' }),
      savedAt: null,
      savedBy: 'Other',
    };
    let stale = true;
    const client = saves((documents) => {
      if (stale) throw new Refusal('draft-stale', 412, 'stale', { theirs: [theirs] });
      return accept(documents);
    });
    startSaving(draft, client, keep);
    draft.run(across('a', 5));
    await vi.advanceTimersByTimeAsync(500);
    expect(draft.getState().saving).toEqual({ state: 'stale', theirs: [theirs] });
    stale = false;
    const { saving } = draft.getState();
    if (saving.state === 'stale') draft.keepMine(saving.theirs);
    await vi.advanceTimersByTimeAsync(500);
    expect(client.calls.mock.lastCall![1]).toMatchObject({ documents: [{ key: 'shelf:a', version: 9 }] });
    expect(draft.getState().saving.state).toBe('saved');

    draft.takeTheirs([{ ...theirs, version: 11 }]);
    expect(draft.getState().plan.shelves.a!.name).toBe('Theirs');
    draft.undo();
    expect(shown(draft)).toBe(5);
  });

  it('says what was refused and keeps it', async () => {
    const client = saves(() => {
      throw new Refusal('document-faulty', 422, 'Number of columns: too many', null);
    });
    startSaving(draft, client, keep);
    draft.run(across('a', 5));
    await vi.advanceTimersByTimeAsync(500);
    expect(draft.getState().saving).toEqual({ state: 'refused', message: 'Number of columns: too many' });
    expect(shown(draft)).toBe(5);
    expect(readKept(keep)).toHaveLength(1);
  });
});
