import type { Check } from './check.ts';

export const nothingToShow: Check = {
  id: 'nothing-to-show',
  title: 'Nothing to show',
  severity: 'wrong',
  find: (view) =>
    view.bays.flatMap(({ id, content, heading, goesAway }) =>
      // One that is meant to go away when too little matches does as it was told.
      content.holds === 'shelf' && content.shelf.total === 0 && !goesAway
        ? [
            {
              bayId: id,
              text: `${heading.words ? `"${heading.words}"` : 'A shelf'} has nothing to show, so shoppers do not see it`,
              fix: {
                words: 'Hide it',
                command: { do: 'set', on: { page: view.pageId, bay: id }, setting: 'hidden', value: true },
              },
              goTo: 'shows',
            },
          ]
        : [],
    ),
};
