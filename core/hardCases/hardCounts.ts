/** How many items an assortment has, and of some kinds on which cards are likely to fail. */
export interface HardCounts {
  total: number;
  withoutPicture: number;
  soldOut: number;
  notRated: number;
  reduced: number;
}
