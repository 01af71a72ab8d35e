// @vitest-environment jsdom
import { useState } from 'react';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { TabItem } from '../../../core/bays/tabItem.ts';
import { giverOf } from '../../../core/plan/like.ts';
import { subjectOf } from '../../../core/plan/target.ts';
import { readPath } from '../../../core/settings/path.ts';
import { specimenBay, specimenShelf, specimenStored, specimenView } from '../../../core/specimen/specimen.ts';
import { ArrangeContext, type Arranging } from '../../arrange/arrangeContext.tsx';
import { inStudio, type InStudio } from '../../specimen/inStudio.tsx';
import { useDraft } from '../../studioContext.tsx';
import { BayTabs } from './BayTabs.tsx';
import { LikeShelf } from './LikeShelf.tsx';

afterEach(cleanup);

const on = { page: 'home', bay: 'a' };
const tabs: TabItem[] = [
  { id: 'one', name: 'Plates', shelfId: 's1' },
  { id: 'two', name: 'Bowls', shelfId: 's2' },
];
const stored = specimenStored(
  [
    specimenShelf('s1', { name: 'Plates', assortment: { of: 'products', limit: 30 } }),
    specimenShelf('s2', { name: 'Bowls', like: 's1', assortment: { of: 'products', limit: 3 } }),
  ],
  [
    specimenBay('a', { holds: 'tabs', tabs } as never),
    specimenBay('b', { holds: 'shelf', shelfId: 's1' } as never),
  ],
);

/** The tabs with the layout of the one that is open, as the spec has them. */
function Drawn() {
  const plan = useDraft((state) => state.plan);
  const draft = useDraft((state) => state.draft);
  const [shelfId, setShelf] = useState('s1');
  const page = plan.pages.home!;
  const arranging: Partial<Arranging> = {
    page,
    shelfId,
    choose: (_, id) => setShelf(id ?? ''),
  };
  const like = subjectOf(draft, { shelf: 's1' })!.settings.find(({ id }) => id === 'like')!;
  return (
    <ArrangeContext value={arranging as Arranging}>
      <BayTabs
        on={on}
        value={readPath(page.bays[0], 'tabs') as TabItem[]}
        page={specimenView(plan)}
        bayId="a"
      />
      <LikeShelf shelf={plan.shelves[shelfId] ?? null} setting={like} />
    </ArrangeContext>
  );
}

const drawn = () => inStudio(<Drawn />, { stored });
const kept = ({ draft }: InStudio) =>
  readPath(draft.getState().draft.pages.home!.bays[0], 'tabs') as TabItem[];
const shelves = ({ draft }: InStudio) => draft.getState().draft.shelves;
const rows = () => screen.getAllByRole('row');
const choose = async (name: string) => {
  fireEvent.click(await screen.findByRole('button', { name: /Layout and look/ }));
  fireEvent.click(within(await screen.findByRole('listbox')).getByRole('option', { name }));
};
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

describe('the tabs of a bay', () => {
  it('say what each shows, and how many of how many', () => {
    drawn();
    expect(rows().map(({ textContent }) => textContent)).toEqual([
      expect.stringMatching(/^Plates.*; at most 308 of 30$/),
      expect.stringMatching(/^Bowls.*; at most 33$/),
    ]);
  });

  it('are added and copied with shelves of their own, laid out like the others', async () => {
    const studio = drawn();
    press('Add a tab');
    const [, , added] = kept(studio);
    expect(shelves(studio)[added!.shelfId]).toMatchObject({ name: 'New tab', like: 's1' });
    // It is open, so that what it is called can be typed at once; its shelf is called so, too.
    const name = await screen.findByRole('textbox', { name: 'Name' });
    fireEvent.change(name, { target: { value: 'Vases' } });
    expect(kept(studio)[2]).toMatchObject({ name: 'Vases' });
    expect(shelves(studio)[added!.shelfId]!.name).toBe('Vases');
    // Both are one step back.
    studio.draft.undo();
    expect(kept(studio)[2]!.name).toBe('New tab');
    expect(shelves(studio)[added!.shelfId]!.name).toBe('New tab');
    studio.draft.undo();
    expect(kept(studio)).toEqual(tabs);
    expect(Object.keys(shelves(studio))).toEqual(['s1', 's2']);

    fireEvent.click(screen.getByRole('row', { name: /^Bowls/ }));
    press('Copy this tab');
    const copy = kept(studio).at(2)!;
    expect(copy).toMatchObject({ name: 'Bowls' });
    expect(shelves(studio)[copy.shelfId]).toMatchObject({ like: 's1', assortment: { limit: 3 } });
  });

  it('do not rename a shelf that is shown elsewhere', async () => {
    const studio = drawn();
    fireEvent.change(await screen.findByRole('textbox', { name: 'Name' }), { target: { value: 'Dishes' } });
    expect(kept(studio)[0]!.name).toBe('Dishes');
    expect(shelves(studio).s1!.name).toBe('Plates');
  });

  it('go with their shelves, unless those are shown elsewhere, and the next is open', async () => {
    const studio = drawn();
    fireEvent.click(screen.getByRole('row', { name: /^Bowls/ }));
    press('Remove');
    expect(kept(studio).map(({ id }) => id)).toEqual(['one']);
    expect(Object.keys(shelves(studio))).toEqual(['s1']);
    await waitFor(() => expect(rows()).toHaveLength(1));
    press('Remove');
    expect(kept(studio)).toEqual([]);
    // The other bay shows it still.
    expect(Object.keys(shelves(studio))).toEqual(['s1']);
    studio.draft.undo();
    studio.draft.undo();
    expect(kept(studio)).toEqual(tabs);
    expect(shelves(studio)).toEqual(stored.shelves);
  });
});

describe('the layout of a shelf', () => {
  it('is its own or that of another, and looks the same when it is set apart', async () => {
    const studio = drawn();
    screen.getByText('Also for "Bowls".');
    fireEvent.click(screen.getByRole('row', { name: /^Bowls/ }));
    await choose('Its own');
    expect(giverOf(shelves(studio), 's2')).toBe('s2');
    const { name: _, assortment: __, ...look } = shelves(studio).s1!;
    expect(shelves(studio).s2).toEqual({
      ...look,
      id: 's2',
      name: 'Bowls',
      assortment: stored.shelves.s2!.assortment,
    });
    await choose('As "Plates"');
    expect(shelves(studio).s2).toMatchObject({ like: 's1' });
    studio.draft.undo();
    studio.draft.undo();
    expect(shelves(studio)).toEqual(stored.shelves);
  });
});
