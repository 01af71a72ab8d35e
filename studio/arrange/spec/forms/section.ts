import type { ReactNode } from 'react';
import type { Target } from '../../../../core/plan/commands.ts';
import type { Shelf } from '../../../../core/plan/shelf.ts';
import type { ShelfView } from '../../../../core/view/view.ts';

export interface SectionProps {
  shelf: Shelf;
  on: Target;
  /** As it is drawn; null where it is not. */
  view: ShelfView | null;
  /** Bands at which a form goes by what the section sets. */
  at: readonly string[];
}

/** Controls that some forms go by, shown where a shelf has one of those. */
export interface Section {
  /** The setting, or the group of settings, by which the forms are known that go by it. */
  of: string;
  Controls(props: SectionProps): ReactNode;
}
