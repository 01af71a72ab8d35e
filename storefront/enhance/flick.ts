/** The picture in sight, counted from 0. */
const placeIn = (flick: Element): number => Math.round(Math.abs(flick.scrollLeft) / flick.clientWidth);

function mark(flick: Element): void {
  const at = placeIn(flick);
  flick
    .parentElement!.querySelectorAll('.turns i')
    .forEach((one, i) => one.toggleAttribute('data-on', i === at));
}

/** The arrows of pictures that are flicked through turn them, past the last to the first; marks say which is in sight. */
export function keepFlick(document: Document): () => void {
  const ends = new AbortController();
  const { signal } = ends;
  document.addEventListener(
    'scroll',
    ({ target }) => {
      if (target instanceof document.defaultView!.Element && target.classList.contains('flick')) mark(target);
    },
    { signal, capture: true, passive: true },
  );
  document.addEventListener(
    'click',
    (event) => {
      const turn = (event.target as Element).closest('.turn');
      const flick = turn?.parentElement!.querySelector('.flick');
      if (!turn || !flick) return;
      const many = flick.children.length;
      const step = turn.classList.contains('next') ? 1 : -1;
      const next = (placeIn(flick) + step + many) % many;
      const isMirrored = document.defaultView!.getComputedStyle(flick).direction === 'rtl';
      const still = document.defaultView!.matchMedia('(prefers-reduced-motion:reduce)').matches;
      flick.scrollTo({
        left: next * flick.clientWidth * (isMirrored ? -1 : 1),
        behavior: still ? 'auto' : 'smooth',
      });
    },
    { signal },
  );
  return () => ends.abort();
}
