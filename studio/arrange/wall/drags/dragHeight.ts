import type { DraggedPicture } from '../../../../core/card/pictureDragged.ts';
import { scopeOf } from '../../../../core/css/written.ts';
import { seenAt } from '../pressed.ts';
import { dragging } from './dragging.ts';

/** So near to the lower edge of a picture it is the edge that is dragged, px. */
const EDGE_PX = 7;

/** An edge that is dragged, which stands for the movement too. */
interface Edge {
  /** Of the picture as it was, px. */
  widthPx: number;
  heightPx: number;
  /** Where the drag began, px. */
  y: number;
  /** The last movement that is not followed yet. */
  last: PointerEvent | null;
}

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
  const cards = `${scopeOf('shelf', shelf)} .card`;
  /** The picture of which the lower edge is at a pointer, and nothing else of the card. */
  const edgeAt = ({ target, clientX: x, clientY: y }: PointerEvent): Element | null => {
    const picture = (target as Element).closest(cards)?.querySelector('.part-picture:not(.bare)');
    if (!picture) return null;
    const { left, right, bottom } = picture.getBoundingClientRect();
    if (x < left || x > right || Math.abs(y - bottom) > EDGE_PX) return null;
    const part = seenAt(target as Element, x, y).closest('[class*="part-"]');
    return !part || part === picture ? picture : null;
  };
  const root = page.documentElement;
  const words = page.createElement('output');
  words.className = 'drop-words';
  const hover = (event: PointerEvent) => {
    if (event.buttons === 0) root.toggleAttribute('data-resizes', edgeAt(event) !== null);
  };
  page.addEventListener('pointermove', hover);
  /** Makes the pictures as high as the pointer says that moved last. */
  const follow = (from: Edge) => {
    if (!from.last) return;
    const { clientX, clientY, shiftKey } = from.last;
    from.last = null;
    const heightPx = Math.max(1, from.heightPx + clientY - from.y);
    words.textContent = moved({ widthPx: from.widthPx, heightPx, exact: shiftKey }, from);
    Object.assign(words.style, { left: `${clientX + 14}px`, top: `${clientY + 6}px` });
    if (root.hasAttribute('data-drags')) root.append(words);
  };
  const stop = dragging<Edge>(page, {
    from(event) {
      const picture = edgeAt(event)?.getBoundingClientRect();
      return picture
        ? { widthPx: picture.width, heightPx: picture.height, y: event.clientY, last: null }
        : null;
    },
    // Once for each paint, however often the pointer tells of itself.
    move(from, event) {
      const waits = from.last !== null;
      from.last = event;
      if (!waits) requestAnimationFrame(() => follow(from));
    },
    drop: follow,
    cancel(from) {
      from.last = null;
      cancelled(from);
    },
    end: () => words.remove(),
  });
  return () => {
    stop();
    page.removeEventListener('pointermove', hover);
    root.removeAttribute('data-resizes');
  };
}
