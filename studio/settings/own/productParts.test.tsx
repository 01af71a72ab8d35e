// @vitest-environment jsdom
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { ProductPart } from '../../../core/bays/productParts.ts';
import { readPath } from '../../../core/settings/path.ts';
import { specimenBay, specimenStored } from '../../../core/specimen/specimen.ts';
import { inStudio, type InStudio } from '../../specimen/inStudio.tsx';
import { useDraft } from '../../studioContext.tsx';
import { ProductParts } from './ProductParts.tsx';

afterEach(cleanup);

const on = { page: 'home', bay: 'a' };

function Drawn() {
  const value = useDraft((state) => readPath(state.plan.pages.home!.bays[0], 'parts'));
  return <ProductParts on={on} value={value as ProductPart[]} />;
}

const drawn = (parts: ProductPart[]): InStudio =>
  inStudio(<Drawn />, {
    stored: specimenStored([], [specimenBay('a', { holds: 'product', parts } as never)]),
  });
const stored = ({ draft }: InStudio) =>
  readPath(draft.getState().draft.pages.home!.bays[0], 'parts') as ProductPart[];
const row = (name: string) => screen.getByRole('row', { name: new RegExp(`^${name}`) });
const key = (name: string, pressed: string) => {
  row(name).focus();
  fireEvent.keyDown(row(name), { key: pressed, altKey: true });
};

describe('the parts of a product', () => {
  it('are moved by keys, put beside one another, and taken back', () => {
    const studio = drawn([{ id: 'title' }, { id: 'price' }, { id: 'labels' }]);
    key('Labels', 'ArrowUp');
    expect(stored(studio).map(({ id }) => id)).toEqual(['title', 'labels', 'price']);
    key('Price', 'ArrowRight');
    expect(stored(studio)).toEqual([{ id: 'title' }, { id: 'labels' }, { id: 'price', beside: true }]);
    within(row('Price')).getByText('in the row above');
    key('Price', 'ArrowLeft');
    expect(stored(studio).at(-1)).toEqual({ id: 'price' });
    studio.draft.undo();
    expect(stored(studio).at(-1)).toEqual({ id: 'price', beside: true });
  });

  it('are left out and put back; the title stays', async () => {
    const studio = drawn([{ id: 'title' }, { id: 'price' }]);
    fireEvent.click(row('Title'));
    screen.getByText('The title heads the page, so that it stays.');
    expect(screen.queryByRole('button', { name: 'Remove' })).toBeNull();
    fireEvent.click(row('Price'));
    fireEvent.click(screen.getByRole('switch', { name: 'In the row of the part above' }));
    expect(stored(studio)).toEqual([{ id: 'title' }, { id: 'price', beside: true }]);
    fireEvent.click(screen.getByRole('button', { name: 'Remove' }));
    expect(stored(studio)).toEqual([{ id: 'title' }]);
    fireEvent.click(screen.getByRole('button', { name: /Add a part$/ }));
    const offered = await screen.findByRole('listbox', { name: /Add a part/ });
    expect(within(offered).queryByRole('option', { name: 'Title' })).toBeNull();
    fireEvent.click(within(offered).getByRole('option', { name: 'Stock' }));
    expect(stored(studio)).toEqual([{ id: 'title' }, { id: 'stock' }]);
  });
});
