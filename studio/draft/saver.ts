import { saveDraft, type StoredDocument } from '../../core/api/draft.ts';
import { FORMAT } from '../../core/plan/formats/format.ts';
import { writtenDocument } from '../../core/plan/reading.ts';
import { Away, Refusal, type Client } from '../api/client.ts';
import { draftVersion, type Draft, type DraftState, type SentDocument, type Unsaved } from './draftStore.ts';
import type { Keep } from './kept/keep.ts';

/** A change is sent this long after it, so that a run of presses is one request; well within a second. */
const WAIT_MS = 350;
/** A change is kept in the browser this long after it: what a tab that is killed may lose. */
const KEEP_MS = 60;
const AGAIN_MS = 2_000;
/** Documents without an answer that are remembered. */
const MOST_UNANSWERED = 100;

/** Documents as they leave the studio: with their format. */
const written = (documents: readonly Unsaved[]) => ({
  documents: documents.map((one) => ({ ...one, body: one.body && writtenDocument(one.body) })),
});

export interface Saver {
  /** Begins, with what is unsaved already; ends by what it returns. */
  start(): () => void;
  /** Saves what there is at once. */
  now(): Promise<void>;
  /** Keeps what is not saved in the browser at once. */
  keepNow(): Promise<void>;
}

/**
 * Saves the draft by itself, one request at a time. Everything that is not on the server is kept in the browser
 * meanwhile; when the server is away it is sent once it is back.
 */
export function makeSaver(draft: Draft, client: Pick<Client, 'ask'>, keep: Pick<Keep, 'write'>): Saver {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let keepTimer: ReturnType<typeof setTimeout> | undefined;
  let running: Promise<void> | null = null;
  let stop: (() => void) | null = null;
  /** What was sent since the last answer, the last of it last: the server may have it all the same. */
  let unanswered: SentDocument[] = [];

  /** A save that is planned already is not put off by further changes. */
  const later = (ms: number) => {
    if (stop) timer ??= setTimeout(() => void save(), ms);
  };

  const keepNow = (): Promise<void> => {
    clearTimeout(keepTimer);
    keepTimer = undefined;
    return keep.write(draft.unsent());
  };

  const attempt = async (): Promise<void> => {
    const documents = draft.unsaved();
    if (documents.length === 0) return draft.setSaving({ state: 'saved' });
    draft.setSaving({ state: 'saving' });
    try {
      const seen = draftVersion(draft.getState().versions);
      const answer = await client.ask(saveDraft, { body: { ...written(documents), seen } });
      unanswered = [];
      draft.saved(answer.versions, documents, answer.savedAt);
      if (answer.format > FORMAT) draft.setSaving({ state: 'updated' });
      else if (draft.unsaved().length) later(WAIT_MS);
    } catch (error) {
      if (error instanceof Away) {
        unanswered = [...unanswered, ...documents].slice(-MOST_UNANSWERED);
        draft.setSaving({ state: 'away' });
        later(AGAIN_MS);
      } else if (error instanceof Refusal && error.code === 'draft-stale') {
        const { theirs } = error.details as { theirs: StoredDocument[] };
        // What cannot be read here was written by a newer version.
        if (draft.mergeWith(theirs, unanswered).length) draft.setSaving({ state: 'updated' });
      } else if (error instanceof Refusal && error.status === 401) draft.setSaving({ state: 'signedOut' });
      else draft.setSaving({ state: 'refused', message: (error as Error).message });
    }
  };

  const save = (): Promise<void> => {
    clearTimeout(timer);
    timer = undefined;
    // An older version overwrites nothing of a newer one's.
    if (draft.getState().saving.state === 'updated') return Promise.resolve();
    running ??= attempt().finally(() => (running = null));
    return running;
  };

  const follow = (state: DraftState, before: DraftState) => {
    const { saving } = state;
    const changed = state.draft !== before.draft;
    if (changed || state.stored !== before.stored || state.conflicts !== before.conflicts)
      keepTimer ??= setTimeout(() => void keepNow(), KEEP_MS);
    const waits = saving.state === 'unsaved' || (changed && saving.state === 'refused');
    if (waits && (changed || before.saving.state !== 'unsaved')) later(WAIT_MS);
  };
  return {
    start() {
      const unsubscribe = draft.subscribe(follow);
      stop = () => {
        stop = null;
        clearTimeout(timer);
        unsubscribe();
        void keepNow();
      };
      if (draft.unsaved().length) void save();
      return stop;
    },
    now: save,
    keepNow,
  };
}
