// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useLocation } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { apply } from '../../../core/plan/commands.ts';
import { addPage } from '../../../core/plan/pageEdits.ts';
import { writtenPlan } from '../../../core/plan/reading.ts';
import { specimenBay, specimenShelf, specimenStored } from '../../../core/specimen/specimen.ts';
import { inStudio, type InStudio } from '../../specimen/inStudio.tsx';
import { useDraft } from '../../studioContext.tsx';
import { ArrangeContext, type Arranging } from '../arrangeContext.tsx';
import { NewPage } from './NewPage.tsx';
import { PagesPanel } from './PagesPanel.tsx';

afterEach(cleanup);

const home = specimenStored([specimenShelf('a')], [specimenBay('a')]);
const own = (id: string, name: string, slug: string) =>
  addPage(
    { id, name, slug },
    {
      bays: [specimenBay(`${id}-bay`, { holds: 'shelf', shelfId: `${id}-shelf` } as never)],
      shelves: [specimenShelf(`${id}-shelf`)],
    },
  );
const live = apply(home, own('sale', 'Winter sale', 'winter-sale'));
const stored = apply(live, own('about', 'About us', 'about-us'));
const answers = {
  'GET /api/live': () => ({ live: { number: 1, publishedAt: '', plan: writtenPlan(live) } }),
};

function Drawn({ onClose }: { onClose: () => void }) {
  const plan = useDraft((state) => state.plan);
  return (
    <ArrangeContext value={{ page: plan.pages.home! } as Arranging}>
      <div role="dialog">
        <PagesPanel onClose={onClose} onNew={() => undefined} onOne={() => undefined} />
      </div>
      <p data-testid="address">{useLocation().pathname}</p>
    </ArrangeContext>
  );
}

const drawn = (): InStudio & { closed: ReturnType<typeof vi.fn> } => {
  const closed = vi.fn();
  return { ...inStudio(<Drawn onClose={closed} />, { stored, answers }), closed };
};
const grid = (name: string) => screen.queryByRole('grid', { name });
const rowsOf = (name: string) =>
  within(grid(name)!)
    .getAllByRole('row')
    .map(({ textContent }) => textContent);
const act = async (page: string, what: string) => {
  fireEvent.click(screen.getByRole('button', { name: `More for ${page}` }));
  fireEvent.click(await screen.findByRole('menuitem', { name: what }));
};

describe('the pages of a store', () => {
  it('are listed by sort with their addresses, and what of them shoppers do not see yet', async () => {
    const { draft } = drawn();
    await waitFor(() =>
      expect(rowsOf('Your pages')).toEqual([
        'Winter sale/page/winter-saleLive',
        'About us/page/about-usDraft1 change',
      ]),
    );
    expect(rowsOf('Store pages')).toEqual(['Home/Live']);
    expect(grid('Deleted')).toBeNull();
    draft.run({ do: 'set', on: { page: 'sale' }, setting: 'unlisted', value: true });
    await waitFor(() => expect(rowsOf('Your pages')[0]).toBe('Winter sale/page/winter-saleUnlisted1 change'));
  });

  it('are found by what is typed of their names or addresses, whatever their letters', () => {
    drawn();
    const find = (words: string) =>
      fireEvent.change(screen.getByRole('searchbox', { name: 'Find a page' }), { target: { value: words } });
    find('WINTER');
    expect(rowsOf('Your pages')).toHaveLength(1);
    expect(grid('Store pages')).toBeNull();
    find('about-us');
    expect(rowsOf('Your pages')).toEqual([expect.stringMatching(/^About us/)]);
    find('none of it');
    screen.getByText('No page is called so, or is at such an address.');
  });

  it('are deleted, brought back and deleted for good, and the keyboard stays in the panel', async () => {
    const studio = drawn();
    await act('About us', 'Delete');
    await waitFor(() => expect(rowsOf('Deleted')).toHaveLength(1));
    await waitFor(() => expect(document.activeElement?.closest('[role=dialog]')).not.toBeNull());
    expect(studio.draft.getState().plan.pages.about).toBeUndefined();
    await act('About us', 'Bring back');
    await waitFor(() => expect(grid('Deleted')).toBeNull());
    expect(studio.draft.getState().draft).toEqual(stored);
    await act('About us', 'Delete');
    await waitFor(() => expect(rowsOf('Deleted')).toHaveLength(1));
    await act('About us', 'Delete for good');
    await waitFor(() => expect(grid('Deleted')).toBeNull());
    expect(studio.draft.getState().draft).toEqual(live);
    studio.draft.undo();
    studio.draft.undo();
    expect(studio.draft.getState().draft).toEqual(stored);
  });

  it('are copied with all that is on them, and the copy is arranged', async () => {
    const studio = drawn();
    await act('Winter sale', 'Duplicate');
    await waitFor(() => expect(studio.closed).toHaveBeenCalled());
    const address = screen.getByTestId('address').textContent.replace('/arrange/', '');
    const copy = studio.draft.getState().draft.pages[address]!;
    expect(copy).toMatchObject({ name: 'Winter sale (copy)', slug: 'winter-sale-copy' });
    expect(copy.bays).toHaveLength(1);
    expect(copy.bays[0]!.id).not.toBe('sale-bay');
    // Home can be copied, and neither deleted nor moved.
    fireEvent.click(screen.getByRole('button', { name: 'More for Home' }));
    expect((await screen.findAllByRole('menuitem')).map(({ textContent }) => textContent)).toEqual([
      'Duplicate',
    ]);
  });
});

describe('a new page', () => {
  it('has an address from its name, which is free, until another is typed', () => {
    const made = vi.fn();
    const { draft } = inStudio(<NewPage onClose={() => undefined} onMade={made} />, { stored, answers });
    const [name, address] = ['Name', 'Address'].map((label) => screen.getByRole('textbox', { name: label }));
    const create = () => screen.getByRole('button', { name: 'Create page' });
    const type = (field: HTMLElement, value: string) => fireEvent.change(field, { target: { value } });
    expect(create()).toHaveProperty('disabled', true);
    type(name!, 'About us!');
    expect(address).toHaveProperty('value', 'about-us-2');
    screen.getByText('/page/about-us-2 is free.');
    type(address!, 'winter-sale');
    expect(screen.getByRole('alert').textContent).toBe('"Winter sale" is at this address. Choose another.');
    expect(create()).toHaveProperty('disabled', true);
    type(address!, 'Not so');
    expect(screen.getByRole('alert').textContent).toContain('small letters, digits and single hyphens');
    type(address!, 'us');
    fireEvent.click(create());
    const [id] = made.mock.calls[0] as [string];
    expect(draft.getState().draft.pages[id]).toMatchObject({
      kind: 'own',
      name: 'About us!',
      slug: 'us',
      bays: [],
    });
  });

  it('is linked to from the menu where that is wished for, and one step back takes both away', () => {
    const header = {
      id: 'header',
      kind: 'header',
      name: 'Header',
      bays: [specimenBay('menu', { holds: 'menu' } as never)],
    };
    const withMenu = { ...stored, pages: { ...stored.pages, header } };
    const { draft } = inStudio(<NewPage onClose={() => undefined} onMade={() => undefined} />, {
      stored: withMenu,
      answers,
    });
    fireEvent.change(screen.getByRole('textbox', { name: 'Name' }), { target: { value: 'Visit us' } });
    fireEvent.click(screen.getByRole('switch', { name: 'Link to it at the end of the store’s menu' }));
    fireEvent.click(screen.getByRole('button', { name: 'Create page' }));
    const { pages } = draft.getState().draft;
    const made = Object.values(pages).find(({ slug }) => slug === 'visit-us')!;
    const { items } = pages.header!.bays[0] as never as { items: { link?: string }[] };
    expect(items.map(({ link }) => link)).toEqual(['/shop', 'category:1', `page:${made.id}`]);
    draft.undo();
    expect(draft.getState().draft).toEqual(withMenu);
  });

  it('offers no link where the store has no menu', () => {
    inStudio(<NewPage onClose={() => undefined} onMade={() => undefined} />, { stored, answers });
    expect(screen.queryByRole('switch')).toBeNull();
  });
});
