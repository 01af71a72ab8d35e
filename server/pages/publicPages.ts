import { createHash } from 'node:crypto';
import pLimit from 'p-limit';
import { dependsOf } from '../../core/assortment/depends.ts';
import { partKind } from '../../core/card/parts/index.ts';
import { bayKind, type Bay } from '../../core/bays/index.ts';
import { missingPage } from '../../core/pages/missing.ts';
import { pagesFor, pagePath } from '../../core/pages/index.ts';
import type { PageKind } from '../../core/pages/pageKind.ts';
import { categoryTree } from '../../core/catalogue/categoryTree.ts';
import { emptyPlan } from '../../core/plan/documents.ts';
import { shelvesOf } from '../../core/plan/places.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { completePlan } from '../../core/plan/storedPlan.ts';
import { readFrom } from '../../core/paging/pages.ts';
import type { Shopper } from '../../core/shopper/shopper.ts';
import { allBays } from '../../core/view/allBays.ts';
import { fromParameter, inOrder, showsParameter, type PageAddress } from '../../core/view/address.ts';
import { shelvesOn } from '../../core/view/shelvesIn.ts';
import { asksToRemember } from '../../core/view/asksToRemember.ts';
import type { PageView } from '../../core/view/view.ts';
import { assortmentsIn } from '../assortments/names.ts';
import { asFault, Fault } from '../faults.ts';
import { originOf } from './originOf.ts';
import type { Release } from '../publish/releaseRows.ts';
import type { Parts } from '../parts.ts';
import { htmlPage } from './document.tsx';
import type { Enhance } from './enhance.ts';
import type { Made } from './pageCache.ts';
import { PLAIN_READS, plainPage } from './plainPage.tsx';
import { movedTo } from './formerAddress.ts';
import { listingsAsked, type ReadListings } from './listingsAsked.ts';
import { sentOn, sentPage, type SentPage } from './sentPage.ts';
import type { Wanted } from './storefront.ts';

export type Query = Readonly<Record<string, string | string[] | undefined>>;

/** A page as its address asks for it. */
export interface Asked extends Omit<Wanted, 'query'> {
  query: Query;
}

/** Pages that are made at the same time, and that wait for it; more are sent away for a moment. */
const AT_ONCE = 4;
const MOST_WAITING = 40;

/** A shopper's own page is kept by nobody, and found by no search. */
const OWN = { 'cache-control': 'private, no-store', 'x-robots-tag': 'noindex' };

/** What a page says of a fault that has words of its own in the store's texts, by its status. */
const saysOf: Readonly<Record<number, 'away' | 'notOpen'>> = { 404: 'notOpen', 503: 'away' };

/** Where a page is seen that has no address of its own. */
const NO_ADDRESS: PageAddress = { path: '/', from: {}, open: {} };

/** Longest slug that anything has. */
const LONGEST_SLUG = 200;

/** What of an address is read, in one order: equal pages have equal keys. */
const keyOf = (path: string, parameters: PageView['parameters']): string =>
  JSON.stringify([path, ...parameters]);

/** Whether any selection of a plan is made from what a shopper has looked at. */
const remembers = (plan: Plan): boolean => dependsOf(assortmentsIn(plan)).reads.has('lookedAt');

/** Whether anything of a page moves, or grows where it stands. */
const hasLife = (view: PageView): boolean =>
  allBays(view).some(({ content, empty }) => !empty && bayKind(content.holds).scripted?.(content)) ||
  shelvesOn(view).some(
    ({ shelf: { steps, paging, pagers, cards, tools } }) =>
      tools !== null ||
      steps.some((step) => step.moves) ||
      (paging.by !== 'numbered' && pagers.length > 0) ||
      cards.some(({ parts }) => parts.some((view) => partKind(view.part)?.scripted?.(view))),
  );

/** Bays of all pages that can be at an address; which one is there is known once what it is about is read. */
const baysFor = (plan: Plan, kind: PageKind, slug: string): Bay[] =>
  pagesFor(plan, kind, slug).flatMap(({ bays }) => bays);

/** The bays of a page of which an address can say what is shown, with all that there is. */
const showableOn = (plan: Plan, kind: PageKind, slug: string): { bay: string; all: readonly string[] }[] =>
  baysFor(plan, kind, slug).flatMap((bay) => {
    const all = bayKind(bay.holds).showable?.(bay as never);
    return all ? [{ bay: bay.id, all }] : [];
  });

/** All public pages of a process: those at hand, and how one is made. */
export interface PublicPages {
  /** The page at an address as it was written; at once where it is at hand. */
  at(written: string, asked: () => Asked): SentPage | Promise<SentPage>;
  /** A shopper's own page, made for that shopper alone and kept by nobody. */
  own(asked: Asked, shopper: Shopper, status?: number): Promise<SentPage>;
  /** For addresses that lead nowhere. */
  nowhere(): Promise<SentPage>;
  /** For what cannot be answered now, or not before anything is published. */
  refusal(fault: Fault): SentPage;
}

export function publicPages(parts: Parts, enhance: Enhance | null): PublicPages {
  const { readDb, pages, live, storefront, headers } = parts;
  const limit = pLimit(AT_ONCE);

  /** The parameters that a page reads, as they were given, and the first item of each of its shelves. */
  const readParameters = (
    { kind, slug, query }: Asked,
    plan: Plan,
    readListings: ReadListings,
  ): PageView['parameters'] => {
    const single = Object.keys(kind.reads).flatMap((name): PageView['parameters'] => {
      const value = query[name];
      return typeof value === 'string' && value ? [[name, value]] : [];
    });
    const shelves = baysFor(plan, kind, slug).flatMap((bay) => shelvesOf(bay));
    const begins = [...new Set(shelves)].flatMap((id): PageView['parameters'] => {
      const first = readFrom(query[fromParameter(id)]);
      return first > 0 ? [[fromParameter(id), String(first)]] : [];
    });
    const opened = showableOn(plan, kind, slug).flatMap(({ bay, all }): PageView['parameters'] => {
      const name = showsParameter(bay);
      const tab = query[name];
      return typeof tab === 'string' && all.includes(tab) ? [[name, tab]] : [];
    });
    const listings = readListings((name) => [query[name] ?? []].flat());
    const chosen = Object.values(listings).flatMap((one) => one.parameters);
    return inOrder([...single, ...begins, ...opened, ...chosen]);
  };

  /** Where a page is seen: what is chosen of its lists, where each shelf begins, and which tabs are open. */
  const addressOf = (
    { kind, slug }: Asked,
    plan: Plan,
    readListings: ReadListings,
    parameters: PageView['parameters'],
  ): PageAddress => {
    const given = new Map(parameters);
    const from = Object.keys(plan.shelves).flatMap((id) => {
      const first = given.get(fromParameter(id));
      return first === undefined ? [] : [[id, Number(first)] as const];
    });
    const open = showableOn(plan, kind, slug).flatMap(({ bay }) => {
      const tab = given.get(showsParameter(bay));
      return tab === undefined ? [] : [[bay, tab] as const];
    });
    return {
      path: pagePath(kind, slug),
      from: Object.fromEntries(from),
      open: Object.fromEntries(open),
      asked: parameters.filter(([name]) => Object.hasOwn(kind.reads, name)),
      listings: readListings((name) => parameters.flatMap(([one, value]) => (one === name ? [value] : []))),
    };
  };

  /** @param origin of the store; null where the page has no address of its own */
  const drawn = (view: PageView, release: Release, origin: string | null = originOf(release, parts)) => {
    // Only where there is something to remember, to fill, to move, to let grow, to keep or to put into a basket.
    const own = remembers(release.plan) && asksToRemember(view);
    const script =
      enhance && (own || view.sells || view.saves || hasLife(view))
        ? { href: enhance.href, remembers: own }
        : null;
    return htmlPage(view, origin, script);
  };

  const draw = (view: PageView, release: Release): SentPage =>
    sentPage({ ...drawn(view, release), reads: view.reads, goodUntil: view.goodUntil }, headers);

  const make = async (
    asked: Asked,
    readListings: ReadListings,
    parameters: PageView['parameters'],
    key: string,
    release: Release,
    now: number,
  ): Promise<Made> => {
    const { kind, slug } = asked;
    const query = Object.fromEntries(parameters);
    const address = addressOf(asked, release.plan, readListings, parameters);
    const { path } = address;
    const view = await storefront.view(release.plan, { kind, slug, query }, address, now);
    if (!view) return null;
    if (keyOf(path, view.parameters) !== keyOf(path, parameters)) return { parameters: view.parameters };
    const { goodUntil, reads, ...shown } = view;
    const before = pages.last(key);
    // Most pages are made once; what one was drawn from is told apart once it is made again.
    if (!before) return draw(view, release);
    const drawnFrom = createHash('sha1').update(JSON.stringify(shown)).digest('base64');
    return before.drawnFrom === drawnFrom
      ? { ...before, goodUntil: goodUntil ?? Infinity, reads: new Set(reads) }
      : { ...draw(view, release), drawnFrom };
  };

  const liveNow = async (): Promise<Release> => {
    const release = await live
      .get()
      .catch((error: unknown) => live.latest() ?? Promise.reject(asFault(error)));
    if (!release) throw new Fault('not-found', { message: 'Nothing has been published yet.' });
    return release;
  };

  const nowhereOf = async (release: Release): Promise<SentPage> => {
    const key = `${release.number} nowhere`;
    const page =
      pages.peek(key, parts.clock()) ??
      (await pages.make(key, async () => {
        const asked = { kind: missingPage, slug: '', query: {} };
        const view = await storefront.view(release.plan, asked, NO_ADDRESS, parts.clock());
        // A plan from before there was such a page has none.
        const made = view
          ? { ...drawn(view, release, null), reads: view.reads, goodUntil: view.goodUntil }
          : { ...plainPage(release.plan, await storefront.tree(), 'nowhere'), reads: PLAIN_READS };
        return sentPage({ ...made, status: 404 }, headers);
      }));
    return page as SentPage;
  };

  const lists = ({ kind, slug }: Asked, { plan }: Release): Promise<ReadListings> =>
    listingsAsked(plan, kind, slug, () => storefront.names(plan.house));

  /** What is at an address where there is no page: the way to where it was moved, if it was. */
  const elsewhere = async ({ kind, slug }: Asked, release: Release): Promise<SentPage> => {
    const path = await movedTo(readDb, kind, slug, release.plan).catch(() => null);
    return path === null ? nowhereOf(release) : sentOn(path, headers);
  };

  const find = async (written: string, asked: Asked, anew = false): Promise<SentPage> => {
    const release = await liveNow();
    const { kind, slug } = asked;
    if (slug.length > LONGEST_SLUG || slug.includes('\0')) return nowhereOf(release);
    if (pagesFor(release.plan, kind, slug).length === 0) return elsewhere(asked, release);
    const path = pagePath(kind, slug);
    const now = parts.clock();
    const readListings = await lists(asked, release);
    let parameters = readParameters(asked, release.plan, readListings);
    // Parameters that come to others are known after the first making; those come to themselves.
    for (let tries = 0; tries < 3; tries += 1) {
      const own = keyOf(path, parameters);
      const key = `${release.number} ${own}`;
      const given = parameters;
      const found =
        (anew ? undefined : pages.peek(key, now)) ??
        (await pages
          .make(
            key,
            async () => {
              if (limit.pendingCount > MOST_WAITING) throw new Fault('too-busy');
              return limit(() => make(asked, readListings, given, key, release, now));
            },
            !kind.endless,
          )
          .catch((error: unknown) => {
            // Better what was shown last than nothing, while there is no way to make it.
            const last = asFault(error).statusCode === 503 ? pages.last(key) : undefined;
            if (last) return last;
            throw error;
          }));
      if (!found) return elsewhere(asked, release);
      if ('plain' in found) {
        if (tries === 0 && !kind.endless) pages.remember(written, own);
        return found;
      }
      ({ parameters } = found);
    }
    throw new Fault('too-busy');
  };

  return {
    at(written, asked) {
      const number = live.number();
      const known = number === null ? undefined : pages.keyOf(written);
      const key = `${number} ${known}`;
      const kept = known && pages.peek(key, parts.clock());
      if (!kept) return find(written, asked());
      // Whoever asks next has it; this one is not kept waiting, and no fault of it is theirs.
      if (pages.isDue(key)) find(written, asked(), true).catch(() => undefined);
      return kept;
    },
    async own(asked, shopper, status = 200) {
      const { kind, slug } = asked;
      const release = await liveNow();
      if (slug.length > LONGEST_SLUG || slug.includes('\0')) return nowhereOf(release);
      if (limit.pendingCount > MOST_WAITING) throw new Fault('too-busy');
      const readListings = await lists(asked, release);
      const parameters = readParameters(asked, release.plan, readListings);
      const view = await limit(() =>
        storefront.view(
          release.plan,
          { kind, slug, query: Object.fromEntries(parameters), shopper },
          addressOf(asked, release.plan, readListings, parameters),
          parts.clock(),
        ),
      );
      return view ? sentPage({ ...drawn(view, release), status, headers: OWN }, headers) : nowhereOf(release);
    },
    nowhere: async () => nowhereOf(await liveNow()),
    refusal({ statusCode, message }) {
      const says = saysOf[statusCode] ?? (statusCode < 500 ? 'refused' : 'wrong');
      const plan = live.latest()?.plan ?? completePlan(emptyPlan);
      const { html, policy } = plainPage(
        plan,
        storefront.lastTree() ?? categoryTree([]),
        says,
        says === 'refused' ? message : undefined,
      );
      return sentPage(
        {
          html,
          policy,
          status: statusCode,
          headers: { 'cache-control': 'no-store', ...(statusCode === 503 && { 'retry-after': '2' }) },
        },
        headers,
      );
    },
  };
}
