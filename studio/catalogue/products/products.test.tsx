// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { afterEach, describe, expect, it } from 'vitest';
import type { GoodsAsked } from '../../../core/api/goods.ts';
import type { Conflict } from '../../../core/facts/factEdit.ts';
import type { Goods, GoodsRow } from '../../../core/goods/goods.ts';
import { edited, isStill, valueAt, type GoodsEdit } from '../../../core/goods/goodsEdit.ts';
import { inStudio, type Given, type InStudio } from '../../specimen/inStudio.tsx';
import { Products } from './Products.tsx';

afterEach(cleanup);

// Nothing is laid out here, so that the list is told how much of it is in sight.
Object.defineProperty(HTMLElement.prototype, 'clientHeight', { configurable: true, get: () => 600 });

const jug: Goods = {
  id: 1,
  slug: 'jug',
  title: 'Pouring jug',
  code: 'J-1',
  shortText: 'It does not drip.',
  longText: 'At length.',
  brandId: 1,
  featured: false,
  categoryIds: [2],
  collectionIds: [],
  tags: ['table'],
  fields: { capacity: 1100, glaze: 'ash' },
  variants: [
    {
      id: 10,
      choice: 'Inkwell',
      code: '',
      price: 4200,
      reduced: 3150,
      stock: 42,
      pictureId: null,
      values: [],
    },
    { id: 11, choice: 'Peat', code: '', price: 4200, reduced: null, stock: 0, pictureId: null, values: [] },
  ],
  pictureIds: [],
};

const rowOf = ({ id, title, code, variants, tags, shortText }: Goods): GoodsRow => ({
  id,
  title,
  code,
  picture: null,
  price: variants[0]!.price,
  reduced: variants[0]!.reduced,
  from: false,
  stock: variants.some((one) => one.stock === null)
    ? null
    : variants.reduce((sum, one) => sum + one.stock!, 0),
  inStock: variants.some(({ stock }) => stock !== 0),
  only: variants.length === 1 ? variants[0]!.id : null,
  categories: [],
  tags,
  rating: null,
  hasShortText: shortText !== '',
});

/** A server of so many products, which keeps what it is told. */
function open({
  more = 0,
  answers = {},
  first = jug,
}: { more?: number; answers?: Given['answers']; first?: Goods } = {}) {
  let goods = first;
  const asked: GoodsAsked[] = [];
  const written: GoodsEdit[][] = [];
  const others = Array.from({ length: more }, (_, i) => ({ ...jug, id: i + 2, title: `Dish ${i + 2}` }));
  const studio: InStudio = inStudio(
    <Routes>
      <Route path="/catalogue/products/:productId?" element={<Products />} />
      <Route path="*" element={<Products />} />
    </Routes>,
    {
      vocabulary: {
        brands: [
          { id: 1, name: 'Ada', products: 1 },
          { id: 2, name: 'Bo', products: 1 },
        ],
        tags: [{ tag: 'garden', number: 4, name: 'For the garden', products: 3 }],
        fields: [
          { id: 'capacity', name: 'Capacity', type: 'number', unit: 'ml', values: [], least: 1, most: 9 },
          { id: 'glaze', name: 'Glaze', type: 'text', unit: '', values: [], least: null, most: null },
          { id: 'safe', name: 'Food-safe', type: 'yesNo', unit: '', values: [], least: null, most: null },
        ],
      },
      answers: {
        'GET /api/goods/counts': () => ({
          all: more + 1,
          missing: { picture: 3, category: 0, shortText: goods.shortText === '' ? 1 : 0 },
        }),
        'POST /api/goods/list': (body) => {
          const { from } = body as GoodsAsked;
          asked.push(body as GoodsAsked);
          const rows = [goods, ...others].map(rowOf);
          return { total: rows.length, rows: rows.slice(from, from + 100) };
        },
        'GET /api/goods/one': () => ({ goods }),
        'POST /api/goods/many': () => ({ goods: [goods] }),
        'POST /api/goods/edit': (body) => {
          const { edits } = body as { edits: GoodsEdit[] };
          const conflicts: Conflict<GoodsEdit>[] = edits.flatMap((edit) =>
            isStill(goods, edit) ? [] : [{ edit, now: valueAt(goods, edit), gone: false }],
          );
          if (conflicts.length === 0) {
            goods = edits.reduce(edited, goods);
            written.push(edits);
          }
          return { conflicts };
        },
        ...answers,
      },
    },
  );
  return {
    ...studio,
    asked,
    written,
    now: () => goods,
    change: (next: Partial<Goods>) => (goods = { ...goods, ...next }),
  };
}

const grid = () => screen.getByRole('grid', { name: 'Products' });
const row = (name: string) => within(grid()).findByRole('row', { name });
async function openJug() {
  fireEvent.click(await row('Pouring jug'));
  await screen.findByRole('textbox', { name: 'Title' });
}
const field = (name: string) => screen.getByRole('textbox', { name });
/** Types over a field and leaves it. */
function set(name: string, text: string) {
  act(() => field(name).focus());
  fireEvent.change(field(name), { target: { value: text } });
  act(() => field(name).blur());
}
const facts = (edits: readonly GoodsEdit[]) => edits.map(({ fact, part, is }) => [fact, part, is]);

/** A field in the list itself. */
const typedField = (name: string) => within(grid()).findByRole('textbox', { name });
const typeOver = (input: HTMLElement, text: string, key: string, more: object = {}) => {
  fireEvent.change(input, { target: { value: text } });
  act(() => void fireEvent.keyDown(input, { key, ...more }));
};
const cellOf = async (product: string, at: number) =>
  within(await row(product)).getAllByRole('gridcell')[at]!;
const [CODE, PRICE, REDUCED, STOCK] = [3, 4, 5, 6];

describe('a product in the list', () => {
  const single: Goods = { ...jug, variants: [{ ...jug.variants[0]!, choice: '' }] };

  it('is set right there by its cells: kept on Enter, shown at once, and undone', async () => {
    const { written } = open({ first: single });
    fireEvent.click(await cellOf('Pouring jug', STOCK));
    const stock = await typedField('Stock of Pouring jug');
    expect(document.activeElement).toBe(stock);
    typeOver(stock, '7', 'Enter');
    await waitFor(() => expect(facts(written[0]!)).toEqual([['stock', 10, 7]]));
    expect((await cellOf('Pouring jug', STOCK)).textContent).toBe('7');
    // There is none below it.
    expect(document.activeElement).toBe(await row('Pouring jug'));
    expect(within(grid()).queryByRole('textbox')).toBeNull();
    fireEvent.click(await screen.findByRole('button', { name: /^Take back stock of Pouring jug|^Undo/ }));
    await waitFor(() => expect(facts(written[1]!)).toEqual([['stock', 10, 42]]));
  });

  it('is gone through by Tab from its title on, and back', async () => {
    const { written } = open({ first: single });
    const its = await row('Pouring jug');
    act(() => its.focus());
    fireEvent.keyDown(its, { key: 'F2' });
    typeOver(await typedField('Title of Pouring jug'), 'Milk jug', 'Tab');
    typeOver(await typedField('Item code of Milk jug'), 'J-9', 'Tab');
    typeOver(await typedField('Price of Milk jug'), '£48.50', 'Tab');
    typeOver(await typedField('Reduced price of Milk jug'), '', 'Tab');
    typeOver(await typedField('Stock of Milk jug'), '', 'Tab', { shiftKey: true });
    await typedField('Reduced price of Milk jug');
    await waitFor(() => expect(written).toHaveLength(5));
    expect(written.flatMap(facts)).toEqual([
      ['title', null, 'Milk jug'],
      ['code', null, 'J-9'],
      ['price', 10, 4850],
      ['reduced', 10, null],
      ['stock', 10, null],
    ]);
    expect((await cellOf('Milk jug', STOCK)).textContent).toBe('not counted');
  });

  it('stays as it was on Escape, and where nothing was changed', async () => {
    const { written } = open();
    fireEvent.click(await cellOf('Pouring jug', CODE));
    typeOver(await typedField('Item code of Pouring jug'), 'other', 'Escape');
    expect((await cellOf('Pouring jug', CODE)).textContent).toBe('J-1');
    fireEvent.click(await cellOf('Pouring jug', CODE));
    typeOver(await typedField('Item code of Pouring jug'), 'J-1', 'Enter');
    await waitFor(() => expect(within(grid()).queryByRole('textbox')).toBeNull());
    expect(written).toEqual([]);
  });

  it('says what does not fit, and goes on only once it does', async () => {
    const { written } = open();
    const its = await row('Pouring jug');
    fireEvent.keyDown(its, { key: 'F2' });
    const title = await typedField('Title of Pouring jug');
    typeOver(title, ' ', 'Enter');
    expect((await within(grid()).findByRole('alert')).textContent).toBe('A product needs a title.');
    expect(within(grid()).getByRole('textbox')).toBe(title);
    typeOver(title, 'Ewer', 'Enter');
    await waitFor(() => expect(written.flatMap(facts)).toEqual([['title', null, 'Ewer']]));
  });

  it('that can be had in several ways is opened by a press on its price', async () => {
    open();
    fireEvent.click(await cellOf('Pouring jug', PRICE));
    expect(await screen.findByRole('textbox', { name: 'Title' })).toBeDefined();
    expect(within(grid()).queryByRole('textbox')).toBeNull();
    expect(await cellOf('Pouring jug', REDUCED)).toBeDefined();
  });

  it('goes below on Enter, to the same of the next product', async () => {
    const { written } = open({ more: 2 });
    fireEvent.click(await cellOf('Pouring jug', CODE));
    typeOver(await typedField('Item code of Pouring jug'), 'J-2', 'Enter');
    await typedField('Item code of Dish 2');
    await waitFor(() => expect(written).toHaveLength(1));
  });
});

describe('the list of products', () => {
  it('says what each is, and what it lacks', async () => {
    open({ more: 2 });
    expect((await row('Pouring jug')).textContent).toContain('no picture');
    expect(grid().getAttribute('aria-rowcount')).toBe('4');
    screen.getByText('3 products');
    screen.getByRole('button', { name: '3 without a picture' });
    expect(screen.queryByRole('button', { name: /without a category/ })).toBeNull();
  });

  it('is asked for by words, by what is missing and by order, and turned round', async () => {
    const { asked } = open();
    await row('Pouring jug');
    expect(asked.at(-1)).toEqual({
      words: '',
      missing: null,
      within: null,
      sort: 'position',
      down: false,
      from: 0,
    });
    fireEvent.click(screen.getByRole('button', { name: '3 without a picture' }));
    await waitFor(() => expect(asked.at(-1)!.missing).toBe('picture'));
    fireEvent.click(screen.getByRole('button', { name: 'Rating' }));
    await waitFor(() => expect(asked.at(-1)).toMatchObject({ sort: 'rating', down: true }));
    fireEvent.click(screen.getByRole('button', { name: 'Rating' }));
    await waitFor(() => expect(asked.at(-1)).toMatchObject({ sort: 'rating', down: false }));
    expect(screen.getByRole('columnheader', { name: 'Rating' }).getAttribute('aria-sort')).toBe('ascending');
    fireEvent.change(screen.getByRole('searchbox', { name: 'Find a product' }), { target: { value: 'jug' } });
    await waitFor(() => expect(asked.at(-1)!.words).toBe('jug'));
    await screen.findByText('1 product found');
  });

  it('is gone through by keys, one row at a time with the keyboard', async () => {
    open({ more: 5 });
    const first = await row('Pouring jug');
    act(() => first.focus());
    fireEvent.keyDown(first, { key: 'ArrowDown' });
    const second = await row('Dish 2');
    await waitFor(() => expect(document.activeElement).toBe(second));
    expect([first.tabIndex, second.tabIndex]).toEqual([-1, 0]);
    fireEvent.keyDown(second, { key: 'End' });
    await waitFor(() =>
      expect((document.activeElement as HTMLElement).getAttribute('aria-label')).toBe('Dish 6'),
    );
    fireEvent.keyDown(document.activeElement!, { key: 'Enter' });
    await screen.findByRole('textbox', { name: 'Title' });
  });

  it('says what to do where there is nothing, and where it cannot be fetched', async () => {
    open({ answers: { 'POST /api/goods/list': () => ({ total: 0, rows: [] }) } });
    await screen.findByText('There are no products yet.');
    fireEvent.change(screen.getByRole('searchbox', { name: 'Find a product' }), {
      target: { value: 'moon' },
    });
    await screen.findByText('No product has “moon” in its title, item code, brand or tags.');
    cleanup();
    open({
      answers: {
        'POST /api/goods/list': () => {
          throw new Error('Nobody is there.');
        },
      },
    });
    await screen.findByText('The products could not be fetched: Nobody is there.');
    screen.getByRole('button', { name: 'Try again' });
  });
});

describe('a product beside the list', () => {
  it('is written fact by fact on leaving a field, and each is taken back and done again', async () => {
    const { written, now } = open();
    await openJug();
    set('Title', 'Wide jug');
    await waitFor(() => expect(written).toHaveLength(1));
    expect(written[0]).toEqual([
      { product: 1, of: 'product', part: null, fact: 'title', was: 'Pouring jug', is: 'Wide jug' },
    ]);
    await screen.findByText('Saved. Shoppers see it at once.');
    await screen.findByRole('heading', { name: 'Wide jug' });
    set('Short description', '');
    await waitFor(() => expect(now().shortText).toBe(''));
    fireEvent.click(await screen.findByRole('button', { name: 'Take back short description of Wide jug' }));
    await waitFor(() => expect(now().shortText).toBe('It does not drip.'));
    await waitFor(() =>
      expect((field('Short description') as HTMLTextAreaElement).value).toBe('It does not drip.'),
    );
    fireEvent.click(await screen.findByRole('button', { name: 'Take back title of Pouring jug' }));
    await waitFor(() => expect(now()).toEqual(jug));
    fireEvent.click(await screen.findByRole('button', { name: 'Do again title of Pouring jug' }));
    await waitFor(() => expect(now().title).toBe('Wide jug'));
  });

  it('is not written while something is wrong, which is said and stays in the field; Escape puts back', async () => {
    const { written } = open();
    await openJug();
    set('Title', '  ');
    await screen.findByText('A product needs a title.');
    expect(written).toEqual([]);
    fireEvent.keyDown(field('Title'), { key: 'Escape' });
    await waitFor(() => expect((field('Title') as HTMLInputElement).value).toBe('Pouring jug'));
    expect(written).toEqual([]);
  });

  it('has prices and stock for each variant', async () => {
    const { written, now } = open();
    await openJug();
    set('Price of Peat', '39.5');
    set('Reduced price of Inkwell', '');
    set('Stock of Peat', '7');
    set('Stock of Inkwell', '');
    await waitFor(() => expect(written).toHaveLength(4));
    expect(written.flatMap(facts)).toEqual([
      ['price', 11, 3950],
      ['reduced', 10, null],
      ['stock', 11, 7],
      ['stock', 10, null],
    ]);
    expect(now().variants.map(({ price, reduced, stock }) => [price, reduced, stock])).toEqual([
      [4200, null, null],
      [3950, null, 7],
    ]);
    // No price is no price of nothing.
    set('Price of Inkwell', '');
    expect(written).toHaveLength(4);
  });

  it('is put into categories, tagged and given fields', async () => {
    const { now } = open();
    await openJug();
    const categories = screen.getByRole('listbox', { name: 'Categories of this product' });
    const [category] = within(categories).getAllByRole('option');
    fireEvent.click(category!);
    await waitFor(() => expect(now().categoryIds.length).not.toBe(1));
    fireEvent.click(screen.getByRole('button', { name: 'Take the tag table off' }));
    await waitFor(() => expect(now().tags).toEqual([]));
    const tags = screen.getByRole('combobox', { name: 'Add a tag' });
    act(() => tags.focus());
    fireEvent.change(tags, { target: { value: 'new one' } });
    fireEvent.click(await screen.findByRole('option', { name: /^new one/ }));
    await waitFor(() => expect(now().tags).toEqual(['new one']));
    set('Capacity, ml', '900');
    set('Glaze', '');
    await waitFor(() => expect(now().fields).toEqual({ capacity: 900 }));
    fireEvent.click(screen.getByRole('switch', { name: 'Featured' }));
    await waitFor(() => expect(now().featured).toBe(true));
  });

  it('has a long text that is written once it is saved, and put back before that', async () => {
    const { written } = open();
    await openJug();
    const box = () => screen.getByRole('textbox', { name: 'Long description' });
    expect(box().textContent).toBe('At length.');
    expect(screen.queryByRole('button', { name: 'Put back' })).toBeNull();
    act(() => box().focus());
    fireEvent.click(screen.getByRole('button', { name: 'List with bullets' }));
    expect(written).toEqual([]);
    fireEvent.click(await screen.findByRole('button', { name: 'Put back' }));
    await waitFor(() => expect(box().querySelector('ul')).toBeNull());
    fireEvent.click(screen.getByRole('button', { name: 'List with bullets' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Save the long description' }));
    await waitFor(() =>
      expect(written.flatMap(facts)).toEqual([['longText', null, '<ul><li>At length.</li></ul>']]),
    );
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Put back' })).toBeNull());
    // What was saved, and taken back, is what is written in it.
    await waitFor(() => expect(box().querySelector('ul')).not.toBeNull());
    fireEvent.click(await screen.findByRole('button', { name: /^Take back long description/ }));
    await waitFor(() => expect(box().querySelector('ul')).toBeNull());
  });

  it('that was changed in another window meanwhile is not written over before that is asked for', async () => {
    const { change, now } = open();
    await openJug();
    change({ title: 'Theirs' });
    set('Title', 'Mine');
    await screen.findByText(/In another window the title was changed meanwhile, and is “Theirs” now\./);
    expect(now().title).toBe('Theirs');
    fireEvent.click(screen.getByRole('button', { name: 'Write mine' }));
    await waitFor(() => expect(now().title).toBe('Mine'));
    change({ title: 'Theirs again' });
    set('Title', 'Mine again');
    fireEvent.click(await screen.findByRole('button', { name: 'Keep what is there' }));
    await waitFor(() => expect((field('Title') as HTMLInputElement).value).toBe('Theirs again'));
  });

  it('keeps what could not be sent, to be sent again', async () => {
    let away = true;
    const { written } = open({
      answers: {
        'POST /api/goods/edit': () => {
          if (away) throw new Error('The server cannot be reached.');
          return { conflicts: [] };
        },
      },
    });
    await openJug();
    set('Item code', 'J-2');
    await screen.findByText(/Not saved, item code of Pouring jug\. The server cannot be reached/);
    away = false;
    fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
    await screen.findByText('Saved. Shoppers see it at once.');
    expect(written).toEqual([]);
  });

  it('is closed, and says so where it is gone', async () => {
    open({ answers: { 'GET /api/goods/one': () => ({ goods: null }) } });
    fireEvent.click(await row('Pouring jug'));
    await screen.findByText('This product is not there any more.');
    fireEvent.click(screen.getByRole('button', { name: 'Close this product' }));
    await waitFor(() => expect(screen.queryByText('This product is not there any more.')).toBeNull());
    expect(screen.queryByRole('complementary')).toBeNull();
  });
});

describe('products that are chosen', () => {
  const choose = async () => fireEvent.click(within(await row('Pouring jug')).getByRole('checkbox'));

  it('are tagged, put into a category and priced together, each step taken back', async () => {
    const { now } = open({ more: 1 });
    await choose();
    await screen.findByText('1 product chosen');
    // The editor stays closed.
    expect(screen.queryByRole('textbox', { name: 'Title' })).toBeNull();
    const percent = screen.getByRole('textbox', { name: 'Prices by %' });
    act(() => percent.focus());
    fireEvent.change(percent, { target: { value: '10' } });
    act(() => percent.blur());
    fireEvent.click(screen.getByRole('button', { name: 'Change prices' }));
    await waitFor(() =>
      expect(now().variants.map(({ price, reduced }) => [price, reduced])).toEqual([
        [4620, 3465],
        [4620, null],
      ]),
    );
    const tag = screen.getByRole('combobox', { name: 'Add a tag to all' });
    act(() => tag.focus());
    fireEvent.change(tag, { target: { value: 'gard' } });
    fireEvent.click(await screen.findByRole('option', { name: /^For the garden/ }));
    await waitFor(() => expect(now().tags).toEqual(['table', 'garden']));
    fireEvent.click(await screen.findByRole('button', { name: 'Take back tag For the garden of 1 product' }));
    await waitFor(() => expect(now().tags).toEqual(['table']));
    set('Stock of each variant', '7');
    fireEvent.click(screen.getByRole('button', { name: 'Set the stock' }));
    await waitFor(() => expect(now().variants.map(({ stock }) => stock)).toEqual([7, 7]));
    fireEvent.click(await screen.findByRole('button', { name: 'Take back stock 7 of 1 product' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Take back prices by 10 % of 1 product' }));
    await waitFor(() => expect(now()).toEqual(jug));
  });

  it('are told of where nothing would change, and given up', async () => {
    const { written } = open();
    const first = await row('Pouring jug');
    act(() => first.focus());
    fireEvent.keyDown(first, { key: ' ' });
    const tag = await screen.findByRole('combobox', { name: 'Add a tag to all' });
    act(() => tag.focus());
    fireEvent.change(tag, { target: { value: 'table' } });
    fireEvent.click(await screen.findByRole('option', { name: /^table/ }));
    await screen.findByText('That is so of all of them already.');
    expect(written).toEqual([]);
    fireEvent.click(screen.getByRole('button', { name: 'Choose none' }));
    await waitFor(() => expect(screen.queryByText('1 product chosen')).toBeNull());
  });
});

describe('a new product', () => {
  it('is made of a title and a price, and opened; what was ordered is not removed, and it is said why', async () => {
    const made: unknown[] = [];
    open({
      answers: {
        'POST /api/goods/new': (body) => {
          made.push(body);
          return { id: 1 };
        },
        'POST /api/goods/removed': () => ({ removed: false }),
      },
    });
    await row('Pouring jug');
    fireEvent.click(screen.getByRole('button', { name: 'New product' }));
    const make = await screen.findByRole('button', { name: 'Make the product' });
    expect((make as HTMLButtonElement).disabled).toBe(true);
    fireEvent.change(field('Title'), { target: { value: 'Pouring jug' } });
    set('Price', '12.5');
    await waitFor(() => expect((make as HTMLButtonElement).disabled).toBe(false));
    fireEvent.click(make);
    await waitFor(() => expect(made).toEqual([{ title: 'Pouring jug', price: 1250 }]));
    fireEvent.click(await screen.findByRole('button', { name: 'Remove this product…' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Remove the product' }));
    await screen.findByText(/It was ordered, so it stays/);
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    await screen.findByRole('textbox', { name: 'Item code' });
  });
});
