// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { completePlan } from '../../../core/plan/storedPlan.ts';
import { inStudio } from '../../specimen/inStudio.tsx';
import { specimenStorePicture } from '../../specimen/storePicture.ts';
import { useDraft } from '../../studioContext.tsx';
import { StoreGroups } from './StoreGroups.tsx';

afterEach(cleanup);

const leaf = specimenStorePicture({ id: 'a'.repeat(64), name: 'Leaf' });
const answers = {
  'GET /api/pictures': () => ({ pictures: [leaf], total: 1 }),
  'POST /api/pictures/named': () => ({ pictures: [leaf] }),
};
const vocabulary = {
  collections: [
    {
      id: 4,
      slug: 'spring',
      name: 'Spring table',
      description: '',
      picture: null,
      position: 0,
      products: 7,
      byRule: false,
    },
  ],
};

function Drawn() {
  const value = useDraft((state) => state.plan.house.groups);
  return <StoreGroups on={{ house: true }} value={value} />;
}

const field = () => screen.getByRole('combobox', { name: 'Add a category or collection' });

async function add(typed: string, name: RegExp) {
  act(() => field().focus());
  fireEvent.change(field(), { target: { value: typed } });
  fireEvent.click(await screen.findByRole('option', { name }));
}

it('sells a category in another way and back, and offers that for no collection', async () => {
  const { draft } = inStudio(<Drawn />, { answers, vocabulary });
  const set = () => completePlan(draft.getState().draft).house.groups;
  expect(screen.getByText('None has an icon or is sold otherwise.')).toBeDefined();
  await add('gory 2', /^Category 2/);
  await waitFor(() => expect(set()).toEqual([{ id: 'category-2' }]));
  fireEvent.click(screen.getByRole('button', { name: /How its products are sold$/ }));
  const ways = await screen.findByRole('listbox', { name: /How its products are sold/ });
  fireEvent.click(within(ways).getByRole('option', { name: 'By asking for a quote' }));
  await waitFor(() => expect(set()).toEqual([{ id: 'category-2', by: 'quote' }]));
  expect(screen.getByRole('row', { name: /Category 2/ }).textContent).toContain('by asking for a quote');

  await add('spring', /^Spring table/);
  await waitFor(() => expect(set()).toHaveLength(2));
  await screen.findByRole('heading', { name: 'Spring table' });
  expect(screen.queryByRole('button', { name: /How its products are sold$/ })).toBeNull();
  // What is there already is not offered twice.
  fireEvent.change(field(), { target: { value: 'spring' } });
  await waitFor(() => expect(screen.queryByRole('option', { name: /^Spring table/ })).toBeNull());
  fireEvent.keyDown(field(), { key: 'Escape' });

  fireEvent.click(await screen.findByRole('button', { name: 'As all others' }));
  await waitFor(() => expect(set()).toEqual([{ id: 'category-2', by: 'quote' }]));
  draft.undo();
  await waitFor(() => expect(set()).toHaveLength(2));
});

it('gives a category an icon and takes it away', async () => {
  const { draft } = inStudio(<Drawn />, { answers, vocabulary });
  const set = () => completePlan(draft.getState().draft).house.groups;
  await add('category 1', /^Category 1/);
  fireEvent.click(await screen.findByRole('option', { name: 'Leaf' }));
  await waitFor(() => expect(set()).toEqual([{ id: 'category-1', icon: leaf.id }]));
  fireEvent.click(await screen.findByRole('button', { name: 'No picture' }));
  await waitFor(() => expect(set()).toEqual([{ id: 'category-1' }]));
});
