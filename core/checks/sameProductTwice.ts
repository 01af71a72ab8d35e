import { listed } from '../sentence/sentence.ts';
import type { ShelfView } from '../view/view.ts';
import { ofShelves, type PageCheck } from './check.ts';
import { shelfCalled } from './tabAt.ts';

/** Items that a shelf shows at one band at least. */
const shownIds = (shelf: ShelfView): Set<number> =>
  new Set(
    shelf.cards
      .filter((_, i) =>
        shelf.steps.some(
          ({ shows }) => i + shelf.held.start >= shows.start && i + shelf.held.start < shows.end,
        ),
      )
      .map((card) => card.id),
  );

export const sameProductTwice: PageCheck = {
  id: 'same-product-twice',
  title: 'The same product twice on a page',
  severity: 'weak',
  reads: 'page',
  find: (view, plan) => {
    const seen = new Set<number>();
    return ofShelves(view, (shelf, bay) => {
      if (shelf.of !== 'products') return null;
      const own = shownIds(shelf);
      const again = shelf.cards.filter((card) => own.has(card.id) && seen.has(card.id));
      own.forEach((one) => seen.add(one));
      if (again.length === 0) return null;
      const settings = plan.shelves[shelf.id];
      // Leaving them out mends it honestly only where enough others are left.
      const enough = shelf.steps.every((step) => shelf.total - seen.size >= step.size);
      return {
        text: `${listed(again.slice(0, 2).map((card) => card.name))}${again.length > 2 ? ` and ${again.length - 2} more` : ''} in ${shelfCalled(view, plan, bay, shelf)} ${again.length === 1 ? 'is' : 'are'} shown above already`,
        fix:
          settings && !settings.notTwice && enough
            ? {
                words: 'Show others',
                command: { do: 'set', on: { shelf: shelf.id }, setting: 'notTwice', value: true },
              }
            : null,
        goTo: 'shows',
      };
    });
  },
};
