import type { About } from '../../../core/pages/pageKind.ts';
import type { Shopper } from '../../../core/shopper/shopper.ts';
import type { House } from '../../../core/plan/house.ts';
import type { Facts } from '../../assortments/facts.ts';
import type { Queryable } from '../../db/pool.ts';
import type { Searches } from '../../search/searches.ts';

export interface AboutInput {
  db: Queryable;
  facts: Facts;
  searches: Searches;
  /** UTC ms. */
  now: number;
  query: Readonly<Record<string, string | undefined>>;
  /** Whose page it is; null where it is shown to everybody, or in the studio. */
  shopper: Shopper | null;
}

/** How what a page is about is read; null where there is no such thing. */
export interface AboutReader {
  read(slug: string, input: AboutInput & { house: House }): Promise<About | null>;
  /** Slug of one to show such a page with; null where there is none. */
  example(input: AboutInput): Promise<string | null>;
  /** The slug of the thing with an id, if there is one; absent where none can be arranged by itself. */
  slugOf?(id: number, input: AboutInput): Promise<string | null>;
  /** Slugs of all that have such a page, for search engines; absent where those are nobody's to find. */
  slugs?(input: AboutInput): Promise<string[]>;
}
