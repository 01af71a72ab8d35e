// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { WholeStore as Whole } from '../../../core/api/wholeStore.ts';
import { STORE_FILE, STORE_PART_BYTES, type StoreImport } from '../../../core/wholeStore/storeFile.ts';
import { Refusal } from '../../api/client.ts';
import { inStudio } from '../../specimen/inStudio.tsx';
import { WholeStore } from './WholeStore.tsx';

afterEach(cleanup);

const nothing = { products: 0, pictures: 0, categories: 0, entries: 0, pages: 18 };
const file: StoreImport = {
  id: 7,
  fileName: 'lamps.zip',
  is: 'arrived',
  bytes: 10,
  arrived: 10,
  head: {
    kind: STORE_FILE,
    format: 1,
    storeName: 'Harbour Lamps',
    writtenAt: '2026-11-24T09:00:00.000Z',
    published: true,
    orders: 0,
    lines: 200,
    counts: { ...nothing, products: 12, pictures: 3 },
  },
  done: 50,
  fault: null,
};

/** The place over a store, and what it becomes by what is asked. */
function open(
  first: Partial<Whole>,
  becomes: Partial<Record<string, (sent: unknown) => Partial<Whole> | Promise<Partial<Whole>>>> = {},
) {
  let store: Whole = { counts: nothing, isEmpty: true, import: null, ...first };
  const asked: [path: string, sent: unknown, query: unknown][] = [];
  inStudio(<WholeStore />, {
    answers: {
      'GET /api/whole-store': () => store,
      ...Object.fromEntries(
        ['begin', 'part', 'write', 'stop'].map((path) => [
          `POST /api/whole-store/${path}`,
          async (body: unknown, query: unknown) => {
            asked.push([path, body instanceof Blob ? body.size : body, query]);
            store = { ...store, ...(await becomes[path]?.(query)) };
            return store;
          },
        ]),
      ),
    },
  });
  return { asked };
}

const choose = (sent: File) => {
  const field = document.querySelector<HTMLInputElement>('input[type="file"]')!;
  Object.defineProperty(field, 'files', { value: [sent], configurable: true });
  act(() => void fireEvent.change(field));
};
const press = async (name: string | RegExp) => {
  const button = await screen.findByRole('button', { name });
  act(() => button.click());
};

describe('the whole store', () => {
  it('is exported from any store, and brought into an empty one only', async () => {
    open({ isEmpty: false, counts: { ...nothing, products: 4 } });
    const link = await screen.findByRole('link', { name: 'Export the whole store' });
    expect(link.getAttribute('href')).toBe('/api/export/store.zip');
    expect(screen.getByText(/This store has something already: 4 products and 18 pages\./)).toBeDefined();
    expect(screen.queryByRole('button', { name: 'Choose a file' })).toBeNull();
  });

  it('is sent in parts, looked at, and only then brought in', async () => {
    const bytes = 2 * STORE_PART_BYTES + 5;
    const { asked } = open(
      {},
      {
        begin: () => ({ import: { ...file, is: 'arriving', head: null, bytes, arrived: 0 } }),
        part: (query) => ({
          import:
            (query as { part: number }).part < 2
              ? { ...file, is: 'arriving', head: null, bytes, arrived: STORE_PART_BYTES }
              : file,
        }),
        write: () => ({ import: { ...file, is: 'writing' } }),
      },
    );
    await screen.findByRole('button', { name: 'Choose a file' });
    choose(new File([new Uint8Array(bytes)], 'lamps.zip'));
    expect(await screen.findByText('12 products, 3 pictures and 18 pages')).toBeDefined();
    expect(screen.getByText('24 November 2026')).toBeDefined();
    expect(screen.getByText(/public as soon as it is here/)).toBeDefined();
    expect(asked).toEqual([
      ['begin', { name: 'lamps.zip', bytes }, {}],
      ['part', STORE_PART_BYTES, { id: 7, part: 0 }],
      ['part', STORE_PART_BYTES, { id: 7, part: 1 }],
      ['part', 5, { id: 7, part: 2 }],
    ]);
    await press('Bring in Harbour Lamps');
    expect(asked.at(-1)).toEqual(['write', { id: 7 }, {}]);
    const bar = await screen.findByRole('progressbar');
    expect([bar.getAttribute('aria-valuenow'), bar.getAttribute('aria-valuetext')]).toEqual(['50', '25 %']);
  });

  it('can be stopped while it is sent: no more of it is sent, and that is no fault', async () => {
    let stopped = false;
    const { asked } = open(
      {},
      {
        begin: () => ({ import: { ...file, is: 'arriving', head: null, bytes: 9e6, arrived: 0 } }),
        part: () => {
          if (stopped) throw new Refusal('import-gone', 409, 'Gone.', null);
          return new Promise<object>((resolve) => setTimeout(() => resolve({}), 50));
        },
        stop: () => {
          stopped = true;
          return { import: null };
        },
      },
    );
    await screen.findByRole('button', { name: 'Choose a file' });
    choose(new File([new Uint8Array(9_000_000)], 'lamps.zip'));
    await press('Stop');
    await screen.findByRole('button', { name: 'Choose a file' });
    expect(asked.filter(([path]) => path === 'part').length).toBeLessThan(3);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('says why a file cannot be brought in, and takes another', async () => {
    open({
      import: { ...file, is: 'failed', fault: 'draft.jsonl, line 3: This is no document of a store.' },
    });
    expect((await screen.findByRole('alert')).textContent).toBe(
      'draft.jsonl, line 3: This is no document of a store.',
    );
    expect(screen.getByRole('button', { name: 'Choose a file' })).toBeDefined();
  });

  it('tells of one that was not sent to its end', async () => {
    open({
      import: { ...file, is: 'arriving', head: null, bytes: 5 * 1024 * 1024, arrived: 1024 * 1024 },
    });
    expect(await screen.findByText('Only 1 MB of 5 MB of lamps.zip came. Choose it again.')).toBeDefined();
  });

  it('tells that it is here, and whether shoppers see it', async () => {
    open({
      isEmpty: false,
      import: { ...file, is: 'written', head: { ...file.head!, published: false } },
    });
    const said = await screen.findByText('Harbour Lamps is here.');
    expect(said.parentElement!.textContent).toBe('Harbour Lamps is here. Nothing of it is published yet.');
    expect(screen.getByRole('link', { name: 'Arrange its home page' })).toBeDefined();
  });
});
