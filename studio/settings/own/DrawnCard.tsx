import type { Item } from '../../../core/card/item.ts';
import { pageStyles } from '../../../core/css/pageCss.ts';
import { LAYOUT_IDS } from '../../../core/layouts/index.ts';
import type { StoredShelf } from '../../../core/plan/shelf.ts';
import { bayHeight } from '../../../core/view/bayHeight.ts';
import { alonePx, cardsAlone } from '../../../core/view/cardsAlone.ts';
import { Frame } from '../../arrange/wall/Frame.tsx';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { useNow } from '../../useNow.ts';

/** True width of a card that is drawn, px. */
const CARD_PX = 270;

const nothing = () => undefined;

/** A true card of a shelf, small and with all that is shown on hover. */
export function DrawnCard({
  shelf,
  item,
  name,
  drawnPx,
  mostHighPx,
  onPress = nothing,
  onDocument = nothing,
}: {
  shelf: StoredShelf;
  item: Item;
  name: string;
  drawnPx: number;
  mostHighPx: number;
  onPress?(): void;
  /** Told of the document it is drawn in, and null when that goes. */
  onDocument?(document: Document | null): void;
}) {
  const { tree } = useStudio();
  const house = useDraft((state) => state.draft.house);
  const { bands } = useDraft((state) => state.plan.house);
  const now = useNow();
  const layout = LAYOUT_IDS[0]!;
  const page = cardsAlone(
    house,
    bands,
    bands.at(-1)!.id,
    layout,
    [{ shelf, of: item.of, items: [item] }],
    tree,
    now,
  );
  const pagePx = alonePx(layout, 1, CARD_PX);
  const [bay] = page.bays;
  const highPx = bay ? bayHeight(bay, page.bands, pagePx) : 0;
  const scale = Math.min(drawnPx / pagePx, mostHighPx / highPx);
  return (
    <Frame
      view={page}
      styles={pageStyles(page)}
      widthPx={pagePx}
      heightPx={highPx * scale}
      scale={scale}
      name={name}
      chosenBay={null}
      cardsOnly="hover"
      onPress={onPress}
      onDocument={onDocument}
    />
  );
}
