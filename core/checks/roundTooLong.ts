import { bayKind } from '../bays/index.ts';
import type { Motion } from '../layouts/moving.ts';
import { ofShelves, type FoundOnShelf, type PageCheck } from './check.ts';

/** Longer than this nobody waits to have seen all of what plays automatically, s. */
const LONGEST_ROUND_S = 30;

/** How long the longest of some takes, where that is too long. */
function tooLong(motions: readonly Motion[]): FoundOnShelf | null {
  const [longest] = [...motions].sort((a, b) => (b.roundS ?? 0) - (a.roundS ?? 0));
  if (!longest || (longest.roundS ?? 0) <= LONGEST_ROUND_S) return null;
  const takes = `${longest.loops ? 'Full round' : 'To the end'} ${Math.round(longest.roundS!)} s`;
  return {
    text: `${takes}: over ${LONGEST_ROUND_S} s`,
    fix: null,
    goTo: 'layout',
  };
}

export const roundTooLong: PageCheck = {
  id: 'round-too-long',
  title: 'A long full round',
  severity: 'hint',
  reads: 'page',
  find: (view) => [
    ...ofShelves(view, ({ steps }, { empty }) => (empty ? null : tooLong(steps.map(({ motion }) => motion)))),
    ...view.bays.flatMap(({ id, content, empty }) => {
      const moving = empty ? null : bayKind(content.holds).moving?.(content);
      const found = moving ? tooLong([moving.motion]) : null;
      return found ? [{ at: { on: 'bay' as const, page: view.pageId, bay: id }, ...found }] : [];
    }),
  ],
};
