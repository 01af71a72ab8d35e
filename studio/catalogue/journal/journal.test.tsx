// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { afterEach, describe, expect, it } from 'vitest';
import type { Entry, EntryRow } from '../../../core/journal/entry.ts';
import { entryEdited, isStillSo, type EntryEdit } from '../../../core/journal/entryEdit.ts';
import { placeOfEntry } from '../../../core/journal/entryShelves.ts';
import type { EntryBlock } from '../../../core/journal/entryText.ts';
import { firstPlan } from '../../../core/pages/firstPlan.ts';
import { inStudio } from '../../specimen/inStudio.tsx';
import { Journal } from './Journal.tsx';

afterEach(() => {
  cleanup();
  localStorage.clear();
});

const said = (text: string): EntryBlock => ({ type: 'paragraph', content: [{ type: 'text', text }] });
const written = (id: number, more: Partial<Entry> = {}): Entry => ({
  id,
  slug: `entry-${id}`,
  title: `Entry ${id}`,
  summary: 'In short',
  author: '',
  tags: [],
  pictureId: 'a'.repeat(64),
  publishedAt: Date.UTC(2020, 0, id, 12),
  hidden: false,
  text: [said('As it is')],
  draft: null,
  ...more,
});

/** The journal with a server that keeps what it is sent, as the real one does. */
function open(at: string, ...entries: Entry[]) {
  const kept = { entries, refuses: null as string | null };
  const row = ({ text: _, draft, ...entry }: Entry): EntryRow => ({ ...entry, drafted: draft !== null });
  const made = inStudio(
    <Routes>
      <Route path="catalogue/journal/:entryId?" element={<Journal />} />
    </Routes>,
    {
      at,
      stored: firstPlan('Harbour Lamps'),
      answers: {
        'GET /api/journal': () => ({ entries: kept.entries.map(row) }),
        'GET /api/journal/one': (_, { id }) => ({
          entry: structuredClone(kept.entries.find((one) => one.id === Number(id)) ?? null),
        }),
        'POST /api/journal/new': (body) => {
          kept.entries = [
            ...kept.entries,
            written(9, { ...(body as { title: string }), text: [], hidden: true }),
          ];
          return { id: 9 };
        },
        'POST /api/journal/removed': (body) => {
          kept.entries = kept.entries.filter(({ id }) => id !== (body as { id: number }).id);
          return { removed: true };
        },
        'POST /api/journal/edit': (body) => {
          if (kept.refuses) throw new Error(kept.refuses);
          const conflicts: object[] = [];
          for (const edit of (body as { edits: EntryEdit[] }).edits) {
            const before = kept.entries.find(({ id }) => id === edit.id)!;
            if (isStillSo(before, edit))
              kept.entries = kept.entries.map((one) => (one === before ? entryEdited(one, edit) : one));
            else conflicts.push({ edit, now: before[edit.fact], gone: false });
          }
          return { conflicts };
        },
        'POST /api/pictures/known': () => ({ pictures: [] }),
      },
    },
  );
  const one = (id: number) => kept.entries.find((each) => each.id === id)!;
  return { ...made, kept, one };
}

const rows = async () =>
  within(await screen.findByRole('list', { name: 'Entries' })).getAllByRole('listitem');
const editor = () => screen.findByRole('textbox', { name: /^Text of/ });
/** What the editor holds is changed as by typing. */
const type = async (html: string) => {
  const box = await editor();
  act(() => {
    box.innerHTML = html;
    fireEvent.input(box);
  });
};

describe('the list of entries', () => {
  it('says of each since when it is shown, from when on, or that it is hidden', async () => {
    open(
      '/catalogue/journal',
      written(1),
      written(2, { publishedAt: Date.UTC(2190, 0, 2) }),
      written(3, { hidden: true, draft: [said('So far')] }),
    );
    const [first, second, third] = await rows();
    expect(first!.textContent).toContain('1 Jan 2020');
    expect(second!.textContent).toContain('from 2 Jan 2190');
    expect(third!.textContent).toContain('hidden');
    expect(third!.textContent).toContain('text not saved');
  });

  it('is narrowed by a part of a title, an author or a tag, and by what is missing', async () => {
    open(
      '/catalogue/journal',
      written(1, { author: 'Ada' }),
      written(2, { tags: ['travel'] }),
      written(3, { pictureId: null }),
    );
    await rows();
    const find = screen.getByLabelText('Find an entry');
    for (const [words, title] of [
      ['ada', 'Entry 1'],
      ['TRAV', 'Entry 2'],
      ['try 3', 'Entry 3'],
    ] as const) {
      fireEvent.change(find, { target: { value: words } });
      await waitFor(async () => expect((await rows()).map((row) => row.textContent)).toHaveLength(1));
      expect((await rows())[0]!.textContent).toContain(title);
    }
    fireEvent.change(find, { target: { value: 'nowhere' } });
    expect(await screen.findByText('No entry is so.')).toBeTruthy();
    fireEvent.change(find, { target: { value: '' } });
    fireEvent.click(screen.getByRole('button', { name: /without a picture/ }));
    await waitFor(async () => expect(await rows()).toHaveLength(1));
    expect(screen.getByText('1 entry found')).toBeTruthy();
  });

  it('begins a new one hidden, and opens it', async () => {
    const { one } = open('/catalogue/journal');
    expect(await screen.findByText(/There are no entries yet/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'New entry' }));
    const dialog = screen.getByRole('dialog');
    fireEvent.change(within(dialog).getByLabelText('Title'), { target: { value: 'On the road' } });
    fireEvent.click(within(dialog).getByRole('button', { name: 'Write the entry' }));
    expect(await screen.findByRole('heading', { name: 'On the road' })).toBeTruthy();
    expect(screen.getByText('Nobody sees it.')).toBeTruthy();
    expect(one(9).hidden).toBe(true);
  });
});

describe('an entry', () => {
  it('that is gone says so, and leads back', async () => {
    open('/catalogue/journal/7', written(1));
    expect(await screen.findByText(/not there any more/)).toBeTruthy();
    fireEvent.click(screen.getByRole('link', { name: 'See all entries' }));
    expect(await rows()).toHaveLength(1);
  });

  it('keeps what is typed, shows it once it is saved, and takes that back', async () => {
    const { one } = open('/catalogue/journal/1', written(1));
    await type('<p>Another text</p>');
    expect(await screen.findByRole('button', { name: 'Save the text' })).toBeTruthy();
    await waitFor(() => expect(one(1).draft).toEqual([said('Another text')]));
    expect(one(1).text).toEqual([said('As it is')]);
    fireEvent.click(screen.getByRole('button', { name: 'Save the text' }));
    await waitFor(() => expect(one(1)).toMatchObject({ text: [said('Another text')], draft: null }));
    expect(await screen.findByText('Shoppers read this text.')).toBeTruthy();
    fireEvent.click(await screen.findByRole('button', { name: 'Take back the text of Entry 1' }));
    await waitFor(() => expect(one(1).text).toEqual([said('As it is')]));
  });

  it('is saved with what was typed last, though nobody waited for that to be kept', async () => {
    const { one } = open('/catalogue/journal/1', written(1));
    await type('<p>Typed at once</p>');
    fireEvent.click(await screen.findByRole('button', { name: 'Save the text' }));
    await waitFor(() => expect(one(1)).toMatchObject({ text: [said('Typed at once')], draft: null }));
  });

  it('keeps what was typed last when it is left', async () => {
    const { one } = open('/catalogue/journal/1', written(1));
    await type('<p>Left at once</p>');
    fireEvent.click(screen.getByRole('link', { name: /^All/ }));
    await waitFor(() => expect(one(1).draft).toEqual([said('Left at once')]));
  });

  it('is put back to what shoppers read', async () => {
    const { one } = open('/catalogue/journal/1', written(1, { draft: [said('So far')] }));
    expect((await editor()).textContent).toBe('So far');
    fireEvent.click(screen.getByRole('button', { name: 'Put back' }));
    await waitFor(() => expect(one(1).draft).toBeNull());
    await waitFor(async () => expect((await editor()).textContent).toBe('As it is'));
    // That, too, is taken back.
    fireEvent.click(await screen.findByRole('button', { name: 'Take back what was put back in Entry 1' }));
    await waitFor(() => expect(one(1).draft).toEqual([said('So far')]));
  });

  it('loses nothing that was typed where it cannot be kept, and says why', async () => {
    const { one, kept } = open('/catalogue/journal/1', written(1));
    kept.refuses = 'The server cannot be reached.';
    await type('<p>Not kept</p>');
    expect((await screen.findByRole('alert')).textContent).toContain('The server cannot be reached.');
    kept.refuses = null;
    fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
    await waitFor(() => expect(one(1).draft).toEqual([said('Not kept')]));
  });

  it('has what was typed and did not reach the store, once a window opens again, unless it is another by then', async () => {
    const { kept } = open('/catalogue/journal/1', written(1));
    kept.refuses = 'The server cannot be reached.';
    await type('<p>Typed in the dark</p>');
    await screen.findByRole('alert');
    cleanup();
    const { one } = open('/catalogue/journal/1', written(1));
    expect((await editor()).textContent).toBe('Typed in the dark');
    await waitFor(() => expect(one(1).draft).toEqual([said('Typed in the dark')]));
    await waitFor(() => expect(localStorage).toHaveLength(0));
    cleanup();
    const again = open('/catalogue/journal/1', written(1));
    again.kept.refuses = 'The server cannot be reached.';
    await type('<p>Typed in the dark once more</p>');
    await screen.findByRole('alert');
    cleanup();
    // Somebody else has written meanwhile: theirs is what is there.
    open('/catalogue/journal/1', written(1, { draft: [said('Theirs')] }));
    expect((await editor()).textContent).toBe('Theirs');
  });

  it('does not say that something is kept before it is', async () => {
    open('/catalogue/journal/1', written(1));
    await type('<p>Just typed</p>');
    expect(await screen.findByText('Keeping what you write…')).toBeTruthy();
    expect(screen.queryByText(/^Kept, not saved/)).toBeNull();
    expect(await screen.findByText(/^Kept, not saved/)).toBeTruthy();
  });

  it('is shown and hidden at once', async () => {
    const { one } = open('/catalogue/journal/1', written(1, { hidden: true }));
    const shown = await screen.findByRole('radio', { name: 'Shown' });
    expect(screen.queryByRole('link', { name: 'See it in the shop' })).toBeNull();
    fireEvent.click(shown);
    await waitFor(() => expect(one(1).hidden).toBe(false));
    expect(await screen.findByRole('link', { name: 'See it in the shop' })).toBeTruthy();
    expect(screen.getByText(/^Shown to everyone since 1 January 2020/)).toBeTruthy();
  });

  it('is taken out once that is confirmed', async () => {
    const { kept } = open('/catalogue/journal/1', written(1), written(2));
    fireEvent.click(await screen.findByRole('button', { name: 'Remove this entry…' }));
    expect(kept.entries).toHaveLength(2);
    fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Remove the entry' }));
    await waitFor(async () => expect(await rows()).toHaveLength(1));
  });
});

describe('a shelf in the text of an entry', () => {
  const add = async (name: string) => {
    fireEvent.click(await screen.findByRole('button', { name: 'Shelf' }));
    const dialog = screen.getByRole('dialog');
    fireEvent.change(within(dialog).getByLabelText(/^Or a new one/), { target: { value: name } });
    fireEvent.click(within(dialog).getByRole('button', { name: 'Make a new shelf' }));
    return screen.findByRole('group', { name: `Shelf ${name}` });
  };

  it('is made on the spot, and arranged on the page that the entry has of its own from then on', async () => {
    const { draft, one } = open('/catalogue/journal/1', written(1));
    await editor();
    const shelf = await add('From the harbour');
    const place = placeOfEntry(draft.getState().draft, 1)!;
    expect(place.alone).toBe(true);
    const [id] = place.shelves;
    expect(draft.getState().draft.shelves[id!]).toMatchObject({ name: 'From the harbour' });
    expect(within(shelf).getByRole('link').getAttribute('href')).toBe(
      `/arrange/${place.page.id}?bay=${place.bayId}&shelf=${id}`,
    );
    await waitFor(() => expect(one(1).draft).toContainEqual({ type: 'shelf', attrs: { shelfId: id } }));
  });

  it('is one that is on a page already, but none that stands beside the text', async () => {
    const { draft, one } = open('/catalogue/journal/1', written(1));
    await editor();
    await add('In the text');
    const { page } = placeOfEntry(draft.getState().draft, 1)!;
    act(() =>
      draft.run({
        do: 'addBay',
        page: page.id,
        at: 1,
        bay: { id: 'beside', holds: 'shelf', shelfId: 'beside' },
        shelves: [{ id: 'beside', name: 'Beside the text' }],
      }),
    );
    fireEvent.click(screen.getByRole('button', { name: 'Shelf' }));
    const field = within(screen.getByRole('dialog')).getByRole('combobox');
    act(() => field.focus());
    const list = await screen.findByRole('listbox');
    const offered = within(list)
      .getAllByRole('option')
      .map(({ textContent }) => textContent);
    expect(offered.some((words) => words.includes('Beside the text'))).toBe(false);
    expect(offered.some((words) => words.includes('In the text'))).toBe(false);
    // "New" is on the home page, and is the same shelf here: a change shows on both.
    fireEvent.click(within(list).getByRole('option', { name: /^New\s*on Home$/ }));
    expect(await screen.findByText(/Changes also apply on Home/)).toBeTruthy();
    await waitFor(() => expect(one(1).draft).toContainEqual({ type: 'shelf', attrs: { shelfId: 'new' } }));
  });

  it('goes from the plan once it was taken out and the text was saved', async () => {
    const { draft, one } = open('/catalogue/journal/1', written(1));
    await editor();
    const shelf = await add('For a moment');
    const [id] = placeOfEntry(draft.getState().draft, 1)!.shelves;
    fireEvent.click(within(shelf).getByRole('button', { name: 'Take it out of the text' }));
    await waitFor(() => expect(screen.queryByRole('group', { name: /^Shelf/ })).toBeNull());
    // Until the text is saved, a step back of the editor would need it.
    expect(draft.getState().draft.shelves[id!]).toBeDefined();
    await type('<p>Without it</p>');
    fireEvent.click(await screen.findByRole('button', { name: 'Save the text' }));
    await waitFor(() => expect(one(1).text).toEqual([said('Without it')]));
    await waitFor(() => expect(draft.getState().draft.shelves[id!]).toBeUndefined());
  });

  it('goes with the entry, and with the arrangement that is its own', async () => {
    const { draft, kept } = open('/catalogue/journal/1', written(1));
    await editor();
    await add('Gone soon');
    const { page, shelves } = placeOfEntry(draft.getState().draft, 1)!;
    fireEvent.click(screen.getByRole('button', { name: 'Remove this entry…' }));
    fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Remove the entry' }));
    await waitFor(() => expect(kept.entries).toEqual([]));
    await waitFor(() => expect(draft.getState().draft.pages[page.id]).toBeUndefined());
    expect(draft.getState().draft.shelves[shelves[0]!]).toBeUndefined();
    expect(placeOfEntry(draft.getState().draft, 1)!.alone).toBe(false);
  });

  it('that is gone from the plan is said to show nothing', async () => {
    open('/catalogue/journal/1', written(1, { text: [{ type: 'shelf', attrs: { shelfId: 'gone' } }] }));
    expect(await screen.findByText(/This shelf is not there any more/)).toBeTruthy();
  });
});
