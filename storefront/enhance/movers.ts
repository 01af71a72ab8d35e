/** Something that stands at one of several stops and can be told to go to another. */
export interface Mover {
  stops(): number;
  at(): number;
  /** @param now without motion */
  go(stop: number, now: boolean): void;
  next(): number;
  previous(): number;
  onMove(told: () => void): void;
  stop(): void;
  /** The window scrolls by itself, by finger too. */
  scrolls?: boolean;
}

/** Makes a mover of a shelf's window. */
export type MakeMover = (window: HTMLElement, options: TrackOptions) => Mover;

export interface TrackOptions {
  moveBy: number;
  loop: boolean;
  /** ms */
  moveMs: number;
  swipe: boolean;
  drag: boolean;
  start: number;
  rtl: boolean;
}

/** Cards, or whatever else stands in the row, that are drawn at this width. */
export const shownCards = ({ firstElementChild: row }: Element): HTMLElement[] =>
  [...(row?.children ?? [])].map((card) => card as HTMLElement).filter((card) => card.offsetWidth > 0);

/** Openings of a spread: the window scrolls by its own width and a fold, and a leaf turns over it. */
export function pageMover(window: HTMLElement, { loop, moveMs, start, rtl, moveBy }: TrackOptions): Mover {
  const sign = rtl ? -1 : 1;
  const cards = shownCards(window);
  // The first card of each opening says how far one opening is from the next.
  const [first, second] = [cards[0], cards[moveBy]];
  const openingPx =
    first && second ? Math.abs(second.offsetLeft - first.offsetLeft) : Math.max(1, window.clientWidth);
  const count = Math.ceil(cards.length / moveBy);
  const at = () => Math.min(count - 1, Math.round((sign * window.scrollLeft) / openingPx));
  const listeners: (() => void)[] = [];
  const tell = () => listeners.forEach((one) => one());
  window.addEventListener('scroll', tell, { passive: true });
  const jump = (stop: number) => window.scrollTo({ left: sign * stop * openingPx, behavior: 'instant' });
  if (start > 0) jump(Math.floor(start / moveBy));
  return {
    stops: () => count,
    at,
    go(stop, now) {
      const from = at();
      const forward = stop > from !== rtl;
      jump(stop);
      if (now || moveMs === 0 || stop === from) return;
      const shelf = window.parentElement!;
      const leaf = window.ownerDocument.createElement('div');
      leaf.className = 'leaf';
      Object.assign(leaf.style, LEAF);
      leaf.setAttribute('aria-hidden', 'true');
      window.append(leaf);
      leaf.style.left = `${window.scrollLeft + window.clientWidth / 2}px`;
      const turn = ['rotateY(0deg)', 'rotateY(-180deg)'];
      window.style.perspective = '1600px';
      shelf.classList.add('turning');
      void leaf
        .animate(
          { transform: forward ? turn : turn.toReversed() },
          { duration: moveMs, easing: 'ease-in-out' },
        )
        .finished.catch(() => undefined)
        .then(() => {
          leaf.remove();
          window.style.perspective = '';
          shelf.classList.remove('turning');
        });
    },
    next: () => (at() < count - 1 ? at() + 1 : loop ? 0 : at()),
    previous: () => (at() > 0 ? at() - 1 : loop ? count - 1 : 0),
    onMove: (told) => void listeners.push(told),
    stop: () => window.removeEventListener('scroll', tell),
  };
}

/** The page that is turned over the cards; only this way of moving has one, so that no sheet knows of it. */
const LEAF: Partial<CSSStyleDeclaration> = {
  position: 'absolute',
  zIndex: '1',
  insetBlock: '0',
  width: '50%',
  background: 'var(--ground)',
  boxShadow: '0 0 24px rgb(0 0 0/.18)',
  transformOrigin: '0 50%',
  pointerEvents: 'none',
};
