import { LABEL_BLOCK_PX, LABEL_GAP_PX, LABEL_PICTURE_PX, LABEL_TEXT } from './labelKind.ts';
import { fartherPx, labelPlace, placeOf } from './labelPlaces.ts';
import type { StoreLabel } from './storeLabel.ts';

/** Height of a label, px. */
const labelHeightPx = ({ picture, picturePx = LABEL_PICTURE_PX }: StoreLabel): number =>
  picture === undefined ? LABEL_TEXT.linePx + 2 * LABEL_BLOCK_PX : picturePx;

/** Room that labels take over a picture, px; 0 where all of them stand within it. */
export function labelRoomPx(labels: readonly StoreLabel[]): number {
  const rooms = labels.map((label) => {
    const { outside } = labelPlace(placeOf(label));
    const apart = outside === 1 ? LABEL_GAP_PX + fartherPx(label) : 0;
    return outside * labelHeightPx(label) + apart;
  });
  return Math.ceil(Math.max(0, ...rooms));
}
