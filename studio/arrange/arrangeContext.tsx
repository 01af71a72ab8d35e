import { createContext, useContext, type Context } from 'react';
import type { Finding } from '../../core/checks/check.ts';
import type { Bay } from '../../core/bays/index.ts';
import type { Page } from '../../core/plan/page.ts';
import type { Plan } from '../../core/plan/plan.ts';
import type { Shelf } from '../../core/plan/shelf.ts';
import type { PageView } from '../../core/view/view.ts';
import { useDraft } from '../studioContext.tsx';

/** What is being arranged, shared by elevation, spec, wall and foot. */
export interface Arranging {
  page: Page;
  /** The page that is seen around it where it is the header or the footer; else the page itself. */
  seen: Page;
  /** The chosen bay; null for the page itself. */
  bay: Bay | null;
  /** The shelf of it that the spec is about; null where it holds none. */
  shelfId: string | null;
  choose(bayId: string | null, shelfId?: string): void;
  /** Arranges the header, the footer, or the page again; on it a bay, or what is set of it itself. */
  goTo(pageId: string, bayId?: string): void;
  /** The open line of the spec, and the setting to go to within it. */
  open: { line: string; setting: string | null } | null;
  openLine(line: string | null, setting?: string | null): void;
  /** Where a bay is to be put while the library is open: its place among the bays of the page. */
  adding: number | null;
  add(at: number | null): void;
  /** Another way that is being tried beside the chosen shelf; null while there is none. */
  trial: Trial | null;
}

export interface Trial {
  /** The shelf as it is, and its working copy. */
  shelfId: string;
  otherId: string;
  /** Which of the two the spec changes. */
  edits: Way;
  edit(way: Way): void;
}

export type Way = 'asItIs' | 'other';

/** The page as it is and with the other way, while one is tried. */
export const WaysContext = createContext<Readonly<Record<Way, PageView>> | null>(null);

/** The view of the page, or of the header or the footer alone. Apart from the rest, since it is new with every change. */
export const ViewContext = createContext<PageView | null>(null);

/** The view of the page that is seen, with header and footer. */
export const SeenContext = createContext<PageView | null>(null);

/** What the checks found on the page, and the plan they looked at; it follows a moment after the view. */
export interface Findings {
  found: readonly Finding[];
  /** What some shelf shows is not known yet, so that nothing is found of it. */
  coming: boolean;
  plan: Plan;
}

export const FindingsContext = createContext<Findings | null>(null);

export function useFindings(): Findings {
  const findings = useContext(FindingsContext);
  if (!findings) throw new Error('Findings are used outside of their place.');
  return findings;
}

export const ArrangeContext = createContext<Arranging | null>(null);

export function useArranging(): Arranging {
  const arranging = useContext(ArrangeContext);
  if (!arranging) throw new Error('Arranging is used outside of its place.');
  return arranging;
}

function useViewOf(context: Context<PageView | null>): PageView {
  const view = useContext(context);
  if (!view) throw new Error('A view is used outside of its place.');
  return view;
}

export const useView = (): PageView => useViewOf(ViewContext);
export const useSeen = (): PageView => useViewOf(SeenContext);

/** The shelf that the spec is about, or the other way of it that is tried; null where there is none. */
export function useShelf(): Shelf | null {
  const { shelfId, trial } = useArranging();
  return useDraft(({ plan }) => {
    if (shelfId === null) return null;
    return plan.shelves[trial?.edits === 'other' ? trial.otherId : shelfId] ?? null;
  });
}
