// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { apply } from '../../../core/plan/commands.ts';
import { keepBay } from '../../../core/plan/library.ts';
import { MOST_BAYS } from '../../../core/plan/page.ts';
import type { StoredPlan } from '../../../core/plan/storedPlan.ts';
import { specimenBay, specimenShelf, specimenStored } from '../../../core/specimen/specimen.ts';
import { inStudio } from '../../specimen/inStudio.tsx';
import { useDraft } from '../../studioContext.tsx';
import { ArrangeContext, type Arranging } from '../arrangeContext.tsx';
import { Library } from './Library.tsx';

afterEach(cleanup);

const home = specimenStored([specimenShelf('a', { name: 'Vases' })], [specimenBay('a'), specimenBay('b')]);
const kept = apply(home, keepBay(home, 'home', 'a', { a: 'a-1' }));

/** @param at where a bay is to be put */
function drawn(stored: StoredPlan, at = 2) {
  const calls = { choose: vi.fn(), openLine: vi.fn(), add: vi.fn() };
  function Arranged() {
    const page = useDraft((state) => state.plan.pages.home!);
    return (
      <ArrangeContext value={{ page, seen: page, adding: at, ...calls } as unknown as Arranging}>
        <Library />
      </ArrangeContext>
    );
  }
  const { draft } = inStudio(<Arranged />, { stored });
  return { draft, ...calls, bays: () => draft.getState().draft.pages.home!.bays };
}
const tiles = () =>
  within(screen.getByRole('grid', { name: 'Bays of the library' }))
    .getAllByRole('row')
    .flatMap((row) => row.getAttribute('aria-label') ?? []);
const sort = (name: RegExp) => fireEvent.click(screen.getByRole('radio', { name }));

describe('the library of bays', () => {
  it('counts what there is of each sort, and shows one of them whole', () => {
    drawn(kept);
    expect(screen.getByRole('radio', { name: 'Your saved bays1' })).toBeDefined();
    expect(screen.getByRole('radio', { name: 'From other pages0' })).toBeDefined();
    // Of each sort the first few stand beside the others.
    expect(tiles().filter((name) => name.startsWith('Products in tabs'))).toEqual([]);
    fireEvent.click(screen.getAllByRole('button', { name: 'All 5' })[0]!);
    expect(tiles()).toHaveLength(5);
    expect(tiles().at(-1)).toMatch(/tabs/i);
    sort(/^Your saved bays/);
    expect(tiles()).toEqual(['Heading of a, Shelf']);
  });

  it('says why there is nothing to choose from', () => {
    drawn(home);
    sort(/^Your saved bays/);
    expect(screen.getByText(/^Nothing is saved yet/)).toBeDefined();
    sort(/^From other pages/);
    expect(screen.getByText('No other page has a bay that can stand here.')).toBeDefined();
    sort(/^All bays/);
    fireEvent.change(screen.getByLabelText('Find a bay'), { target: { value: 'zzz' } });
    expect(screen.getByText(/^No bay has "zzz"/)).toBeDefined();
  });

  it('adds what is pressed in the gap that was chosen, and its heading is ready to be typed over', async () => {
    const { bays, choose, openLine } = drawn(kept, 1);
    expect(
      screen.getByText('Drag into the outline, or press to add between Heading of a and Heading of b'),
    ).toBeDefined();
    sort(/^Your saved bays/);
    fireEvent.click(screen.getByRole('row', { name: 'Heading of a, Shelf' }));
    await waitFor(() => expect(bays()).toHaveLength(3));
    const added = bays()[1]!;
    expect(added.id).toMatch(/^a-\d[a-z0-9]{6}$/);
    expect(choose).toHaveBeenCalledWith(added.id);
    expect(openLine).toHaveBeenCalledWith('look', 'heading.words');
  });

  it('adds at the end by the keyboard, and goes with Escape', async () => {
    const { bays, add } = drawn(kept);
    sort(/^For the shopper/);
    const row = screen.getAllByRole('row').find((one) => one.hasAttribute('data-key'))!;
    act(() => row.focus());
    fireEvent.keyDown(row, { key: 'Enter' });
    fireEvent.keyUp(row, { key: 'Enter' });
    await waitFor(() => expect(bays()).toHaveLength(3));
    expect(bays()[2]!.id).not.toBe('b');
    fireEvent.keyDown(screen.getByLabelText('Find a bay'), { key: 'Escape' });
    expect(add).toHaveBeenCalledWith(null);
  });

  it('adds nothing to a page that is full, and says so', async () => {
    const full = specimenStored(
      [specimenShelf('a')],
      Array.from({ length: MOST_BAYS }, (_, i) => specimenBay(`bay-${i}`)),
    );
    const { bays, choose } = drawn(full);
    expect(screen.getByText(/^This page has 60 bays, as many as a page can have/)).toBeDefined();
    expect(screen.getByRole('button', { name: 'Start with an empty bay' })).toHaveProperty('disabled', true);
    sort(/^Products/);
    fireEvent.click(screen.getAllByRole('row').find((one) => one.hasAttribute('data-key'))!);
    await Promise.resolve();
    expect(bays()).toHaveLength(MOST_BAYS);
    expect(choose).not.toHaveBeenCalled();
  });
});
