import type { Check } from './check.ts';

/** Longer than this nobody waits for what moves by itself to come round, s. */
const LONGEST_ROUND_S = 30;

export const roundTooLong: Check = {
  id: 'round-too-long',
  title: 'A long way round',
  severity: 'hint',
  find: (view) =>
    view.bays.flatMap(({ id, content, empty }) => {
      if (content.holds !== 'shelf' || empty) return [];
      const longest = Math.max(0, ...content.shelf.steps.map(({ motion }) => motion.roundS ?? 0));
      return longest > LONGEST_ROUND_S
        ? [
            {
              bayId: id,
              text: `Moving by itself it takes ${Math.round(longest)} s to come round`,
              fix: null,
              goTo: 'form',
            },
          ]
        : [];
    }),
};
