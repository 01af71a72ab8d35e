import { JSDOM } from 'jsdom';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writtenDocument } from '../../core/plan/reading.ts';
import { columnOf, type TableColumn } from '../../core/table/tableColumn.ts';
import { MOST_LINES } from '../../core/shopper/basketLines.ts';
import { shopperOf, stockIn, variantIn } from '../specimen/shopper.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

const columns: TableColumn[] = [
  columnOf('picture'),
  columnOf('title'),
  { ...columnOf('code'), leaves: 1 },
  { ...columnOf('field'), leaves: 3 },
  { ...columnOf('stock'), leaves: 2 },
  columnOf('price'),
  { ...columnOf('quantity'), leaves: 4 },
  { ...columnOf('basket'), leaves: 4 },
];

async function publishTable(own: object = {}, more: object = {}): Promise<void> {
  const { key, version, body } = await store.document('shelf:shop');
  const next = {
    ...body,
    tools: undefined,
    layout: { phone: 'table' },
    amount: { by: 'rows', rows: { phone: 100 } },
    card: { parts: { field: { field: 'height' } } },
    layoutOwn: { table: { columns, addAll: 'both', basketLink: 'above', ...own } },
    ...more,
  };
  await store.save({ key, version, body: writtenDocument(next as never) });
  expect((await store.publish()).statusCode).toBe(200);
}

beforeAll(async () => {
  store = await smallStore(30);
  const { pool } = store.database;
  await pool.query(
    `INSERT INTO field (id, name, type, unit, position) VALUES ('height', 'Height', 'number', 'cm', 1)`,
  );
  await pool.query(
    `UPDATE product SET code = 'C-' || id, fields = CASE WHEN id % 3 = 0 THEN '{}' ELSE jsonb_build_object('height', id % 7 + 0.5) END`,
  );
  await pool.query('UPDATE variant SET stock = NULL');
  await publishTable();
});
afterAll(() => store.stop());

const pageAt = async (path: string) => {
  const answer = await store.get(path);
  return { status: answer.statusCode, page: new JSDOM(answer.body).window.document };
};
const rowsOf = (page: Document) => [...page.querySelectorAll('.sheet>table>tbody>tr')];
const cellsOf = (page: Document, id: string) =>
  rowsOf(page).map((row) => row.querySelector(`:scope>.col-${id}`)!.firstElementChild!.textContent);
const sortLink = (page: Document, id: string) =>
  page.querySelector<HTMLAnchorElement>(`th.col-${id} .sort-by`);

describe('a shelf as a table', () => {
  it('is one, with headings that say what they are of and a name for every row', async () => {
    const { page } = await pageAt('/shop');
    expect(page.querySelector('.cards')).toBeNull();
    const table = page.querySelector('table')!;
    expect(table.getAttribute('aria-label')).toBeTruthy();
    const heads = [...table.querySelectorAll('thead th')];
    expect(heads.map((one) => one.textContent)).toEqual([
      'Picture',
      'Title',
      'Item code',
      'Height',
      'Stock',
      'Price',
      'Quantity',
      'Buy',
    ]);
    for (const head of heads) expect(head.getAttribute('scope')).toBe('col');
    const rows = rowsOf(page);
    expect(rows).toHaveLength(30);
    for (const row of rows) {
      expect(row.children).toHaveLength(heads.length);
      expect(row.querySelectorAll('th[scope=row]')).toHaveLength(1);
      // Laid out by other rules than those of tables, they say what they are.
      expect([...row.children].map((cell) => cell.getAttribute('role'))).toEqual([
        'cell',
        'rowheader',
        ...Array.from({ length: 6 }, () => 'cell'),
      ]);
    }
  });

  it('says what may leave twice, in its cell and under the title, and has what can be pressed once', async () => {
    const { page } = await pageAt('/shop');
    for (const row of rowsOf(page)) {
      const under = row.querySelector('.under')!;
      const cell = (id: string) => row.querySelector(`.col-${id}`)!;
      for (const id of ['code', 'stock'])
        expect(under.querySelector(`.under-${id} dd`)!.textContent).toBe(cell(id).textContent);
      const height = cell('field').textContent;
      // What an item does not have is a dash in its cell, and nothing under its title.
      expect(under.querySelector('.under-field')?.querySelector('dd')!.textContent ?? '–').toBe(height);
      expect(under.querySelector('.under-price,.under-picture,.under-quantity')).toBeNull();
      expect(row.querySelectorAll('input[type=number]').length).toBeLessThanOrEqual(1);
      expect(row.querySelectorAll('.part-basket')).toHaveLength(1);
    }
    expect(page.querySelector('.under-code dt')!.textContent).toBe('Item code');
  });

  it('is sorted by its columns, up and down, by addresses that say so', async () => {
    const { page } = await pageAt('/shop');
    expect(page.querySelector('[aria-sort]')).toBeNull();
    expect(sortLink(page, 'code')!.getAttribute('href')).toBe('/shop?sort=code#list-shop');
    expect(sortLink(page, 'picture')).toBeNull();
    const byPrice = sortLink(page, 'price')!.getAttribute('href')!;
    expect(byPrice).toBe('/shop?sort=price#list-shop');
    const up = (await pageAt(byPrice.split('#')[0]!)).page;
    const amounts = (of: Document) => cellsOf(of, 'price').map((text) => Number(/£([\d.]+)/.exec(text)![1]));
    expect(amounts(up)).toEqual([...amounts(up)].sort((a, b) => a - b));
    expect(up.querySelector('th.col-price')!.getAttribute('aria-sort')).toBe('ascending');
    expect(up.querySelectorAll('[aria-sort]')).toHaveLength(1);
    const down = (await pageAt(sortLink(up, 'price')!.getAttribute('href')!.split('#')[0]!)).page;
    expect(amounts(down)).toEqual([...amounts(down)].sort((a, b) => b - a));
    expect(down.querySelector('th.col-price')!.getAttribute('aria-sort')).toBe('descending');
    // And up again.
    expect(sortLink(down, 'price')!.getAttribute('href')).toBe(byPrice);
  });

  it('is sorted by a field of the store, with what has none of it last both ways', async () => {
    for (const [sort, sign] of [
      ['field.height', 1],
      ['field.height-down', -1],
    ] as const) {
      const { page } = await pageAt(`/shop?sort=${sort}`);
      const values = cellsOf(page, 'field').map((text) => (text === '–' ? null : parseFloat(text)));
      const known = values.filter((one) => one !== null);
      expect(known.length).toBe(20);
      expect(values.slice(0, 20)).toEqual(known);
      expect(known).toEqual([...known].sort((a, b) => sign * (a - b)));
    }
  });

  it('is in its own order for sorts that it does not offer, and for ones that are no sorts', async () => {
    const own = cellsOf((await pageAt('/shop')).page, 'title');
    for (const sort of [
      'newest',
      'field.gone',
      'field.',
      'field.x-down-down',
      '<script>',
      'price&sort=rating',
    ]) {
      const { status, page } = await pageAt(`/shop?sort=${sort}`);
      expect(status).toBe(200);
      expect(cellsOf(page, 'title'), sort).toEqual(own);
    }
  });

  it('offers to sort by no column of which that is not set, and then has no address for it', async () => {
    await publishTable({ columns: columns.map(({ sort: _, ...one }) => one) });
    const { page } = await pageAt('/shop');
    expect(page.querySelector('.sort-by')).toBeNull();
    expect(page.querySelector('[data-listing]')).toBeNull();
    const sorted = await pageAt('/shop?sort=price');
    expect(cellsOf(sorted.page, 'title')).toEqual(cellsOf(page, 'title'));
    await publishTable();
  });

  it('stands beside cards where another width has those, and each is whole', async () => {
    await publishTable({}, { layout: { phone: 'grid', laptop: 'table' } });
    const { page } = await pageAt('/shop');
    const ids = (selector: string) =>
      [...page.querySelectorAll(selector)].map((one) => one.getAttribute('data-card'));
    expect(ids('.cards>.card')).toEqual(ids('.sheet>table>tbody>tr'));
    const all = [...page.querySelectorAll('[id]')].map(({ id }) => id);
    expect(all).toEqual([...new Set(all)]);
    await publishTable();
  });

  it('shows other kinds of items in the columns that they have', async () => {
    await publishTable({}, { assortment: { of: 'categories', choose: { from: 'roots' } } });
    const { page } = await pageAt('/shop');
    expect([...page.querySelectorAll('thead th')].map((one) => one.textContent)).toEqual([
      'Picture',
      'Title',
    ]);
    expect(page.querySelector('form[action="/basket"],.sheet-bar,.sort-by')).toBeNull();
    const { key, version, body } = await store.document('shelf:shop');
    await store.save({ key, version, body: { ...body, assortment: { of: 'products' } } });
    await publishTable();
  });
});

describe('rows that are bought at once', () => {
  const shopper = () => shopperOf(store);
  const variants = (...products: number[]) => Promise.all(products.map((one) => variantIn(store, one)));
  const rows = (...filled: [id: number, quantity: string][]) =>
    Object.fromEntries([['do', 'rows'], ...filled.map(([id, quantity]) => [`quantity-${id}`, quantity])]);

  it('are those that are filled in', async () => {
    const [a, b, c] = await variants(5, 6, 7);
    const one = shopper();
    const answer = await one.send('/basket', rows([a!.id, '2'], [b!.id, ''], [c!.id, '3'], [9999, '0']));
    expect([answer.statusCode, answer.headers.location]).toEqual([303, '/basket']);
    expect(one.basket).toBe(`${a!.id}.2.${a!.price}-${c!.id}.3.${c!.price}`);
    // More of the same is added to what is there.
    await one.send('/basket', rows([c!.id, '1']));
    expect(one.basket).toBe(`${a!.id}.2.${a!.price}-${c!.id}.4.${c!.price}`);
  });

  it('are one alone where its own button was pressed, one of it where nothing is filled in', async () => {
    const [a, b] = await variants(8, 9);
    const one = shopper();
    await one.send('/basket', { ...rows([a!.id, '4'], [b!.id, '2']), only: a!.id });
    expect(one.basket).toBe(`${a!.id}.4.${a!.price}`);
    const other = shopper();
    await other.send('/basket', { ...rows([a!.id, ''], [b!.id, '2']), only: a!.id });
    expect(other.basket).toBe(`${a!.id}.1.${a!.price}`);
  });

  it('are all put in or none, and it is said which cannot be had and what to do', async () => {
    const [a, b] = await variants(10, 11);
    await stockIn(store, b!.id, 0);
    const one = shopper();
    const asked = { accept: 'application/json' };
    const answer = await one.send('/basket', rows([a!.id, '1'], [b!.id, '1']), asked);
    expect(answer.statusCode).toBe(409);
    expect(answer.json<{ message: string }>().message).toBe(
      'Piece 11 is sold out just now. Nothing was added: empty its row, then add the others.',
    );
    expect(one.basket).toBe('');
    await stockIn(store, b!.id, null);
  });

  it.each([
    ['nothing filled in', {}, 400, /^No quantity is filled in/],
    ['only empty rows', { 'quantity-5': '', 'quantity-6': '0' }, 400, /^No quantity is filled in/],
    ['a quantity that is none', { 'quantity-5': 'many' }, 400, /quantity/],
    ['one below nothing', { 'quantity-5': '-2' }, 400, /quantity/],
    ['a fraction', { 'quantity-5': '1.5' }, 400, /quantity/],
    ['more than is sold at once', { 'quantity-5': '100' }, 400, /quantity/],
    ['a row that is none', { only: 'all' }, 400, /variant/],
    ['what is not sold', { 'quantity-2000000000': '1' }, 409, /not sold any more/],
  ])('refuse %s with a sentence, and leave the basket alone', async (_, fields, status, message) => {
    const one = shopper();
    const answer = await one.send('/basket', { do: 'rows', ...fields }, { accept: 'application/json' });
    expect(answer.statusCode).toBe(status);
    const said = answer.json<{ message: string }>().message;
    expect(said).toMatch(message);
    expect(one.basket).toBe('');
  });

  it('are refused together where a basket has no room for all of them', async () => {
    const { pool } = store.database;
    const { rows: all } = await pool.query<{ id: number }>('SELECT id FROM variant ORDER BY id');
    const one = shopper();
    one.basket = Array.from({ length: MOST_LINES - 1 }, (_, i) => `${100_000 + i}.1.100`).join('-');
    const before = one.basket;
    const answer = await one.send('/basket', rows([all[0]!.id, '1'], [all[1]!.id, '1']), {
      accept: 'application/json',
    });
    expect(answer.statusCode).toBe(409);
    expect(answer.json<{ message: string }>().message).toMatch(/then add these\.$/);
    expect(one.basket).toBe(before);
  });

  it('are in one form with the quantities, empty at first, which the Enter key sends whole', async () => {
    const { page } = await pageAt('/shop');
    const form = page.querySelector<HTMLFormElement>('#rows-shop')!;
    const fields = [...form.elements] as HTMLInputElement[];
    const quantities = fields.filter(({ type }) => type === 'number');
    expect(quantities.length).toBeGreaterThan(20);
    for (const field of quantities) {
      expect(field.name).toMatch(/^quantity-\d+$/);
      expect(field.value).toBe('');
    }
    const first = fields.find(({ type }) => type === 'submit')!;
    expect([first.name, first.getAttribute('aria-hidden')]).toEqual(['', 'true']);
    expect(page.querySelectorAll('.sheet-bar button').length).toBe(2);
    expect(page.querySelectorAll('.sheet-bar a[href="/basket"]').length).toBe(1);
  });

  it('are bought each for itself where nothing adds all, with one of it at first', async () => {
    await publishTable({ addAll: 'none' });
    const { page } = await pageAt('/shop');
    expect(page.querySelector('#rows-shop')).toBeNull();
    const [form] = page.querySelectorAll<HTMLFormElement>('.sheet form');
    const quantity = [...form!.elements].find((one) => one.matches('[type=number]')) as HTMLInputElement;
    expect([quantity.name, quantity.value]).toEqual(['quantity', '1']);
    await publishTable();
  });
});
