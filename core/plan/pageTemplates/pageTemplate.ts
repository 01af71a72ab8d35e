import type { Bands } from '../../bands/bands.ts';
import type { StoredBay } from '../../bays/index.ts';
import type { StoredShelf } from '../shelf.ts';

/** What a template makes a page of. */
export interface TemplateInput {
  /** Of the page; ids of its bays and shelves begin with it. */
  id: string;
  name: string;
  bands: Bands;
  /** The category that it is about, for a template that needs one. */
  category: number | null;
}

export interface PageContent {
  bays: StoredBay[];
  shelves: StoredShelf[];
}

/** What a page of the owner's own can start from. */
export interface PageTemplate {
  id: string;
  name: string;
  /** What is on it, as a part of a sentence: "a banner, and what is new". */
  about: string;
  /** A category has to be chosen for it. */
  needsCategory?: true;
  make(input: TemplateInput): PageContent;
}

/** Bays one below the other, each with the shelves that come with it. */
export const stacked = (
  ...parts: readonly { bay: StoredBay; shelves?: readonly StoredShelf[] }[]
): PageContent => ({
  bays: parts.map(({ bay }) => bay),
  shelves: parts.flatMap(({ shelves = [] }) => shelves),
});
