// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useLocation } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { firstPlan } from '../../../core/pages/firstPlan.ts';
import { specimenTree } from '../../../core/specimen/specimen.ts';
import { inStudio } from '../../specimen/inStudio.tsx';
import { ArrangeOne } from './ArrangeOne.tsx';

afterEach(cleanup);

const stored = firstPlan('Clay');
const [first] = specimenTree.roots;

const drawn = (plan = stored) => {
  const closed = vi.fn();
  const studio = inStudio(
    <>
      <ArrangeOne onClose={closed} />
      <p data-testid="address">{<Address />}</p>
    </>,
    { stored: plan },
  );
  return { ...studio, closed };
};
const Address = () => <>{useLocation().pathname}</>;
const choose = async (name: string) => {
  const field = screen.getByRole('combobox', { name: 'Category' });
  act(() => field.focus());
  fireEvent.change(field, { target: { value: name } });
  const list = await screen.findByRole('listbox');
  fireEvent.click(within(list).getAllByRole('option', { name: new RegExp(name) })[0]!);
};
const address = () => document.querySelector('[data-testid=address]')!.textContent.replace('/arrange/', '');

describe('arranging one thing separately', () => {
  it('makes a page of its own from that of all, which is arranged then; a second time that is gone to', async () => {
    const studio = drawn();
    await choose(first!.name);
    await waitFor(() => expect(studio.closed).toHaveBeenCalled());
    const page = studio.draft.getState().draft.pages[address()]!;
    expect(page).toMatchObject({ kind: 'category', about: first!.id, name: `Category: ${first!.name}` });
    const plan = studio.draft.getState().draft;
    cleanup();
    const again = drawn(plan);
    await choose(first!.name);
    await waitFor(() => expect(address()).toBe(page.id));
    expect(again.draft.getState().draft).toBe(plan);
  });

  it('offers the kinds of which one can be arranged, and says that it goes back', () => {
    drawn();
    for (const name of ['Category', 'Collection', 'Product', 'Journal entry'])
      screen.getByRole('radio', { name });
    expect(screen.getAllByRole('radio')).toHaveLength(4);
    screen.getByText(/can go back to how all the others are/);
  });
});
