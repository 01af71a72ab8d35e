import { shownCards, type Mover, type TrackOptions } from './movers.ts';

/**
 * A row of cards that scrolls in its window: for pages that are drawn small and many at a time, where a layer of
 * its own for every row would cost more than it is worth. What goes round starts again from its beginning.
 */
export function scrollMover(window: HTMLElement, { moveBy, loop, start, rtl }: TrackOptions): Mover {
  const sign = rtl ? -1 : 1;
  const cards = shownCards(window);
  // Measured when asked, since the window may have become wider.
  const stepPx = () => {
    const [first, second] = cards;
    return moveBy * (first && second ? Math.abs(second.offsetLeft - first.offsetLeft) : window.clientWidth);
  };
  const most = () => Math.max(0, window.scrollWidth - window.clientWidth);
  const stops = () => Math.max(1, Math.ceil(most() / stepPx() - 0.01) + 1);
  const at = () => {
    const left = sign * window.scrollLeft;
    return left >= most() - 2 ? stops() - 1 : Math.min(stops() - 1, Math.round(left / stepPx()));
  };
  const listeners: (() => void)[] = [];
  const tell = () => listeners.forEach((one) => one());
  window.addEventListener('scroll', tell, { passive: true });
  const go = (stop: number) =>
    window.scrollTo({ left: sign * Math.min(most(), stop * stepPx()), behavior: 'instant' });
  if (start > 0) go(Math.floor(start / moveBy));
  return {
    scrolls: true,
    stops,
    at,
    go,
    next: () => (at() < stops() - 1 ? at() + 1 : loop ? 0 : at()),
    previous: () => (at() > 0 ? at() - 1 : loop ? stops() - 1 : 0),
    onMove: (told) => void listeners.push(told),
    stop: () => window.removeEventListener('scroll', tell),
  };
}
