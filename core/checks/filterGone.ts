import { filterKind } from '../listing/filters/index.ts';
import { filterOf } from '../listing/shownFilter.ts';
import { filterName } from '../plan/toolsSettings.ts';
import { counted, listed } from '../sentence/sentence.ts';
import { ofShelves, type PageCheck } from './check.ts';

/** Filters by an option or a field that is no longer there; shoppers do not see them. */
export const filterGone: PageCheck = {
  id: 'filter-gone',
  title: 'Filters by what was removed',
  severity: 'weak',
  reads: 'page',
  find: (view, plan, names) =>
    ofShelves(view, ({ id: shelf }) => {
      const filters = plan.shelves[shelf]?.tools.filters ?? [];
      const isGone = (id: string) => {
        const filter = filterOf(id);
        return filter !== null && (filterKind(filter.by).isGone?.(filter, names) ?? false);
      };
      const gone = filters.filter(({ id }) => isGone(id));
      if (gone.length === 0) return null;
      const called = gone.flatMap((one) => (one.words === undefined ? [] : [`"${filterName(one, names)}"`]));
      return {
        text:
          called.length === gone.length
            ? `Shoppers do not see ${listed(called)}: what ${gone.length === 1 ? 'it goes' : 'they go'} by was removed`
            : `${counted(gone.length, 'filter')} ${gone.length === 1 ? 'goes' : 'go'} by what was removed, and shoppers do not see ${gone.length === 1 ? 'it' : 'them'}`,
        fix: {
          words: gone.length === 1 ? 'Remove the filter' : 'Remove the filters',
          command: {
            do: 'set',
            on: { shelf },
            setting: 'tools.filters',
            value: filters.filter((one) => !gone.includes(one)),
          },
        },
        goTo: 'tools',
      };
    }),
};
