/** Where a frame is scrolled to, in words that hold at every width: a bay, and how far into it. */
export interface Spot {
  bayId: string;
  /** Share of the bay's height that is above the top edge. */
  share: number;
}

const baysOf = (document: Document) => [...document.querySelectorAll<HTMLElement>('[data-bay]')];

/** The bay at the top edge; null on an empty page. */
export function spotOf(document: Document): Spot | null {
  const top = document.documentElement.scrollTop;
  const bays = baysOf(document).filter((bay) => bay.offsetHeight > 0);
  const at = bays.findLast((bay) => bay.offsetTop <= top + 1) ?? bays[0];
  return at ? { bayId: at.dataset.bay!, share: (top - at.offsetTop) / at.offsetHeight } : null;
}

/** Scrolls so that the same spot is at the top; nothing where the bay is not drawn. */
export function scrollToSpot(document: Document, { bayId, share }: Spot): void {
  const bay = baysOf(document).find((one) => one.dataset.bay === bayId && one.offsetHeight > 0);
  if (bay) document.documentElement.scrollTop = bay.offsetTop + share * bay.offsetHeight;
}

/** Brings a bay in sight, with a little of what stands above it. */
export function showBay(document: Document, bayId: string, scale: number): void {
  const bay = baysOf(document).find((one) => one.dataset.bay === bayId && one.offsetHeight > 0);
  if (bay) document.documentElement.scrollTop = Math.max(0, bay.offsetTop - 28 / scale);
}

/** Brings a bay in sight where it begins below the upper half of what is seen, or above it. */
export function keepInSight(document: Document, bayId: string): void {
  const bay = baysOf(document).find((one) => one.dataset.bay === bayId && one.offsetHeight > 0);
  const { scrollTop, clientHeight } = document.documentElement;
  if (!bay || (bay.offsetTop >= scrollTop && bay.offsetTop < scrollTop + clientHeight / 2)) return;
  document.documentElement.scrollTop = Math.max(0, bay.offsetTop - clientHeight / 20);
}

/** Brings a part of a bay in sight, in the lower half, so that what it ends can be seen; nothing where it is not drawn. */
export function showPart(document: Document, bayId: string, selector: string): void {
  const bay = baysOf(document).find((one) => one.dataset.bay === bayId);
  const part = [...(bay?.querySelectorAll<HTMLElement>(selector) ?? [])].find((one) => one.offsetHeight > 0);
  if (!part) return;
  const { scrollTop, clientHeight } = document.documentElement;
  const { top, bottom } = part.getBoundingClientRect();
  if (top >= 0 && bottom <= clientHeight) return;
  document.documentElement.scrollTop = Math.max(0, scrollTop + bottom - clientHeight * 0.8);
}
