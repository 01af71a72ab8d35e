import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import { namesFrom, type Vocabulary } from '../core/catalogue/vocabulary.ts';
import type { CategoryTree } from '../core/catalogue/categoryTree.ts';
import { bayNames } from '../core/plan/places.ts';
import type { Names } from '../core/sentence/sentence.ts';
import type { NamedProduct } from '../core/api/catalogue.ts';
import type { Account } from '../core/api/session.ts';
import type { Client } from './api/client.ts';
import type { FactWriter } from './api/factWriter.ts';
import type { GoodsEdit } from '../core/goods/goodsEdit.ts';
import type { GroupingEdit } from '../core/groupings/groupingEdit.ts';
import type { EntryEdit } from '../core/journal/entryEdit.ts';
import type { Items } from './api/items.ts';
import type { Uploads } from './api/uploads.ts';
import type { ShopperStore } from './seenBy/shopper.ts';
import type { Draft, DraftState } from './draft/draftStore.ts';
import type { Keep } from './draft/kept/keep.ts';

/** What every place of the studio works with; made once, when somebody has signed in. */
export interface Studio {
  account: Account;
  client: Client;
  draft: Draft;
  items: Items;
  /** Facts of products on their way to the store. */
  goods: FactWriter<GoodsEdit>;
  /** Facts of categories, collections, brands and fields on their way to the store. */
  groupings: FactWriter<GroupingEdit>;
  /** Facts of journal entries on their way to the store, and what is being written in them. */
  entries: FactWriter<EntryEdit>;
  entryDrafts: FactWriter<EntryEdit>;
  /** Pictures on their way to the store. */
  uploads: Uploads;
  tree: CategoryTree;
  /** What rules can be made of. */
  vocabulary: Vocabulary;
  /** The shopper who is played. */
  shopper: ShopperStore;
  /** Titles of products that rules name, filled as they are met. */
  titles: ReadonlyMap<number, string>;
  learnTitles(products: readonly NamedProduct[]): void;
  saveNow(): Promise<void>;
  /** What this browser keeps of work that is not saved. */
  keep: Keep;
  /** Keeps what is not saved at once. */
  keepNow(): Promise<void>;
  signOut(): void;
}

export const StudioContext = createContext<Studio | null>(null);

export function useStudio(): Studio {
  const studio = useContext(StudioContext);
  if (!studio) throw new Error('The studio is used outside of its context.');
  return studio;
}

/** A part of the draft, kept up to date. */
export function useDraft<T>(select: (state: DraftState) => T): T {
  return useStore(useStudio().draft, select);
}

export function useNames(): Names {
  const { tree, titles, vocabulary } = useStudio();
  const plan = useDraft((state) => state.plan);
  const { assortments, shelves, house } = plan;
  return namesFrom(house, tree, vocabulary, (id) => titles.get(id), {
    shelf: (id) => shelves[id]?.name,
    assortment: (id) => assortments[id]?.name,
    bay: bayNames(plan),
    page: (id) => plan.pages[id]?.name,
  });
}
