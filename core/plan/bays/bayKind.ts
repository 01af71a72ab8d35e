import type { Schema } from '../../schema/schema.ts';
import type { BayBase, BayLook, Heading } from '../bay.ts';

/** One kind of bay; the view, the drawing and the controls know it under the same id. */
export interface BayKind<B extends BayBase & { holds: string }> {
  id: B['holds'];
  name: string;
  schema: Schema<B>;
  /** Kinds of page it may be added to; empty when it belongs to a page from the start. */
  addedTo: readonly string[];
  /** A new one, filled so that it can be judged at once. */
  atFirst(id: string, firstBandId: string): B;
}

export const noHeading: Heading = { words: '', level: 2, align: 'start' };

export function plainLook(firstBandId: string, spacePx = 0): BayLook {
  return {
    width: 'content',
    ownPx: 760,
    margin: null,
    ground: null,
    above: { [firstBandId]: spacePx },
    below: { [firstBandId]: spacePx },
  };
}
