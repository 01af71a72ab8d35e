// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { afterEach, describe, expect, it } from 'vitest';
import type { NewGrouping } from '../../../core/api/groupings.ts';
import type { Conflict } from '../../../core/facts/factEdit.ts';
import { emptyGrouping, type Grouping, type GroupingOf } from '../../../core/groupings/grouping.ts';
import { groupingEdited, groupingValue, type GroupingEdit } from '../../../core/groupings/groupingEdit.ts';
import { groupingKinds } from '../../../core/groupings/groupingFacts.ts';
import { same } from '../../../core/settings/same.ts';
import { inStudio } from '../../specimen/inStudio.tsx';
import { Groupings } from './Groupings.tsx';

afterEach(cleanup);

const one = (id: number, name: string, more: Partial<Grouping> = {}): Grouping => ({
  ...emptyGrouping,
  id,
  slug: name.toLowerCase(),
  name,
  description: 'Said',
  pictureId: 'a'.repeat(64),
  position: id,
  products: 3,
  ...more,
});
const tree = [
  one(1, 'Bowls'),
  one(2, 'Deep', { parentId: 1 }),
  one(3, 'Jugs', { pictureId: null, products: 0 }),
];

/** The list of one kind, and a server that keeps what it is told. */
function draw(of: GroupingOf, given: readonly Grouping[], others: readonly Grouping[] = []) {
  const server = { all: [...given], others: [...others], edits: [] as GroupingEdit[], isAway: false };
  inStudio(
    <Routes>
      <Route path="/" element={<Groupings of={of} />} />
      <Route
        path={`/catalogue/${groupingKinds[of].many}/:groupingId?/:heldId?`}
        element={<Groupings of={of} />}
      />
    </Routes>,
    {
      answers: {
        'GET /api/groupings': (_, query) => ({
          groupings: query.of === of ? [...server.all] : [...server.others],
        }),
        'POST /api/groupings/edit': (body) => {
          const { edits } = body as { edits: GroupingEdit[] };
          if (server.isAway) throw new Error('Nobody is there.');
          const list = edits[0]!.of === of ? 'all' : 'others';
          const conflicts = edits.flatMap((edit): Conflict<GroupingEdit>[] => {
            const now = groupingValue(server[list], edit);
            return same(now, edit.was) ? [] : [{ edit, now: now ?? null, gone: now === undefined }];
          });
          if (conflicts.length === 0) server[list] = edits.reduce(groupingEdited, server[list]);
          server.edits.push(...edits);
          return { conflicts };
        },
        'POST /api/groupings/new': (body) => {
          const { of: made, name, parent: parentId, type: holds } = body as NewGrouping;
          (made === of ? server.all : server.others).push(one(9, name, { parentId, type: holds }));
          return { id: 9 };
        },
        'POST /api/groupings/removed': (body) => {
          const { id } = body as { id: number };
          server.all = server.all.filter((each) => each.id !== id);
          return { removed: true };
        },
        'POST /api/pictures/named': () => ({ pictures: [] }),
        'GET /api/categories': () => ({ categories: [] }),
        'POST /api/assortments/counts': () => ({ all: 9, parts: [], remains: 4 }),
        'GET /api/products': () => ({ products: [] }),
        'GET /api/vocabulary': () => ({
          brands: [],
          tags: [],
          collections: [],
          entries: [],
          fields: [],
          options: [],
        }),
      },
    },
  );
  return server;
}

const press = (element: HTMLElement) => fireEvent.click(element);
const type = (field: HTMLElement, value: string) => fireEvent.change(field, { target: { value } });
/** Types over a field and presses Enter. */
function commit(field: HTMLElement, text: string) {
  act(() => field.focus());
  type(field, text);
  fireEvent.keyDown(field, { key: 'Enter' });
}
const row = (name: string) => screen.findByRole('row', { name: new RegExp(`^${name}`) });

describe('the list of categories', () => {
  it('stands as a tree, counts what is missing, and narrows to it', async () => {
    draw('category', tree);
    expect((await row('Deep')).getAttribute('aria-level')).toBe('2');
    expect((await row('Jugs')).textContent).toContain('no picture, no products');
    press(screen.getByRole('button', { name: '1 without a picture' }));
    await waitFor(() => expect(screen.queryByRole('row', { name: /^Bowls/ })).toBeNull());
    screen.getByText('1 category found');
    press(screen.getByRole('button', { name: '1 without a picture' }));
    type(screen.getByRole('searchbox', { name: 'Find a category' }), 'dee');
    expect((await row('Deep')).getAttribute('aria-level')).toBe('1');
    type(screen.getByRole('searchbox', { name: 'Find a category' }), 'deex');
    await screen.findByText('No category is so.');
  });

  it('is moved by Alt and the arrow keys, which is taken back', async () => {
    const server = draw('category', tree);
    const jugs = await row('Jugs');
    act(() => jugs.focus());
    fireEvent.keyDown(jugs, { key: 'ArrowRight', altKey: true });
    await waitFor(() => expect(server.all.find(({ id }) => id === 3)!.parentId).toBe(1));
    expect((await row('Jugs')).getAttribute('aria-level')).toBe('2');
    fireEvent.keyDown(await row('Jugs'), { key: 'ArrowUp', altKey: true });
    await waitFor(() => expect(server.edits.at(-1)!.is).toEqual({ parent: 1, before: 2 }));
    press(screen.getByRole('button', { name: 'Take back the place of Jugs' }));
    press(screen.getByRole('button', { name: 'Take back the place of Jugs' }));
    await waitFor(() => expect(server.all.find(({ id }) => id === 3)!.parentId).toBeNull());
    // Where no step leads, nothing is written.
    const written = server.edits.length;
    fireEvent.keyDown(await row('Bowls'), { key: 'ArrowUp', altKey: true });
    fireEvent.keyDown(await row('Bowls'), { key: 'ArrowLeft', altKey: true });
    expect(server.edits).toHaveLength(written);
  });

  it('opens one beside it, whose name holds once it is committed', async () => {
    const server = draw('category', tree);
    press(await row('Bowls'));
    const side = await screen.findByRole('complementary', { name: 'Bowls' });
    const name = within(side).getByRole('textbox', { name: 'Name' });
    commit(name, 'Dishes');
    await waitFor(() => expect(server.all[0]!.name).toBe('Dishes'));
    await screen.findByRole('complementary', { name: 'Dishes' });
    type(name, '');
    act(() => name.blur());
    await within(side).findByText('It needs a name.');
    expect(server.all[0]!.name).toBe('Dishes');
    // Nothing that it cannot stand under is offered.
    press(within(side).getByRole('button', { name: /Stands under/ }));
    const offered = await screen.findByRole('listbox');
    expect([...offered.querySelectorAll('[role="option"]')].map((option) => option.textContent)).toEqual([
      'None: a main category',
      'Jugs',
    ]);
  });

  it('says what somebody else made of it, and can be written over', async () => {
    const server = draw('category', tree);
    press(await row('Bowls'));
    const line = await screen.findByRole('textbox', { name: 'Extra line' });
    server.all[0] = { ...server.all[0]!, extraLine: 'Theirs' };
    commit(line, 'Mine');
    const alert = await screen.findByRole('alert');
    expect(alert.textContent).toContain(
      'In another window the extra line was changed meanwhile, and is “Theirs” now.',
    );
    press(within(alert).getByRole('button', { name: 'Write mine' }));
    await waitFor(() => expect(server.all[0]!.extraLine).toBe('Mine'));
    server.isAway = true;
    commit(line, 'Later');
    expect((await screen.findByRole('alert')).textContent).toContain('Nobody is there.');
    server.isAway = false;
    press(screen.getByRole('button', { name: 'Try again' }));
    await waitFor(() => expect(server.all[0]!.extraLine).toBe('Later'));
  });

  it('takes a new one, and lets one go once it is said what that changes', async () => {
    const server = draw('category', tree);
    await row('Bowls');
    press(screen.getByRole('button', { name: 'New category' }));
    const dialog = await screen.findByRole('dialog', { name: 'New category' });
    type(within(dialog).getByRole('textbox', { name: 'Name' }), 'bowls');
    expect((await within(dialog).findByRole('alert')).textContent).toContain(
      'Another category there is called “Bowls”.',
    );
    expect(within(dialog).getByRole('button', { name: 'Make the category' })).toHaveProperty(
      'disabled',
      true,
    );
    type(within(dialog).getByRole('textbox', { name: 'Name' }), 'bowls of wood');
    press(within(dialog).getByRole('button', { name: 'Make the category' }));
    const side = await screen.findByRole('complementary', { name: 'bowls of wood' });
    press(within(side).getByRole('button', { name: 'Remove this category…' }));
    const asked = await screen.findByRole('dialog', { name: 'Remove bowls of wood' });
    expect(asked.textContent).toContain('3 products go on without it.');
    press(within(asked).getByRole('button', { name: 'Remove the category' }));
    await waitFor(() => expect(server.all).toHaveLength(3));
    await waitFor(() => expect(screen.queryByRole('complementary')).toBeNull());
  });
});

describe('what asks for one', () => {
  it('is told of before it is removed, the rules of collections too', async () => {
    draw('category', tree, [
      one(4, 'Warm', { rule: { join: 'all', parts: [{ is: 'category', ids: [3], below: true }] } }),
      one(5, 'Cold', { rule: { join: 'all', parts: [{ is: 'category', ids: [1], below: true }] } }),
    ]);
    press(await row('Jugs'));
    const side = await screen.findByRole('complementary', { name: 'Jugs' });
    press(within(side).getByRole('button', { name: 'Remove this category…' }));
    const asked = await screen.findByRole('dialog', { name: 'Remove Jugs' });
    await within(asked).findByRole('link', { name: 'Collection Warm' });
    expect(within(asked).queryByRole('link', { name: 'Collection Cold' })).toBeNull();
  });
});

describe('a collection', () => {
  it('is filled by a rule once that says something and is saved, and by hand again', async () => {
    const server = draw('collection', [one(4, 'Warm')]);
    press(await row('Warm'));
    const side = await screen.findByRole('complementary', { name: 'Warm' });
    within(side).getByRole('combobox', { name: 'Put a product in' });
    fireEvent.click(within(side).getByRole('radio', { name: 'By a rule' }));
    const add = await within(side).findByRole('combobox', { name: 'Add to the rule' });
    // What goes by the shopper or by collections is not offered.
    act(() => add.focus());
    type(add, 'looked at');
    await waitFor(() => expect(screen.queryByText(/recently viewed/)).toBeNull());
    type(add, 'featured');
    press(within(await screen.findByRole('listbox')).getAllByRole('option')[0]!);
    expect(server.all[0]!.rule).toBeNull();
    press(await within(side).findByRole('button', { name: 'Save the rule' }));
    await waitFor(() => expect(server.all[0]!.rule).toEqual({ join: 'all', parts: [{ is: 'featured' }] }));
    fireEvent.click(within(side).getByRole('radio', { name: 'By hand' }));
    await waitFor(() => expect(server.all[0]!.rule).toBeNull());
    // Whatever is taken back, what fills it is what is shown.
    press(screen.getByRole('button', { name: 'Take back rule of Warm' }));
    await within(side).findByRole('combobox', { name: 'Add to the rule' });
    expect(within(side).queryByRole('combobox', { name: 'Put a product in' })).toBeNull();
    await waitFor(() => expect(server.all[0]!.rule).not.toBeNull());
    press(screen.getByRole('button', { name: 'Take back rule of Warm' }));
    await within(side).findByRole('combobox', { name: 'Put a product in' });
  });
});

describe('brands', () => {
  it('are listed by name, and cannot be moved', async () => {
    draw('brand', [one(1, 'Zeal'), one(2, 'ada'), one(3, 'Bo', { products: 0 })]);
    await row('Zeal');
    expect(
      screen.getAllByRole('row').map((each) => each.getAttribute('aria-label') ?? each.textContent),
    ).toEqual([expect.stringMatching(/^ada/), expect.stringMatching(/^Bo/), expect.stringMatching(/^Zeal/)]);
    expect(screen.queryByRole('button', { name: /^Move/ })).toBeNull();
    press(await row('Bo'));
    const side = await screen.findByRole('complementary', { name: 'Bo' });
    expect(within(side).queryByRole('textbox', { name: 'Address' })).toBeNull();
    expect(side.textContent).toContain('No products yet');
  });
});

describe('fields', () => {
  it('are made of a name and what they hold, and have a unit where that is a number', async () => {
    const server = draw('field', [
      one(1, 'Glaze', { type: 'text', products: 0 }),
      one(2, 'Capacity', { type: 'number', unit: 'ml' }),
    ]);
    press(await row('Glaze'));
    const glaze = await screen.findByRole('complementary', { name: 'Glaze' });
    expect(glaze.textContent).toContain('Text, no products yet');
    expect(within(glaze).queryByRole('textbox', { name: 'Unit' })).toBeNull();
    press(await row('Capacity'));
    const capacity = await screen.findByRole('complementary', { name: 'Capacity' });
    commit(within(capacity).getByRole('textbox', { name: 'Unit' }), 'l');
    await waitFor(() => expect(server.all[1]!.unit).toBe('l'));
    press(screen.getByRole('button', { name: 'New field' }));
    const dialog = await screen.findByRole('dialog', { name: 'New field' });
    type(within(dialog).getByRole('textbox', { name: 'Name' }), 'Fired at');
    press(within(dialog).getByRole('radio', { name: 'Number' }));
    press(within(dialog).getByRole('button', { name: 'Make the field' }));
    await waitFor(() => expect(server.all.at(-1)).toMatchObject({ name: 'Fired at', type: 'number' }));
  });
});

describe('options', () => {
  const options = [one(1, 'Glaze'), one(2, 'Size')];
  const values = [
    one(1, 'Large', { parentId: 2, position: 1, pictureId: null, products: 0 }),
    one(2, 'Small', { parentId: 2, position: 0, pictureId: null }),
    one(3, 'Fog', { parentId: 1, position: 0, pictureId: null, colour: '#8899aa' }),
  ];
  const valuesListed = (side: HTMLElement) =>
    within(side)
      .getAllByRole('row')
      .map((each) => each.querySelector('.name')!.textContent);

  it('show their own values, which are put in order, made, and opened one by one', async () => {
    const server = draw('option', options, values);
    press(await row('Size'));
    const side = await screen.findByRole('complementary', { name: 'Size' });
    await within(side).findByRole('row', { name: /^Small/ });
    expect(valuesListed(side)).toEqual(['Small', 'Large']);
    expect(within(side).queryByRole('textbox', { name: 'Address' })).toBeNull();
    const small = within(side).getByRole('row', { name: /^Small/ });
    act(() => small.focus());
    fireEvent.keyDown(small, { key: 'ArrowDown', altKey: true });
    await waitFor(() => expect(server.edits.at(-1)).toMatchObject({ of: 'value', id: 2, fact: 'place' }));
    expect(server.edits.at(-1)!.is).toEqual({ parent: 2, before: null });
    await waitFor(() => expect(valuesListed(side)).toEqual(['Large', 'Small']));
    press(screen.getByRole('button', { name: 'Take back the place of Small' }));
    await waitFor(() => expect(valuesListed(side)).toEqual(['Small', 'Large']));

    press(within(side).getByRole('button', { name: 'New value' }));
    const dialog = await screen.findByRole('dialog', { name: 'New value' });
    type(within(dialog).getByRole('textbox', { name: 'Name' }), 'large');
    expect((await within(dialog).findByRole('alert')).textContent).toContain(
      'Another value there is called “Large”.',
    );
    type(within(dialog).getByRole('textbox', { name: 'Name' }), 'Fog');
    press(within(dialog).getByRole('button', { name: 'Make the value' }));
    await screen.findByRole('complementary', { name: 'Fog' });
    expect(server.others.at(-1)).toMatchObject({ name: 'Fog', parentId: 2 });
    press(screen.getByRole('link', { name: 'Size' }));
    expect(valuesListed(await screen.findByRole('complementary', { name: 'Size' }))).toEqual([
      'Small',
      'Large',
      'Fog',
    ]);
  });

  it('have values of a name and a colour, which stay as long as products come in them', async () => {
    const server = draw('option', options, values);
    press(await row('Glaze'));
    const side = await screen.findByRole('complementary', { name: 'Glaze' });
    press(await within(side).findByRole('row', { name: /^Fog/ }));
    const fog = await screen.findByRole('complementary', { name: 'Fog' });
    expect(fog.textContent).toContain('3 products come in it, so it stays.');
    commit(within(fog).getByRole('textbox', { name: 'Name' }), 'Mist');
    await waitFor(() => expect(server.others[2]!.name).toBe('Mist'));
    press(within(screen.getByRole('group', { name: 'Colour' })).getByRole('button', { name: 'None' }));
    await waitFor(() => expect(server.others[2]!.colour).toBeNull());
    press(screen.getByRole('button', { name: 'Take back colour of Mist' }));
    await waitFor(() => expect(server.others[2]!.colour).toBe('#8899aa'));
    press(screen.getByRole('button', { name: 'Close this value' }));
    await screen.findByRole('complementary', { name: 'Glaze' });
  });

  it('say so where a value is one of another option, or of none any more', async () => {
    draw('option', options, values.slice(0, 2));
    press(await row('Glaze'));
    const side = await screen.findByRole('complementary', { name: 'Glaze' });
    await within(side).findByText('It has no values yet.');
    press(await row('Size'));
    press(
      await within(await screen.findByRole('complementary', { name: 'Size' })).findByRole('row', {
        name: /^Large/,
      }),
    );
    const large = await screen.findByRole('complementary', { name: 'Large' });
    press(within(large).getByRole('button', { name: 'Remove this value…' }));
    const asked = await screen.findByRole('dialog', { name: 'Remove Large' });
    expect(asked.textContent).not.toContain('moves up');
    press(within(asked).getByRole('button', { name: 'Remove the value' }));
    await screen.findByRole('complementary', { name: 'Size' });
  });
});
