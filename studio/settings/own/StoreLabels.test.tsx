// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { completePlan } from '../../../core/plan/storedPlan.ts';
import { useDraft } from '../../studioContext.tsx';
import { inStudio } from '../../specimen/inStudio.tsx';
import { specimenStorePicture } from '../../specimen/storePicture.ts';
import { StoreLabels } from './StoreLabels.tsx';

afterEach(cleanup);

const star = specimenStorePicture({ id: 'a'.repeat(64), name: 'Star' });
const answers = {
  'GET /api/pictures': () => ({ pictures: [star], total: 1 }),
  'POST /api/pictures/named': () => ({ pictures: [star] }),
  'POST /api/pictures': () => ({ picture: { ...star, id: 'b'.repeat(64), name: 'Badge' }, wasThere: false }),
};

function Drawn() {
  const value = useDraft((state) => state.plan.house.labels.list);
  return <StoreLabels on={{ house: true }} value={value} />;
}

it('gives a label a picture of the store instead of words, of a height, and takes it away', async () => {
  const { draft } = inStudio(<Drawn />, { answers });
  const sale = () =>
    completePlan(draft.getState().draft).house.labels.list.find(({ kind }) => kind === 'sale')!;
  fireEvent.click(screen.getByRole('row', { name: /^Sale/ }));
  expect(screen.queryByRole('textbox', { name: 'Height of the picture, px' })).toBeNull();
  fireEvent.click(await screen.findByRole('option', { name: 'Star' }));
  await waitFor(() => expect(sale().picture).toBe(star.id));
  const height = screen.getByRole('textbox', { name: 'Height of the picture, px' });
  expect(height).toHaveProperty('value', '48');
  fireEvent.click(within(height.closest('.react-aria-Group')!).getAllByRole('button')[1]!);
  await waitFor(() => expect(sale().picturePx).toBe(52));
  fireEvent.click(await screen.findByRole('button', { name: 'No picture' }));
  await waitFor(() => expect(sale()).not.toHaveProperty('picture'));
  draft.undo();
  await waitFor(() => expect(sale().picture).toBe(star.id));
});

it('takes a picture of this computer straight into a label', async () => {
  const { draft, asked } = inStudio(<Drawn />, { answers });
  fireEvent.click(screen.getByRole('row', { name: /^Sale/ }));
  await screen.findByRole('option', { name: 'Star' });
  const file = new File([new Uint8Array(8)], 'Badge.png', { type: 'image/png' });
  fireEvent.change(document.querySelector('input[type=file]')!, { target: { files: [file] } });
  await waitFor(() => expect(asked).toContain('POST /api/pictures'));
  await waitFor(() =>
    expect(
      completePlan(draft.getState().draft).house.labels.list.find(({ kind }) => kind === 'sale')!.picture,
    ).toBe('b'.repeat(64)),
  );
  await screen.findByText('1 picture put in.');
});
