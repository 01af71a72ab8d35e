// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { completePlan } from '../../../core/plan/storedPlan.ts';
import { specimenShelf, specimenStored } from '../../../core/specimen/specimen.ts';
import { ArrangeContext } from '../../arrange/arrangeContext.tsx';
import { useDraft } from '../../studioContext.tsx';
import { inStudio } from '../../specimen/inStudio.tsx';
import { specimenStorePicture } from '../../specimen/storePicture.ts';
import type { OwnControlProps } from './ownControl.ts';
import { ShelfLabels } from './ShelfLabels.tsx';
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

it('puts a label across the edge of pictures and so far from them, and back', async () => {
  const { draft } = inStudio(<Drawn />, { answers });
  const sale = () =>
    completePlan(draft.getState().draft).house.labels.list.find(({ kind }) => kind === 'sale')!;
  fireEvent.click(screen.getByRole('row', { name: /^Sale/ }));
  const choose = async (name: string) => {
    fireEvent.click(screen.getByRole('button', { name: /Place by the picture$/ }));
    // Not that of the hidden field which browsers fill in.
    const places = await screen.findByRole('listbox', { name: /Place by the picture/ });
    fireEvent.click(within(places).getByRole('option', { name }));
  };
  const apart = () => screen.getByRole('textbox', { name: 'From the edges of the picture, px' });
  expect(apart()).toHaveProperty('value', '10');
  await choose('Above the picture, end');
  await waitFor(() => expect(sale().at).toBe('aboveEnd'));
  expect(apart()).toHaveProperty('value', '0');
  fireEvent.click(within(apart().closest('.react-aria-Group')!).getAllByRole('button')[1]!);
  await waitFor(() => expect(sale().apartPx).toBe(2));
  await choose('Upper corner, start');
  await waitFor(() => expect(sale()).not.toHaveProperty('at'));
});

const own = (id: string, tag: string) => ({ id, kind: 'tag', tag });
const stored = specimenStored([specimenShelf('s')]);
const withOwn = {
  ...stored,
  house: { ...stored.house, labels: { list: [own('tag', 'tea'), own('tag-2', 'gift')] } },
};

/** The labels of the shelf, as its spec shows them. */
function OfShelf() {
  const shelf = useDraft((state) => state.plan.shelves.s!);
  const props = { on: { shelf: 's' }, shelf } as unknown as OwnControlProps;
  return <ShelfLabels {...props} />;
}

it('leaves an own label out of one shelf alone, at one width alone, and the others as they are', async () => {
  const { draft } = inStudio(
    <ArrangeContext value={{ choose: () => undefined } as never}>
      <OfShelf />
    </ArrangeContext>,
    { stored: withOwn },
  );
  const out = () => completePlan(draft.getState().draft).shelves.s!.card.ownLabelsOut;
  const press = (label: string, width: string) =>
    fireEvent.click(screen.getByRole('button', { name: `Own label for "${label}" on ${width}` }));
  press('gift', 'Phone');
  await waitFor(() => expect(out()).toEqual({ phone: ['tag-2'], tablet: [] }));
  press('tea', 'Laptop');
  await waitFor(() =>
    expect(out()).toMatchObject({ phone: ['tag-2'], tablet: [], laptop: ['tag'], wide: [] }),
  );
  press('gift', 'Phone');
  await waitFor(() => expect(out().phone).toEqual([]));
  expect(out().laptop).toEqual(['tag']);
  // Left out as a kind, there is nothing to be said of one.
  for (const width of ['Phone', 'Tablet', 'Laptop', 'Wide'])
    fireEvent.click(screen.getByRole('button', { name: `Own labels on ${width}` }));
  await waitFor(() => expect(screen.queryByRole('button', { name: /^Own label for/ })).toBeNull());
});
