import { useState } from 'react';
import styled from 'styled-components';
import { readyCardsFor, startFromCard } from '../../../core/card/ready/index.ts';
import type { ReadyCard } from '../../../core/card/ready/readyCard.ts';
import { faceOf, type Item } from '../../../core/card/item.ts';
import { pageStyles } from '../../../core/css/pageCss.ts';
import { LAYOUT_IDS } from '../../../core/layouts/index.ts';
import { apply } from '../../../core/plan/commands.ts';
import type { Shelf } from '../../../core/plan/shelf.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { bayHeight } from '../../../core/view/bayHeight.ts';
import { alonePx, cardsAlone } from '../../../core/view/cardsAlone.ts';
import { Frame } from '../../arrange/wall/Frame.tsx';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { t } from '../../ui/theme.ts';
import { useNow } from '../../useNow.ts';
import { useSampleItems } from './useSampleItems.ts';

/** True width of a card that is drawn, and of its drawing, px. */
const CARD_PX = 270;
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
  const item = items.find((one) => faceOf(one).picture !== null) ?? items[0];
  const start = (ready: ReadyCard) => {
    draft.run(startFromCard(shelf, of, ready, bands));
    onDone();
  };
  return (
    <>
      <p>
        What you set of the parts themselves, such as own words and lines, stays. One step back undoes it.
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
  const { tree } = useStudio();
  const stored = useDraft((state) => state.draft);
  const plan = useDraft((state) => state.plan);
  const now = useNow();
  const { bands } = plan.house;
  const next = apply(stored, startFromCard(shelf, item.of, ready, bands)).shelves[shelf.id]!;
  const layout = LAYOUT_IDS[0]!;
  const page = cardsAlone(
    stored.house,
    bands,
    bands.at(-1)!.id,
    layout,
    [{ shelf: next, of: item.of, items: [item] }],
    tree,
    now,
  );
  const pagePx = alonePx(layout, 1, CARD_PX);
  const [bay] = page.bays;
  const highPx = bay ? bayHeight(bay, page.bands, pagePx) : 0;
  const scale = Math.min(DRAWN_PX / pagePx, MOST_HIGH_PX / highPx);
  return (
    <Frame
      view={page}
      styles={pageStyles(page)}
      widthPx={pagePx}
      heightPx={highPx * scale}
      scale={scale}
      name={ready.name}
      chosenBay={null}
      cardsOnly="hover"
      onPress={onPress}
      onDocument={nothing}
    />
  );
}

const nothing = () => undefined;
