import type { QueryClient } from '@tanstack/react-query';
import type { ItemsAnswer, ItemsRequest } from '../../core/view/view.ts';
import { createStore, type StoreApi } from 'zustand/vanilla';
import { readItems, type SeenBy } from '../../core/api/assortments.ts';
import { filterId } from '../../core/listing/filters/index.ts';
import { COMING } from '../../core/view/coming.ts';
import type { Client } from './client.ts';

/** Items are asked for in lots, so that most changes of a number need no further question. */
const LOT = 48;
const FRESH_MS = 60_000;

export interface ItemsState {
  /**
   * Answers for the views of frames: at once from what is known, else the last answer until the new one is
   * there. A new function with every answer that comes, so that views are made anew.
   * @param seenBy who is played, and what the page is about
   */
  answer(request: ItemsRequest, seenBy: SeenBy): ItemsAnswer;
  /** Shelves whose answer is still under way. */
  waiting: ReadonlySet<string>;
  /** What went wrong last, by shelf. */
  failed: ReadonlyMap<string, string>;
}

export interface Items extends StoreApi<ItemsState> {
  /** Asks again for what failed. */
  retry(): void;
}

export const nobody: SeenBy = { category: null, collection: null, product: null, lookedAt: [] };

export function makeItems(client: Client, queries: QueryClient): Items {
  const store = createStore<ItemsState>(() => ({
    answer: (request, seenBy) => answer(request, seenBy),
    waiting: new Set(),
    failed: new Map(),
  }));
  const nextTurn = (): Pick<ItemsState, 'answer'> => ({
    answer: (request, seenBy) => answer(request, seenBy),
  });
  const latest = new Map<string, { key: string; answer: ItemsAnswer }>();
  const wanted = new Map<string, string>();

  const settle = (shelfId: string, key: string, failed: string | null) => {
    if (wanted.get(shelfId) !== key) return;
    wanted.delete(shelfId);
    const fails = new Map(store.getState().failed);
    if (failed === null) fails.delete(shelfId);
    else fails.set(shelfId, failed);
    store.setState({ ...nextTurn(), waiting: new Set(wanted.keys()), failed: fails });
  };

  const answer: ItemsState['answer'] = (request, seenBy) => {
    const { shelfId, assortment, fallbacks, without, start, count, needs, listing } = request;
    const filters = listing?.filters.map(filterId);
    const lots = Math.max(1, Math.ceil((start + count) / LOT)) * LOT;
    const body = { assortment, fallbacks, without, seenBy, start: 0, count: lots, needs, filters };
    const key = JSON.stringify(body);
    const queryKey = ['items', key];
    const known = queries.getQueryState<ItemsAnswer>(queryKey);
    if (known?.data && !known.isInvalidated) {
      latest.set(shelfId, { key, answer: known.data });
      return known.data;
    }
    // Only the newest question of a shelf counts; an older answer that comes later is not shown.
    if (wanted.get(shelfId) !== key && !store.getState().failed.has(`${shelfId} ${key}`)) {
      wanted.set(shelfId, key);
      queueMicrotask(() => store.setState({ waiting: new Set(wanted.keys()) }));
      queries
        .fetchQuery({
          queryKey,
          queryFn: () => client.ask(readItems, { body }),
          staleTime: FRESH_MS,
          retry: false,
        })
        .then(
          () => settle(shelfId, key, null),
          (error: Error) => {
            store.setState(({ failed }) => ({
              failed: new Map(failed).set(`${shelfId} ${key}`, error.message),
            }));
            settle(shelfId, key, error.message);
          },
        );
    }
    return known?.data ?? latest.get(shelfId)?.answer ?? COMING;
  };

  return {
    ...store,
    retry() {
      store.setState({ ...nextTurn(), failed: new Map() });
    },
  };
}
