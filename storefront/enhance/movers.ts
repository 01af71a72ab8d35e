import EmblaCarousel from 'embla-carousel';

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
}

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

/** Embla's duration is no time; a move of this many ms is as good as over after so many of its units. */
const MS_A_UNIT = 30.6;

/** Cards that are drawn at this width. */
export const shownCards = (window: Element): HTMLElement[] =>
  [...window.querySelectorAll<HTMLElement>(':scope>.cards>.card')].filter((card) => card.offsetWidth > 0);

/** A row of cards that is drawn past its window. */
export function trackMover(window: HTMLElement, options: TrackOptions): Mover {
  const { moveBy, loop, moveMs, swipe, drag, start, rtl } = options;
  window.scrollLeft = 0;
  const embla = EmblaCarousel(window, {
    container: window.firstElementChild as HTMLElement,
    slides: shownCards(window),
    align: 'start',
    containScroll: 'trimSnaps',
    slidesToScroll: moveBy,
    loop,
    direction: rtl ? 'rtl' : 'ltr',
    duration: Math.max(1, moveMs / MS_A_UNIT),
    startIndex: Math.floor(start / moveBy),
    watchDrag: (_, event) => ('touches' in event ? swipe : drag),
  });
  const stops = () => embla.scrollSnapList().length;
  return {
    stops,
    at: () => embla.selectedScrollSnap(),
    go: (stop, now) => embla.scrollTo(stop, now),
    next: () =>
      embla.canScrollNext() ? (embla.selectedScrollSnap() + 1) % stops() : embla.selectedScrollSnap(),
    previous: () =>
      embla.canScrollPrev()
        ? (embla.selectedScrollSnap() - 1 + stops()) % stops()
        : embla.selectedScrollSnap(),
    onMove: (told) => void embla.on('select', told).on('reInit', told),
    stop: () => embla.destroy(),
  };
}

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
      leaf.setAttribute('aria-hidden', 'true');
      window.append(leaf);
      leaf.style.left = `${window.scrollLeft + window.clientWidth / 2}px`;
      const turn = ['rotateY(0deg)', 'rotateY(-180deg)'];
      shelf.classList.add('turning');
      void leaf
        .animate(
          { transform: forward ? turn : turn.toReversed() },
          { duration: moveMs, easing: 'ease-in-out' },
        )
        .finished.catch(() => undefined)
        .then(() => {
          leaf.remove();
          shelf.classList.remove('turning');
        });
    },
    next: () => (at() < count - 1 ? at() + 1 : loop ? 0 : at()),
    previous: () => (at() > 0 ? at() - 1 : loop ? count - 1 : 0),
    onMove: (told) => void listeners.push(told),
    stop: () => window.removeEventListener('scroll', tell),
  };
}
