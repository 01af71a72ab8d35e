/** A card that was dropped onto the place of another. */
export interface Dropped {
  shelf: string;
  /** Of the card that was dragged. */
  item: number;
  /** Place of the card that it was dropped onto, in the whole list, from 0. */
  place: number;
}

/** A pointer that moves less presses, px. */
const PRESS_PX = 6;

const attribute = (element: Element | null, name: string) => element?.getAttribute(name) ?? null;

/**
 * Lets cards of some shelves of a page be dragged onto each other's places. What is dragged and where it would come to
 * is marked by attributes. Returns what ends it.
 * @param shelves ids of the shelves
 * @param dropped told of a card that was dropped; the press that a browser tells of afterwards is not one
 */
export function dragCards(
  page: Document,
  shelves: readonly string[],
  dropped: (card: Dropped) => void,
): () => void {
  let from: { card: Element; shelf: string; x: number; y: number } | null = null;
  let dragging = false;
  let target: Element | null = null;
  const cardOf = (element: Element | null) => element?.closest('.card') ?? null;
  const aim = (next: Element | null) => {
    target?.removeAttribute('data-drop');
    target = next;
    target?.setAttribute('data-drop', '');
  };
  const end = () => {
    from?.card.removeAttribute('data-dragged');
    aim(null);
    from = null;
    dragging = false;
  };
  const down = (event: PointerEvent) => {
    const card = cardOf(event.target as Element);
    const shelf = attribute(card?.closest('[data-shelf]') ?? null, 'data-shelf');
    if (event.button !== 0 || !card || shelf === null || !shelves.includes(shelf)) return;
    // Pictures and links would be dragged by the browser itself.
    from = { card, shelf, x: event.clientX, y: event.clientY };
  };
  const move = (event: PointerEvent) => {
    if (!from) return;
    if (!dragging && Math.hypot(event.clientX - from.x, event.clientY - from.y) < PRESS_PX) return;
    dragging = true;
    from.card.setAttribute('data-dragged', '');
    const under = cardOf(page.elementFromPoint(event.clientX, event.clientY));
    const same = attribute(under?.closest('[data-shelf]') ?? null, 'data-shelf') === from.shelf;
    aim(same && under !== from.card ? under : null);
  };
  const up = () => {
    const [source, onto] = [from, target];
    const wasDragging = dragging;
    end();
    if (!wasDragging) return;
    // The press that ends a drag opens nothing. It comes at once, before anything else is told of it, or never.
    const view = page.defaultView!;
    const swallow = (event: Event) => event.stopImmediatePropagation();
    view.addEventListener('click', swallow, { capture: true });
    setTimeout(() => view.removeEventListener('click', swallow, { capture: true }), 0);
    if (source && onto)
      dropped({
        shelf: source.shelf,
        item: Number(attribute(source.card, 'data-card')),
        place: Number(attribute(onto, 'data-place')),
      });
  };
  const cancel = (event: KeyboardEvent) => event.key === 'Escape' && end();
  const still = (event: Event) => from && event.preventDefault();
  const listening = new AbortController();
  const { signal } = listening;
  page.addEventListener('pointerdown', down, { signal });
  page.addEventListener('pointermove', move, { signal });
  page.addEventListener('pointerup', up, { signal });
  page.addEventListener('pointercancel', end, { signal });
  page.addEventListener('dragstart', still, { signal });
  page.addEventListener('keydown', cancel, { signal });
  return () => {
    end();
    listening.abort();
  };
}
