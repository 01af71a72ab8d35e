import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { specimenColumns as across, specimenShelf, specimenStored } from '../../core/specimen/specimen.ts';
import { FORMAT } from '../../core/plan/formats/format.ts';
import { writtenDocument } from '../../core/plan/reading.ts';
import { apply, type Command } from '../../core/plan/commands.ts';
import { documentKeys, documentOf } from '../../core/plan/documents.ts';
import type { StoredShelf } from '../../core/plan/shelf.ts';
import type { StoredPlan } from '../../core/plan/storedPlan.ts';
import { Away, Refusal } from '../api/client.ts';
import { draftVersion, makeDraft, type Draft } from './draftStore.ts';
import type { UnsentDocument } from './kept/unsent.ts';
import { makeSaver } from './saver.ts';

const plan = specimenStored([specimenShelf('a'), specimenShelf('b')]);
const versions = { house: 1, 'page:home': 1, 'shelf:a': 1, 'shelf:b': 1 };
const shown = (draft: Draft, shelf = 'a') => draft.getState().plan.shelves[shelf]!.columns.count.phone;

let now = 0;
let draft: Draft;
let kept: UnsentDocument[];
const keep = { write: async (documents: UnsentDocument[]) => void (kept = documents) };

beforeEach(() => {
  vi.useFakeTimers();
  now = 0;
  kept = [];
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

  it('take one movement of the hand as one step, however long it rests on the way', () => {
    const movement = {};
    draft.run(across('a', 5), movement);
    now += 60_000;
    draft.run(across('a', 6), movement);
    draft.run(across('a', 7), {});
    draft.undo();
    expect(shown(draft)).toBe(6);
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
    const ask = vi.fn(async (_: unknown, { body }: { body: unknown }) =>
      answer((body as { documents: { key: string; version: number }[] }).documents),
    );
    return { ask: ask as never, calls: ask };
  };
  const accept = (documents: { key: string; version: number }[]) => ({
    versions: Object.fromEntries(documents.map(({ key, version }) => [key, version + 1])),
    savedAt: '2026-11-24T14:02:00.000Z',
    format: FORMAT,
  });

  it('sends what changed within a second, and only that', async () => {
    const client = saves(accept);
    makeSaver(draft, client, keep).start();
    for (let i = 0; i < 12; i += 1) {
      draft.run(across('a', 3 + i));
      await vi.advanceTimersByTimeAsync(80);
    }
    await vi.advanceTimersByTimeAsync(400);
    expect(client.calls.mock.calls.length).toBeGreaterThan(1);
    expect(
      client.calls.mock.calls.flatMap(([, { body }]) =>
        (body as { documents: { key: string }[] }).documents.map(({ key }) => key),
      ),
    ).toEqual(client.calls.mock.calls.map(() => 'shelf:a'));
    expect(draft.getState().saving).toEqual({ state: 'saved' });
    expect(draftVersion(draft.getState().versions)).toBe(4 + client.calls.mock.calls.length);
    expect(kept).toEqual([]);
  });

  it('keeps the draft while the server is away, and sends it when it is back', async () => {
    let away = true;
    const client = saves((documents) => {
      if (away) throw new Away('away');
      return accept(documents);
    });
    makeSaver(draft, client, keep).start();
    draft.run(across('a', 5));
    await vi.advanceTimersByTimeAsync(500);
    expect(draft.getState().saving.state).toBe('away');
    draft.run(across('b', 6));
    await vi.advanceTimersByTimeAsync(100);
    expect(kept.map(({ key }) => key)).toEqual(['shelf:a', 'shelf:b']);
    away = false;
    await vi.advanceTimersByTimeAsync(2500);
    expect(draft.getState().saving.state).toBe('saved');
    expect(draft.unsaved()).toEqual([]);
  });

  /** A server that somebody else saved to first, once. */
  const staleOnce = (theirPlan: StoredPlan) => {
    let stale = true;
    const theirs = documentKeys(theirPlan)
      .filter((key) => documentOf(theirPlan, key) !== documentOf(plan, key))
      .map((key) => ({
        key,
        version: 9,
        body: writtenDocument(documentOf(theirPlan, key)!),
        savedAt: null,
        savedBy: 'Other',
      }));
    return saves((documents) => {
      if (stale) {
        stale = false;
        throw new Refusal('draft-stale', 412, 'stale', { theirs });
      }
      return accept(documents);
    });
  };
  const sentLast = (client: { calls: { mock: { lastCall?: unknown[] } } }) =>
    (
      client.calls.mock.lastCall![1] as {
        body: { documents: { key: string; version: number; body: StoredShelf }[] };
      }
    ).body.documents;

  it('puts what somebody else saved and what was changed here together, without asking', async () => {
    const client = staleOnce(apply(plan, { ...across('a', 7), band: 'wide' } as Command));
    makeSaver(draft, client, keep).start();
    draft.run(across('a', 5));
    await vi.advanceTimersByTimeAsync(1_500);
    expect(sentLast(client)).toMatchObject([
      { key: 'shelf:a', version: 9, body: { columns: { count: { phone: 5, wide: 7 } } } },
    ]);
    expect(draft.getState()).toMatchObject({ saving: { state: 'saved' }, conflicts: [] });

    // Undo takes back what was done here, and only that; redo does it again.
    draft.undo();
    expect(draft.getState().draft.shelves.a!.columns!.count).toMatchObject({ wide: 7 });
    expect(shown(draft)).not.toBe(5);
    draft.redo();
    expect(draft.getState().draft.shelves.a!.columns!.count).toMatchObject({ phone: 5, wide: 7 });
  });

  it('does not ask about what it sent itself, where the server kept that and its answer never came', async () => {
    // The server keeps the second save and goes before it says so; a later one does not arrive at all.
    let [asked, keptThere] = [0, null as StoredShelf | null];
    const client = saves((documents) => {
      const sent = documents as unknown as { key: string; version: number; body: StoredShelf }[];
      asked += 1;
      if (asked === 2) keptThere = sent[0]!.body;
      if (asked === 2 || asked === 3) throw new Away('away');
      if (asked === 4)
        throw new Refusal('draft-stale', 412, 'stale', {
          theirs: [{ key: 'shelf:a', version: 9, body: keptThere, savedAt: null, savedBy: 'Me' }],
        });
      return accept(documents);
    });
    makeSaver(draft, client, keep).start();
    for (const columns of [4, 5, 6, 7]) {
      draft.run(across('a', columns));
      await vi.advanceTimersByTimeAsync(2_100);
    }
    await vi.advanceTimersByTimeAsync(5_000);
    expect(keptThere).toMatchObject({ columns: { count: { phone: 5 } } });
    expect(draft.getState().conflicts).toEqual([]);
    expect(sentLast(client)).toMatchObject([
      { key: 'shelf:a', version: 9, body: { columns: { count: { phone: 7 } } } },
    ]);
    expect(draft.getState().saving.state).toBe('saved');
    expect(shown(draft)).toBe(7);
  });

  it('asks all the same where somebody else changed what was sent and never answered', async () => {
    const other = apply(plan, across('a', 3));
    let asked = 0;
    const client = saves((documents) => {
      asked += 1;
      if (asked === 1) throw new Away('away');
      if (asked === 2)
        throw new Refusal('draft-stale', 412, 'stale', {
          theirs: [
            {
              key: 'shelf:a',
              version: 9,
              body: writtenDocument(other.shelves.a!),
              savedAt: null,
              savedBy: 'Other',
            },
          ],
        });
      return accept(documents);
    });
    makeSaver(draft, client, keep).start();
    draft.run(across('a', 5));
    await vi.advanceTimersByTimeAsync(3_500);
    expect(draft.getState().conflicts).toMatchObject([{ mine: 5, theirs: 3 }]);
  });

  it('asks where both changed the same; theirs stays on the server until mine is chosen', async () => {
    const client = staleOnce(apply(plan, across('a', 7)));
    makeSaver(draft, client, keep).start();
    draft.run(across('a', 5));
    draft.run(across('b', 6));
    await vi.advanceTimersByTimeAsync(1_500);
    const [conflict] = draft.getState().conflicts;
    expect(conflict).toMatchObject({ setting: 'columns.count', band: 'phone', mine: 5, theirs: 7 });
    expect(shown(draft)).toBe(5);
    expect(sentLast(client).map(({ key }) => key)).toEqual(['shelf:b']);
    // What is not chosen yet is kept in the browser, with what it was made on.
    expect(kept).toMatchObject([
      { key: 'shelf:a', body: { columns: { count: { phone: 5 } } }, was: { id: 'a' } },
    ]);
    // Work goes on meanwhile.
    draft.run(across('a', 4));
    await vi.advanceTimersByTimeAsync(1_500);
    expect(shown(draft)).toBe(4);
    draft.keepMine(draft.getState().conflicts[0]!);
    await vi.advanceTimersByTimeAsync(1_500);
    expect(sentLast(client)).toMatchObject([{ key: 'shelf:a', body: { columns: { count: { phone: 4 } } } }]);
    expect(draft.getState().saving.state).toBe('saved');
    expect(kept).toEqual([]);
  });

  it('asks no more once both have come to the same', async () => {
    const client = staleOnce(apply(plan, across('a', 7)));
    makeSaver(draft, client, keep).start();
    draft.run(across('a', 5));
    await vi.advanceTimersByTimeAsync(1_500);
    expect(draft.getState().conflicts).toHaveLength(1);
    draft.run(across('b', 2));
    expect(draft.getState().conflicts).toHaveLength(1);
    draft.run(across('a', 7));
    expect(draft.getState().conflicts).toEqual([]);
  });

  it('takes theirs, and gives mine back on undo', async () => {
    const client = staleOnce(apply(plan, across('a', 7)));
    makeSaver(draft, client, keep).start();
    draft.run(across('a', 5));
    await vi.advanceTimersByTimeAsync(1_500);
    draft.takeTheirs(draft.getState().conflicts[0]!);
    await vi.advanceTimersByTimeAsync(1_500);
    expect(shown(draft)).toBe(7);
    expect(draft.getState().saving.state).toBe('saved');
    draft.undo();
    expect(shown(draft)).toBe(5);
  });

  it('takes up what another window could not send, and asks where it was changed since', () => {
    draft.run(across('a', 5));
    draft.run(across('b', 6));
    const unsent = draft.unsent();
    const since = apply(plan, across('b', 9));
    const again = makeDraft(since, { ...versions, 'shelf:b': 2 }, null, () => now);
    again.takeUp(unsent);
    expect(shown(again, 'a')).toBe(5);
    expect(again.getState().conflicts).toMatchObject([{ target: { shelf: 'b' }, mine: 6, theirs: 9 }]);
    expect(again.unsaved().map(({ key }) => key)).toEqual(['shelf:a']);
    again.undo();
    expect(again.getState().draft).toEqual(since);
  });

  it('keeps every change in the browser within a quarter of a second, however many follow each other', async () => {
    makeSaver(
      draft,
      saves(() => new Promise(() => undefined)),
      keep,
    ).start();
    for (let n = 1; n <= 20; n += 1) {
      draft.run(across('a', (n % 8) + 1));
      await vi.advanceTimersByTimeAsync(50);
      // Whatever is older than 250 ms is kept: here all but the last four.
      const is = (kept[0]?.body as StoredShelf | undefined)?.columns?.count?.phone;
      const allowed = [0, 1, 2, 3, 4].map((back) => ((n - back) % 8) + 1);
      if (n > 4) expect(allowed).toContain(is);
    }
    await vi.advanceTimersByTimeAsync(100);
    expect(kept).toMatchObject([{ body: { columns: { count: { phone: 5 } } } }]);
  });

  it('saves no more once the server is newer, keeps what is done, and says so', async () => {
    const client = saves((documents) => ({ ...accept(documents), format: 99 }));
    makeSaver(draft, client, keep).start();
    draft.run(across('a', 5));
    await vi.advanceTimersByTimeAsync(500);
    expect(draft.getState().saving).toEqual({ state: 'updated' });
    expect(draft.unsaved()).toEqual([]);
    draft.run(across('a', 6));
    await vi.advanceTimersByTimeAsync(5_000);
    expect(client.calls).toHaveBeenCalledTimes(1);
    expect(draft.getState().saving).toEqual({ state: 'updated' });
    expect(kept).toMatchObject([{ key: 'shelf:a', body: { columns: { count: { phone: 6 } } } }]);
  });

  it('overwrites nothing that a newer version wrote', async () => {
    const client = saves(() => {
      throw new Refusal('draft-stale', 412, 'stale', {
        theirs: [{ key: 'shelf:a', version: 9, body: { format: 99, id: 'a' }, savedAt: null, savedBy: null }],
      });
    });
    makeSaver(draft, client, keep).start();
    draft.run(across('a', 5));
    await vi.advanceTimersByTimeAsync(5_000);
    expect(client.calls).toHaveBeenCalledTimes(1);
    expect(draft.getState().saving).toEqual({ state: 'updated' });
    expect(kept).toHaveLength(1);
  });

  it('says what was refused and keeps it', async () => {
    const client = saves(() => {
      throw new Refusal('document-faulty', 422, 'Number of columns: too many', null);
    });
    makeSaver(draft, client, keep).start();
    draft.run(across('a', 5));
    await vi.advanceTimersByTimeAsync(500);
    expect(draft.getState().saving).toEqual({ state: 'refused', message: 'Number of columns: too many' });
    expect(shown(draft)).toBe(5);
    expect(kept).toHaveLength(1);
  });
});

describe('work of a window that is gone', () => {
  it('is told before it is taken up, and is no step where it is in the draft already', () => {
    draft.run(across('a', 5));
    const unsent = draft.unsent();
    const there = makeDraft(draft.getState().draft, versions, null, () => now);
    expect(there.withUnsent(unsent).plan).toEqual(there.getState().draft);
    expect(there.takeUp(unsent)).toEqual([]);
    expect(there.getState().past).toEqual([]);

    const since = makeDraft(plan, versions, null, () => now);
    expect(since.withUnsent(unsent).plan.shelves.a!.columns!.count).toMatchObject({ phone: 5 });
    expect(shown(since)).not.toBe(5);
  });

  it('of a newer version is left as it is', () => {
    const unreadable = draft.takeUp([
      { key: 'shelf:a', version: 1, body: { format: 99, id: 'a' }, was: writtenDocument(plan.shelves.a!) },
    ]);
    expect(unreadable).toMatchObject([{ key: 'shelf:a' }]);
    expect(draft.getState().draft).toBe(plan);
  });

  it('does not take the place of a question that is open', () => {
    const theirs = (value: number) => [
      {
        key: 'shelf:a' as const,
        version: 2,
        body: writtenDocument(documentOf(apply(plan, across('a', value)), 'shelf:a')!),
        savedAt: null,
        savedBy: null,
      },
    ];
    draft.run(across('a', 5));
    draft.mergeWith(theirs(7));
    expect(draft.getState().conflicts).toHaveLength(1);
    const other = makeDraft(plan, versions, null, () => now);
    other.run(across('b', 6));
    draft.takeUp(other.unsent());
    expect(shown(draft, 'b')).toBe(6);
    expect(draft.getState().conflicts).toMatchObject([{ target: { shelf: 'a' }, mine: 5, theirs: 7 }]);
  });
});

describe('a document that cannot be read', () => {
  const broken = { key: 'shelf:b' as const, body: { id: 'b', columns: 7 }, message: 'Columns: wrong' };
  const { b: _, ...others } = plan.shelves;
  const without = { ...plan, shelves: others };
  const opened = () => makeDraft(without, versions, null, () => now, [broken]);

  it('stays as it is on the server, whatever is done to it here, until it is reset', () => {
    const here = opened();
    here.run({ do: 'putDocument', key: 'shelf:b', document: { id: 'b' } as StoredShelf });
    here.run(across('a', 5));
    expect(here.unsaved().map(({ key }) => key)).toEqual(['shelf:a']);
    here.reset('shelf:b', { id: 'b', name: 'Mugs' });
    expect(here.getState().unreadable).toEqual([]);
    expect(here.unsaved()).toMatchObject([
      { key: 'shelf:a' },
      { key: 'shelf:b', version: 1, body: { name: 'Mugs' } },
    ]);
  });

  it('is written also where it is removed, which the draft shows no difference by', () => {
    const here = opened();
    here.reset('shelf:b', null);
    expect(here.unsaved()).toEqual([{ key: 'shelf:b', version: 1, body: null }]);
    here.saved({ 'shelf:b': 2 }, here.unsaved(), '2026-11-26T10:00:00.000Z');
    expect(here.unsaved()).toEqual([]);
    expect(here.getState().saving).toEqual({ state: 'saved' });
  });

  it('is read again when somebody else has reset it', () => {
    const here = opened();
    here.mergeWith([
      {
        key: 'shelf:b',
        version: 2,
        body: writtenDocument(plan.shelves.b!),
        savedAt: null,
        savedBy: 'Other',
      },
    ]);
    expect(here.getState().unreadable).toEqual([]);
    expect(here.getState().draft.shelves.b).toEqual(plan.shelves.b);
    expect(here.unsaved()).toEqual([]);
  });
});
