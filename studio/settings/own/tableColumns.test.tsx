// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { placed } from '../../../core/settings/setting.ts';
import { readPath } from '../../../core/settings/path.ts';
import { shelfTree, type StoredShelf } from '../../../core/plan/shelf.ts';
import type { TableColumn } from '../../../core/table/tableColumn.ts';
import { columnOf, columnSetting } from '../../../core/table/tableColumn.ts';
import {
  specimenBay,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../../../core/specimen/specimen.ts';
import { shelvesOn } from '../../../core/view/shelvesIn.ts';
import { followFocus, markedFor, settingAt } from '../../arrange/settingAt.ts';
import { inStudio, type InStudio } from '../../specimen/inStudio.tsx';
import { useDraft } from '../../studioContext.tsx';
import { TableColumns } from './TableColumns.tsx';

afterEach(cleanup);

const setting = placed('shelf', 'columns', shelfTree).find(({ id }) => id === 'layoutOwn.table.columns')!;

function Drawn({ wanted = null }: { wanted?: string | null }) {
  const plan = useDraft((state) => state.plan);
  const shelf = plan.shelves.s!;
  const page = specimenView(plan, 3);
  return (
    <TableColumns
      on={{ shelf: 's' }}
      setting={setting}
      value={readPath(shelf, setting.id) as never}
      at={[]}
      shelf={shelf}
      view={shelvesOn(page)[0]!.shelf}
      page={page}
      bayId="s"
      wanted={wanted}
    />
  );
}

const product = specimenProduct(1, {
  code: 'KC-1001',
  fields: [{ id: 'capacity', name: 'Capacity', value: 350, unit: 'ml' }],
});

const columns: TableColumn[] = [
  columnOf('picture'),
  columnOf('title'),
  { ...columnOf('stock'), leaves: 1 },
  columnOf('price'),
  columnOf('basket'),
];

const open = (more: Partial<StoredShelf> = {}, drawn = <Drawn />): InStudio =>
  inStudio(drawn, {
    stored: specimenStored(
      [
        specimenShelf('s', {
          layout: { phone: 'table' },
          layoutOwn: { table: { columns } },
          ...more,
        } as never),
      ],
      [specimenBay('s')],
    ),
    answers: {
      'POST /api/items': () => ({ total: 1, own: 1, start: 0, items: [{ of: 'products', product }] }),
    },
    vocabulary: {
      fields: [
        { id: 'capacity', name: 'Capacity', type: 'number', unit: 'ml', values: [], least: 80, most: 2400 },
      ],
    },
  } as never);

const shelfOf = ({ draft }: InStudio) => draft.getState().plan.shelves.s!;
const columnsOf = (studio: InStudio) => shelfOf(studio).layoutOwn.table.columns;
const idsOf = (studio: InStudio) => columnsOf(studio).map(({ id }) => id);
const rows = () => within(screen.getByRole('grid', { name: 'Columns of the table' })).getAllByRole('row');
const rowOf = (name: RegExp) => within(screen.getByRole('grid')).getByRole('row', { name });

/** Opens what can be added, and chooses of it. */
async function add(typed: string, name: RegExp): Promise<void> {
  const field = screen.getByRole('combobox', { name: 'Add a column' });
  act(() => field.focus());
  fireEvent.change(field, { target: { value: typed } });
  const list = await screen.findByRole('listbox');
  fireEvent.click(within(list).getByRole('option', { name }));
}

describe('columns of a table', () => {
  it('stand in their order with what is set of each, and are moved by keys', () => {
    const studio = open();
    expect(rows().map((row) => row.textContent)).toEqual([
      'Picture072stays–',
      'Title4176stays',
      'Stock11121st',
      'Price196stays',
      'Basket button0160stays–',
    ]);
    const price = rowOf(/^Price/);
    act(() => price.focus());
    fireEvent.keyDown(price, { key: 'ArrowUp', altKey: true });
    expect(idsOf(studio)).toEqual(['picture', 'title', 'price', 'stock', 'basket']);
    act(() => studio.draft.undo());
    expect(idsOf(studio)).toEqual(columns.map(({ id }) => id));
  });

  it('are set each for itself: share, smallest width, alignment, when it leaves, heading', () => {
    const studio = open();
    fireEvent.click(rowOf(/^Stock/));
    const box = screen.getByRole('region', { name: 'Settings of the column Stock' });
    const stock = () => columnsOf(studio).find(({ id }) => id === 'stock')!;
    fireEvent.click(within(box).getByRole('button', { name: /Share of the width: more/ }));
    expect(stock().share).toBe(2);
    fireEvent.click(within(box).getByRole('button', { name: /Smallest width, px: fewer/ }));
    expect(stock().least).toBe(108);
    fireEvent.click(within(box).getByRole('radio', { name: 'End' }));
    expect(stock().align).toBe('end');
    fireEvent.change(within(box).getByRole('textbox', { name: 'Heading' }), { target: { value: 'Ready' } });
    fireEvent.blur(within(box).getByRole('textbox', { name: 'Heading' }));
    expect(stock().words).toBe('Ready');
    // One step back takes back one of them.
    act(() => studio.draft.undo());
    expect(stock()).toEqual({ ...columns[2], share: 2, least: 108, align: 'end' });
  });

  it('leave in the order that is chosen, or stay; the title has no choice', async () => {
    const studio = open();
    fireEvent.click(rowOf(/^Stock/));
    const button = screen.getByRole('button', { name: /Where there is no room/ });
    fireEvent.click(button);
    const list = await screen.findByRole('listbox');
    expect(
      within(list)
        .getAllByRole('option')
        .map((one) => one.textContent),
    ).toEqual([
      'It stays',
      'It leaves 1st',
      'It leaves 2nd',
      'It leaves 3rd',
      'It leaves 4th',
      'It leaves 5th',
    ]);
    fireEvent.click(within(list).getByRole('option', { name: 'It stays' }));
    expect(columnsOf(studio)[2]).not.toHaveProperty('leaves');
    fireEvent.click(rowOf(/^Title/));
    expect(screen.queryByRole('button', { name: /Where there is no room/ })).toBeNull();
    expect(screen.getByText('The title names the rows and stays at every width.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Remove the column' })).toBeNull();
  });

  it('are sorted by or not, where they can be', () => {
    const studio = open();
    expect(screen.queryByRole('switch', { name: 'Shoppers sort by Picture' })).toBeNull();
    const byPrice = screen.getByRole('switch', { name: 'Shoppers sort by Price' });
    expect((byPrice as HTMLInputElement).checked).toBe(true);
    fireEvent.click(byPrice);
    expect(columnsOf(studio).find(({ id }) => id === 'price')).not.toHaveProperty('sort');
  });

  it('are added by typing part of a name, before what is bought by, as the next to leave', async () => {
    const studio = open();
    await add('code', /^Item code/);
    expect(idsOf(studio)).toEqual(['picture', 'title', 'stock', 'price', 'code', 'basket']);
    expect(columnsOf(studio)[4]).toEqual({ ...columnOf('code'), leaves: 2 });
    // It is open at once, and not offered again.
    expect(screen.getByRole('region', { name: 'Settings of the column Item code' })).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Remove the column' }));
    expect(idsOf(studio)).toEqual(columns.map(({ id }) => id));
  });

  it('are of the fields of the store too, in one step', async () => {
    const studio = open();
    await add('capa', /^Capacity/);
    expect(idsOf(studio)).toContain('field');
    expect(shelfOf(studio).card.parts.field.field).toBe('capacity');
    await waitFor(() => expect(rowOf(/^Capacity/)).toBeTruthy());
    expect(screen.getByRole('switch', { name: 'Shoppers sort by Capacity' })).toBeTruthy();
    act(() => studio.draft.undo());
    expect(idsOf(studio)).not.toContain('field');
    expect(shelfOf(studio).card.parts.field.field).toBe('');
  });

  it('take no field of a card that another width shows', async () => {
    const studio = open({
      layout: { phone: 'grid', laptop: 'table' },
      card: { parts: { field: { shown: { phone: true }, field: 'diameter' } } },
    } as never);
    await add('capa', /^Capacity/);
    expect(shelfOf(studio).card.parts.field.field).toBe('diameter');
    expect(shelfOf(studio).card.parts.field2.field).toBe('capacity');
    expect(idsOf(studio)).toContain('field2');
  });

  it('are summed up for each width', () => {
    open();
    const said = screen.getByLabelText('Columns at each width');
    expect(
      within(said)
        .getAllByRole('term')
        .map((one) => one.textContent),
    ).toEqual(['Phone', 'Tablet', 'Laptop', 'Wide']);
    expect(within(said).getAllByRole('definition').at(-1)!.textContent).toBe('all 5');
  });

  it('begin from a ready-made table, in one step', () => {
    const studio = open();
    fireEvent.click(screen.getByRole('button', { name: 'Ready-made tables' }));
    const dialog = screen.getByRole('dialog');
    expect(within(dialog).getAllByRole('listitem')).toHaveLength(5);
    fireEvent.click(within(dialog).getByRole('button', { name: 'Price list' }));
    expect(idsOf(studio)).toEqual(['title', 'code', 'price']);
    expect(shelfOf(studio).layoutOwn.table).toMatchObject({ oneLine: true, stripes: false });
    expect(screen.queryByRole('dialog')).toBeNull();
    act(() => studio.draft.undo());
    expect(idsOf(studio)).toEqual(columns.map(({ id }) => id));
  });
});

describe('a column that is gone to', () => {
  function Pressed() {
    const [wanted, want] = useState<string | null>(null);
    return (
      <>
        {['price', 'stock'].map((id) => (
          <button key={id} onClick={() => want(columnSetting(id))}>
            Column {id}
          </button>
        ))}
        <Drawn wanted={wanted} />
      </>
    );
  }
  const opened = () => screen.queryAllByRole('heading', { level: 4 }).map((one) => one.textContent);

  it('is opened, another after it, and one that is opened by hand stays', () => {
    open({}, <Pressed />);
    expect(opened()).toEqual([]);
    fireEvent.click(screen.getByRole('button', { name: 'Column price' }));
    expect(opened()).toEqual(['Price']);
    fireEvent.click(screen.getByRole('button', { name: 'Column stock' }));
    expect(opened()).toEqual(['Stock']);
    fireEvent.click(screen.getByRole('row', { name: /^Title/ }));
    expect(opened()).toEqual(['Title']);
  });

  it('is marked while the keyboard is on its row or on what is set of it', () => {
    open({}, <Pressed />);
    const at = (element: Element) => {
      followFocus(element);
      return markedFor(settingAt.getState().id);
    };
    expect(at(screen.getByRole('row', { name: /^Stock/ }))).toEqual({ selector: '.col-stock', goesOn: true });
    fireEvent.click(screen.getByRole('button', { name: 'Column price' }));
    expect(at(screen.getByRole('textbox', { name: 'Heading' }))?.selector).toBe('.col-price');
    expect(at(screen.getByRole('combobox', { name: 'Add a column' }))).toBeNull();
    followFocus(null);
  });
});
