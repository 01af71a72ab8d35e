import { dragging } from './dragging.ts';

/** A bay that was dropped before another, or after all of its column. */
export interface BayDropped {
  bay: string;
  /** Id of the bay that it comes to stand before, or after. */
  by: string;
  side: 'before' | 'after';
}

/** What is dragged or pressed for itself, and so drags no bay. */
const NOT_BAYS = '.card,a,button,input,select,textarea,label,summary,[data-moving],[contenteditable]';

const idOf = (bay: Element) => bay.getAttribute('data-bay')!;

/**
 * Lets the bays of a page be dragged by their headings and whatever else of them is nothing for itself, to another place
 * of the column that they stand in. Returns what ends it.
 * @param bays ids of the bays, in their order
 * @param words what is said of a place
 */
export function dragBays(
  page: Document,
  bays: readonly string[],
  words: (dropped: BayDropped) => string,
  dropped: (bay: BayDropped) => void,
): () => void {
  const line = page.createElement('div');
  line.className = 'drop-line';
  line.dataset.at = 'before';
  const said = page.createElement('output');
  said.className = 'drop-words';
  /** The bays of the same column that are drawn, from the top down. */
  const beside = (bay: Element) =>
    [...bay.parentElement!.children].filter(
      (one) =>
        one.matches('[data-bay]') && bays.includes(idOf(one)) && one.getBoundingClientRect().height > 0,
    );
  const aim = (bay: Element, y: number): { drop: BayDropped; at: number } | null => {
    const column = beside(bay);
    const middle = (one: Element) => {
      const { top, bottom } = one.getBoundingClientRect();
      return (top + bottom) / 2;
    };
    const next = column.findIndex((one) => y < middle(one));
    const own = column.indexOf(bay);
    // Where it stands already.
    if (own < 0 || next === own || next === own + 1 || (next < 0 && own === column.length - 1)) return null;
    const by = next < 0 ? column.at(-1)! : column[next]!;
    const { top, bottom } = by.getBoundingClientRect();
    const side = next < 0 ? 'after' : 'before';
    return { drop: { bay: idOf(bay), by: idOf(by), side }, at: next < 0 ? bottom : top };
  };
  return dragging<{ bay: Element; drop: BayDropped | null }>(page, {
    from({ target }) {
      const element = target as Element;
      const bay = element.closest('[data-bay]');
      if (!bay || !bays.includes(idOf(bay)) || element.closest(NOT_BAYS)) return null;
      return beside(bay).length > 1 ? { bay, drop: null } : null;
    },
    move(from, { clientX, clientY }) {
      from.bay.setAttribute('data-dragged', '');
      const found = aim(from.bay, clientY);
      from.drop = found?.drop ?? null;
      if (!found) {
        line.remove();
        said.remove();
        return;
      }
      const { left, width } = from.bay.getBoundingClientRect();
      Object.assign(line.style, {
        left: `${left}px`,
        top: `${found.at - LINE_PX / 2}px`,
        width: `${width}px`,
        height: `${LINE_PX}px`,
      });
      said.textContent = words(found.drop);
      Object.assign(said.style, { left: `${clientX + 14}px`, top: `${clientY + 6}px` });
      page.documentElement.append(line, said);
    },
    drop({ drop }) {
      if (drop) dropped(drop);
    },
    end({ bay }) {
      bay.removeAttribute('data-dragged');
      line.remove();
      said.remove();
    },
  });
}

const LINE_PX = 4;
