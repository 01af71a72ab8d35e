import { lazy, Suspense } from 'react';
import { createStore, useStore } from 'zustand';
import { standsAlone } from '../../../core/view/cardsAlone.ts';
import { shelvesIn } from '../../../core/view/shelvesIn.ts';
import { Choice } from '../../ui/Choice.tsx';
import { useArranging, useView } from '../arrangeContext.tsx';
import { Wall } from './Wall.tsx';

/** Fetched once it is wanted. */
const HardCases = lazy(() => import('./HardCases.tsx').then((module) => ({ default: module.HardCases })));

type Shown = 'hard' | 'widths';

/** Which of the two the wall shows while a card is arranged; the same for every shelf. */
const wallView = createStore<{ shown: Shown }>(() => ({ shown: 'widths' }));

/** Lines of the spec that are about cards. */
const OF_CARDS = new Set(['card', 'look']);

const CHOICE_PX = 190;

/** The wall: the page at its widths, or, while a card is arranged, the items on which it is likeliest to fail. */
export function WallViews() {
  const { bay, shelfId, trial, open } = useArranging();
  const view = useView();
  const { shown } = useStore(wallView);
  const drawn = view.bays.find(({ id }) => id === bay?.id);
  const shelf = drawn && shelvesIn(drawn).find(({ id }) => id === shelfId);
  const offers = shelf && !trial && open && OF_CARDS.has(open.line) && shelf.layouts.every(standsAlone);
  if (!offers) return <Wall aside={null} />;
  const choice = (
    <Choice<Shown>
      label="What the wall shows"
      shown={false}
      value={shown}
      options={[
        { value: 'hard', words: 'Hard cases' },
        { value: 'widths', words: 'All widths' },
      ]}
      onChange={(next) => wallView.setState({ shown: next })}
    />
  );
  if (shown === 'widths') return <Wall aside={{ node: choice, px: CHOICE_PX }} />;
  return (
    <Suspense fallback={<p style={{ gridArea: 'wall' }}>Opening…</p>}>
      <HardCases key={shelf.id} drawn={shelf} choice={choice} />
    </Suspense>
  );
}
