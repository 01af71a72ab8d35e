/** How far along a movement is that begins and ends slowly, 0 to 1. */
const eased = (part: number): number => (part < 0.5 ? 2 * part * part : 1 - 2 * (1 - part) * (1 - part));

const STOPS = ['wheel', 'touchstart', 'keydown', 'pointerdown'] as const;

/** Jump buttons take as long as they are told, unless the shopper moves the page meanwhile or wants less movement. */
export function keepJumps(document: Document): void {
  const view = document.defaultView!;
  document.addEventListener('click', (event) => {
    const link = (event.target as Element).closest<HTMLAnchorElement>('a[data-jump]');
    if (!link || event.ctrlKey || event.metaKey || event.shiftKey || event.altKey) return;
    const target = document.getElementById(decodeURIComponent(link.hash.slice(1)));
    if (!target) return;
    event.preventDefault();
    const still = view.matchMedia('(prefers-reduced-motion:reduce)').matches;
    const ms = still ? 0 : Number(link.dataset.jump);
    const ends = new AbortController();
    const arrive = () => {
      ends.abort();
      if (view.location.hash !== link.hash) view.history.pushState(null, '', link.hash);
      // Whoever goes on with the keyboard goes on from there.
      target.tabIndex = -1;
      target.focus({ preventScroll: true });
    };
    for (const stop of STOPS)
      view.addEventListener(stop, () => ends.abort(), { signal: ends.signal, passive: true });
    const begin = view.performance.now();
    const from = view.scrollY;
    const step = (now: number) => {
      if (ends.signal.aborted) return;
      const part = ms > 0 ? Math.min(1, Math.max(0, (now - begin) / ms)) : 1;
      // Looked at again each time, since pictures above may come to be higher.
      const clear = parseFloat(view.getComputedStyle(target).scrollMarginTop) || 0;
      const to = target.getBoundingClientRect().top + view.scrollY - clear;
      view.scrollTo({ top: from + (to - from) * eased(part), behavior: 'instant' });
      if (part < 1) view.requestAnimationFrame(step);
      else arrive();
    };
    view.requestAnimationFrame(step);
  });
}
