import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { Entry } from '../../../core/journal/entry.ts';
import { entryEdits, savedEdits } from '../../../core/journal/entryEdit.ts';
import { tidyEntry } from '../../../core/journal/entryShelves.ts';
import { entryTextFault, shelvesInText, type EntryBlock } from '../../../core/journal/entryText.ts';
import { same } from '../../../core/settings/same.ts';
import { entryKey } from '../../api/entryWriter.ts';
import { dropTyped, keepTyped, typedBefore } from '../typedKept.ts';
import { useStudio } from '../../studioContext.tsx';

/** What is typed is kept once nothing was typed for so long. */
const RESTS_MS = 500;

const isEntryText = (is: unknown): is is readonly EntryBlock[] => entryTextFault(is) === null;

/** The text of an entry as it is being written: kept as it is typed, and shown to shoppers once it is saved. */
export function useEntryText(entry: Entry) {
  const { account, entries, entryDrafts, draft } = useStudio();
  const queries = useQueryClient();
  const { id } = entry;
  const key = `typed in entry ${id} by ${account.email}`;
  /** What was typed and is not on its way yet. */
  const [typed, setTyped] = useState(() => typedBefore(key, entry.draft, isEntryText));
  const latest = useRef(typed);
  /** What was sent last, and over which entry: what is known of that changes a moment later. */
  const [sent, setSent] = useState<{ body: readonly EntryBlock[]; over: Entry } | null>(null);
  /** What the store may have as its draft by now: as it was known last, and what was sent since. */
  const over = useRef<Entry['draft'][]>([entry.draft]);
  const underWay = useRef<Promise<unknown>>(Promise.resolve());
  /** As it is now, with what is on its way. */
  const now = () => queries.getQueryData<{ entry: Entry | null }>(entryKey(id))?.entry ?? null;
  const keep = (): void => {
    const body = latest.current;
    const is = now();
    if (body === null || is === null) return;
    latest.current = null;
    setTyped(null);
    const next = same(body, is.text) ? null : body;
    const edits = entryEdits(is, 'draft', next);
    if (edits.length === 0) return dropTyped(key);
    over.current.push(next);
    setSent({ body, over: entry });
    underWay.current = entryDrafts
      .write({ words: `what you wrote in ${is.title}`, edits })
      .then((isWritten) => {
        if (!isWritten) return;
        over.current = [next];
        if (latest.current === null) dropTyped(key);
      });
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
  const text = typed ?? (sent?.over === entry ? sent.body : null) ?? entry.draft ?? entry.text;
  return {
    text,
    /** Shoppers read another text. */
    differs: !same(text, entry.text),
    /** Something was typed that is not on its way yet. */
    isTyped: typed !== null,
    write: (body: readonly EntryBlock[]): void => {
      latest.current = body;
      setTyped(body);
      keepTyped(key, { is: body, over: over.current });
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
      dropTyped(key);
      await underWay.current;
      const is = now();
      const edits = is ? entryEdits(is, 'draft', null) : [];
      if (is && edits.length > 0) void entries.write({ words: `what was put back in ${is.title}`, edits });
    },
  };
}
