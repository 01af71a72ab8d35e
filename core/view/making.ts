import type { Around, Changing } from '../assortment/kinds.ts';
import type { CardStore } from '../catalogue/cardStore.ts';
import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import type { Of } from '../assortment/of.ts';
import type { Room } from '../geometry/steps.ts';
import type { About } from '../pages/pageKind.ts';
import type { Bay } from '../bays/index.ts';
import type { LinkTarget } from '../plan/linkTo.ts';
import type { Plan } from '../plan/plan.ts';
import type { Style } from '../style/styleTree.ts';
import type { PageAddress, Parameter } from './address.ts';

export type { ItemsAnswer, ItemsRequest } from './view.ts';

export interface Said {
  name: string;
  /** Empty where nothing is said. */
  description: string;
  picture: PictureFacts | null;
}

/** What a bay's view is made from, besides the bay. */
export interface BayMaking {
  plan: Plan;
  /** What of the whole store reaches its cards, as of the instant that the page is made for. */
  store: CardStore;
  /** What is styled of all that stands on the page, in px. */
  pageStyle: Style;
  bay: Bay;
  room: Room;
  address: PageAddress;
  /** It stands in the header or the footer. */
  aroundPages: boolean;
  about: About;
  /** What the page itself says: its name, what it is about in a few sentences, and the picture of that. */
  said: Said;
  /** Only what is asked for first is wanted: nothing is made of the answers. */
  asksOnly: boolean;
  /** Room is to be kept for what a shopper's own script fills. */
  keepsRoom: boolean;
  /** The id that a bay of the page has in its markup, which it has once it is asked for; null where there is none. */
  anchorOf(bayId: string): string | null;
  pictures(id: string): PictureFacts | undefined;
  tree: CategoryTree;
  /** Where a link leads, and what that is called; null where that is gone. */
  linkTo(link: string): LinkTarget | null;
  /** Ids of what bays above show on their first page, by kind of item. */
  above: Map<Of, Set<number>>;
  /** A bay below leaves out what this one shows. */
  remembers: boolean;
  /** The listing that the page is about. */
  around: Around;
  /** Tells when the view may change by itself. */
  changes(how: Changing): void;
  /** Tells what the view is made from (reads.ts). */
  reads(names: Iterable<string>): void;
  /** Tells which tab of a bay is open, where that is not the first. */
  opens(bayId: string, tab: string): void;
  /** What stands before the names of parameters of a shelf's list (listingPrefix.ts). */
  prefixOf(shelfId: string): string;
  /** Whether words can be searched within a list that has this prefix. */
  searchesWithin(prefix: string): boolean;
  /** Tells what is chosen of a shelf's list, as parameters. */
  narrows(shelfId: string, parameters: readonly Parameter[]): void;
  /** Tells which item a shelf begins at, once it is known how many there are. */
  begins(shelfId: string, from: number): void;
}
