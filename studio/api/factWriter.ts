import { createStore, type StoreApi } from 'zustand/vanilla';
import { undoneEdits, type Conflict, type FactEdit } from '../../core/facts/factEdit.ts';

/** Edits that were made in one go, and how they are told of. */
export interface Step<E extends FactEdit> {
  words: string;
  edits: readonly E[];
}

/** A step that was not written. */
export interface Refused<E extends FactEdit> {
  step: Step<E>;
  /** What was changed elsewhere meanwhile; empty where it is something else. */
  conflicts: readonly Conflict<E>[];
  /** What went wrong, if that is not a conflict. */
  why: string;
}

export interface Writes<E extends FactEdit> {
  /** What can be taken back, the last of it last; and what of that can be done again. */
  done: readonly Step<E>[];
  undone: readonly Step<E>[];
  /** How many are on their way. */
  under: number;
  /** Something was kept since the studio was opened. */
  kept: boolean;
  /** What was not written; it stays until it is written after all or left. */
  refused: readonly Refused<E>[];
}

/** Facts of the catalogue on their way to the store. They go on while other places of the studio are open. */
export interface FactWriter<E extends FactEdit> extends StoreApi<Writes<E>> {
  write(step: Step<E>): Promise<boolean>;
  undo(): Promise<boolean>;
  redo(): Promise<boolean>;
  /** Sends again what was not written; over what it is now, where somebody else changed that. */
  again(refused: Refused<E>): Promise<boolean>;
  /** Leaves what is there. */
  leave(refused: Refused<E>): void;
}

/** What facts are of, and where they go. */
export interface WrittenTo<E extends FactEdit> {
  send(edits: readonly E[]): Promise<readonly Conflict<E>[]>;
  /** Shows edits before they are written; what was asked before does not show over them. */
  show(edits: readonly E[]): void;
  /** Whatever shows them asks anew. */
  changed(edits: readonly E[]): void;
  isSameFact(a: E, b: E): boolean;
}

/** Steps that can be taken back. */
const MOST_STEPS = 100;

/** Writes facts at once, one step after the other, so that each can be taken back. */
export function makeFactWriter<E extends FactEdit>({
  send,
  show,
  changed,
  isSameFact,
}: WrittenTo<E>): FactWriter<E> {
  const store = createStore<Writes<E>>(() => ({ done: [], undone: [], under: 0, kept: false, refused: [] }));
  let last: Promise<unknown> = Promise.resolve();
  /** Written since something asked anew: that is done once nothing is on its way, so that no answer is older than what is shown. */
  let written: E[] = [];
  const set = store.setState;

  /** The edits once more, each by what it is of now; those of what is gone left out. */
  const overNow = ({ step, conflicts }: Refused<E>): E[] =>
    step.edits.flatMap((edit) => {
      const at = conflicts.find((one) => isSameFact(one.edit, edit));
      if (!at) return [edit];
      return at.gone ? [] : [{ ...edit, was: at.now }];
    });

  /** Sends a step once those before it are written; shows it at once, and as it was where it is not written. */
  const sendOn = (step: Step<E>): Promise<boolean> => {
    show(step.edits);
    set(({ under }) => ({ under: under + 1 }));
    const refuse = (conflicts: readonly Conflict<E>[], why: string) => {
      show(undoneEdits(step.edits));
      set(({ refused }) => ({ refused: [...refused, { step, conflicts, why }] }));
      return false;
    };
    const sent = last.then(async () => {
      try {
        const conflicts = await send(step.edits);
        if (conflicts.length > 0) return refuse(conflicts, '');
        set({ kept: true });
        return true;
      } catch (error) {
        return refuse([], (error as Error).message);
      } finally {
        set(({ under }) => ({ under: under - 1 }));
        written.push(...step.edits);
        if (store.getState().under === 0) {
          const all = written;
          written = [];
          changed(all);
        }
      }
    });
    last = sent;
    return sent;
  };
  const addDone = (step: Step<E>) => set(({ done }) => ({ done: [...done, step].slice(-MOST_STEPS) }));
  const addUndone = (step: Step<E>) => set(({ undone }) => ({ undone: [...undone, step] }));
  const forget = (one: Refused<E>) =>
    set(({ refused }) => ({ refused: refused.filter((other) => other !== one) }));

  const write = async (step: Step<E>): Promise<boolean> => {
    const isWritten = await sendOn(step);
    if (isWritten) {
      addDone(step);
      set({ undone: [] });
    }
    return isWritten;
  };
  /** A step leaves where it is before it is sent, so that pressing twice takes back two; it returns where it is not written. */
  const moved = async (
    step: Step<E>,
    edits: readonly E[],
    there: typeof addDone,
    back: typeof addDone,
  ): Promise<boolean> => {
    const isWritten = await sendOn({ ...step, edits });
    (isWritten ? there : back)(step);
    return isWritten;
  };
  return {
    ...store,
    write,
    async undo() {
      const { done } = store.getState();
      const step = done.at(-1);
      if (!step) return false;
      set({ done: done.slice(0, -1) });
      return moved(step, undoneEdits(step.edits), addUndone, addDone);
    },
    async redo() {
      const { undone } = store.getState();
      const step = undone.at(-1);
      if (!step) return false;
      set({ undone: undone.slice(0, -1) });
      return moved(step, step.edits, addDone, addUndone);
    },
    async again(refused) {
      forget(refused);
      const edits = overNow(refused);
      return edits.length > 0 && write({ ...refused.step, edits });
    },
    leave: forget,
  };
}
