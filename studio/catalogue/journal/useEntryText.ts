import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { Entry } from '../../../core/journal/entry.ts';
import { entryEdits, savedEdits } from '../../../core/journal/entryEdit.ts';
import { tidyEntry } from '../../../core/journal/entryShelves.ts';
import { shelvesInText, type EntryBlock } from '../../../core/journal/entryText.ts';
import { same } from '../../../core/settings/same.ts';
import { entryKey } from '../../api/entryWriter.ts';
import { useStudio } from '../../studioContext.tsx';

/** What is typed is kept once nothing was typed for so long. */
const RESTS_MS = 500;

/** The text of an entry as it is being written: kept as it is typed, and shown to shoppers once it is saved. */
export function useEntryText(entry: Entry) {
  const { entries, entryDrafts, draft } = useStudio();
  const queries = useQueryClient();
  const { id } = entry;
  /** What was typed and is not on its way yet. */
  const [typed, setTyped] = useState<readonly EntryBlock[] | null>(null);
  const latest = useRef<readonly EntryBlock[] | null>(null);
  const underWay = useRef<Promise<unknown>>(Promise.resolve());
  /** As it is now, with what is on its way. */
  const now = () => queries.getQueryData<{ entry: Entry | null }>(entryKey(id))?.entry ?? null;
  const keep = () => {
    const body = latest.current;
    const is = now();
    if (body === null || is === null) return;
    latest.current = null;
    setTyped(null);
    const edits = entryEdits(is, 'draft', same(body, is.text) ? null : body);
    if (edits.length > 0)
      underWay.current = entryDrafts.write({ words: `what you wrote in ${is.title}`, edits });
  };
  const kept = useRef(keep);
  useEffect(() => {
    kept.current = keep;
  });
  useEffect(() => {
    if (typed === null) return undefined;
    const timer = setTimeout(() => kept.current(), RESTS_MS);
    return () => clearTimeout(timer);
  }, [typed]);
  // What was typed last is kept by whoever leaves.
  useEffect(() => {
    const keepNow = () => kept.current();
    window.addEventListener('pagehide', keepNow);
    return () => {
      window.removeEventListener('pagehide', keepNow);
      keepNow();
    };
  }, []);
  const text = typed ?? entry.draft ?? entry.text;
  return {
    text,
    /** Shoppers read another text. */
    differs: !same(text, entry.text),
    write: (body: readonly EntryBlock[]): void => {
      latest.current = body;
      setTyped(body);
    },
    save: async (): Promise<void> => {
      keep();
      // What was typed last has to be there to be saved.
      await underWay.current;
      const is = now();
      const edits = is ? savedEdits(is) : [];
      if (!is || edits.length === 0) return;
      const isWritten = await entries.write({ words: `the text of ${is.title}`, edits });
      if (!isWritten) return;
      const tidied = tidyEntry(draft.getState().draft, id, shelvesInText(is.draft ?? is.text));
      if (tidied) draft.run(tidied);
    },
    putBack: async (): Promise<void> => {
      latest.current = null;
      setTyped(null);
      await underWay.current;
      const is = now();
      const edits = is ? entryEdits(is, 'draft', null) : [];
      if (is && edits.length > 0) void entries.write({ words: `what was put back in ${is.title}`, edits });
    },
  };
}
