import { textsFor } from '../../core/texts/index.ts';
import type { CategoryTree } from '../../core/catalogue/categoryTree.ts';
import { emptyPlan } from '../../core/plan/documents.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { completePlan } from '../../core/plan/storedPlan.ts';
import { CATEGORIES, RELEASE } from '../../core/view/reads.ts';
import { viewWith } from '../../core/view/driveView.ts';
import { htmlPage, type HtmlPage } from './document.tsx';

/** Where the button of each page that only says something leads. */
const LINKS = { nowhere: '/shop', away: '/', wrong: '/', notOpen: '', refused: '/shop' } as const;

/** What a page that only says something is made from. */
export const PLAIN_READS = [RELEASE, CATEGORIES];

/** A page that only says something, in the store's own dress; what there is to say may be given with it. */
export function plainPage(
  plan: Plan,
  tree: CategoryTree,
  says: keyof typeof LINKS,
  words?: string,
): HtmlPage {
  const { title, ...known } = textsFor(plan.house)[says];
  const rest = words === undefined ? known : { ...known, words };
  const page = completePlan({
    ...emptyPlan,
    pages: {
      said: {
        id: 'said',
        kind: 'shop',
        name: title,
        bays: [
          {
            id: 'said',
            holds: 'banner',
            title,
            button: '',
            ...rest,
            link: LINKS[says],
            height: { [plan.house.bands[0]!.id]: 280 },
          },
        ],
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
      address: { path: '/', from: {}, open: {} },
      about: {},
    },
    () => ({ total: 0, own: 0, start: 0, items: [] }),
  );
  return htmlPage(view, null);
}
