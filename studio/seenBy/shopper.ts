import { createStore, type StoreApi } from 'zustand/vanilla';

/** The shopper who is played, and the places that stand for each kind of page. */
export interface Shopper {
  /** A returning shopper has looked at these, the most recent first; a new one at none. */
  returning: boolean;
  lookedAt: readonly number[];
  /** Ids of what pages of their kind are shown with; null for one chosen by the store. */
  category: number | null;
  collection: number | null;
  product: number | null;
  /** What the page of searches is shown with; empty for what the store has most of. */
  search: string;
}

export type ShopperStore = StoreApi<Shopper> & { change(change: Partial<Shopper>): void };

const KEEP = 'wide-shelf-seen-by';
const MOST_LOOKED_AT = 30;
export const LONGEST_SEARCH = 120;

export const newShopper: Shopper = {
  returning: false,
  lookedAt: [],
  category: null,
  collection: null,
  product: null,
  search: '',
};

const isIds = (value: unknown): value is number[] =>
  Array.isArray(value) && value.every((one) => Number.isInteger(one) && one > 0);

function kept(): Shopper {
  try {
    const read = JSON.parse(localStorage.getItem(KEEP) ?? '{}') as Partial<Shopper>;
    const id = (one: unknown) => (Number.isInteger(one) ? (one as number) : null);
    return {
      returning: read.returning === true,
      lookedAt: isIds(read.lookedAt) ? read.lookedAt.slice(0, MOST_LOOKED_AT) : [],
      category: id(read.category),
      collection: id(read.collection),
      product: id(read.product),
      search: typeof read.search === 'string' ? read.search.slice(0, LONGEST_SEARCH) : '',
    };
  } catch {
    return newShopper;
  }
}

/** Kept in this browser: it changes only what the frames show, never the draft. */
export function makeShopper(): ShopperStore {
  const store = createStore<Shopper>(kept);
  return {
    ...store,
    change(change) {
      store.setState(change);
      try {
        localStorage.setItem(KEEP, JSON.stringify(store.getState()));
      } catch {
        // A browser that keeps nothing begins with a new shopper next time.
      }
    },
  };
}

/** What the shopper has looked at, as the rules see it. */
export const lookedAtBy = ({ returning, lookedAt }: Shopper): readonly number[] =>
  returning ? lookedAt : [];
