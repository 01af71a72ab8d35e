import EmblaCarousel from 'embla-carousel';
import { shownCards, type Mover, type TrackOptions } from './movers.ts';

/** Embla's duration is no time; a move of this many ms is as good as over after so many of its units. */
const MS_A_UNIT = 30.6;

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
