import { drawnAs, type StyleElement } from '../../core/style/element.ts';
import type { StateId } from '../../core/style/states.ts';

/** What stands for a state, by attribute, on its card, else on the element itself. */
const AS: Partial<Record<StateId, string>> = {
  cardHover: 'hover',
  hover: 'hover',
  focus: 'focus',
  pressed: 'hover pressed',
};

/** It, or what it stands in, waits until its card is pointed at. */
function isUnseen(element: Element, card: Element): boolean {
  const view = element.ownerDocument.defaultView!;
  for (let at: Element | null = element; at && at !== card; at = at.parentElement)
    if (view.getComputedStyle(at).opacity === '0') return true;
  return false;
}

/** Draws an element in a state wherever it is, without a pointer; gives all that are drawn, plain ones first. */
export function drawIn(document: Document, element: StyleElement, state: StateId): HTMLElement[] {
  // What takes time to change is asked for as it comes to be.
  document.documentElement.setAttribute('data-still', '');
  for (const one of document.querySelectorAll('[data-as]')) one.removeAttribute('data-as');
  const all = [...document.querySelectorAll<HTMLElement>(drawnAs(element, state).join())].filter(
    (one) => one.getClientRects().length > 0,
  );
  const special = [...(element.current ?? []), ...(element.off ?? [])].join();
  const isPlain = (one: Element) =>
    state === 'current' || state === 'off' || !special || !one.matches(special);
  all.sort((one, other) => Number(isPlain(other)) - Number(isPlain(one)));
  const as = AS[state];
  for (const one of all) {
    const card = element.ofCard && one.closest('.card');
    // Whoever points at what is on a card points at the card; and what is there only then is shown so in any case.
    if (card && (as !== undefined || isUnseen(one, card))) card.setAttribute('data-as', 'hover');
    if (as !== undefined && state !== 'cardHover') one.setAttribute('data-as', as);
  }
  document.documentElement.removeAttribute('data-still');
  return all;
}
