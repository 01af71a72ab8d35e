import type { PageView } from '../../core/view/view.ts';
import type { SetUpIs } from './useSetUp.ts';

/** What the body of a step is given. */
export interface StepProps {
  is: SetUpIs;
  /** The home page as it is now. */
  view: PageView;
  /** The step after it; absent for the last. */
  next?: { name: string; go(): void };
}
