// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Vocabulary } from '../../../core/catalogue/vocabulary.ts';
import { emptyVocabulary } from '../../../core/catalogue/vocabulary.ts';
import type { ShownFilter } from '../../../core/listing/shownFilter.ts';
import type { SortId } from '../../../core/listing/sorts.ts';
import { shelfSettings } from '../../../core/plan/shelf.ts';
import { specimenBay, specimenShelf, specimenStored } from '../../../core/specimen/specimen.ts';
import { inStudio, type InStudio } from '../../specimen/inStudio.tsx';
import { useDraft } from '../../studioContext.tsx';
import { ListFilters } from './ListFilters.tsx';
import { ListSorts } from './ListSorts.tsx';

afterEach(cleanup);

const on = { shelf: 'a' };
const vocabulary: Vocabulary = {
  ...emptyVocabulary,
  options: [{ id: 4, name: 'Glaze', values: [] }],
  fields: [
    { id: 'safe', name: 'Food-safe', type: 'yesNo', unit: '', values: [], least: null, most: null },
    { id: 'height', name: 'Height', type: 'number', unit: 'cm', values: [], least: 1, most: 9 },
  ],
};
const setting = shelfSettings('products').find(({ id }) => id === 'tools.sorts')!;

function Drawn({ sorts }: { sorts?: boolean }) {
  const tools = useDraft((state) => state.plan.shelves.a!.tools);
  return sorts ? (
    <ListSorts on={on} setting={setting} value={tools.sorts} />
  ) : (
    <ListFilters on={on} value={tools.filters} />
  );
}

const drawn = (tools: { filters?: ShownFilter[]; sorts?: SortId[] }, sorts = false): InStudio =>
  inStudio(<Drawn sorts={sorts} />, {
    answers: { 'GET /api/vocabulary': () => vocabulary },
    vocabulary,
    stored: specimenStored([{ ...specimenShelf('a'), tools }], [specimenBay('a')]),
  });
const stored = ({ draft }: InStudio) => draft.getState().draft.shelves.a!.tools;
const rows = () => screen.getAllByRole('row').map((row) => row.textContent.replace(/^Move [^A-Z]*/, ''));

async function add(name: string) {
  fireEvent.click(screen.getByRole('button', { name: /Add a filter$/ }));
  fireEvent.click(
    within(await screen.findByRole('listbox', { name: /Add a filter/ })).getByRole('option', { name }),
  );
}

describe('the filters of a list', () => {
  it('are added of all that the store could have, each once, and taken back', async () => {
    const studio = drawn({});
    screen.getByText('There is no filter yet.');
    await add('Glaze');
    await add('Price');
    await add('Height');
    await add('Food-safe');
    expect(stored(studio)!.filters).toEqual([
      { id: 'option.4' },
      { id: 'price' },
      { id: 'measure.height' },
      { id: 'field.safe' },
    ]);
    fireEvent.click(screen.getByRole('button', { name: /Add a filter$/ }));
    const offered = within(await screen.findByRole('listbox', { name: /Add a filter/ })).getAllByRole(
      'option',
    );
    expect(offered.map((one) => one.textContent)).toEqual([
      'Choose one…',
      'Category',
      'In stock only',
      'Rating',
      'Brand',
      'Tag',
      'Reduced',
    ]);
    fireEvent.keyDown(document.activeElement!, { key: 'Escape' });
    act(() => studio.draft.undo());
    expect(stored(studio)!.filters).toHaveLength(3);
  });

  it('are called otherwise, moved by keys and removed', () => {
    const studio = drawn({ filters: [{ id: 'category' }, { id: 'brand' }, { id: 'option.9' }] });
    fireEvent.click(screen.getByRole('row', { name: /Brand/ }));
    fireEvent.change(screen.getByRole('textbox', { name: 'Name' }), { target: { value: 'Maker' } });
    expect(stored(studio)!.filters).toEqual([
      { id: 'category' },
      { id: 'brand', words: 'Maker' },
      { id: 'option.9' },
    ]);
    expect(rows().some((row) => row.includes('Maker') && row.includes('is Brand'))).toBe(true);
    expect(rows().at(-1)).toContain('A removed option');
    const row = screen.getByRole('row', { name: /Maker/ });
    act(() => row.focus());
    fireEvent.keyDown(row, { key: 'ArrowUp', altKey: true });
    expect(stored(studio)!.filters!.map(({ id }) => id)).toEqual(['brand', 'category', 'option.9']);
    fireEvent.change(screen.getByRole('textbox', { name: 'Name' }), { target: { value: '' } });
    expect(stored(studio)!.filters![0]).toEqual({ id: 'brand' });
    fireEvent.click(screen.getByRole('button', { name: 'Remove' }));
    expect(stored(studio)!.filters!.map(({ id }) => id)).toEqual(['category', 'option.9']);
  });
});

describe('the ways to sort a list', () => {
  it('keep the order that they always have, whichever are ticked', () => {
    const studio = drawn({ sorts: ['name', 'price'] }, true);
    const box = (name: string) => screen.getByRole('checkbox', { name });
    expect(box('Name')).toHaveProperty('checked', true);
    expect(box('Newest')).toHaveProperty('checked', false);
    fireEvent.click(box('Newest'));
    expect(stored(studio)!.sorts).toEqual(['newest', 'price', 'name']);
    fireEvent.click(box('Price, lowest first'));
    fireEvent.click(box('Newest'));
    fireEvent.click(box('Name'));
    expect(stored(studio)!.sorts).toEqual([]);
    screen.getByText('The order of the list itself comes first.');
  });
});
