import type { QueryClient } from '@tanstack/react-query';
import { createStore, type StoreApi } from 'zustand/vanilla';
import { editGoods, type GoodsConflict } from '../../core/api/goods.ts';
import type { Goods } from '../../core/goods/goods.ts';
import { edited, undoneEdits, type GoodsEdit } from '../../core/goods/goodsEdit.ts';
import type { Client } from './client.ts';

/** Edits that were made in one go, and how they are told of. */
export interface GoodsStep {
  words: string;
  edits: readonly GoodsEdit[];
}

/** A step that was not written. */
export interface GoodsRefused {
  step: GoodsStep;
  /** What was changed elsewhere meanwhile; empty where it is something else. */
  conflicts: readonly GoodsConflict[];
  /** What went wrong, if that is not a conflict. */
  why: string;
}

export interface GoodsWrites {
  /** What can be taken back, the last of it last; and what of that can be done again. */
  done: readonly GoodsStep[];
  undone: readonly GoodsStep[];
  /** How many are on their way. */
  under: number;
  /** Something was kept since the studio was opened. */
  kept: boolean;
  /** What was not written; it stays until it is written after all or left. */
  refused: readonly GoodsRefused[];
}

/** Facts of products on their way to the store. They go on while other places of the studio are open. */
export interface GoodsWriter extends StoreApi<GoodsWrites> {
  write(step: GoodsStep): Promise<boolean>;
  undo(): Promise<boolean>;
  redo(): Promise<boolean>;
  /** Sends again what was not written; over what it is now, where somebody else changed that. */
  again(refused: GoodsRefused): Promise<boolean>;
  /** Leaves what is there. */
  leave(refused: GoodsRefused): void;
}

const NOTHING: GoodsWrites = { done: [], undone: [], under: 0, kept: false, refused: [] };
/** Steps that can be taken back. */
const MOST_STEPS = 100;

export const goodsKey = (id: number) => ['goods', 'one', id] as const;

/** Whatever shows products asks anew. */
export function goodsChanged(queries: QueryClient): void {
  for (const of of ['goods', 'items', 'specimen', 'sample items', 'product search', 'rule counts'])
    void queries.invalidateQueries({ queryKey: [of] });
}

const sameFact = (a: GoodsEdit, b: GoodsEdit): boolean =>
  a.product === b.product && a.of === b.of && a.part === b.part && a.fact === b.fact;

/** The edits once more, each by what it is of now; those of what is gone left out. */
const overNow = ({ step, conflicts }: GoodsRefused): GoodsEdit[] =>
  step.edits.flatMap((edit) => {
    const at = conflicts.find((one) => sameFact(one.edit, edit));
    if (!at) return [edit];
    return at.gone ? [] : [{ ...edit, was: at.now }];
  });

/** Writes facts of products at once, one step after the other, so that each can be taken back. */
export function makeGoodsWriter(client: Client, queries: QueryClient): GoodsWriter {
  const store = createStore<GoodsWrites>(() => NOTHING);
  let last: Promise<unknown> = Promise.resolve();
  const set = store.setState;

  const show = (edits: readonly GoodsEdit[]) => {
    for (const edit of edits)
      queries.setQueryData<{ goods: Goods | null }>(goodsKey(edit.product), (known) =>
        known?.goods ? { goods: edited(known.goods, edit) } : known,
      );
  };

  /** Sends a step once those before it are written; shows it at once, and as it was where it is not written. */
  const send = (step: GoodsStep): Promise<boolean> => {
    show(step.edits);
    set(({ under }) => ({ under: under + 1 }));
    const refuse = (conflicts: readonly GoodsConflict[], why: string) => {
      show(undoneEdits(step.edits));
      set(({ refused }) => ({ refused: [...refused, { step, conflicts, why }] }));
      return false;
    };
    const sent = last.then(async () => {
      try {
        const { conflicts } = await client.ask(editGoods, { body: { edits: step.edits } });
        if (conflicts.length > 0) return refuse(conflicts, '');
        set({ kept: true });
        return true;
      } catch (error) {
        return refuse([], (error as Error).message);
      } finally {
        set(({ under }) => ({ under: under - 1 }));
        goodsChanged(queries);
      }
    });
    last = sent;
    return sent;
  };
  const addDone = (step: GoodsStep) => set(({ done }) => ({ done: [...done, step].slice(-MOST_STEPS) }));
  const addUndone = (step: GoodsStep) => set(({ undone }) => ({ undone: [...undone, step] }));
  const forget = (one: GoodsRefused) =>
    set(({ refused }) => ({ refused: refused.filter((other) => other !== one) }));

  const write = async (step: GoodsStep): Promise<boolean> => {
    const isWritten = await send(step);
    if (isWritten) {
      addDone(step);
      set({ undone: [] });
    }
    return isWritten;
  };
  /** A step leaves where it is before it is sent, so that pressing twice takes back two; it returns where it is not written. */
  const moved = async (
    step: GoodsStep,
    edits: readonly GoodsEdit[],
    there: typeof addDone,
    back: typeof addDone,
  ): Promise<boolean> => {
    const isWritten = await send({ ...step, edits });
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
