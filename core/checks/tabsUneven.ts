import type { ShelfView } from '../view/view.ts';
import type { Found, PageCheck } from './check.ts';
import { tabbedIn } from './tabAt.ts';

/** A tab that shows less than this part of what the fullest shows leaves a hole. */
const PART = 0.5;

/** The most that a shelf shows at any width. */
const mostOf = ({ steps }: ShelfView): number =>
  Math.max(0, ...steps.map(({ shows }) => shows.end - shows.start));

export const tabsUneven: PageCheck = {
  id: 'tabs-uneven',
  title: 'Tabs that show very different numbers',
  severity: 'hint',
  reads: 'page',
  find: (view, plan) =>
    view.bays.flatMap((bay): Found[] => {
      const named = tabbedIn(view, plan, bay).filter(({ shelf }) => shelf.total > 0);
      const counts = named.map(({ shelf }) => mostOf(shelf));
      const [least, most] = [Math.min(...counts), Math.max(...counts)];
      if (counts.length < 2 || least >= most * PART) return [];
      const { tab, shelf } = named[counts.indexOf(least)]!;
      return [
        {
          at: { on: 'shelf', page: view.pageId, bay: bay.id, shelf: shelf.id },
          text: `The tab "${tab}" shows ${least}, others up to ${most}`,
          fix: null,
          goTo: 'shows',
        },
      ];
    }),
};
