import { ofShelves, type PageCheck } from './check.ts';
import { tabAt } from './tabAt.ts';

export const nothingToShow: PageCheck = {
  id: 'nothing-to-show',
  title: 'Nothing to show',
  severity: 'wrong',
  reads: 'page',
  find: (view, plan) =>
    ofShelves(view, (shelf, bay) => {
      const { id, heading, goesAway } = bay;
      const { total } = shelf;
      // One that is meant to be hidden when too little matches does as it was told.
      if (total > 0 || goesAway) return null;
      const tab = tabAt(view, plan, bay, shelf);
      if (tab !== null)
        return { text: `The tab "${tab}" has nothing to show, so it is left out`, fix: null, goTo: 'shows' };
      return {
        text: `${heading.words ? `"${heading.words}"` : 'A shelf'} has nothing to show, so shoppers do not see it`,
        fix: {
          words: 'Hide it',
          command: { do: 'set', on: { page: view.pageId, bay: id }, setting: 'hidden', value: true },
        },
        goTo: 'shows',
      };
    }),
};
