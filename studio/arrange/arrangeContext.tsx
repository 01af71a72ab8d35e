import { createContext, useContext } from 'react';
import type { Finding } from '../../core/checks/check.ts';
import type { Bay } from '../../core/plan/bays/index.ts';
import type { Page } from '../../core/plan/page.ts';
import type { Shelf } from '../../core/plan/shelf.ts';
import type { PageView } from '../../core/view/view.ts';

/** What is being arranged, shared by elevation, spec, wall and foot. */
export interface Arranging {
  page: Page;
  view: PageView;
  findings: readonly Finding[];
  /** The chosen bay; null for the page itself. */
  bay: Bay | null;
  shelf: Shelf | null;
  choose(bayId: string | null): void;
  /** The open line of the spec, and the setting to go to within it. */
  open: { line: string; setting: string | null } | null;
  openLine(line: string | null, setting?: string | null): void;
}

export const ArrangeContext = createContext<Arranging | null>(null);

export function useArranging(): Arranging {
  const arranging = useContext(ArrangeContext);
  if (!arranging) throw new Error('Arranging is used outside of its place.');
  return arranging;
}
