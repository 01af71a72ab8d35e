import { scriptTexts } from '../../core/texts/inScript.ts';
import { pageMover, shownCards, type MakeMover, type Mover, type TrackOptions } from './movers.ts';

/** Dots beyond this many tell nothing; a bar does. */
const MOST_DOTS = 15;

interface Setting {
  moves: boolean;
  moveBy: number;
  marks: string;
}

/** What the style sheet sets of a shelf at the width that it has now. */
function settingOf(shelf: HTMLElement, window: HTMLElement): Setting {
  const view = shelf.ownerDocument.defaultView!;
  const [ofShelf, ofWindow] = [view.getComputedStyle(shelf), view.getComputedStyle(window)];
  return {
    moves: ofWindow.getPropertyValue('--moves').trim() === '1',
    moveBy: Number(ofShelf.getPropertyValue('--move-by')) || 1,
    marks: ofShelf.getPropertyValue('--marks').trim() || 'none',
  };
}

/** Draws the marks: a dot for every stop, a bar, or a count. Returns what is to be called after every move. */
function drawMarks(
  box: HTMLElement | null,
  kind: string,
  mover: Mover,
  go: (stop: number) => void,
): () => void {
  if (!box || kind === 'none') return () => undefined;
  const { ownerDocument } = box;
  const texts = scriptTexts(ownerDocument);
  box.replaceChildren();
  const add = <K extends keyof HTMLElementTagNameMap>(tag: K, within: HTMLElement = box) =>
    within.appendChild(ownerDocument.createElement(tag));
  const stops = mover.stops();
  if (kind === 'dots' && stops <= MOST_DOTS) {
    const dots = Array.from({ length: stops }, (_, i) => {
      const dot = add('button');
      dot.type = 'button';
      dot.setAttribute('aria-label', texts.position(i + 1, stops));
      dot.addEventListener('click', () => go(i));
      return dot;
    });
    return () => dots.forEach((dot, i) => dot.setAttribute('aria-current', String(i === mover.at())));
  }
  if (kind === 'count') {
    const words = add('span');
    words.setAttribute('aria-live', 'polite');
    return () => (words.textContent = texts.count(mover.at() + 1, stops));
  }
  const bar = add('span');
  bar.className = 'bar';
  bar.setAttribute('role', 'img');
  const filled = add('i', bar);
  return () => {
    filled.style.transform = `scaleX(${(mover.at() + 1) / stops})`;
    bar.setAttribute('aria-label', texts.position(mover.at() + 1, stops));
  };
}

/** Moves by itself while nobody looks closer: not under the pointer, not with the keyboard in it, not when held or paused. */
function play(shelf: HTMLElement, restMs: number, move: () => void): () => void {
  const view = shelf.ownerDocument.defaultView!;
  const pause = shelf.querySelector<HTMLButtonElement>(':scope>.pause');
  const pauseWords = pause?.getAttribute('aria-label') ?? '';
  let still = false;
  const busy = () => still || shelf.matches(':hover,:focus-within,[data-held]') || shelf.ownerDocument.hidden;
  const timer = view.setInterval(() => !busy() && move(), restMs);
  const press = () => {
    still = !still;
    pause!.toggleAttribute('data-still', still);
    pause!.setAttribute('aria-label', still ? pause!.dataset.start! : pauseWords);
    // The pointer that pressed it stands on the shelf, which would keep it still.
    if (!still) pause!.blur();
  };
  pause?.addEventListener('click', press);
  return () => {
    view.clearInterval(timer);
    pause?.removeEventListener('click', press);
    pause?.removeAttribute('data-still');
    pause?.setAttribute('aria-label', pauseWords);
  };
}

/** How long words take to come in with a slide, ms. */
const WORDS_MS = 450;

const comings: Record<string, Keyframe[]> = {
  fades: [{ opacity: 0 }, { opacity: 1 }],
  rises: [
    { opacity: 0, transform: 'translateY(18px)' },
    { opacity: 1, transform: 'none' },
  ],
};

/** Lets the words of the slide that has come in follow it. */
function bringWords(window: HTMLElement, place: number, comes: string): void {
  const frames = comings[comes];
  const texts = shownCards(window)[place]?.querySelector(':scope>.texts:not(.lead)');
  if (frames) texts?.animate(frames, { duration: WORDS_MS, easing: 'ease-out' });
}

/** A shelf in motion. */
interface Running {
  /** Its width has changed, though nothing that it goes by. */
  follow(): void;
  /** Brings it back to a plain track. */
  end(): void;
}

/** Remembers the card that a shelf in motion is at. */
export interface Memory {
  /** Place of the card among those of the shelf; undefined where nothing is remembered. */
  read(): number | undefined;
  keep(card: number): void;
}

/** Sets one shelf in motion for the width that it has. */
function start(
  shelf: HTMLElement,
  window: HTMLElement,
  { moveBy, marks }: Setting,
  makeTrack: MakeMover,
  memory: Memory | null,
): Running {
  const view = shelf.ownerDocument.defaultView!;
  const data = shelf.dataset;
  const calm = view.matchMedia('(prefers-reduced-motion:reduce)').matches;
  const rtl = view.getComputedStyle(shelf).direction === 'rtl';
  const options: TrackOptions = {
    moveBy,
    rtl,
    loop: data.loop !== undefined,
    moveMs: calm ? 0 : Number(data.time),
    swipe: data.swipe !== undefined,
    drag: data.drag !== undefined,
    start: memory?.read() ?? Math.max(0, Number(data.start ?? 1) - 1),
  };
  const turns = view.getComputedStyle(window.firstElementChild!).display === 'grid';
  const mover = (turns ? pageMover : makeTrack)(window, options);
  shelf.dataset.on = turns || mover.scrolls ? 'pages' : 'track';
  const fades = data.fades !== undefined;
  const go = (stop: number) => {
    const from = mover.at();
    mover.go(stop, calm || fades);
    if (fades && !calm && stop !== from)
      window.animate(comings.fades!, { duration: options.moveMs, easing: 'ease-out' });
  };
  const [previous, next] = ['previous', 'next'].map((to) =>
    shelf.querySelector<HTMLButtonElement>(`:scope>.${to}`),
  );
  const back = () => go(mover.previous());
  const forth = () => go(mover.next());
  const box = shelf.querySelector<HTMLElement>(':scope>.marks');
  let stops = mover.stops();
  let place = mover.at();
  let toldMarks = drawMarks(box, marks, mover, go);
  const told = () => {
    if (mover.stops() !== stops) {
      stops = mover.stops();
      toldMarks = drawMarks(box, marks, mover, go);
    }
    toldMarks();
    if (mover.at() !== place) {
      place = mover.at();
      memory?.keep(place * moveBy);
      if (data.comes && !calm) bringWords(window, place * moveBy, data.comes);
    }
    // Not disabled in earnest, which would take the keyboard away from one who stands on it.
    previous?.setAttribute('aria-disabled', String(mover.previous() === mover.at()));
    next?.setAttribute('aria-disabled', String(mover.next() === mover.at()));
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    if ((event.key === 'ArrowRight') !== rtl) forth();
    else back();
  };
  previous?.addEventListener('click', back);
  next?.addEventListener('click', forth);
  shelf.addEventListener('keydown', onKey);
  mover.onMove(told);
  told();
  const rests = Number(data.rest);
  const stopPlaying =
    rests && !calm
      ? play(shelf, rests + options.moveMs, () => (mover.next() === mover.at() ? go(0) : forth()))
      : null;
  return {
    follow: told,
    end() {
      stopPlaying?.();
      mover.stop();
      previous?.removeEventListener('click', back);
      next?.removeEventListener('click', forth);
      shelf.removeEventListener('keydown', onKey);
      delete shelf.dataset.on;
    },
  };
}

/**
 * Sets a shelf in motion and keeps it so as its width changes. Returns what ends it.
 * @param makeTrack how a row of cards is moved
 * @param memory where it was when the page was left; null where it always begins at its start
 */
export function keepMoving(
  shelf: HTMLElement,
  makeTrack: MakeMover,
  memory: Memory | null = null,
): () => void {
  const window = shelf.querySelector<HTMLElement>(':scope>.window');
  const view = shelf.ownerDocument.defaultView;
  if (!window || !view) return () => undefined;
  let now = '';
  let running: Running | null = null;
  const follow = () => {
    const setting = settingOf(shelf, window);
    const next = JSON.stringify(setting);
    if (next === now) {
      running?.follow();
      return;
    }
    now = next;
    running?.end();
    running = setting.moves ? start(shelf, window, setting, makeTrack, memory) : null;
  };
  const watch = new view.ResizeObserver(follow);
  watch.observe(window);
  follow();
  return () => {
    watch.disconnect();
    running?.end();
  };
}
