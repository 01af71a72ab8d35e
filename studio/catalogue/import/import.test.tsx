// @vitest-environment jsdom
import { useQuery } from '@tanstack/react-query';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { ImportSettings, ImportState, LastImport } from '../../../core/exchange/importState.ts';
import { countGoods } from '../../../core/api/goods.ts';
import { ImportFollowed } from '../../api/importState.ts';
import { useStudio } from '../../studioContext.tsx';
import { inStudio } from '../../specimen/inStudio.tsx';
import { ImportPlace } from './ImportPlace.tsx';

afterEach(cleanup);

const settings: ImportSettings = {
  dialect: { format: 'csv', encoding: 'utf-8', separator: ';', quote: '"', header: true },
  decimal: null,
  matching: ['code', 'title', 'price', null],
};
const how = { list: ';', level: '>', decimal: ',', digits: 2 } as const;

const read: ImportState = {
  id: 4,
  fileName: 'spring.csv',
  is: 'compared',
  fault: null,
  settings,
  columns: [
    { name: 'item_no', values: ['K-1', 'K-2'] },
    { name: 'name', values: ['Egg cup', 'Jug'] },
    { name: 'cost', values: ['12,00'] },
    { name: 'Glaze', values: ['Peat'] },
  ],
  hows: [how, how, how, how],
  rowsRead: 5,
  found: {
    rows: 5,
    counts: { new: 1, changed: 1, unchanged: 2, refused: 1 },
    columns: Array.from({ length: 4 }, () => ({ empty: 0, longest: 7 })),
    new: [{ line: 2, goods: { title: 'Egg cup', code: 'K-1', categoryIds: [-1], price: 1200, variants: 1 } }],
    changed: [
      {
        line: 3,
        goods: {
          id: 7,
          title: 'Jug',
          variants: [
            {
              id: 70,
              choice: 'Peat',
              code: '',
              price: 900,
              reduced: null,
              stock: 3,
              pictureId: null,
              values: [],
            },
            {
              id: 71,
              choice: 'Inkwell',
              code: '',
              price: 900,
              reduced: null,
              stock: 3,
              pictureId: null,
              values: [],
            },
          ],
        },
        edits: [
          { product: 7, of: 'variant', part: 70, fact: 'stock', was: 3, is: null },
          { product: 7, of: 'variant', part: 71, fact: 'reduced', was: 800, is: null },
          { product: 7, of: 'product', part: null, fact: 'categoryIds', was: [], is: [-1] },
          { product: 7, of: 'field', part: 'wall', fact: 'value', was: null, is: 3 },
        ],
        added: 2,
      },
    ],
    refused: [{ line: 5, field: 'Price', why: 'Price “twelve” is not an amount.', of: 'Bowl' }],
    made: {
      brands: [],
      collections: [],
      fields: [{ id: 'wall', name: 'Wall', type: 'number' }],
      categories: [{ id: -1, parentId: null, name: 'Spring pots' }],
      options: [],
      values: [],
    },
    newTags: 0,
    lostPictures: 0,
    lost: [],
  },
  leftOver: null,
  own: { options: [], fields: [] },
};

/** The place over a server that has this file, and answers each question by what it makes of it. */
function open(
  first: ImportState | null,
  becomes: Partial<Record<string, (body: unknown) => ImportState | null>> = {},
  last: LastImport | null = null,
) {
  let state = first;
  const sent: unknown[] = [];
  const answer = () => ({ state, last });
  const made = (path: string) => (body: unknown) => {
    sent.push(body);
    const make = becomes[path];
    if (make) state = make(body);
    return answer();
  };
  const studio = inStudio(<ImportPlace />, {
    answers: {
      'GET /api/import': answer,
      ...Object.fromEntries(
        ['file', 'settings', 'write', 'stop', 'undo', 'forget'].map((path) => [
          `POST /api/import/${path}`,
          made(path),
        ]),
      ),
    },
  });
  return { ...studio, sent };
}

const rowsOf = (name: string) =>
  within(screen.getByRole('table', { name }))
    .getAllByRole('row')
    .map((row) => row.textContent);

describe('what an import wrote', () => {
  it('is asked for anew wherever one is by then', async () => {
    let state: ImportState = { ...read, is: 'writing' };
    let listed = 0;
    function Listed() {
      const { client } = useStudio();
      useQuery({ queryKey: ['goods', 'counts'], queryFn: () => client.ask(countGoods) });
      return <ImportFollowed />;
    }
    inStudio(<Listed />, {
      answers: {
        'GET /api/import': () => ({ state, last: null }),
        'GET /api/goods/counts': () => {
          listed += 1;
          return { all: 1, missing: {} };
        },
      },
    });
    await waitFor(() => expect(listed).toBe(1));
    state = { ...read, is: 'written' };
    await waitFor(() => expect(listed).toBe(2), { timeout: 3_000 });
  });
});

describe('an import', () => {
  it('that was written stays to be undone where another file is chosen, until that is written', async () => {
    const written: ImportState = { ...read, is: 'written' };
    const { asked } = open(
      written,
      {
        file: () => ({ ...read, id: 5, fileName: 'summer.csv' }),
        undo: () => ({ ...read, is: 'undone', leftOver: [] }),
      },
      { id: 4, fileName: 'spring.csv', writtenAt: '2026-11-24T12:00:00.000Z', products: 2 },
    );
    fireEvent.click(await screen.findByRole('button', { name: 'Choose another file' }));
    expect(screen.getByText(/^The last import was spring\.csv, of 2 products\./)).toBeTruthy();
    expect(asked).not.toContain('POST /api/import/forget');
    fireEvent.change(document.querySelector('input[type=file]')!, {
      target: { files: [new File(['x'], 'summer.csv')] },
    });
    await screen.findByText('summer.csv');
    cleanup();

    open(
      written,
      { undo: () => ({ ...read, is: 'undone', leftOver: [] }) },
      { id: 4, fileName: '', writtenAt: '2026-11-24T12:00:00.000Z', products: 2 },
    );
    fireEvent.click(await screen.findByRole('button', { name: 'Choose another file' }));
    fireEvent.click(screen.getByRole('button', { name: 'Undo it' }));
    await screen.findByText('Everything is as it was before the import.');
  });

  it('begins with a file, which is sent and looked at', async () => {
    const { sent, asked } = open(null, { file: () => read });
    await screen.findByRole('button', { name: 'Choose a file' });
    const file = new File(['name,price\nCup,3\n'], 'spring.csv');
    fireEvent.change(document.querySelector('input[type=file]')!, { target: { files: [file] } });
    await screen.findByText('spring.csv');
    expect(sent).toEqual([file]);
    expect(asked).not.toContain('POST /api/import/write');
    expect(screen.getByText(': 5 rows and 4 columns read')).toBeTruthy();
  });

  it('shows what each column is, and how it is read', async () => {
    open(read);
    const table = await screen.findByRole('table', { name: 'Columns of the file' });
    const [, ...rows] = within(table).getAllByRole('row');
    expect(
      rows.map((row) => {
        const cells = within(row).getAllByRole('cell');
        return [cells[0], cells[1], within(row).getByRole('button'), cells.at(-1)].map(
          (one) => one!.textContent,
        );
      }),
    ).toEqual([
      ['item_no', 'K-1, K-2', 'Item code', '3 products there already'],
      ['name', 'Egg cup, Jug', 'Title', 'the longest has 7 letters'],
      ['cost', '12,00', 'Price', 'money in GBP'],
      ['Glaze', 'Peat', 'Leave out', ''],
    ]);
  });

  it('counts what would happen and shows each before and after', async () => {
    open(read);
    await screen.findByText('1 changed, before and after');
    expect(rowsOf('1 changed')).toEqual([
      'line 3JugStock, Peat3 → not counted',
      'line 3JugReduced price, Inkwell£8 → not reduced',
      'line 3JugCategoriesnone → Spring pots',
      'line 3JugWallnone → “3”',
      'line 3JugVariants2 new variants',
    ]);
    fireEvent.click(screen.getByRole('button', { name: '1 new' }));
    expect(rowsOf('1 new')).toEqual(['line 2Egg cupK-1£12Spring pots']);
    fireEvent.click(screen.getByRole('button', { name: '1 not importable' }));
    expect(rowsOf('1 not importable')).toEqual(['line 5Price “twelve” is not an amount.Bowl']);
    expect(screen.getByRole('link', { name: 'Save them as a file' }).getAttribute('href')).toBe(
      '/api/import/refused.csv',
    );
  });

  it('is matched otherwise: nothing is held twice, and an option that is not there can be made', async () => {
    const { sent } = open(read, { settings: () => read });
    const choose = async (column: string, words: string) => {
      fireEvent.click(await screen.findByRole('button', { name: new RegExp(`What ${column} is$`) }));
      fireEvent.click(within(await screen.findByRole('listbox')).getByText(words));
      await waitFor(() => expect(document.querySelector('[role=listbox]')).toBeNull());
    };
    await choose('Glaze', 'New option: Glaze');
    await choose('Glaze', 'New field: Glaze (text)');
    await choose('cost', 'Title');
    await choose('item_no', 'Leave out');
    expect(sent.map((one) => (one as { settings: ImportSettings }).settings.matching)).toEqual([
      ['code', 'title', 'price', 'option:Glaze'],
      ['code', 'title', 'price', 'newField:text:Glaze'],
      ['code', null, 'title', null],
      [null, 'title', 'price', null],
    ]);
    fireEvent.click(screen.getByRole('button', { name: /Numbers$/ }));
    fireEvent.click(within(await screen.findByRole('listbox')).getByText('1,234.50'));
    await waitFor(() => expect(sent.at(-1)).toMatchObject({ id: 4, settings: { decimal: '.' } }));
  });

  it('is written by one press, followed, stopped, and undone', async () => {
    const writing: ImportState = { ...read, is: 'writing', rowsRead: 2 };
    const { sent } = open(read, {
      write: () => writing,
      stop: () => ({ ...read, is: 'written' }),
      undo: () => ({ ...read, is: 'undone', leftOver: [{ title: 'Jug', why: 'Title was changed since.' }] }),
      forget: () => null,
    });
    fireEvent.click(await screen.findByRole('button', { name: 'Import 2 products' }));
    const bar = await screen.findByRole('progressbar', { name: 'Importing' });
    expect([bar.getAttribute('aria-valuenow'), bar.getAttribute('aria-valuetext')]).toEqual(['2', '2 of 5']);
    expect(screen.queryByRole('button', { name: 'Choose another file' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
    await screen.findByText('2 products imported.');
    expect(screen.getByText('What happened')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Undo the import' }));
    await screen.findByText('The import was undone.');
    expect(screen.getByRole('listitem').textContent).toBe('Jug: Title was changed since.');
    fireEvent.click(screen.getByRole('button', { name: 'Choose another file' }));
    await screen.findByRole('button', { name: 'Choose a file' });
    expect(sent).toEqual([{ id: 4 }, { id: 4 }, { id: 4 }, { id: 4 }]);
  });

  it('says why a file cannot be read or was not written, and lets it be read in another way', async () => {
    const fault = 'A quote that begins in the row of line 3 never ends.';
    open({ ...read, is: 'failed', found: null, fault });
    expect((await screen.findByRole('alert')).textContent).toBe(fault);
    expect(screen.getByRole('button', { name: /Quotes$/ })).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Import / })).toBeNull();
  });

  it('cannot be written where nothing is new', async () => {
    open({ ...read, found: { ...read.found!, counts: { new: 0, changed: 0, unchanged: 5, refused: 0 } } });
    const button = await screen.findByRole('button', { name: 'Import 0 products' });
    expect(button).toHaveProperty('disabled', true);
    expect(screen.getByText('There is nothing new in this file.')).toBeTruthy();
  });
});
