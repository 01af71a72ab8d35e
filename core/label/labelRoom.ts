import { borderAcross, type TextSize } from '../card/textSize.ts';
import { LABEL_GAP_PX, LABEL_PICTURE_PX, LABEL_TEXT } from './labelKind.ts';
import { fartherPx, labelPlace, placeOf } from './labelPlaces.ts';
import type { StoreLabel } from './storeLabel.ts';

/** Height of a label, px. */
function labelHeightPx({ picture, picturePx = LABEL_PICTURE_PX }: StoreLabel, size: TextSize): number {
  if (picture !== undefined) return picturePx;
  const box = size.box ?? LABEL_TEXT.box;
  return size.linePx + 2 * (box.acrossPx + borderAcross(box));
}

/** Room that labels take over a picture, px; 0 where all of them stand within it. */
export function labelRoomPx(labels: readonly StoreLabel[], size: TextSize = LABEL_TEXT): number {
  const rooms = labels.map((label) => {
    const { outside } = labelPlace(placeOf(label));
    const apart = outside === 1 ? LABEL_GAP_PX + fartherPx(label) : 0;
    return outside * labelHeightPx(label, size) + apart;
  });
  return Math.ceil(Math.max(0, ...rooms));
}
