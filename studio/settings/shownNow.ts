import type { Shown } from '../../core/settings/setting.ts';
import { bayKind } from '../../core/bays/index.ts';
import type { PageView, ShelfView } from '../../core/view/view.ts';

/** What is shown now where something is set, as far as settings go by it; null while that is not known. */
export function shownNow(view: ShelfView | null, page: PageView, bayId: string): Shown | null {
  if (view) {
    if (view.cards.length === 0) return null;
    return {
      cards: view.cards,
      steps: view.steps.map(({ moves, shows }) => ({
        moves,
        whole: shows.end - shows.start >= view.total,
      })),
      pictures: null,
    };
  }
  const content = page.bays.find(({ id }) => id === bayId)?.content;
  if (!content) return null;
  return { cards: [], steps: [], pictures: bayKind(content.holds).tones(content).length };
}
