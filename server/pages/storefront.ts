import pLimit from 'p-limit';
import { storeDay } from '../../core/catalogue/storeTime.ts';
import type { CategoryTree } from '../../core/catalogue/categoryTree.ts';
import { bayKind } from '../../core/bays/index.ts';
import type { Page } from '../../core/plan/page.ts';
import { aboutId, pageFor, pagesFor } from '../../core/pages/index.ts';
import type { PageKind } from '../../core/pages/pageKind.ts';
import type { ListingIndex } from '../../core/listing/listingIndex.ts';
import type { House } from '../../core/plan/house.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { shelvesOf } from '../../core/plan/places.ts';
import { picturesNamed } from '../../core/plan/picturesNamed.ts';
import type { Shopper } from '../../core/shopper/shopper.ts';
import type { PageAddress } from '../../core/view/address.ts';
import { viewAwaiting } from '../../core/view/driveView.ts';
import { ALL, CATEGORIES, COLLECTIONS, ENTRIES, RULE, ruleRead } from '../../core/view/reads.ts';
import type { PageView } from '../../core/view/view.ts';
import { answerItems } from '../assortments/answer.ts';
import { readFacts, readOrderCount, worldOf, type Facts, type SeenBy } from '../assortments/facts.ts';
import { readRecord } from '../assortments/records.ts';
import type { Queryable } from '../db/pool.ts';
import { listingNames, type ListingNames } from '../listing/listingNames.ts';
import { listings, type Listings } from '../listing/listings.ts';
import { neighboursOf } from '../listing/neighbours.ts';
import { aboutReaders } from './about/index.ts';
import { searchLanguage } from '../../core/search/language.ts';
import { searches as makeSearches, type Searches } from '../search/searches.ts';
import { readPictures } from '../pictures/pictureRows.ts';

/** What was asked for: a kind of page, the slug of what it is about, and the parameters that it reads. */
export interface Wanted {
  kind: PageKind;
  slug: string;
  query: Readonly<Record<string, string | undefined>>;
  /** Of a shopper's own page: whose it is. */
  shopper?: Shopper;
}

/** First instant after `now` at which a product or an entry that is already there comes out; null for none. */
async function nextOut(db: Queryable, now: number): Promise<number | null> {
  const { rows } = await db.query<{ at: Date | null }>(
    `SELECT least((SELECT min(on_sale_from) FROM product WHERE on_sale_from > $1),
       (SELECT min(published_at) FROM journal_entry WHERE published_at > $1)) AS at`,
    [new Date(now)],
  );
  return rows[0]?.at?.getTime() ?? null;
}

const earliest = (...instants: (number | null)[]): number | null => {
  const known = instants.filter((instant) => instant !== null);
  return known.length ? Math.min(...known) : null;
};

/** Lists of one page that are read at the same time, so that it leaves connections for others. */
const READ_AT_ONCE = 3;

/** A bay that differs from shopper to shopper. */
export interface OwnBay {
  bay: string;
  /** Products this shopper has looked at. */
  lookedAt: readonly number[];
}

/** A page with no more than one of its bays needs: those above it only where it leaves out what they show. */
function onlyWith(page: Page, plan: Plan, bayId: string): Page {
  const at = page.bays.findIndex(({ id }) => id === bayId);
  const bay = page.bays[at];
  if (!bay) return { ...page, bays: [] };
  const leavesOut = shelvesOf(bay).some((id) => plan.shelves[id]?.notTwice);
  return { ...page, bays: [...(leavesOut ? page.bays.slice(0, at) : []), bay] };
}

/** What every answer needs to know of the catalogue is made from these. */
const FACTS_READ = new Set([
  ALL,
  CATEGORIES,
  COLLECTIONS,
  ENTRIES,
  RULE,
  ruleRead('ratingSum'),
  ruleRead('ratingCount'),
]);

export interface Storefront {
  facts(): Promise<Facts>;
  /** What listings read of all products. */
  listings: Listings;
  /** What shoppers search the store for. */
  searches: Searches;
  /** What listings are named by, in this house. */
  names(house: Pick<House, 'currency'>): Promise<ListingNames>;
  tree(): Promise<CategoryTree>;
  /** The tree as it was last read; null before the first time. */
  lastTree(): CategoryTree | null;
  /**
   * The view of a page; null where there is no such thing.
   * @param own what one shopper sees of one bay; without it, what everybody sees of the whole page
   */
  view(plan: Plan, wanted: Wanted, address: PageAddress, now: number, own?: OwnBay): Promise<PageView | null>;
  /**
   * Something to show a page of a kind with, as its public page would be asked for; null where there is none.
   * @param about id of the one thing that it is arranged for; null for any
   */
  example(kind: PageKind, now: number, about?: number | null): Promise<string | null>;
  /** The catalogue has changed: what was read of that is read again. */
  changed(names: readonly string[]): void;
}

/** What is kept for all, and has to follow the day and the plan. */
export interface Upkeep {
  /** Sums up the sales of spans of days as of this one. */
  rollWindows(today: number): void;
  /** Lets the search know the forms of words of a language. */
  searchIn(language: string): void;
}

/** Makes views of pages from a plan and the catalogue as it is now. */
export function storefront(db: Queryable, upkeep: Upkeep): Storefront {
  let known: Promise<Facts> | null = null;
  let last: CategoryTree | null = null;
  let named: { facts: Facts; index: ListingIndex; currency: string; names: ListingNames } | null = null;
  const facts = () => {
    known ??= readFacts(db);
    const asked = known;
    asked.then(
      ({ tree }) => (last = tree),
      () => known === asked && (known = null),
    );
    return asked;
  };
  const kept = listings(db);
  const searches = makeSearches(db);
  const names: Storefront['names'] = async (house) => {
    const last = named;
    const read = await Promise.all([facts(), kept.index()]).catch((error: unknown) => {
      // Pages that are at hand are found by the names of before while the database is away.
      if (last?.currency === house.currency) return null;
      throw error;
    });
    if (!read) return last!.names;
    const [at, index] = read;
    if (last?.facts === at && last.index === index && last.currency === house.currency) return last.names;
    const made = listingNames(at, index, house);
    named = { facts: at, index, currency: house.currency, names: made };
    return made;
  };
  return {
    facts,
    listings: kept,
    searches,
    names,
    tree: () => facts().then(({ tree }) => tree),
    lastTree: () => last,
    changed(changes) {
      kept.changed(changes);
      searches.changed(changes);
      if (changes.some((name) => FACTS_READ.has(name))) known = null;
    },
    async example(kind, now, about = null) {
      if (!kind.needs) return '';
      const reader = aboutReaders[kind.needs];
      const input = { db, facts: await facts(), searches, now, query: {}, shopper: null };
      return about === null ? reader.example(input) : ((await reader.slugOf?.(about, input)) ?? null);
    },
    async view(plan, wanted, address, now, own) {
      const { kind, slug, query, shopper = null } = wanted;
      if (pagesFor(plan, kind, slug).length === 0) return null;
      const at = await facts();
      const today = storeDay(now, plan.house.timeZone);
      if (at.soldWindowsAsOf !== today) upkeep.rollWindows(today);
      const language = searchLanguage(plan.house.locale);
      if (at.searchLanguage !== language) upkeep.searchIn(language);
      const about = kind.needs
        ? await aboutReaders[kind.needs].read(slug, {
            db,
            facts: at,
            searches,
            now,
            query,
            shopper,
            house: plan.house,
          })
        : {};
      if (!about) return null;
      const whole = pageFor(plan, kind, slug, aboutId(kind, about));
      if (!whole) return null;
      const page = own ? onlyWith(whole, plan, own.bay) : whole;
      const pictures = await readPictures(db, picturesNamed(page, plan));
      const { product } = about;
      const seenBy: SeenBy = {
        around: kind.around(about),
        lookedAt: own?.lookedAt ?? [],
        product: product ? await readRecord(db, product.id) : null,
      };
      const world = worldOf(at, plan.house, now, seenBy, product ? await readOrderCount(db) : 0);
      if (shopper?.sent?.bay !== undefined) about.sent = shopper.sent;
      if (product && page.bays.some((bay) => bayKind(bay.holds).showsNeighbours?.(bay as never)))
        about.neighbours = await neighboursOf(db, product, kept, world);
      const out = nextOut(db, now);
      // Where the view cannot be made, that is what is said.
      out.catch(() => undefined);
      const few = pLimit(READ_AT_ONCE);
      const view = await viewAwaiting(
        {
          plan,
          page,
          now,
          tree: at.tree,
          collections: at.collections,
          pictures: (id) => pictures.get(id),
          address,
          keepsRoom: !own,
          about,
        },
        (request) =>
          few(() => answerItems(db, request, at, world, { listings: kept, names: () => names(plan.house) })),
      );
      return { ...view, goodUntil: earliest(view.goodUntil, await out) };
    },
  };
}
