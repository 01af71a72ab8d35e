import { Away, Refusal, type Client } from '../api/client.ts';
import { writtenDocument } from '../../core/plan/reading.ts';
import type { Draft, StoredDocument, Unsaved, UnsentDocument } from './draftStore.ts';

/** Where unsaved work is kept while the server is away; the browser's own storage, or a stand-in. */
export interface Keep {
  read(): string | null;
  write(text: string | null): void;
}

/** A change is sent this long after it, so that a run of presses is one request; well within a second. */
const WAIT_MS = 350;
const AGAIN_MS = 2_000;

interface Kept {
  documents: UnsentDocument[];
}

/** Documents as they leave the studio: with their format. */
const written = (documents: readonly Unsaved[]) => ({
  documents: documents.map((one) => ({ ...one, body: one.body && writtenDocument(one.body) })),
});

/** Saves the draft by itself, one request at a time; keeps it when the server is away, and sends it when it is back. */
export function startSaving(
  draft: Draft,
  client: Pick<Client, 'post'>,
  keep: Keep,
): { stop(): void; now(): Promise<void> } {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let running: Promise<void> | null = null;
  let stopped = false;

  /** A save that is planned already is not put off by further changes. */
  const later = (ms: number) => {
    if (!stopped) timer ??= setTimeout(() => void save(), ms);
  };

  const keepUnsent = () => {
    const documents = draft.unsent();
    keep.write(documents.length ? JSON.stringify({ documents } satisfies Kept) : null);
  };

  const attempt = async (): Promise<void> => {
    const documents = draft.unsaved();
    if (documents.length === 0) {
      keepUnsent();
      draft.setSaving({ state: 'saved' });
      return;
    }
    keepUnsent();
    draft.setSaving({ state: 'saving' });
    try {
      const { versions, savedAt } = await client.post<{ versions: Record<string, number>; savedAt: string }>(
        '/api/draft',
        written(documents),
      );
      draft.saved(versions, documents, savedAt);
      const rest = draft.unsaved();
      keepUnsent();
      if (rest.length) later(WAIT_MS);
    } catch (error) {
      if (error instanceof Away) {
        draft.setSaving({ state: 'away' });
        later(AGAIN_MS);
      } else if (error instanceof Refusal && error.code === 'draft-stale') {
        const { theirs } = error.details as { theirs: StoredDocument[] };
        if (draft.mergeWith(theirs).length)
          draft.setSaving({
            state: 'refused',
            message: 'Wide Shelf was updated meanwhile. Load this page again; your changes are kept.',
          });
      } else if (error instanceof Refusal && error.status === 401) draft.setSaving({ state: 'signedOut' });
      else draft.setSaving({ state: 'refused', message: (error as Error).message });
    }
  };

  const save = (): Promise<void> => {
    clearTimeout(timer);
    timer = undefined;
    running ??= attempt().finally(() => (running = null));
    return running;
  };

  const unsubscribe = draft.subscribe((state, before) => {
    const { saving } = state;
    if (state.draft !== before.draft) {
      if (saving.state === 'unsaved' || saving.state === 'refused') later(WAIT_MS);
      // Kept at once, so that closing the window loses nothing.
      else keepUnsent();
    } else if (saving.state === 'unsaved' && before.saving.state !== 'unsaved') later(WAIT_MS);
  });
  return {
    stop() {
      stopped = true;
      clearTimeout(timer);
      unsubscribe();
    },
    now: save,
  };
}

/** What was kept from an earlier window and never reached the server. */
export function readKept(keep: Keep): Kept['documents'] {
  try {
    const kept = JSON.parse(keep.read() ?? 'null') as Kept | null;
    return kept?.documents ?? [];
  } catch {
    return [];
  }
}
