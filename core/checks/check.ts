import type { CellsOf } from '../picture/cells.ts';
import type { Command } from '../plan/commands.ts';
import type { DocumentKey } from '../plan/documents.ts';
import type { Plan } from '../plan/plan.ts';
import type { Names } from '../sentence/sentence.ts';
import type { LineId } from '../settings/setting.ts';
import type { BayView, PageView, ShelfView } from '../view/view.ts';
import { shelvesOn } from '../view/shelvesIn.ts';

export type Severity = 'wrong' | 'weak' | 'hint';
export const SEVERITIES: readonly Severity[] = ['wrong', 'weak', 'hint'];

/** An honest change of the draft that mends what was found. */
export interface Fix {
  /** What the button says. */
  words: string;
  command: Command;
}

/** What a finding is about: the store as a whole, the house, a page, a bay, or one shelf of a bay. */
export type Place =
  | { on: 'store' | 'house' }
  | { on: 'page'; page: string }
  | { on: 'bay'; page: string; bay: string }
  | { on: 'shelf'; page: string; bay: string; shelf: string };

export interface Found {
  at: Place;
  text: string;
  /** Id of the element that it is about, where it is reckoned from how that one is drawn. */
  element?: string;
  fix: Fix | null;
  /** Line of the spec where a person mends it; null where it is not mended there. */
  goTo: LineId | null;
}

/** The same where it is clear on which shelf. */
export type FoundOnShelf = Omit<Found, 'at'>;

export interface Finding extends Found {
  check: string;
  severity: Severity;
}

interface CheckBase {
  id: string;
  title: string;
  severity: Severity;
}

/** Reads a page's view; the plan for its fix and for what was meant, and what its pictures look like. */
export interface PageCheck extends CheckBase {
  reads: 'page';
  find(view: PageView, plan: Plan, names: Names, cells: CellsOf): Found[];
}

/**
 * Documents that are kept but cannot be read. They are missing from the plan without being gone, so that nothing that
 * names them is taken away.
 */
export type Unread = ReadonlySet<DocumentKey>;

/** Reads the plan alone: what is about the store, the house, or is wrong wherever it is looked at. */
export interface PlanCheck extends CheckBase {
  reads: 'plan';
  find(plan: Plan, names: Names, unread: Unread): Found[];
}

export type Check = PageCheck | PlanCheck;

/** What is found of each shelf of a page that is drawn, or of all; nothing of one whose items are still to come. */
export const ofShelves = (
  view: PageView,
  find: (shelf: ShelfView, bay: BayView, at: Place) => FoundOnShelf | null,
): Found[] =>
  shelvesOn(view).flatMap(({ bay, shelf }) => {
    const at: Place = { on: 'shelf', page: view.pageId, bay: bay.id, shelf: shelf.id };
    const found = shelf.coming ? null : find(shelf, bay, at);
    return found ? [{ at, ...found }] : [];
  });
