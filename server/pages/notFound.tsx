import type { CategoryTree } from '../../core/catalogue/categoryTree.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { viewWith } from '../../core/view/pageView.ts';
import { htmlPage } from './document.tsx';
import { sentPage, type SentPage } from './pageCache.ts';

/** A page that says that there is nothing here, and where there is something. */
export function notFoundPage(plan: Plan, tree: CategoryTree): SentPage {
  const view = viewWith(
    {
      plan,
      page: {
        id: 'not-found',
        kind: 'shop',
        name: 'There is nothing at this address',
        direction: 'language',
        bays: [
          {
            id: 'not-found',
            holds: 'notice',
            words: 'Perhaps it was moved, or sold for good. Everything that there is stands in the shop.',
            link: '/shop',
            heading: { words: '', level: 2, align: 'start' },
            look: {
              width: 'content',
              ownPx: 760,
              margin: null,
              ground: null,
              above: { [plan.house.bands[0]!.id]: 24 },
              below: { [plan.house.bands[0]!.id]: 120 },
            },
            bands: null,
            hidden: false,
          },
        ],
      },
      now: 0,
      tree,
      pictures: () => undefined,
      address: { path: '/', from: {} },
    },
    () => ({ total: 0, own: 0, start: 0, items: [] }),
  );
  const { html, policy } = htmlPage(
    { ...view, links: view.links.map((link) => ({ ...link, current: false })) },
    '',
  );
  return sentPage(html, policy, 404, null);
}
