import { useDeferredValue, useMemo } from 'react';
import styled from 'styled-components';
import { collectionsUnseen, sellsUnseen } from '../../../core/planning/planning.ts';
import { allCollections } from '../../../core/plan/readyBays/allCollections.ts';
import { bestSold } from '../../../core/plan/readyBays/bestSold.ts';
import type { MadeBay, ReadyBay } from '../../../core/plan/readyBays/readyBay.ts';
import { everywhere } from '../../../core/bands/varying.ts';
import { bayKind } from '../../../core/bays/index.ts';
import { MOST_BAYS } from '../../../core/plan/page.ts';
import { MOST_ITEMS } from '../../../core/plan/shelfSettings.ts';
import { listed } from '../../../core/sentence/sentence.ts';
import { shelvesOn } from '../../../core/view/shelvesIn.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { TextButton } from '../../ui/Button.tsx';
import { t } from '../../ui/theme.ts';
import { useArranging, useView } from '../arrangeContext.tsx';
import { madeFrom } from '../library/libraryBays.ts';
import { useAddBay } from '../library/useAddBay.ts';
import { useBestSellers } from './useBestSellers.ts';

const List = styled.ul`
  list-style: none;
  margin: 0 10px;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
  font-size: 12px;
  li {
    border-inline-start: 3px solid ${t.tapeEdge};
    padding-inline-start: 7px;
    overflow-wrap: anywhere;
  }
`;

/** So many are named where there are more than one more; the others are counted. */
const NAMED = 1;
const someOf = (names: readonly string[]): string =>
  names.length > NAMED + 1
    ? `${names.slice(0, NAMED).join(', ')} and ${names.length - NAMED} more`
    : listed(names);

/** What the first page of the store leaves out that shoppers look for, each in a line with what mends it. */
export function Planning() {
  const { draft, vocabulary } = useStudio();
  const { page } = useArranging();
  // A moment later than what is edited, which is not to wait for it.
  const view = useDeferredValue(useView());
  const plan = useDeferredValue(useDraft((state) => state.plan));
  const best = useBestSellers();
  const addBay = useAddBay();
  const comes = shelvesOn(view).some(({ shelf }) => shelf.coming);
  const unseen = useMemo(() => (comes ? [] : sellsUnseen(best, view)), [best, view, comes]);
  const never = useMemo(
    () => collectionsUnseen(plan, vocabulary.collections),
    [plan, vocabulary.collections],
  );
  // Below what leads the page and its banner.
  const at = Math.min(page.bays.length, page.bays.findIndex(({ holds }) => !bayKind(holds).leads) + 1);
  const make = (ready: ReadyBay): MadeBay => {
    const { bands } = plan.house;
    return madeFrom(ready.make(ready.id, bands), draft.getState().plan);
  };
  const addCollections = () => {
    const { bay, shelves } = make(allCollections);
    const ids = never.map(({ id }) => id);
    const more = {
      assortment: { of: 'collections', ids },
      // All of them, however many it shows otherwise.
      amount: { by: 'items', items: everywhere(plan.house.bands, Math.min(ids.length, MOST_ITEMS)) },
    } as const;
    addBay({ bay, shelves: shelves.map((shelf) => ({ ...shelf, ...more })) }, page.bays.length);
  };
  // On a page that is full nothing can be added.
  if (page.bays.length >= MOST_BAYS || (unseen.length === 0 && never.length === 0)) return null;
  return (
    <List aria-label="What this page leaves out">
      {unseen.length > 0 && (
        <li>
          Sells most, not on this page: {someOf(unseen.map(({ title }) => title))}.{' '}
          <TextButton onPress={() => addBay(make(bestSold), at)}>Add bestselling</TextButton>
        </li>
      )}
      {never.length > 0 && (
        <li>
          Shown nowhere: {someOf(never.map(({ name }) => name))}.{' '}
          <TextButton onPress={addCollections}>
            Add {never.length > 1 ? 'these collections' : 'this collection'}
          </TextButton>
        </li>
      )}
    </List>
  );
}
