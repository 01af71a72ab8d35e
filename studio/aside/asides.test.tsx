// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { specimenColumns as columns, specimenShelf, specimenStored } from '../../core/specimen/specimen.ts';
import { apply, type Command } from '../../core/plan/commands.ts';
import { documentOf } from '../../core/plan/documents.ts';
import { writtenDocument, writtenPlan } from '../../core/plan/reading.ts';
import { makeDraft } from '../draft/draftStore.ts';
import type { UnsentWork } from '../draft/kept/unsent.ts';
import { inStudio } from '../specimen/inStudio.tsx';
import Asides from './index.tsx';

afterEach(cleanup);

const stored = specimenStored([specimenShelf('a'), specimenShelf('b')]);
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const region = (name: string) => screen.queryByRole('region', { name });

/** What a window would keep that has changed these shelves. */
function leftBy(window: string, ...commands: Command[]): UnsentWork {
  const draft = makeDraft(stored, {}, null, () => 0);
  for (const command of commands) draft.run(command);
  return { account: 'wren@shop.example', window, at: Date.UTC(2026, 10, 26, 9), documents: draft.unsent() };
}

describe('beside the work', () => {
  it('nothing is asked while there is nothing to ask', () => {
    inStudio(<Asides />, { stored });
    expect(screen.queryAllByRole('region')).toEqual([]);
  });

  it('a question ends with its answer', () => {
    const { draft } = inStudio(<Asides />, { stored });
    const theirs = apply(stored, columns('a', 7));
    act(() => {
      draft.run(columns('a', 5));
      draft.mergeWith([
        {
          key: 'shelf:a',
          version: 2,
          body: writtenDocument(documentOf(theirs, 'shelf:a')!),
          savedAt: null,
          savedBy: 'Ash',
        },
      ]);
    });
    const asked = region('Also changed by somebody else')!;
    expect(asked.textContent).toContain('1 setting to choose');
    expect(within(asked).getByRole('button', { name: 'Keep mine: 5' })).toBeTruthy();
    press('Take theirs: 7');
    expect(region('Also changed by somebody else')).toBeNull();
    expect(draft.getState().plan.shelves.a!.columns.count.phone).toBe(7);
  });
});

describe('work that was not saved', () => {
  it('is told before it changes anything, added on request and then kept no longer', async () => {
    const { draft, keep } = inStudio(<Asides />, { stored, left: [leftBy('w1', columns('a', 5))] });
    const offered = region('Work that was not saved')!;
    expect(offered.textContent).toMatch(/number of columns now 5 on Phone/);
    expect(draft.getState().draft).toBe(stored);
    press('Add to the draft');
    expect(draft.getState().plan.shelves.a!.columns.count.phone).toBe(5);
    await waitFor(() => expect(keep.removed).toEqual(['w1']));
    expect(region('Work that was not saved')).toBeNull();
    act(() => draft.undo());
    expect(draft.getState().draft).toEqual(stored);
  });

  it('of several windows is answered one by one', async () => {
    const left = [leftBy('w1', columns('a', 5)), leftBy('w2', columns('b', 6))];
    const { draft, keep } = inStudio(<Asides />, { stored, left });
    expect(region('Work that was not saved')!.textContent).toContain('2 windows were closed');
    fireEvent.click(screen.getAllByRole('button', { name: 'Not now' })[0]!);
    await waitFor(() => expect(screen.getAllByRole('button', { name: 'Not now' })).toHaveLength(1));
    expect(region('Work that was not saved')!.textContent).toContain('now 6 on Phone');
    press('Discard');
    // It is asked twice; nothing is gone after the first.
    expect(keep.removed).toEqual([]);
    press('Discard for good');
    await waitFor(() => expect(region('Work that was not saved')).toBeNull());
    expect(keep.removed).toEqual(['w2']);
    expect(draft.getState().draft).toBe(stored);
  });

  it('says how much more there is than it tells', () => {
    const settings = ['columns.count', 'amount.items'].flatMap((setting) =>
      ['a', 'b'].flatMap((shelf) =>
        ['phone', 'laptop'].map((band): Command => ({
          do: 'set',
          on: { shelf },
          setting,
          band,
          value: band === 'phone' ? 7 : 8,
        })),
      ),
    );
    const names = ['a', 'b'].flatMap((shelf): Command[] => [
      { do: 'set', on: { shelf }, setting: 'name', value: `${shelf} renamed` },
      { do: 'set', on: { page: 'home', bay: shelf }, setting: 'heading.words', value: 'New' },
    ]);
    inStudio(<Asides />, { stored, left: [leftBy('w1', ...settings, ...names)] });
    const told = within(region('Work that was not saved')!).getByRole('list', { name: 'Changes' });
    const lines = within(told).getAllByRole('listitem');
    expect(lines).toHaveLength(7);
    expect(lines.at(-1)!.textContent).toBe('and 2 other changes');
  });

  it('that cannot be read here can only wait or be discarded', () => {
    const newer: UnsentWork = {
      ...leftBy('w1'),
      documents: [
        {
          key: 'shelf:a',
          version: 1,
          body: { format: 99, id: 'a' },
          was: writtenDocument(stored.shelves.a!),
        },
      ],
    };
    inStudio(<Asides />, { stored, left: [newer] });
    expect(region('Work that was not saved')!.textContent).toContain('newer version of Wide Shelf');
    expect(screen.queryByRole('button', { name: 'Add to the draft' })).toBeNull();
    expect(screen.getByRole('button', { name: 'Not now' })).toBeTruthy();
  });

  it('that is in the draft already says so', () => {
    inStudio(<Asides />, {
      stored: apply(stored, columns('a', 5)),
      left: [leftBy('w1', columns('a', 5))],
    });
    expect(region('Work that was not saved')!.textContent).toContain('All of it is in the draft already.');
  });
});

describe('a document that cannot be read', () => {
  const { b: _, ...others } = stored.shelves;
  const without = { ...stored, shelves: others };
  const unreadable = [
    { key: 'shelf:b' as const, body: { id: 'b', columns: 'seven' }, message: 'Shelf "b": Columns: wrong.' },
  ];

  it('is shown as it is stored, and reset to what is live', async () => {
    const { draft } = inStudio(<Asides />, {
      stored: without,
      unreadable,
      answers: {
        'GET /api/live': () => ({ live: { number: 3, publishedAt: '', plan: writtenPlan(stored) } }),
      },
    });
    expect(region('Part of the draft cannot be read')!.textContent).toContain('Shelf "b": Columns: wrong.');
    press('Open');
    expect(screen.getByLabelText('What is stored').textContent).toContain('"columns": "seven"');
    press('Reset');
    await waitFor(() => expect(draft.getState().unreadable).toEqual([]));
    expect(draft.getState().draft.shelves.b).toEqual(stored.shelves.b);
    expect(region('Part of the draft cannot be read')).toBeNull();
  });

  it('stays as it is while what is live cannot be fetched', async () => {
    const { draft } = inStudio(<Asides />, { stored: without, unreadable });
    press('Open');
    press('Reset');
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('could not be fetched'));
    expect(draft.getState().unreadable).toHaveLength(1);
    press('Cancel');
    expect(screen.queryByRole('dialog')).toBeNull();
  });
});

describe('a browser that keeps nothing', () => {
  it.each([
    ['full', 'Its storage is full.'],
    ['blocked', 'Close the other windows'],
    ['unavailable', 'private window'],
  ] as const)('because it is %s says what to do', (fault, words) => {
    const { draft, keep } = inStudio(<Asides />, { stored, fault });
    const told = () => region('This browser cannot keep unsaved work')?.textContent;
    expect(told()).toContain(words);
    expect(told()).toContain('saved to the server as you make them');
    act(() => draft.setSaving({ state: 'away' }));
    expect(told()).toContain('keep this window open');
    act(() => keep.fault.setState(null, true));
    expect(told()).toBeUndefined();
  });

  it('asks before the window is closed, only while there is something to lose', () => {
    const { draft } = inStudio(<Asides />, { stored, fault: 'full' });
    const asks = () => {
      const event = new Event('beforeunload', { cancelable: true });
      window.dispatchEvent(event);
      return event.defaultPrevented;
    };
    expect(asks()).toBe(false);
    act(() => draft.run(columns('a', 5)));
    expect(asks()).toBe(true);
    act(() => draft.undo());
    expect(asks()).toBe(false);
  });
});

describe('a server that is newer', () => {
  it('is told of with the way on', () => {
    const { draft } = inStudio(<Asides />, { stored });
    act(() => draft.setSaving({ state: 'updated' }));
    expect(region('Wide Shelf was updated')).toBeTruthy();
    // It stays until the page is loaded again, also while work goes on.
    act(() => draft.run(columns('a', 5)));
    expect(screen.getByRole('button', { name: 'Load again' })).toBeTruthy();
  });
});
