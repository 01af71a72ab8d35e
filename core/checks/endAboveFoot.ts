import { ofShelves, type PageCheck } from './check.ts';

/** A list that grows on reaching its end pushes what is under it away. */
export const endAboveFoot: PageCheck = {
  id: 'end-above-foot',
  title: 'Loading above other bays',
  severity: 'weak',
  reads: 'page',
  find: (view) =>
    ofShelves(view, (shelf, { id, empty }) => {
      if (empty || shelf.paging.by !== 'onReach') return null;
      const at = view.bays.findIndex((bay) => bay.id === id);
      if (view.bays.slice(at + 1).every((bay) => bay.empty)) return null;
      return {
        text: 'Keeps loading, so bays below may never be reached',
        fix: {
          words: 'Use a button for more',
          command: { do: 'set', on: { shelf: shelf.id }, setting: 'paging.by', value: 'more' },
        },
        goTo: 'layout',
      };
    }),
};
