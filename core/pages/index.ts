import type { Page } from '../plan/page.ts';
import type { Plan } from '../plan/plan.ts';
import { accountPage } from './account.ts';
import { askPage } from './ask.ts';
import { basketPage } from './basket.ts';
import { categoryPage } from './category.ts';
import { checkoutPage } from './checkout.ts';
import { collectionPage } from './collection.ts';
import { entryPage } from './entry.ts';
import { footerEdge } from './footer.ts';
import { headerEdge } from './header.ts';
import { homePage } from './home.ts';
import { journalPage } from './journal.ts';
import { library } from './library.ts';
import { missingPage } from './missing.ts';
import { orderPage } from './order.ts';
import { ownPage } from './own.ts';
import type { About, PageKind } from './pageKind.ts';
import { productPage } from './product.ts';
import { quickPage } from './quick.ts';
import { savedPage } from './saved.ts';
import { searchPage } from './search.ts';
import { shopPage } from './shop.ts';

/** Everything a page can be; to add a kind, write its file and list it here. */
export const pageKinds: readonly PageKind[] = [
  homePage,
  shopPage,
  categoryPage,
  collectionPage,
  productPage,
  quickPage,
  searchPage,
  journalPage,
  entryPage,
  basketPage,
  checkoutPage,
  orderPage,
  askPage,
  savedPage,
  accountPage,
  ownPage,
  missingPage,
  headerEdge,
  footerEdge,
  library,
];

/** Those of them that have an address. */
export const publicKinds: readonly PageKind[] = pageKinds.filter(
  ({ edge, kept, nowhere }) => !edge && !kept && !nowhere,
);

/** Whether it is the header or the footer of every page, and no page by itself. */
export const isEdge = ({ kind }: { kind: string }): boolean => pageKind(kind).edge !== undefined;

/** Whether shoppers can go to it: it is not at the edge of every page, kept for others, or shown where there is none. */
export const isPublic = ({ kind }: { kind: string }): boolean => publicKinds.includes(pageKind(kind));

const byId = new Map(pageKinds.map((kind) => [kind.id, kind]));

export const isPageKind = (id: unknown): id is string => typeof id === 'string' && byId.has(id);

/** Throws RangeError where there is no such kind. */
export function pageKind(id: string): PageKind {
  const found = byId.get(id);
  if (!found) throw new RangeError(`There is no kind of page "${id}".`);
  return found;
}

/** Address of a page, for what it is about. */
export function pagePath({ address }: PageKind, slug: string): string {
  const steps = address.slugged ? [...address.steps, encodeURIComponent(slug)] : address.steps;
  return `/${steps.join('/')}`;
}

/** What the path of a public page asks for: a kind, and the slug of what it is about; null for no such address. */
export function wantedAt(path: string): { kind: PageKind; slug: string } | null {
  const steps = path.split('/').filter(Boolean).map(decoded);
  for (const kind of publicKinds) {
    const { steps: first, slugged } = kind.address;
    if (steps.length !== first.length + Number(slugged) || !first.every((step, i) => step === steps[i]))
      continue;
    return { kind, slug: slugged ? steps.at(-1)! : '' };
  }
  return null;
}

function decoded(step: string): string {
  try {
    return decodeURIComponent(step);
  } catch {
    return step;
  }
}

/** What stands above or below the bays of every page; undefined where a plan has none. */
export const edgeOf = (plan: Pick<Plan, 'pages'>, edge: PageKind['edge']): Page | undefined =>
  Object.values(plan.pages).find(({ kind }) => pageKind(kind).edge === edge);

/** Every page that can be at an address, whatever it is about there. */
export const pagesFor = (plan: Pick<Plan, 'pages'>, kind: PageKind, slug: string): Page[] =>
  Object.values(plan.pages).filter((page) => page.kind === kind.id && (!kind.many || page.slug === slug));

/**
 * The page that is arranged for an address: for the very thing that it is about, or for all of its kind.
 * @param about id of that thing; null for none
 */
export function pageFor(
  plan: Pick<Plan, 'pages'>,
  kind: PageKind,
  slug: string,
  about: number | null = null,
): Page | undefined {
  const pages = pagesFor(plan, kind, slug);
  return (
    pages.find((page) => page.about !== null && page.about === about) ??
    pages.find((page) => page.about === null)
  );
}

/** Id of the thing that a page is about, where one such thing can have an arrangement of its own. */
export function aboutId({ singly, needs }: PageKind, about: About): number | null {
  const thing = singly && needs ? about[needs] : null;
  return thing && 'id' in thing ? Number(thing.id) : null;
}
