import type { HardCounts } from '../hardCases/hardCounts.ts';
import type { Item } from './item.ts';
import type { PictureShape } from './pictureShape.ts';

/** A way in which an item can be hard for a part of the card, or for the card as a whole. */
export interface HardCase<V> {
  id: string;
  name: string;
  /**
   * How hard an item is, the more the harder; null for one that is not hard in this way.
   * @param view what the part says of it; null where it says nothing
   */
  hardness(view: V | null, item: Item, shape: PictureShape): number | null;
  /** The hardest in a few words: "70 characters". */
  said(view: V | null, item: Item, hardness: number): string;
  /** Which of the counts says how many there are of the kind. */
  counted?: keyof HardCounts;
}
