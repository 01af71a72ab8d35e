import type { House } from './house.ts';
import type { Page } from './page.ts';
import type { SavedAssortment } from './savedAssortment.ts';
import type { Shelf } from './shelf.ts';

/** The whole arrangement of a store, complete: what is drawn, said and checked. */
export interface Plan {
  house: House;
  pages: Record<string, Page>;
  shelves: Record<string, Shelf>;
  assortments: Record<string, SavedAssortment>;
}
