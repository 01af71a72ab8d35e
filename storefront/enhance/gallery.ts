/** Steps by which the keyboard moves what is seen of a picture that is enlarged, of its width and height. */
const STEP = 0.1;

/** One picture that can be enlarged where it stands. */
function keepZoom(shot: HTMLElement, onHover: boolean, percent: string): void {
  const picture = shot.querySelector('img')!;
  const button = shot.querySelector<HTMLAnchorElement>('.zoom')!;
  const sizes = picture.sizes;
  let at = { x: 0.5, y: 0.5 };
  const held = () => shot.hasAttribute('data-held');
  const look = (x: number, y: number) => {
    at = { x: Math.min(1, Math.max(0, x)), y: Math.min(1, Math.max(0, y)) };
    shot.style.setProperty('--at-x', `${at.x * 100}%`);
    shot.style.setProperty('--at-y', `${at.y * 100}%`);
  };
  const lookAt = ({ clientX, clientY }: PointerEvent | MouseEvent) => {
    const { left, top, width, height } = shot.getBoundingClientRect();
    look((clientX - left) / width, (clientY - top) / height);
  };
  const set = (zoomed: boolean, hold: boolean) => {
    shot.toggleAttribute('data-zoomed', zoomed);
    shot.toggleAttribute('data-held', zoomed && hold);
    button.setAttribute('aria-pressed', String(zoomed && hold));
    // As sharp as it is seen then.
    picture.sizes = zoomed ? `${Math.ceil((shot.clientWidth * Number(percent)) / 100)}px` : sizes;
    if (!zoomed) look(0.5, 0.5);
  };
  shot.style.setProperty('--zoom', String(Number(percent) / 100));
  button.setAttribute('role', 'button');
  button.setAttribute('aria-pressed', 'false');
  button.addEventListener('click', (event) => {
    if (event.ctrlKey || event.metaKey || event.shiftKey) return;
    event.preventDefault();
    set(!held(), true);
  });
  picture.addEventListener('click', (event) => {
    lookAt(event);
    set(!held(), true);
  });
  shot.addEventListener('pointermove', (event) => {
    if (shot.hasAttribute('data-zoomed')) lookAt(event);
  });
  if (onHover)
    shot.addEventListener('pointerenter', (event) => {
      if (event.pointerType !== 'mouse' || held()) return;
      lookAt(event);
      set(true, false);
    });
  shot.addEventListener('pointerleave', (event) => {
    if (event.pointerType === 'mouse' && !held()) set(false, false);
  });
  button.addEventListener('keydown', (event) => {
    const { key } = event;
    if (key === ' ') {
      event.preventDefault();
      set(!held(), true);
    }
    if (!held()) return;
    const steps: Record<string, [number, number]> = {
      ArrowLeft: [-STEP, 0],
      ArrowRight: [STEP, 0],
      ArrowUp: [0, -STEP],
      ArrowDown: [0, STEP],
    };
    const step = steps[key];
    if (step) look(at.x + step[0], at.y + step[1]);
    if (key === 'Escape') set(false, false);
    if (step || key === 'Escape') {
      event.preventDefault();
      // A window that it is in stays open.
      event.stopPropagation();
    }
  });
  button.addEventListener('blur', () => {
    if (held()) set(false, false);
  });
}

/** Marks which picture is seen where one is at a time, and goes to another without moving the page. */
function keepLinks(gallery: HTMLElement, shots: HTMLElement): void {
  const links = [...gallery.querySelectorAll<HTMLAnchorElement>('.shot-links a')];
  if (links.length === 0) return;
  const all = [...shots.children] as HTMLElement[];
  const seen = new IntersectionObserver(
    (entries) => {
      for (const { target, isIntersecting } of entries)
        if (isIntersecting)
          links.forEach((link, i) => {
            if (all[i] === target) link.setAttribute('aria-current', 'true');
            else link.removeAttribute('aria-current');
          });
    },
    { root: shots, threshold: 0.6 },
  );
  for (const one of all) seen.observe(one);
  links.forEach((link, i) =>
    link.addEventListener('click', (event) => {
      event.preventDefault();
      shots.scrollTo({ left: all[i]!.offsetLeft - all[0]!.offsetLeft });
    }),
  );
}

/** Pictures of products: which one is seen, and each enlarged where it stands. */
export function keepGalleries(within: ParentNode): void {
  for (const gallery of within.querySelectorAll<HTMLElement>('.gallery:not([data-kept])')) {
    gallery.setAttribute('data-kept', '');
    const shots = gallery.querySelector<HTMLElement>('.shots')!;
    keepLinks(gallery, shots);
    const { zoom, percent = '200' } = gallery.dataset;
    if (zoom) for (const shot of shots.children) keepZoom(shot as HTMLElement, zoom === 'hover', percent);
  }
}
