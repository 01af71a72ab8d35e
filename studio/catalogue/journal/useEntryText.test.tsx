// @vitest-environment jsdom
import { notifyManager, useQuery } from '@tanstack/react-query';
import { act, cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { readEntry } from '../../../core/api/journal.ts';
import type { Entry } from '../../../core/journal/entry.ts';
import { entryEdited, type EntryEdit } from '../../../core/journal/entryEdit.ts';
import type { EntryBlock } from '../../../core/journal/entryText.ts';
import { entryKey } from '../../api/entryWriter.ts';
import { inStudio } from '../../specimen/inStudio.tsx';
import { useStudio } from '../../studioContext.tsx';
import { useEntryText } from './useEntryText.ts';

/** What is known changes a while after it was said to, as where much else is drawn. */
const LATE_MS = 40;
beforeEach(() => notifyManager.setScheduler((tell) => setTimeout(tell, LATE_MS)));
afterEach(() => {
  notifyManager.setScheduler((tell) => setTimeout(tell, 0));
  cleanup();
  localStorage.clear();
});

const said = (text: string): EntryBlock => ({ type: 'paragraph', content: [{ type: 'text', text }] });
const entry: Entry = {
  id: 1,
  slug: 'first',
  title: 'First',
  summary: '',
  author: '',
  tags: [],
  pictureId: null,
  publishedAt: 0,
  hidden: false,
  text: [said('As it is')],
  draft: null,
};

/** The text at every drawing, one after the other. */
const drawn: string[] = [];

function Text({ of }: { of: Entry }) {
  const { text, write } = useEntryText(of);
  const words = JSON.stringify(text);
  drawn.push(words);
  return <button onClick={() => write([said('Anew')])}>{words}</button>;
}

function Fetched() {
  const { client } = useStudio();
  const { data } = useQuery({
    queryKey: entryKey(1),
    queryFn: () => client.ask(readEntry, { query: { id: '1' } }),
  });
  return data?.entry ? <Text of={data.entry} /> : null;
}

describe('the text of an entry while it is kept', () => {
  it('never shows what was there before what is typed, at no drawing', async () => {
    let kept = entry;
    const edits: EntryEdit[] = [];
    inStudio(<Fetched />, {
      answers: {
        'GET /api/journal/one': () => ({ entry: structuredClone(kept) }),
        'POST /api/journal/edit': (body) => {
          edits.push(...(body as { edits: EntryEdit[] }).edits);
          kept = edits.reduce(entryEdited, entry);
          return { conflicts: [] };
        },
      },
    });
    const button = await screen.findByRole('button');
    drawn.length = 0;
    act(() => void fireEvent.click(button));
    await waitFor(
      () => expect(edits.map(({ fact, is }) => [fact, is])).toEqual([['draft', [said('Anew')]]]),
      {
        timeout: 3_000,
      },
    );
    // Until all that follows from it was drawn too.
    await act(() => new Promise((resolve) => setTimeout(resolve, 5 * LATE_MS)));
    expect(drawn.length).toBeGreaterThan(1);
    expect(new Set(drawn)).toEqual(new Set([JSON.stringify([said('Anew')])]));
  });
});
