// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { BlockNode } from '../../../core/bays/richText.ts';
import { readPath } from '../../../core/settings/path.ts';
import { specimenBay, specimenStored } from '../../../core/specimen/specimen.ts';
import { inStudio, type InStudio } from '../../specimen/inStudio.tsx';
import { useDraft } from '../../studioContext.tsx';
import { RichText } from './RichText.tsx';

afterEach(cleanup);

const on = { page: 'home', bay: 'a' };
const paragraph = (text: string): BlockNode => ({ type: 'paragraph', content: [{ type: 'text', text }] });

function Drawn() {
  const value = useDraft((state) => readPath(state.plan.pages.home!.bays[0], 'body'));
  return <RichText on={on} value={value as BlockNode[]} />;
}
const drawn = (body: BlockNode[]): InStudio =>
  inStudio(<Drawn />, { stored: specimenStored([], [specimenBay('a', { holds: 'words', body } as never)]) });
const stored = ({ draft }: InStudio): unknown => readPath(draft.getState().draft.pages.home!.bays[0], 'body');
const box = () => screen.getByRole('textbox', { name: 'Text' });

/** Marks all that is written, as Ctrl A does. */
function markAll(): void {
  act(() => box().focus());
  fireEvent.keyDown(box(), { key: 'a', code: 'KeyA', ctrlKey: true });
}

describe('the text of a bay', () => {
  it('is made into a heading, a list and back by one press each, and every step can be taken back', async () => {
    const studio = drawn([paragraph('Glazed by the tide')]);
    act(() => box().focus());
    fireEvent.click(screen.getByRole('button', { name: 'Heading' }));
    const heading = {
      type: 'heading',
      attrs: { level: 2 },
      content: paragraph('Glazed by the tide').content,
    };
    expect(stored(studio)).toEqual([heading]);
    await waitFor(() =>
      expect(screen.getByRole('button', { name: 'Heading' }).getAttribute('aria-pressed')).toBe('true'),
    );
    fireEvent.click(screen.getByRole('button', { name: 'Heading' }));
    fireEvent.click(screen.getByRole('button', { name: 'List with bullets' }));
    const list = [
      { type: 'bulletList', content: [{ type: 'listItem', content: [paragraph('Glazed by the tide')] }] },
    ];
    expect(stored(studio)).toEqual(list);
    // Steps back are the draft's, each press one of them, and what is written follows.
    fireEvent.keyDown(box(), { key: 'z', ctrlKey: true });
    expect(stored(studio)).toEqual([paragraph('Glazed by the tide')]);
    fireEvent.keyDown(box(), { key: 'z', ctrlKey: true });
    expect(stored(studio)).toEqual([heading]);
    fireEvent.keyDown(box(), { key: 'z', ctrlKey: true, shiftKey: true });
    expect(stored(studio)).toEqual([paragraph('Glazed by the tide')]);
    await waitFor(() => expect(box().querySelector('ul')).toBeNull());
  });

  it('can be marked, and marked words can lead to something of the store by its name', async () => {
    const studio = drawn([paragraph('All of it')]);
    const link = screen.getByRole('button', { name: 'Link' });
    expect(link.hasAttribute('disabled')).toBe(true);
    markAll();
    fireEvent.click(screen.getByRole('button', { name: 'Bold' }));
    await waitFor(() => expect(link.hasAttribute('disabled')).toBe(false));
    fireEvent.click(link);
    const address = await screen.findByRole('textbox', { name: 'Or to an address' });
    fireEvent.change(address, { target: { value: 'javascript:alert(1)' } });
    screen.getByText(/A link begins with/);
    expect(stored(studio)).toEqual([
      { type: 'paragraph', content: [{ type: 'text', text: 'All of it', marks: [{ type: 'bold' }] }] },
    ]);
    fireEvent.change(address, { target: { value: '/shop' } });
    const marksNow = () =>
      (stored(studio) as { content: { marks: { type: string; attrs?: object }[] }[] }[])[0]!.content[0]!
        .marks;
    expect(marksNow()).toContainEqual({ type: 'link', attrs: { href: '/shop' } });
    fireEvent.click(await screen.findByRole('button', { name: 'Remove the link' }));
    expect(marksNow()).toEqual([{ type: 'bold' }]);
  });

  it('is what was written elsewhere meanwhile, and nothing of it is written back', async () => {
    const studio = drawn([paragraph('Before')]);
    act(() => studio.draft.run({ do: 'set', on, setting: 'body', value: [paragraph('After')] }));
    await waitFor(() => expect(box().textContent).toBe('After'));
    expect(stored(studio)).toEqual([paragraph('After')]);
    act(() => studio.draft.undo());
    await waitFor(() => expect(box().textContent).toBe('Before'));
  });
});
