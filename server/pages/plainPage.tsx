import type { CategoryTree } from '../../core/catalogue/categoryTree.ts';
import { emptyPlan } from '../../core/plan/documents.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { completePlan } from '../../core/plan/storedPlan.ts';
import { CATEGORIES, RELEASE } from '../../core/view/reads.ts';
import { viewWith } from '../../core/view/pageView.ts';
import { htmlPage, type HtmlPage } from './document.tsx';

interface Said {
  title: string;
  words: string;
  button: string;
  link: string;
}

export const NOWHERE: Said = {
  title: 'There is nothing at this address',
  words: 'It may have moved or sold out.',
  button: 'Browse the shop',
  link: '/shop',
};
export const AWAY: Said = {
  title: 'This page cannot be shown just now',
  words: 'It will be back in a moment. Nothing is lost.',
  button: 'To the first page',
  link: '/',
};
export const WRONG: Said = {
  title: 'Something went wrong on our side',
  words: 'It has been noted. Please try again.',
  button: 'To the first page',
  link: '/',
};

export const NOT_OPEN: Said = {
  title: 'This store is not open yet',
  words: 'Please come back soon.',
  button: '',
  link: '',
};

/** What a page that only says something is made from. */
export const PLAIN_READS = [RELEASE, CATEGORIES];

/** A page that only says something, in the store's own dress. */
export function plainPage(plan: Plan, tree: CategoryTree, said: Said): HtmlPage {
  const { title, ...rest } = said;
  const page = completePlan({
    ...emptyPlan,
    pages: {
      said: {
        id: 'said',
        kind: 'shop',
        name: title,
        bays: [{ id: 'said', holds: 'banner', title, ...rest, height: { [plan.house.bands[0]!.id]: 280 } }],
      },
    },
    house: { bands: plan.house.bands, margin: plan.house.margin },
  }).pages['said']!;
  const view = viewWith(
    {
      plan,
      page,
      now: 0,
      tree,
      pictures: () => undefined,
      address: { path: '/', from: {} },
      about: {},
    },
    () => ({ total: 0, own: 0, start: 0, items: [] }),
  );
  return htmlPage(view, null);
}
