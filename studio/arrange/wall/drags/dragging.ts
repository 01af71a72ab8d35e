/** One way of dragging something of a page; coordinates are px of the page's own window. */
export interface Drag<T> {
  /** What a press would drag; null for nothing. */
  from(event: PointerEvent): T | null;
  /** Told once it is dragged, and with every movement. */
  move(what: T, event: PointerEvent): void;
  /** It was let go. */
  drop(what: T): void;
  /** It ended, by letting go or else: marks are taken away. */
  end(what: T): void;
  /** Told of Escape, and of whatever else breaks it off, before its end. */
  cancel?(what: T): void;
}

/** A pointer that moves less presses, px. */
const PRESS_PX = 6;

/** Lets something of a page be dragged. Returns what ends it. The press that a browser tells of afterwards is not one. */
export function dragging<T extends object>(page: Document, drag: Drag<T>): () => void {
  let from: { what: T; x: number; y: number } | null = null;
  let moves = false;
  const end = () => {
    if (from && moves) drag.end(from.what);
    page.documentElement.removeAttribute('data-drags');
    from = null;
    moves = false;
  };
  const breakOff = () => {
    if (from && moves) drag.cancel?.(from.what);
    end();
  };
  const down = (event: PointerEvent) => {
    const what = event.button === 0 ? drag.from(event) : null;
    if (what) from = { what, x: event.clientX, y: event.clientY };
  };
  const move = (event: PointerEvent) => {
    if (!from) return;
    if (!moves && Math.hypot(event.clientX - from.x, event.clientY - from.y) < PRESS_PX) return;
    moves = true;
    page.documentElement.setAttribute('data-drags', '');
    drag.move(from.what, event);
  };
  const up = () => {
    const [what, moved] = [from?.what, moves];
    if (!what || !moved) return end();
    // The press that ends a drag opens nothing. It comes at once, before anything else is told of it, or never.
    const view = page.defaultView!;
    const swallow = (event: Event) => {
      event.stopImmediatePropagation();
      event.preventDefault();
    };
    view.addEventListener('click', swallow, { capture: true });
    setTimeout(() => view.removeEventListener('click', swallow, { capture: true }), 0);
    end();
    drag.drop(what);
  };
  const listening = new AbortController();
  const { signal } = listening;
  page.addEventListener('pointerdown', down, { signal });
  page.addEventListener('pointermove', move, { signal });
  page.addEventListener('pointerup', up, { signal });
  page.addEventListener('pointercancel', breakOff, { signal });
  // Pictures and links would be dragged by the browser itself.
  page.addEventListener('dragstart', (event) => from && event.preventDefault(), { signal });
  // The keyboard may be in the studio around the page, where Escape means something else once nothing is dragged.
  const escape = (event: KeyboardEvent) => {
    if (event.key !== 'Escape' || !moves) return;
    event.stopPropagation();
    breakOff();
  };
  page.addEventListener('keydown', escape, { signal });
  window.addEventListener('keydown', escape, { signal, capture: true });
  return () => {
    breakOff();
    listening.abort();
  };
}
