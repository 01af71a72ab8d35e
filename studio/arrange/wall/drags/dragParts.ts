import { takesDrop, type LineDrop, type PartDrop } from '../../../../core/card/dropped.ts';
import { partKind } from '../../../../core/card/parts/index.ts';
import { zoneKinds } from '../../../../core/card/zones.ts';
import { scopeOf } from '../../../../core/css/written.ts';
import { isIn, seenAt } from '../pressed.ts';
import { dragging } from './dragging.ts';

/** A part of a card that was let go somewhere on it. */
export interface PartDropped {
  part: string;
  drop: PartDrop;
}

/** So near to the upper or lower edge of a line, as a share of its height, it is before or after that line. */
const EDGE = 0.3;

const partOf = (element: Element): string | null =>
  [...element.classList].flatMap((name) => /^part-(.+)$/.exec(name)?.[1] ?? []).find((id) => partKind(id)) ??
  null;

const isSeen = (element: Element) => element.getClientRects().length > 0;
const middle = ({ left, width, top, height }: DOMRect) => [left + width / 2, top + height / 2] as const;

/** Lines of the text of a card with the parts on them, as they are drawn. */
const linesOf = (card: Element) =>
  [...card.querySelectorAll('.texts > *')].filter(isSeen).flatMap((line) => {
    const own = partOf(line);
    const parts =
      own === null ? [...line.children].filter(isSeen).flatMap((part) => partOf(part) ?? []) : [own];
    return parts.length > 0 ? [{ parts, rect: line.getBoundingClientRect() }] : [];
  });

/** Marks of the page where a part would come to stand. */
function dropMarks(page: Document) {
  const zones = page.createElement('div');
  zones.className = 'drop-zones';
  const ofZone = zoneKinds.flatMap(({ id, css, drawn }) => {
    if (!css) return [];
    const mark = page.createElement('i');
    mark.style.gridArea = drawn;
    mark.dataset.zone = id;
    zones.append(mark);
    return [{ id, mark }];
  });
  const line = page.createElement('div');
  line.className = 'drop-line';
  const lay = (mark: HTMLElement, { left, top, width, height }: DOMRect) => {
    Object.assign(mark.style, {
      left: `${left}px`,
      top: `${top}px`,
      width: `${width}px`,
      height: `${height}px`,
    });
    if (!mark.isConnected) page.documentElement.append(mark);
  };
  return {
    /** Shows the zones of a picture; gives the one at a point, or the nearest. */
    zoneAt(picture: DOMRect, x: number, y: number): string {
      lay(zones, picture);
      line.remove();
      const away = ({ mark }: { mark: Element }) => {
        const rect = mark.getBoundingClientRect();
        const [mx, my] = middle(rect);
        return isIn(rect, x, y) ? -1 : Math.hypot(mx - x, my - y);
      };
      const nearest = ofZone.reduce((best, one) => (away(one) < away(best) ? one : best));
      for (const { mark } of ofZone) mark.toggleAttribute('data-on', mark === nearest.mark);
      return nearest.id;
    },
    line(rect: DOMRect, at: LineDrop) {
      zones.remove();
      line.dataset.at = at;
      lay(line, rect);
    },
    none() {
      zones.remove();
      line.remove();
    },
  };
}

/**
 * Lets the parts of a shelf's cards be dragged: into the zones of the picture, and onto, before and after the lines of
 * the text. Returns what ends it.
 */
export function dragParts(page: Document, shelf: string, dropped: (part: PartDropped) => void): () => void {
  const within = `${scopeOf('shelf', shelf)} .card`;
  const marks = dropMarks(page);
  const aim = (dragged: string, x: number, y: number): PartDrop | null => {
    const card = page.elementFromPoint(x, y)?.closest(within);
    if (!card) return null;
    const lines = linesOf(card);
    const picture = card.querySelector('.part-picture:not(.bare)')?.getBoundingClientRect();
    const onLine = lines.find(({ rect }) => isIn(rect, x, y));
    if (!onLine && picture && isIn(picture, x, y)) {
      if (!takesDrop(dragged, { zone: zoneKinds[0]!.id })) return null;
      return { zone: marks.zoneAt(picture, x, y) };
    }
    const far = ({ rect: { top, bottom } }: { rect: DOMRect }) => Math.max(top - y, y - bottom);
    const line = onLine ?? lines.reduce((best, one) => (far(one) < far(best) ? one : best), lines[0]!);
    if (!line) return null;
    const { rect, parts } = line;
    const share = (y - rect.top) / rect.height;
    const at = share < EDGE ? 'before' : share > 1 - EDGE ? 'after' : 'beside';
    if (parts.every((one) => one === dragged)) return null;
    marks.line(rect, at);
    return { line: at, of: parts[0]! };
  };
  return dragging<{ element: Element; part: string; drop: PartDrop | null }>(page, {
    from({ target, clientX, clientY }) {
      const seen = seenAt(target as Element, clientX, clientY);
      const element = seen.closest('[class*="part-"]');
      const part = element?.closest(within) ? partOf(element) : null;
      return element && part && !partKind(part)!.isPicture ? { element, part, drop: null } : null;
    },
    move(from, { clientX, clientY }) {
      from.element.setAttribute('data-dragged', '');
      from.drop = aim(from.part, clientX, clientY);
      if (!from.drop) marks.none();
    },
    drop({ part, drop }) {
      if (drop) dropped({ part, drop });
    },
    end({ element }) {
      element.removeAttribute('data-dragged');
      marks.none();
    },
  });
}
