import { ofShelves, type PageCheck } from './check.ts';

export const nothingToShow: PageCheck = {
  id: 'nothing-to-show',
  title: 'Nothing to show',
  severity: 'wrong',
  reads: 'page',
  find: (view) =>
    ofShelves(view, ({ total }, { id, heading, goesAway }) => {
      // One that is meant to be hidden when too little matches does as it was told.
      if (total > 0 || goesAway) return null;
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
