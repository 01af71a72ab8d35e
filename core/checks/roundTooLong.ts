import { ofShelves, type PageCheck } from './check.ts';

/** Longer than this nobody waits for what plays automatically to come round, s. */
const LONGEST_ROUND_S = 30;

export const roundTooLong: PageCheck = {
  id: 'round-too-long',
  title: 'A long full round',
  severity: 'hint',
  reads: 'page',
  find: (view) =>
    ofShelves(view, ({ steps }, { empty }) => {
      const longest = Math.max(0, ...steps.map(({ motion }) => motion.roundS ?? 0));
      if (empty || longest <= LONGEST_ROUND_S) return null;
      return {
        text: `Full round ${Math.round(longest)} s: over ${LONGEST_ROUND_S} s`,
        fix: null,
        goTo: 'layout',
      };
    }),
};
