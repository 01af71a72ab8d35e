import { ofShelves, type PageCheck } from './check.ts';

/** Longer than this nobody waits to have seen all of what plays automatically, s. */
const LONGEST_ROUND_S = 30;

export const roundTooLong: PageCheck = {
  id: 'round-too-long',
  title: 'A long full round',
  severity: 'hint',
  reads: 'page',
  find: (view) =>
    ofShelves(view, ({ steps }, { empty }) => {
      const [longest] = steps.map(({ motion }) => motion).sort((a, b) => (b.roundS ?? 0) - (a.roundS ?? 0));
      if (empty || !longest || (longest.roundS ?? 0) <= LONGEST_ROUND_S) return null;
      const takes = `${longest.loops ? 'Full round' : 'To the end'} ${Math.round(longest.roundS!)} s`;
      return {
        text: `${takes}: over ${LONGEST_ROUND_S} s`,
        fix: null,
        goTo: 'layout',
      };
    }),
};
