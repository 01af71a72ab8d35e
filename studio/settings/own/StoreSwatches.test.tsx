// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { completePlan } from '../../../core/plan/storedPlan.ts';
import { specimenStored } from '../../../core/specimen/specimen.ts';
import { useDraft } from '../../studioContext.tsx';
import { inStudio } from '../../specimen/inStudio.tsx';
import { StoreSwatches } from './StoreSwatches.tsx';

afterEach(cleanup);

const options = [
  {
    id: 1,
    name: 'Glaze',
    values: [
      { id: 11, name: 'Amber', products: 3 },
      { id: 12, name: 'Chalk', products: 1 },
    ],
  },
  { id: 2, name: 'Size', values: [{ id: 21, name: 'Small', products: 3 }] },
];

function Drawn() {
  const value = useDraft((state) => state.plan.house.swatches);
  return <StoreSwatches on={{ house: true }} value={value} />;
}

async function pick(label: RegExp, words: string) {
  fireEvent.click(screen.getByRole('button', { name: label }));
  fireEvent.click(within(await screen.findByRole('listbox')).getByRole('option', { name: words }));
}

it('sets how each value is shown, with a colour of its own, and back to what the catalogue has', async () => {
  const { draft } = inStudio(<Drawn />, { vocabulary: { options } });
  const set = () => completePlan(draft.getState().draft).house.swatches;
  await pick(/Amber$/, "The variant's photograph");
  await waitFor(() => expect(set()).toEqual([{ id: '11', by: 'photograph' }]));
  await pick(/Chalk$/, 'Colour');
  const colours = within(await screen.findByRole('group', { name: 'Colour of Chalk' }));
  fireEvent.click(colours.getAllByRole('button')[1]!);
  const [, chalk] = set();
  expect(chalk).toMatchObject({ id: '12', by: 'colour', colour: expect.stringMatching(/^#[0-9a-f]{6}$/) });
  await pick(/Amber$/, 'What the catalogue has');
  await waitFor(() => expect(set()).toEqual([chalk]));

  await pick(/Option$/, 'Size');
  expect(await screen.findByRole('button', { name: /Small$/ })).toBeDefined();
  expect(screen.queryByRole('button', { name: /Chalk$/ })).toBeNull();
});

it('says that there are no options where there are none', () => {
  inStudio(<Drawn />, { stored: specimenStored([]) });
  expect(screen.getByText(/The store has no options yet/)).toBeDefined();
});
