/** A product beside another in its main category. */
export interface Neighbour {
  id: number;
  title: string;
  slug: string;
}

/** What stands before and after a product in its main category, in the owner's order. */
export interface Neighbours {
  category: { name: string; slug: string };
  /** Counted from 1, of so many. */
  place: number;
  of: number;
  previous: Neighbour | null;
  next: Neighbour | null;
}
