// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { specimenShelf, specimenStored } from '../../../core/specimen/specimen.ts';
import { useDraft } from '../../studioContext.tsx';
import { inStudio } from '../../specimen/inStudio.tsx';
import { StorePictureSizes } from './StorePictureSizes.tsx';

afterEach(cleanup);

function Drawn() {
  const value = useDraft((state) => state.plan.house.pictureSizes);
  return <StorePictureSizes on={{ house: true }} value={value} />;
}

const stored = specimenStored([
  specimenShelf('s', { card: { parts: { picture: { by: 'size', size: 'small' } } } }),
  specimenShelf('t', { card: { parts: { picture: { size: 'large' } } } }),
]);

it('names the sizes of the store, says who uses them, and changes, adds and removes them', async () => {
  const { draft } = inStudio(<Drawn />, { stored });
  const sizes = () => draft.getState().plan.house.pictureSizes;
  const size = (name: string) => within(screen.getByRole('group', { name: `Size ${name}` }));
  expect(size('Small').getByText('Used by 1 shelf.')).toBeTruthy();
  expect(size('Large').getByText('Used by no shelf.')).toBeTruthy();

  // As they are, whatever the steps of their fields.
  for (const { name, width, height } of sizes())
    for (const px of [width, height]) expect(size(name).getByDisplayValue(String(px))).toBeTruthy();
  const field = (name: string) => size('Small').getByRole('textbox', { name });
  const type = (label: string, value: string) => {
    fireEvent.focus(field(label));
    fireEvent.input(field(label), { target: { value } });
    fireEvent.blur(field(label));
  };
  type('Width, px', '320');
  await waitFor(() => expect(sizes()[0]).toMatchObject({ width: 320, height: 300 }));
  // No side is more than five times the other.
  type('Height, px', '40');
  await waitFor(() => expect(sizes()[0]).toMatchObject({ width: 320, height: 64 }));
  fireEvent.change(field('Name'), { target: { value: '' } });
  expect(size('Small').getByRole('alert').textContent).toContain('needs a name');
  expect(sizes()[0]!.name).toBe('Small');

  fireEvent.click(screen.getByRole('button', { name: 'Add a size' }));
  await waitFor(() => expect(sizes()).toHaveLength(4));
  expect(new Set(sizes().map(({ id }) => id)).size).toBe(4);
  fireEvent.click(screen.getByRole('button', { name: 'Remove Small' }));
  await waitFor(() => expect(sizes().map(({ id }) => id)).not.toContain('small'));
  draft.undo();
  await waitFor(() => expect(sizes()[0]).toMatchObject({ id: 'small', width: 320 }));
});
