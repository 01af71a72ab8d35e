import type { QueryClient } from '@tanstack/react-query';
import { createStore, type StoreApi } from 'zustand/vanilla';
import { editGoods, type GoodsConflict } from '../../../core/api/goods.ts';
import type { Goods } from '../../../core/goods/goods.ts';
import { edited, undoneEdits, type GoodsEdit } from '../../../core/goods/goodsEdit.ts';
import type { Client } from '../../api/client.ts';

/** Edits that were made in one go, and how they are told of. */
export interface GoodsStep {
  words: string;
  edits: readonly GoodsEdit[];
}

export interface GoodsWrites {
  /** What can be taken back, the last of it last; and what of that can be done again. */
  done: readonly GoodsStep[];
  undone: readonly GoodsStep[];
  /** How many are on their way. */
  under: number;
  /** Something was kept since this was opened. */
  kept: boolean;
  /** What was not written, since somebody else changed it meanwhile. */
  conflicts: { step: GoodsStep; of: readonly GoodsConflict[] } | null;
  /** What went wrong, and what is to be sent again. */
  fault: { words: string; step: GoodsStep } | null;
}

export interface GoodsWriter extends StoreApi<GoodsWrites> {
  write(step: GoodsStep): Promise<boolean>;
  undo(): Promise<boolean>;
  redo(): Promise<boolean>;
  /** Writes what was in conflict over what it is now. */
  writeOver(): Promise<boolean>;
  /** Leaves what is there. */
  leave(): void;
}

const NOTHING: GoodsWrites = {
  done: [],
  undone: [],
  under: 0,
  kept: false,
  conflicts: null,
  fault: null,
};
/** Steps that can be taken back. */
const MOST_STEPS = 100;

export const goodsKey = (id: number) => ['goods', 'one', id] as const;

/** Whatever shows products asks anew. */
export function goodsChanged(queries: QueryClient): void {
  for (const of of ['goods', 'items', 'specimen', 'sample items', 'product search', 'rule counts'])
    void queries.invalidateQueries({ queryKey: [of] });
}

/** Writes facts of products at once, one step after the other, so that each can be taken back. */
export function makeGoodsWriter(client: Client, queries: QueryClient): GoodsWriter {
  const store = createStore<GoodsWrites>(() => NOTHING);
  let last: Promise<unknown> = Promise.resolve();

  const show = (edits: readonly GoodsEdit[]) => {
    for (const edit of edits)
      queries.setQueryData<{ goods: Goods | null }>(goodsKey(edit.product), (known) =>
        known?.goods ? { goods: edited(known.goods, edit) } : known,
      );
  };

  /** Sends a step once those before it are written; shows it at once, and as it was where it is not written. */
  const send = (step: GoodsStep, onDone: (state: GoodsWrites) => Partial<GoodsWrites>): Promise<boolean> => {
    show(step.edits);
    store.setState(({ under }) => ({ under: under + 1, conflicts: null, fault: null }));
    const sent = last.then(async () => {
      try {
        const { conflicts } = await client.ask(editGoods, { body: { edits: step.edits } });
        if (conflicts.length === 0) {
          store.setState((state) => ({ ...onDone(state), kept: true }));
          return true;
        }
        store.setState({ conflicts: { step, of: conflicts } });
      } catch (error) {
        store.setState({ fault: { words: (error as Error).message, step } });
      } finally {
        store.setState(({ under }) => ({ under: under - 1 }));
        goodsChanged(queries);
      }
      show(undoneEdits(step.edits));
      return false;
    });
    last = sent;
    return sent;
  };

  const write = (step: GoodsStep) =>
    send(step, ({ done }) => ({ done: [...done, step].slice(-MOST_STEPS), undone: [] }));
  return {
    ...store,
    write,
    async undo() {
      const step = store.getState().done.at(-1);
      if (!step) return false;
      return send({ ...step, edits: undoneEdits(step.edits) }, ({ done, undone }) => ({
        done: done.filter((one) => one !== step),
        undone: [...undone, step],
      }));
    },
    async redo() {
      const step = store.getState().undone.at(-1);
      if (!step) return false;
      return send(step, ({ done, undone }) => ({
        done: [...done, step],
        undone: undone.filter((one) => one !== step),
      }));
    },
    async writeOver() {
      const { conflicts } = store.getState();
      if (!conflicts) return false;
      const { step, of } = conflicts;
      const edits = step.edits.flatMap((edit) => {
        const at = of.find((one) => sameFact(one.edit, edit));
        if (at?.gone) return [];
        return [at ? { ...edit, was: at.now } : edit];
      });
      if (edits.length === 0) {
        store.setState({ conflicts: null });
        return false;
      }
      return write({ ...step, edits });
    },
    leave: () => store.setState({ conflicts: null, fault: null }),
  };
}

const sameFact = (a: GoodsEdit, b: GoodsEdit): boolean =>
  a.product === b.product && a.of === b.of && a.part === b.part && a.fact === b.fact;
