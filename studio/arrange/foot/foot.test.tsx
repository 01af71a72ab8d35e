// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import type { ComponentProps } from 'react';
import { useLocation } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Finding } from '../../../core/checks/check.ts';
import { specimenShelf, specimenStored } from '../../../core/specimen/specimen.ts';
import { inStudio } from '../../specimen/inStudio.tsx';
import { useDraft } from '../../studioContext.tsx';
import { ArrangeContext, FindingsContext, type Arranging } from '../arrangeContext.tsx';
import { Foot } from './Foot.tsx';

afterEach(() => {
  cleanup();
  vi.clearAllMocks();
});

const stored = specimenStored([specimenShelf('a', { name: 'Mugs' }), specimenShelf('b', { name: 'Bowls' })]);
const calls = { choose: vi.fn(), openLine: vi.fn(), goTo: vi.fn() };

function Arranged({
  findings,
  coming = false,
  folds,
}: { findings: readonly Finding[]; coming?: boolean } & ComponentProps<typeof Foot>) {
  const plan = useDraft((state) => state.plan);
  const page = plan.pages.home!;
  const arranging: Arranging = {
    page,
    seen: page,
    bay: page.bays[0]!,
    shelfId: 'a',
    open: null,
    adding: null,
    add: vi.fn(),
    trial: null,
    ...calls,
  };
  return (
    <ArrangeContext value={arranging}>
      <FindingsContext value={{ found: findings, coming, plan }}>
        <Foot folds={folds ?? null} />
        <p data-testid="address">{useLocation().pathname}</p>
      </FindingsContext>
    </ArrangeContext>
  );
}
const open = (findings: readonly Finding[] = [], coming = false) =>
  inStudio(<Arranged findings={findings} coming={coming} />, { stored });
const status = () => screen.getByRole('status').textContent;

/** Opens the list of all. */
const list = () => {
  fireEvent.click(screen.getByRole('button', { name: /more/ }));
  return within(screen.getByRole('list', { name: 'Issues' })).getAllByRole('listitem');
};

const finding = (more: Partial<Finding>): Finding =>
  ({ check: 'specimen', at: { bay: 'a', shelf: 'a' }, text: 'Something is wrong', ...more }) as Finding;

describe('the issues of a page', () => {
  it('are none, or counted and named', () => {
    open();
    expect(screen.getByText('No issues on this page')).toBeTruthy();
    cleanup();
    open([finding({}), finding({ check: 'other', text: 'Another' })]);
    expect(screen.getByText('2 issues')).toBeTruthy();
    expect(screen.getByRole('group', { name: 'First issue' }).textContent).toBe('Something is wrong');
    expect(list()).toHaveLength(2);
    cleanup();
    // Nothing is said to be well before what is shown is known; what is found meanwhile is said.
    open([], true);
    expect(screen.getByText('Looking for issues…')).toBeTruthy();
    cleanup();
    open([finding({})], true);
    expect(screen.getByText('1 issue')).toBeTruthy();
    cleanup();
    // One alone needs no list.
    open([finding({})]);
    expect(screen.queryByRole('button', { name: /more/ })).toBeNull();
  });

  it('say where they are when that is not the chosen bay, and lead there', () => {
    open([
      finding({ at: { page: 'home', bay: 'b', shelf: 'b' } as never, goTo: 'card' }),
      finding({ check: 'own', text: 'Here' }),
    ]);
    // What is of the chosen bay comes first.
    expect(screen.getByRole('group', { name: 'First issue' }).textContent).toBe('Here');
    const [first, second] = list();
    expect(first!.textContent).toBe('Here');
    expect(second!.textContent).toContain('Heading of b: Something is wrong');
    fireEvent.click(within(second!).getByRole('button'));
    expect(calls.choose).toHaveBeenLastCalledWith('b', 'b');
    expect(calls.openLine).toHaveBeenLastCalledWith('card');
  });

  it('of the whole store lead to what is set for it', () => {
    open([finding({ at: { on: 'house' }, goTo: 'labels' })]);
    fireEvent.click(within(screen.getByRole('group', { name: 'First issue' })).getAllByRole('button')[0]!);
    expect(calls.choose).toHaveBeenLastCalledWith(null);
    expect(calls.openLine).toHaveBeenLastCalledWith('labels');
  });

  it('of how an element looks everywhere lead to where that is set', () => {
    open([
      finding({ at: { on: 'house' }, goTo: null, element: 'price' }),
      finding({ at: { on: 'house' }, goTo: null, element: 'title', text: 'Another of the same' }),
    ]);
    const address = () => screen.getByTestId('address').textContent;
    const press = (one: HTMLElement) => fireEvent.click(within(one).getAllByRole('button')[0]!);
    press(screen.getByRole('group', { name: 'First issue' }));
    expect(address()).toBe('/house-style/price');
    press(list()[1]!);
    expect(address()).toBe('/house-style/title');
    expect(calls.choose).not.toHaveBeenCalled();
  });

  it('are mended with one press, which can be undone', () => {
    const command = { do: 'set', on: { shelf: 'a' }, setting: 'name', value: 'Cups' } as const;
    const { draft } = open([finding({ fix: { words: 'Name it Cups', command } })]);
    fireEvent.click(screen.getByRole('button', { name: 'Name it Cups' }));
    expect(draft.getState().plan.shelves.a!.name).toBe('Cups');
    act(() => draft.undo());
    expect(draft.getState().draft).toEqual(stored);
  });
});

describe('where there is little room', () => {
  it('the settings can be folded away and come back, and the issues are a list to open', () => {
    const fold = vi.fn();
    inStudio(<Arranged findings={[finding({})]} folds={{ folded: false, fold }} />, { stored });
    fireEvent.click(screen.getByRole('button', { name: 'Hide settings' }));
    expect(fold).toHaveBeenLastCalledWith(true);
    fireEvent.click(screen.getByRole('button', { name: 'Show' }));
    expect(screen.getByRole('list', { name: 'Issues' }).textContent).toContain('Something is wrong');
    cleanup();
    inStudio(<Arranged findings={[]} folds={{ folded: true, fold }} />, { stored });
    fireEvent.click(screen.getByRole('button', { name: 'Show settings' }));
    expect(fold).toHaveBeenLastCalledWith(false);
  });
});

describe('whether all is saved', () => {
  it('is told in each state', () => {
    const { draft } = open();
    const change = () => draft.run({ do: 'set', on: { shelf: 'a' }, setting: 'name', value: 'Cups' });
    expect(status()).toBe('Saved');
    act(change);
    expect(status()).toBe('Saving…');
    act(() => draft.saved({ 'shelf:a': 1 }, draft.unsaved(), new Date(2026, 10, 26, 14, 2).toISOString()));
    expect(status()).toBe('Saved 14:02');
    act(() => draft.setSaving({ state: 'away' }));
    expect(status()).toContain('Cannot reach the server. Your changes are kept here');
    act(() => draft.setSaving({ state: 'updated' }));
    expect(status()).toBe('Kept in this browser');
  });

  it('says what was refused, with undo and another try', () => {
    const { draft } = open();
    act(() => {
      draft.run({ do: 'set', on: { shelf: 'a' }, setting: 'name', value: 'Cups' });
      draft.setSaving({ state: 'refused', message: 'Shelf "Cups": Name: too long.' });
    });
    expect(screen.getByRole('alert').textContent).toContain('Not saved: Shelf "Cups": Name: too long.');
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    expect(draft.getState().draft).toEqual(stored);
  });
});
