import type { Shelf } from '../../../core/plan/shelf.ts';
import type { Subject, Target } from '../../../core/plan/target.ts';

/** What the spec is about: the bay, and the shelf that is chosen of it. */
export interface About {
  on: Target;
  subject: Subject;
  /** The same, complete. */
  document: object;
  shelf: Shelf | null;
}
