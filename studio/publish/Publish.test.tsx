// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { changesBetween } from '../../core/change/changesBetween.ts';
import { apply } from '../../core/plan/commands.ts';
import { documentOf } from '../../core/plan/documents.ts';
import { writtenDocument } from '../../core/plan/reading.ts';
import {
  specimenColumns as columns,
  specimenNames,
  specimenShelf,
  specimenStored,
} from '../../core/specimen/specimen.ts';
import { Refusal } from '../api/client.ts';
import { inStudio, type Given } from '../specimen/inStudio.tsx';
import { useDraft } from '../studioContext.tsx';
import { Publish } from './Publish.tsx';

afterEach(cleanup);

const live = specimenStored([specimenShelf('a'), specimenShelf('b')]);
const draft = apply(apply(live, columns('a', 5)), columns('b', 6));

/** As the bar across the top opens it. */
function Opened() {
  const now = useDraft((state) => state.draft);
  return <Publish open changes={changesBetween(live, now, specimenNames)} onClose={() => undefined} />;
}
const open = (given: Given = {}) => inStudio(<Opened />, { stored: draft, ...given });
const publish = () => screen.getByRole<HTMLButtonElement>('button', { name: /^Publish/ });
const changes = () => screen.queryAllByRole('listitem');

describe('publishing', () => {
  it('says each change and reverts just that one', () => {
    const studio = open();
    expect(screen.getByRole('heading', { level: 2 }).textContent).toBe('Publish 2 changes');
    expect(changes().map((one) => one.textContent)).toEqual([
      expect.stringContaining('Number of columns now 5 on Phone'),
      expect.stringContaining('Number of columns now 6 on Phone'),
    ]);
    fireEvent.click(within(changes()[0]!).getByRole('button', { name: /^Revert/ }));
    expect(changes()).toHaveLength(1);
    expect(studio.draft.getState().draft.shelves.a).toEqual(live.shelves.a);
    expect(studio.draft.getState().plan.shelves.b!.columns.count.phone).toBe(6);
    fireEvent.click(screen.getByRole('button', { name: /^Revert/ }));
    expect(screen.getByText('The draft is the same as what is live.')).toBeTruthy();
    expect(publish().disabled).toBe(true);
  });

  it('groups by page and bay, opens what was said as one, and shows colours', () => {
    const on = { shelf: 'a' };
    const stored = apply(live, {
      do: 'together',
      commands: [
        { do: 'set', on, setting: 'layout', value: { phone: 'carousel' } },
        { do: 'set', on, setting: 'amount.items', value: { phone: 8 } },
        { do: 'set', on: { house: true }, setting: 'colours.accent', value: '#123456' },
        {
          do: 'addBay',
          page: 'home',
          at: 0,
          bay: { id: 'new', holds: 'shelf', shelfId: 'new', heading: { words: 'Fresh' } },
          shelves: [{ id: 'new', name: 'Fresh', paging: { by: 'numbered' } }],
        },
      ],
    });
    const studio = open({ stored });
    expect(screen.getAllByRole('heading', { level: 3 }).map((one) => one.textContent)).toEqual([
      'House style 1 change',
      'Home 2 changes',
    ]);
    const house = screen.getByRole('list', { name: 'Changes of House style' });
    expect(house.textContent).toContain('Accent colour now #123456, was #224466');
    expect([...house.querySelectorAll('i')].map((one) => one.style.background)).toEqual([
      'rgb(18, 52, 86)',
      'rgb(34, 68, 102)',
    ]);

    // A new bay is reverted as a whole; its settings can be read.
    const fresh = within(screen.getByRole('list', { name: 'Changes of Fresh' }));
    expect(fresh.queryByText(/^Headed/)).toBeNull();
    const opens = fresh.getByRole('button', { name: /^\d settings of: new bay at the top/ });
    fireEvent.click(opens);
    expect(opens.getAttribute('aria-expanded')).toBe('true');
    expect(within(fresh.getByRole('list')).queryAllByRole('button')).toEqual([]);
    expect(fresh.getByRole('list').textContent).toContain('Headed "Fresh"');

    // Another layout is one sentence, of which a single setting can be reverted.
    const shelf = within(screen.getByRole('list', { name: 'Changes of Heading of a' }));
    fireEvent.click(
      shelf.getByRole('button', { name: '2 settings of: a carousel of 8, was a grid of 2 rows' }),
    );
    fireEvent.click(shelf.getByRole('button', { name: /^Revert: items/ }));
    expect(studio.draft.getState().draft.shelves.a).toMatchObject({ layout: { phone: 'carousel' } });
    expect(studio.draft.getState().draft.shelves.a!.amount).toBeUndefined();
  });

  it('saves first, then tells which release shoppers see', async () => {
    const sent: unknown[] = [];
    const { asked } = open({
      answers: {
        'POST /api/releases': (body) => {
          sent.push(body);
          return { release: 8, changes: [] };
        },
      },
    });
    fireEvent.click(publish());
    await screen.findByText('Release 8 is what shoppers see now.');
    expect(asked).toEqual(['POST /api/releases']);
    expect(sent).toEqual([{ draftVersion: expect.any(Number) }]);
    expect(screen.getByRole('button', { name: 'Keep editing' })).toBeTruthy();
  });

  it('says why it was refused, and can be tried again', async () => {
    let refuse = true;
    open({
      answers: {
        'POST /api/releases': () => {
          if (refuse) throw new Refusal('page-not-drawn', 422, 'The page "Home" could not be drawn.', null);
          return { release: 9 };
        },
      },
    });
    fireEvent.click(publish());
    expect((await screen.findByRole('alert')).textContent).toBe('The page "Home" could not be drawn.');
    refuse = false;
    fireEvent.click(publish());
    await screen.findByText('Release 9 is what shoppers see now.');
  });

  it('is not for accounts that may only arrange', () => {
    open({ mayPublish: false });
    expect(screen.getByText('Your account may arrange, but not publish. Ask the owner.')).toBeTruthy();
    expect(publish().disabled).toBe(true);
  });

  it('waits while the server is away, while something is asked, and while something cannot be read', async () => {
    const studio = open();
    expect(publish().disabled).toBe(false);
    act(() => studio.draft.setSaving({ state: 'away' }));
    expect(screen.getByText('Cannot reach the server. Your changes are kept here.')).toBeTruthy();
    expect(publish().disabled).toBe(true);
    act(() => studio.draft.setSaving({ state: 'saved' }));
    expect(publish().disabled).toBe(false);

    const theirs = documentOf(apply(draft, columns('a', 8)), 'shelf:a')!;
    act(() => {
      studio.draft.run(columns('a', 7));
      studio.draft.mergeWith([
        { key: 'shelf:a', version: 3, body: writtenDocument(theirs), savedAt: null, savedBy: 'Ash' },
      ]);
    });
    expect(publish().disabled).toBe(true);
    act(() => studio.draft.keepMine(studio.draft.getState().conflicts[0]!));
    expect(publish().disabled).toBe(false);

    cleanup();
    open({
      unreadable: [{ key: 'shelf:c', body: 7, message: 'Shelf "c": what is stored is not a document.' }],
    });
    expect(screen.getByText('Part of the draft cannot be read. Reset it first.')).toBeTruthy();
    await waitFor(() => expect(publish().disabled).toBe(true));
  });
});
