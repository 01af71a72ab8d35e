import type { DraggedPicture } from '../../../../core/card/pictureDragged.ts';
import { scopeOf } from '../../../../core/css/written.ts';
import { seenAt } from '../pressed.ts';
import { dragging } from './dragging.ts';

/** So near to the lower edge of a picture it is the edge that is dragged, px. */
const EDGE_PX = 7;

/**
 * Lets the lower edge of the pictures of a shelf be dragged. Returns what ends it.
 * @param moved told of every size; what it says of it is shown beside the edge
 * @param cancelled told when it was broken off after it had moved
 */
export function dragHeight(
  page: Document,
  shelf: string,
  moved: (picture: DraggedPicture, movement: object) => string,
  cancelled: (movement: object) => void,
): () => void {
  const pictures = `${scopeOf('shelf', shelf)} .card .part-picture:not(.bare)`;
  /** The picture of which the lower edge is at a pointer, and nothing else of the card. */
  const edgeAt = ({ target, clientX: x, clientY: y }: PointerEvent) => {
    const picture = [...page.querySelectorAll(pictures)].find((one) => {
      const { left, right, bottom } = one.getBoundingClientRect();
      return left <= x && x <= right && Math.abs(y - bottom) <= EDGE_PX;
    });
    const part = picture && seenAt(target as Element, x, y).closest('[class*="part-"]');
    return !part || part === picture ? picture : undefined;
  };
  const root = page.documentElement;
  const words = page.createElement('output');
  words.className = 'drop-words';
  const hover = (event: PointerEvent) => {
    if (event.buttons === 0) root.toggleAttribute('data-resizes', edgeAt(event) !== undefined);
  };
  page.addEventListener('pointermove', hover);
  const stop = dragging<{ widthPx: number; heightPx: number; y: number; frame: number }>(page, {
    from(event) {
      const picture = edgeAt(event)?.getBoundingClientRect();
      return picture
        ? { widthPx: picture.width, heightPx: picture.height, y: event.clientY, frame: 0 }
        : null;
    },
    move(from, { clientX, clientY, shiftKey }) {
      cancelAnimationFrame(from.frame);
      from.frame = requestAnimationFrame(() => {
        const heightPx = Math.max(1, from.heightPx + clientY - from.y);
        words.textContent = moved({ widthPx: from.widthPx, heightPx, exact: shiftKey }, from);
        Object.assign(words.style, { left: `${clientX + 14}px`, top: `${clientY + 6}px` });
        if (!words.isConnected) root.append(words);
      });
    },
    drop: () => undefined,
    cancel: cancelled,
    end({ frame }) {
      cancelAnimationFrame(frame);
      words.remove();
    },
  });
  return () => {
    stop();
    page.removeEventListener('pointermove', hover);
    root.removeAttribute('data-resizes');
  };
}
