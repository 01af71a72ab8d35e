import { dragging } from './dragging.ts';

/** A card that was dropped onto the place of another. */
export interface Dropped {
  shelf: string;
  /** Of the card that was dragged. */
  item: number;
  /** Place of the card that it was dropped onto, in the whole list, from 0. */
  place: number;
}

const attribute = (element: Element | null, name: string) => element?.getAttribute(name) ?? null;
const cardOf = (element: Element | null) => element?.closest('.card') ?? null;
const shelfOf = (card: Element | null) => attribute(card?.closest('[data-shelf]') ?? null, 'data-shelf');

/**
 * Lets cards of some shelves of a page be dragged onto each other's places. What is dragged and where it would come to
 * is marked by attributes. Returns what ends it.
 * @param shelves ids of the shelves
 */
export function dragCards(
  page: Document,
  shelves: readonly string[],
  dropped: (card: Dropped) => void,
): () => void {
  return dragging<{ card: Element; shelf: string; onto: Element | null }>(page, {
    from({ target }) {
      const card = cardOf(target as Element);
      const shelf = shelfOf(card);
      return card && shelf !== null && shelves.includes(shelf) ? { card, shelf, onto: null } : null;
    },
    move(from, { clientX, clientY }) {
      from.card.setAttribute('data-dragged', '');
      const under = cardOf(page.elementFromPoint(clientX, clientY));
      from.onto?.removeAttribute('data-drop');
      from.onto = shelfOf(under) === from.shelf && under !== from.card ? under : null;
      from.onto?.setAttribute('data-drop', '');
    },
    drop({ card, shelf, onto }) {
      if (onto)
        dropped({
          shelf,
          item: Number(attribute(card, 'data-card')),
          place: Number(attribute(onto, 'data-place')),
        });
    },
    end({ card, onto }) {
      card.removeAttribute('data-dragged');
      onto?.removeAttribute('data-drop');
    },
  });
}
