import { LONGEST_TAB_NAME, MOST_TABS, tabName, type TabItem } from '../../../core/bays/tabItem.ts';
import { sayAssortment } from '../../../core/assortment/say.ts';
import { placesOf } from '../../../core/plan/places.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { copyOfTab, newTab, tabGone } from '../../../core/plan/tabEdits.ts';
import { numeral, plain } from '../../../core/sentence/sentence.ts';
import { shelvesIn } from '../../../core/view/shelvesIn.ts';
import { newId } from '../../arrange/elevation/newId.ts';
import { useArranging } from '../../arrange/arrangeContext.tsx';
import { useDraft, useNames, useStudio } from '../../studioContext.tsx';
import { t } from '../../ui/theme.ts';
import { Hint } from '../Stack.tsx';
import { ListOf, rowStep } from './ListOf.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { RowWords } from './RowWords.tsx';

type Props = Pick<OwnControlProps, 'on' | 'page' | 'bayId'> & { value: readonly TabItem[] };

/** The tabs of a bay: which there are, what each is called and shows, and in which order. The one that is open is arranged. */
export function BayTabs({ on, value, page, bayId }: Props) {
  const { draft } = useStudio();
  const { choose, shelfId } = useArranging();
  const plan = useDraft((state) => state.plan);
  const stored = useDraft((state) => state.draft);
  const names = useNames();
  const drawn = page.bays.find(({ id }) => id === bayId);
  const nameOf = (one: TabItem, i: number) => tabName(one, i, names.shelf);
  const shows = ({ shelfId: id }: TabItem) => {
    const shelf = plan.shelves[id];
    return shelf ? plain(sayAssortment(assortmentOf(plan, shelf), names)) : 'its shelf is gone';
  };
  /** How many it shows of how many; nothing while that is not known. */
  const count = ({ shelfId: id }: TabItem) => {
    const view = drawn && shelvesIn(drawn).find((one) => one.id === id);
    if (!view || view.coming) return null;
    const most = Math.max(0, ...view.steps.map((step) => step.shows.end - step.shows.start));
    const words = most < view.total ? `${numeral(most)} of ${numeral(view.total)}` : numeral(view.total);
    return <b style={{ color: view.total > 0 ? t.pine : t.brick, whiteSpace: 'nowrap' }}>{words}</b>;
  };
  /** A shelf that is nowhere else is called in the owner's lists as its tab is. */
  const rename = (tab: TabItem, next: string | undefined) => {
    if (next === undefined || placesOf(plan, tab.shelfId).length !== 1) return;
    draft.run(
      { do: 'set', on: { shelf: tab.shelfId }, setting: 'name', value: next },
      rowStep('tabs', tab.id, 'name'),
    );
  };
  return (
    <ListOf
      on={on}
      setting="tabs"
      value={value}
      most={MOST_TABS}
      noun="tab"
      label="Tabs of the bay"
      empty="There is no tab yet."
      nameOf={nameOf}
      factsOf={shows}
      asideOf={count}
      copying="Copy this tab"
      opened={{
        id: value.find((one) => one.shelfId === shelfId)?.id ?? null,
        open: (one) => choose(bayId, one?.shelfId),
      }}
      make={(_, copyOf) => {
        const id = { tab: newId('tab', plan), shelf: newId(copyOf?.shelfId ?? bayId, plan) };
        const { tab, commands } = copyOf ? copyOfTab(stored, copyOf, id) : newTab(stored, value, id);
        return { row: tab, commands };
      }}
      gone={tabGone}
    >
      {(tab, change) => (
        <>
          <RowWords
            label="Name"
            value={tab.name}
            longest={LONGEST_TAB_NAME}
            placeholder={names.shelf(tab.shelfId) ?? 'No name'}
            onChange={(next) => {
              change('name', next);
              rename(tab, next);
            }}
          />
          <Hint>What it shows is set under Shows; its own layout and look under Layout.</Hint>
        </>
      )}
    </ListOf>
  );
}
