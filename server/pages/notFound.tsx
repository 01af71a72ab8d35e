import type { CategoryTree } from '../../core/catalogue/categoryTree.ts';
import { emptyPlan } from '../../core/plan/documents.ts';
import { completePlan } from '../../core/plan/storedPlan.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { viewWith } from '../../core/view/pageView.ts';
import { htmlPage } from './document.tsx';
import { sentPage, type SentPage } from './pageCache.ts';

/** A page that says that there is nothing here, and where there is something. */
export function notFoundPage(plan: Plan, tree: CategoryTree): SentPage {
  const page = completePlan({
    ...emptyPlan,
    pages: {
      'not-found': {
        id: 'not-found',
        kind: 'shop',
        name: 'There is nothing at this address',
        bays: [
          {
            id: 'not-found',
            holds: 'banner',
            title: 'There is nothing at this address',
            words: 'It may have moved or sold out.',
            button: 'Browse the shop',
            link: '/shop',
            height: { [plan.house.bands[0]!.id]: 280 },
          },
        ],
      },
    },
    house: { bands: plan.house.bands, margin: plan.house.margin },
  }).pages['not-found']!;
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
  const { html, policy } = htmlPage(view, '');
  return sentPage(html, policy, 404, null);
}
