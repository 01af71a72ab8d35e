// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Instead } from '../../../core/card/instead.ts';
import { specimenShelf, specimenStored } from '../../../core/specimen/specimen.ts';
import type { ShelfView } from '../../../core/view/view.ts';
import { inStudio } from '../../specimen/inStudio.tsx';
import { specimenStorePicture } from '../../specimen/storePicture.ts';
import { useDraft } from '../../studioContext.tsx';
import { InsteadCards } from './InsteadCards.tsx';

afterEach(cleanup);

const bowl = specimenStorePicture({ id: 'a'.repeat(64), name: 'A bowl' });
const answers = {
  'GET /api/pictures': () => ({ pictures: [bowl], total: 1 }),
  'POST /api/pictures/named': () => ({ pictures: [bowl] }),
};
const view = { cards: [{ id: 1 }, { id: 2 }] } as ShelfView;

function Drawn() {
  const shelf = useDraft((state) => state.plan.shelves.a!);
  return <InsteadCards on={{ shelf: 'a' }} shelf={shelf} view={view} value={shelf.instead} />;
}
const drawn = (instead?: Instead[]) =>
  inStudio(<Drawn />, {
    answers,
    stored: specimenStored([
      specimenShelf('a', { assortment: { of: 'categories' }, ...(instead && { instead }) } as never),
    ]),
  });
const pick = async (name: string) => {
  fireEvent.click(screen.getByRole('button', { name: /Own texts and pictures for/ }));
  const offered = await screen.findByRole('listbox', { name: /Own texts and pictures for/ });
  fireEvent.click(within(offered).getByRole('option', { name }));
};

describe('own texts and pictures of single cards', () => {
  it('are set for what the shelf shows, each once, and taken back step by step', async () => {
    const { draft } = drawn();
    const set = () => draft.getState().draft.shelves.a!.instead;
    screen.getByText('Every card shows what the catalogue has.');
    await pick('Category 2');
    fireEvent.click(screen.getByRole('row', { name: /^Category 2/ }));
    const title = await screen.findByRole('textbox', { name: 'Title' });
    expect(title.getAttribute('placeholder')).toBe('Category 2');
    fireEvent.change(title, { target: { value: 'For the table' } });
    fireEvent.click(await screen.findByRole('option', { name: 'A bowl' }));
    await waitFor(() =>
      expect(set()).toEqual([{ id: 'categories-2', title: 'For the table', pictureId: bowl.id }]),
    );
    // None of the rows is added or copied otherwise, and the same is not offered again.
    expect(screen.queryByRole('button', { name: /Duplicate|Add a card/ })).toBeNull();
    await pick('Category 1');
    expect(set()?.map(({ id }) => id)).toEqual(['categories-2', 'categories-1']);
    expect(screen.queryByRole('button', { name: /Own texts and pictures for/ })).toBeNull();
    draft.undo();
    draft.undo();
    expect(set()).toEqual([{ id: 'categories-2', title: 'For the table' }]);
  });

  it('say of what is not shown that it is not, and can be removed', async () => {
    const { draft } = drawn([{ id: 'collections-7', title: 'x' }]);
    expect(screen.getByRole('row').textContent).toBe('Something that is gone not shown now');
    fireEvent.click(screen.getByRole('button', { name: 'Remove' }));
    await waitFor(() => expect(draft.getState().draft.shelves.a!.instead).toEqual([]));
  });
});
