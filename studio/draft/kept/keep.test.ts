import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openKeep, type Keep } from './keep.ts';
import type { UnsentDocument } from './unsent.ts';
import type { Windows } from './windows.ts';

/** The locks of one browser, as the standard has them: held until what was done under them ends. */
function makeLocks(): NonNullable<Windows['locks']> {
  const held = new Set<string>();
  return {
    request: (async (name: string, _: unknown, work: (lock: unknown) => unknown) => {
      if (held.has(name)) return work(null);
      held.add(name);
      try {
        return await work({ name });
      } finally {
        held.delete(name);
      }
    }) as LockManager['request'],
    query: async () => ({ held: [...held].map((name) => ({ name })), pending: [] }),
  };
}

/** The session storage of a window. */
function makeSession(copied?: Map<string, string>): Windows['session'] & { all: Map<string, string> } {
  const all = new Map(copied);
  return { all, getItem: (key) => all.get(key) ?? null, setItem: (key, value) => void all.set(key, value) };
}

const document = (value: number): UnsentDocument => ({
  key: 'shelf:a',
  version: 1,
  body: { format: 5, id: 'a', columns: { count: { phone: value } } },
  was: { format: 5, id: 'a' },
});

let locks: NonNullable<Windows['locks']>;
let now = 0;
const open = (account: string, session = makeSession(), given: Windows['locks'] = locks): Promise<Keep> =>
  openKeep(account, { windows: { locks: given, session }, clock: () => (now += 1) });

beforeEach(() => {
  vi.stubGlobal('indexedDB', new IDBFactory());
  locks = makeLocks();
});
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

describe('what a browser keeps', () => {
  it('is there again for the same window after a reload, and for others once that window is gone', async () => {
    const session = makeSession();
    const first = await open('wren@shop.example', session);
    expect([first.own, first.left]).toEqual([[], []]);
    await first.write([document(5)]);

    // While the window lives it is nobody else's.
    expect((await open('wren@shop.example')).left).toEqual([]);
    await first.close();
    const again = await open('wren@shop.example', session);
    expect(again.own).toEqual([document(5)]);
    await again.close();
    const other = await open('wren@shop.example');
    expect(other.own).toEqual([]);
    expect(other.left).toMatchObject([{ account: 'wren@shop.example', documents: [document(5)] }]);
    await other.remove(other.left[0]!.window);
    await other.close();
    expect((await open('wren@shop.example', session)).own).toEqual([]);
  });

  it('is kept apart by account, also in one window', async () => {
    const session = makeSession();
    const wren = await open('wren@shop.example', session);
    await wren.write([document(5)]);
    await wren.close();
    const ash = await open('ash@shop.example', session);
    expect([ash.own, ash.left]).toEqual([[], []]);
    await ash.write([document(6)]);
    await ash.close();
    expect((await open('wren@shop.example', session)).own).toEqual([document(5)]);
    expect((await open('ash@shop.example', session)).own).toEqual([document(6)]);
  });

  it('gives a duplicated window a place of its own', async () => {
    const session = makeSession();
    const first = await open('wren@shop.example', session);
    await first.write([document(5)]);
    const copy = await open('wren@shop.example', makeSession(session.all));
    expect(copy.own).toEqual([]);
    await copy.write([document(7)]);
    await Promise.all([first.close(), copy.close()]);
    const { left } = await open('wren@shop.example');
    expect(left.map(({ documents }) => documents)).toEqual([[document(5)], [document(7)]]);
  });

  it('ends with the newest of many, and with nothing once all is saved', async () => {
    const session = makeSession();
    const keep = await open('wren@shop.example', session);
    await Promise.all([1, 2, 3, 4, 5, 6].map((n) => keep.write([document(n)])));
    await keep.close();
    const again = await open('wren@shop.example', session);
    expect(again.own).toEqual([document(6)]);
    await again.write([]);
    await again.close();
    expect((await open('wren@shop.example', session)).own).toEqual([]);
  });

  it('is left to be seen where this version cannot read it', async () => {
    const session = makeSession();
    const first = await open('wren@shop.example', session);
    await first.write([document(5)]);
    await first.close();
    const again = await open('wren@shop.example', session);
    await again.setAside();
    await again.write([document(8)]);
    expect(again.left).toMatchObject([{ documents: [document(5)] }]);
    await again.close();
    const { own, left } = await open('wren@shop.example', session);
    expect(own).toEqual([document(8)]);
    expect(left).toMatchObject([{ documents: [document(5)] }]);
  });

  it('takes over what an earlier version kept, once', async () => {
    const earlier = new Map([['wide-shelf-unsent', JSON.stringify({ documents: [document(4)] })]]);
    const storage = {
      getItem: (key: string) => earlier.get(key) ?? null,
      removeItem: (key: string) => void earlier.delete(key),
    } as Storage;
    const opened = () =>
      openKeep('wren@shop.example', {
        windows: { locks, session: makeSession() },
        earlier: storage,
        clock: () => 9,
      });
    expect((await opened()).left).toEqual([
      { account: 'wren@shop.example', window: 'before', at: expect.any(Number), documents: [document(4)] },
    ]);
    expect(earlier.size).toBe(0);
    expect((await opened()).left).toHaveLength(1);
  });

  it('passes over what an earlier version left half written', async () => {
    const storage = { getItem: () => '{"documents": [', removeItem: vi.fn() } as unknown as Storage;
    const keep = await openKeep('wren@shop.example', {
      windows: { locks, session: makeSession() },
      earlier: storage,
      clock: () => 9,
    });
    expect(keep.fault.getState()).toBeNull();
    expect(keep.left).toEqual([]);
    expect(storage.removeItem).toHaveBeenCalled();
  });

  it('works without locks, where nobody knows which windows live', async () => {
    const open1 = () =>
      openKeep('wren@shop.example', {
        windows: { locks: undefined, session: makeSession() },
        clock: () => 1,
      });
    await (await open1()).write([document(5)]);
    expect((await open1()).left).toMatchObject([{ documents: [document(5)] }]);
  });
});

describe('a browser that cannot keep', () => {
  it('be read in time is not written over: what was there before is offered another time', async () => {
    const session = makeSession();
    const first = await open('wren@shop.example', session);
    await first.write([document(5)]);
    await first.close();
    const slow: NonNullable<Windows['locks']> = {
      request: locks.request,
      query: () => new Promise((resolve) => setTimeout(() => resolve(locks.query()), 60)),
    };
    const late = await openKeep('wren@shop.example', {
      windows: { locks: slow, session },
      clock: () => 77,
      longestWaitMs: 5,
    });
    expect([late.own, late.fault.getState()]).toEqual([[], 'unavailable']);
    await new Promise((resolve) => setTimeout(resolve, 120));
    await late.write([document(9)]);
    await late.write([]);
    await late.close();
    expect((await open('wren@shop.example', session)).own).toEqual([document(5)]);
  });

  it('tell windows apart opens and keeps all the same', async () => {
    const broken = {
      request: () => Promise.reject(new DOMException('No.', 'SecurityError')),
      query: () => Promise.reject(new DOMException('No.', 'SecurityError')),
    } as unknown as NonNullable<Windows['locks']>;
    const full: Windows['session'] = {
      getItem: () => null,
      setItem: () => {
        throw new DOMException('Full.', 'QuotaExceededError');
      },
    };
    const opened = () =>
      openKeep('wren@shop.example', { windows: { locks: broken, session: full }, clock: () => 1 });
    await (await opened()).write([document(5)]);
    const again = await opened();
    expect(again.fault.getState()).toBeNull();
    expect(again.left).toMatchObject([{ documents: [document(5)] }]);
  });

  const failing = (name: string) => () => {
    throw new DOMException('No.', name);
  };

  it('because its storage is full says so, and no more once there is room', async () => {
    const keep = await open('wren@shop.example');
    const { IDBObjectStore } = globalThis as unknown as { IDBObjectStore: { prototype: object } };
    const put = vi
      .spyOn(IDBObjectStore.prototype as { put(): unknown }, 'put')
      .mockImplementation(failing('QuotaExceededError'));
    await keep.write([document(5)]);
    expect(keep.fault.getState()).toBe('full');
    put.mockRestore();
    await keep.write([document(6)]);
    expect(keep.fault.getState()).toBeNull();
  });

  it('because it may not opens all the same', async () => {
    vi.stubGlobal('indexedDB', { open: failing('SecurityError') });
    const keep = await open('wren@shop.example');
    expect(keep.fault.getState()).toBe('unavailable');
    expect([keep.own, keep.left]).toEqual([[], []]);
    await keep.write([document(5)]);
    await keep.remove('x');
    await keep.close();
  });

  it('because a newer version asked for it lets go, and says so', async () => {
    const keep = await open('wren@shop.example');
    const newer = indexedDB.open('wide-shelf', 2);
    await new Promise((resolve) => (newer.onsuccess = resolve));
    expect(keep.fault.getState()).toBe('blocked');
    await keep.write([document(5)]);
    const all = newer.result.transaction('unsent').objectStore('unsent').getAll();
    await new Promise((resolve) => (all.onsuccess = resolve));
    expect(all.result).toEqual([]);
    newer.result.close();
  });
});
