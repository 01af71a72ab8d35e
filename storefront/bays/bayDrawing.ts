import type { ContentView } from '../../core/bays/index.ts';
import type { BayView } from '../../core/view/view.ts';

/** What the drawing of a bay is given. */
export interface BayDrawingProps<H extends ContentView['holds']> {
  bay: BayView;
  content: Extract<ContentView, { holds: H }>;
  /** First of the page to carry pictures. */
  eager: boolean;
}
