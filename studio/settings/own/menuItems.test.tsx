// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { MenuItem } from '../../../core/bays/menuItem.ts';
import { readPath } from '../../../core/settings/path.ts';
import { specimenBay, specimenStored, specimenTree } from '../../../core/specimen/specimen.ts';
import { inStudio, type InStudio } from '../../specimen/inStudio.tsx';
import { useDraft } from '../../studioContext.tsx';
import { MenuItems } from './MenuItems.tsx';

afterEach(cleanup);

const on = { page: 'home', bay: 'a' };

function Drawn() {
  const value = useDraft((state) => readPath(state.plan.pages.home!.bays[0], 'items'));
  return <MenuItems on={on} value={value as MenuItem[] | null} />;
}
const drawn = (items?: MenuItem[], more: object = {}): InStudio =>
  inStudio(<Drawn />, {
    stored: specimenStored(
      [],
      [specimenBay('a', { holds: 'menu', ...(items && { items }), ...more } as never)],
    ),
  });
const stored = ({ draft }: InStudio) =>
  readPath(draft.getState().draft.pages.home!.bays[0], 'items') as MenuItem[] | undefined;
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const row = (name: RegExp) => screen.getByRole('row', { name });
const [first] = specimenTree.roots;

describe('the links of a menu', () => {
  it('are the categories until they are chosen one by one, which begins with the same', () => {
    const studio = drawn(undefined, { shop: false, most: 1, levels: 'two' });
    press('Choose links one by one');
    const items = stored(studio)!;
    expect(items[0]).toEqual({ id: `category-${first!.id}`, link: `category:${first!.id}` });
    expect(items.slice(1).every(({ under }) => under)).toBe(true);
    row(new RegExp(`^${first!.name}`));
    press('Show the categories again');
    expect(stored(studio)).toBeUndefined();
    screen.getByRole('button', { name: 'Choose links one by one' });
  });

  it('are found by name and added, with what each leads to said beside it', async () => {
    const studio = drawn([]);
    const field = screen.getByRole('combobox', { name: 'Add a category, a collection or a page' });
    act(() => field.focus());
    fireEvent.change(field, { target: { value: 'home' } });
    const list = await screen.findByRole('listbox');
    fireEvent.click(within(list).getByRole('option', { name: /Home/ }));
    await waitFor(() => expect(stored(studio)).toEqual([{ id: 'link-1', link: 'page:home' }]));
    expect(row(/^Home/).textContent).toBe('Home page');
  });

  it('are moved, and put under the one above, by keys; the first belongs to none', () => {
    const studio = drawn([
      { id: 'a', words: 'One', link: '/shop' },
      { id: 'b', words: 'Two', link: '/journal' },
    ]);
    const keys = (name: RegExp, key: string) => fireEvent.keyDown(row(name), { key, altKey: true });
    keys(/^Two/, 'ArrowRight');
    expect(stored(studio)![1]).toEqual({ id: 'b', words: 'Two', link: '/journal', under: true });
    keys(/^One/, 'ArrowRight');
    expect(stored(studio)![0]!.under).toBeUndefined();
    keys(/^Two/, 'ArrowLeft');
    expect(stored(studio)![1]!.under).toBeUndefined();
    keys(/^Two/, 'ArrowUp');
    expect(stored(studio)!.map(({ id }) => id)).toEqual(['b', 'a']);
    studio.draft.undo();
    expect(stored(studio)!.map(({ id }) => id)).toEqual(['a', 'b']);
  });

  it('say when what they lead to is gone, and can be given an address instead', () => {
    const studio = drawn([{ id: 'a', link: 'category:99999', words: 'Old things' }]);
    expect(row(/^Old things/).textContent).toContain('its category is gone, so it is not shown');
    press('Use an address instead');
    expect(stored(studio)).toEqual([{ id: 'a', words: 'Old things' }]);
    fireEvent.change(screen.getByRole('textbox', { name: 'Link' }), { target: { value: '/shop' } });
    expect(stored(studio)![0]!.link).toBe('/shop');
  });
});
