import { create } from 'zustand';

/** What is looked at of a bay that shows what it holds by turns. */
export interface TurnedTo {
  bay: string;
  /** Its place among what is shown. */
  place: number;
}

/** To what the frames are turned, and held there; null while they go on as they do. */
export const useTurnedTo = create<{ turned: TurnedTo | null }>(() => ({ turned: null }));

export const turnTo = (turned: TurnedTo | null): void => useTurnedTo.setState({ turned });

/** Turns a page that is drawn to something and holds it there. Returns what lets it go. */
export function holdAt(document: Document, { bay, place }: TurnedTo): () => void {
  const moving = document.querySelector<HTMLElement>(`[data-bay="${CSS.escape(bay)}"] [data-moving]`);
  const window = moving?.querySelector(':scope>.window');
  const shown = window?.firstElementChild?.children[place];
  if (!moving || !window || !shown) return () => undefined;
  moving.dataset.held = '';
  window.scrollTo({ left: (shown as HTMLElement).offsetLeft, behavior: 'instant' });
  return () => delete moving.dataset.held;
}
