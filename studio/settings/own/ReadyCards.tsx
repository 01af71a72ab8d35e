import { useState } from 'react';
import styled from 'styled-components';
import { readyCardsFor, startFromCard } from '../../../core/card/ready/index.ts';
import type { ReadyCard } from '../../../core/card/ready/readyCard.ts';
import type { Item } from '../../../core/card/item.ts';
import { apply } from '../../../core/plan/commands.ts';
import { asLaidOut, whereItIsFrom } from '../../../core/plan/like.ts';
import type { Shelf } from '../../../core/plan/shelf.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { t } from '../../ui/theme.ts';
import { DrawnCard } from './DrawnCard.tsx';
import { toDraw, useSampleItems } from './useSampleItems.ts';

/** Of the drawing of a card, px. */
const DRAWN_PX = 186;
const MOST_HIGH_PX = 280;

const Tiles = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(${DRAWN_PX}px, 1fr));
  gap: 18px;
  overflow: auto;
  padding: 4px;
  li {
    display: grid;
    grid-template-rows: ${MOST_HIGH_PX}px auto 1fr;
    gap: 6px;
  }
  li > div {
    overflow: hidden;
    display: grid;
    place-items: end center;
  }
  p {
    color: ${t.ink2};
    font-size: 12px;
  }
`;

/** Ready-made cards to start from, drawn as true cards of the shelf's own items. */
export function ReadyCards({ shelf }: { shelf: Shelf }) {
  const [open, setOpen] = useState(false);
  const close = () => setOpen(false);
  return (
    <div>
      <Button onPress={() => setOpen(true)}>Ready-made cards</Button>
      <Dialog title="Ready-made cards" open={open} onClose={close} wide>
        {open && <Offered shelf={shelf} onDone={close} />}
      </Dialog>
    </div>
  );
}

function Offered({ shelf, onDone }: { shelf: Shelf; onDone(): void }) {
  const { draft } = useStudio();
  const plan = useDraft((state) => state.plan);
  const items = useSampleItems(plan, shelf);
  const { of } = assortmentOf(plan, shelf);
  const { bands } = plan.house;
  if (items === null) return <p>Fetching items of this shelf…</p>;
  const item = toDraw(items);
  const start = (ready: ReadyCard) => {
    draft.run(startFromCard(shelf, of, ready, bands));
    onDone();
  };
  return (
    <>
      <p>
        What you set of the parts themselves, such as own text and lines, stays. One step back undoes it.
        {!item && ' The shelf shows nothing yet, so the cards are not drawn.'}
      </p>
      <Tiles role="list" aria-label="Ready-made cards">
        {readyCardsFor(of).map((ready) => (
          <li key={ready.id}>
            <div>
              {item && <Drawn shelf={shelf} item={item} ready={ready} onPress={() => start(ready)} />}
            </div>
            <Button onPress={() => start(ready)}>{ready.name}</Button>
            <p>{ready.about}</p>
          </li>
        ))}
      </Tiles>
    </>
  );
}

/** What one item looks like on a ready-made card, with all else of the shelf's card as it is. */
function Drawn({
  shelf,
  item,
  ready,
  onPress,
}: {
  shelf: Shelf;
  item: Item;
  ready: ReadyCard;
  onPress(): void;
}) {
  const stored = useDraft((state) => state.draft);
  const { bands } = useDraft((state) => state.plan.house);
  const { shelves } = apply(stored, whereItIsFrom(stored, startFromCard(shelf, item.of, ready, bands)));
  const next = asLaidOut(shelves, shelves[shelf.id]!);
  return (
    <DrawnCard
      shelf={next}
      item={item}
      name={ready.name}
      drawnPx={DRAWN_PX}
      mostHighPx={MOST_HIGH_PX}
      onPress={onPress}
    />
  );
}
