import { scriptTexts } from '../../core/texts/inScript.ts';
import { tellGoodsCame } from './goodsCame.ts';
import { keep, kept } from './memory.ts';
import { adopt, fetchPage } from './otherPage.ts';

/** Pages that come by themselves before a press is asked for, so that the foot of the page can be reached. */
const PAGES_BY_THEMSELVES = 3;
/** How far below the window's edge the end counts as reached, px. */
const NEAR_PX = 300;

const placeOf = (card: Element): number => Number(card.getAttribute('data-place'));

/** Puts the cards of a masonry under the shortest column each, by the heights that they have. */
function layColumns(window: HTMLElement, cards: readonly HTMLElement[]): void {
  const style = getComputedStyle(window);
  const across = Number(style.columnCount) || 1;
  const gap = parseFloat(getComputedStyle(window.firstElementChild!).rowGap) || 0;
  const ends = Array.from({ length: across }, () => 0);
  const last: (HTMLElement | null)[] = ends.map(() => null);
  const heights = cards.map((card) => card.offsetHeight);
  cards.forEach((card, i) => {
    const column = ends.indexOf(Math.min(...ends));
    ends[column]! += heights[i]! + gap;
    card.style.order = String(column);
    card.style.breakAfter = '';
    last[column] = card;
  });
  last.slice(0, -1).forEach((card) => card?.style.setProperty('break-after', 'column'));
}

/** What holds the goods of a shelf: its cards, the rows of its table, or both, of which one is shown. */
const LISTS = [':scope>.window>.cards', ':scope>.sheet>table>tbody'];

const isShown = (card: Element): boolean => (card as HTMLElement).offsetHeight > 0;

/** Its cards, and its rows. */
const goodsOf = (shelf: HTMLElement): Element[] => [...shelf.querySelectorAll('[data-place]')];

/** From now on the script says which cards are shown: those in sight now. */
function takeOver(lists: readonly HTMLElement[]): void {
  const shown = new Set(lists.flatMap((list) => [...list.children].filter(isShown).map(placeOf)));
  for (const list of lists) {
    if (list.dataset.grown !== undefined) continue;
    for (const card of list.children) (card as HTMLElement).hidden = !shown.has(placeOf(card));
    list.dataset.grown = '';
  }
}

/** Brings cards of another page of the list, by their places. Returns all that are there now, in their order. */
function put(list: HTMLElement, other: HTMLElement, from: number, end: number): HTMLElement[] {
  const here = new Map([...list.children].map((card) => [placeOf(card), card as HTMLElement]));
  for (const card of [...other.children] as HTMLElement[]) {
    const place = placeOf(card);
    if (place < from || place >= end) continue;
    const known = here.get(place);
    if (known) known.hidden = false;
    else {
      const after = [...here.keys()].filter((one) => one < place).sort((a, b) => b - a)[0];
      if (after === undefined) list.prepend(card);
      else here.get(after)!.after(card);
      here.set(place, card);
    }
  }
  return [...here.entries()].sort(([a], [b]) => a - b).map(([, card]) => card);
}

/** Brings the cards of another page of the list here. Returns the first of them that is shown. */
async function bring(
  shelf: HTMLElement,
  pager: HTMLElement,
  link: HTMLAnchorElement,
): Promise<HTMLElement | null> {
  const from = Number(link.dataset.from);
  const size = Number(pager.dataset.size);
  const { page, css } = await fetchPage(link.href);
  const other = page.querySelector<HTMLElement>(`[data-shelf="${CSS.escape(shelf.dataset.shelf!)}"]`);
  if (!other) throw new Error('The list is gone.');
  const pairs = LISTS.map((list) => [shelf, other].map((one) => one.querySelector<HTMLElement>(list)));
  const lists = pairs.flatMap(([list]) => list ?? []);
  // Before the other page's style sheet comes, which knows other cards by the same numbers.
  takeOver(lists);
  adopt(css);
  const all = pairs.flatMap(([list, more]) => (list && more ? put(list, more, from, from + size) : []));
  const first = all.find((card) => placeOf(card) >= from && isShown(card)) ?? null;
  const window = shelf.querySelector<HTMLElement>(':scope>.window');
  if (window && getComputedStyle(window).columnCount !== 'auto')
    layColumns(
      window,
      all.filter((card) => card.parentElement!.parentElement === window && !card.hidden),
    );
  // What leads on from there leads on from here; the other direction stays as it is.
  const next = other.querySelector<HTMLAnchorElement>(
    `:scope>.pagers>.pager[data-size="${size}"] a[rel="${link.rel}"]`,
  );
  if (next) {
    link.href = next.href;
    link.dataset.from = next.dataset.from;
  } else {
    link.remove();
    pager.querySelector('.to-foot')?.remove();
  }
  return first;
}

/** Brings what comes before or after at a pager; one after the other, whoever asks. */
type Load = (rel: 'prev' | 'next', pressed: boolean) => Promise<void>;

function loader(shelf: HTMLElement, pager: HTMLElement): Load {
  const texts = scriptTexts(document);
  const status = document.createElement('p');
  status.setAttribute('role', 'status');
  pager.append(status);
  const shown = () => goodsOf(shelf).filter(isShown).length;
  let last: Promise<void> = Promise.resolve();
  const load = async (rel: 'prev' | 'next', pressed: boolean) => {
    // Looked for only now, since what was asked before leads it on.
    const link = pager.querySelector<HTMLAnchorElement>(`a[rel=${rel}][data-from]`);
    if (!link) return;
    link.setAttribute('aria-busy', 'true');
    const top = pager.getBoundingClientRect().top;
    const before = shown();
    try {
      const first = await bring(shelf, pager, link);
      status.textContent = texts.moreShown(shown() - before);
      // What comes in above pushes nothing away from under the eye.
      if (rel === 'prev') scrollBy({ top: pager.getBoundingClientRect().top - top, behavior: 'instant' });
      tellGoodsCame();
      if (pressed) first?.querySelector('a')?.focus({ preventScroll: true });
    } catch {
      status.textContent = texts.moreFailed;
    }
    link.removeAttribute('aria-busy');
  };
  return (rel, pressed) => (last = last.then(() => load(rel, pressed)));
}

/** Lets a list grow where it stands, and the way back to it lead to the same place. */
export function keepGrowing(shelf: HTMLElement): void {
  const pagers = [...shelf.querySelectorAll<HTMLElement>(':scope>.pagers>.pager.more')];
  const loads = new Map(pagers.map((pager) => [pager, loader(shelf, pager)]));
  for (const [pager, load] of loads) {
    let byThemselves = 0;
    pager.addEventListener('click', (event) => {
      const link = (event.target as Element).closest<HTMLAnchorElement>('a[data-from]');
      if (!link || event.metaKey || event.ctrlKey || event.shiftKey) return;
      event.preventDefault();
      byThemselves = 0;
      void load(link.rel as 'prev' | 'next', true);
    });
    if (pager.dataset.by === 'onReach')
      new IntersectionObserver(
        ([entry], watch) => {
          const ended = !pager.querySelector('a[rel=next][data-from]');
          if (ended) watch.disconnect();
          if (ended || !entry!.isIntersecting || byThemselves >= PAGES_BY_THEMSELVES) return;
          byThemselves += 1;
          // Asked anew afterwards, since the end may still be in sight.
          void load('next', false).then(() => {
            watch.unobserve(pager);
            watch.observe(pager);
          });
        },
        { rootMargin: `${NEAR_PX}px` },
      ).observe(pager);
  }
  // Whoever leaves by a card comes back to it: the address becomes that of its page, and the card is kept in mind.
  shelf.addEventListener('click', (event) => {
    const card = (event.target as Element).closest('[data-place]');
    const pager = pagers.find((one) => one.offsetHeight > 0);
    if (!card || !pager || !(event.target as Element).closest('a')) return;
    const size = Number(pager.dataset.size);
    const place = placeOf(card);
    const here = new URL(location.href);
    const from = Math.floor(place / size) * size;
    if (from > 0) here.searchParams.set(`${shelf.dataset.shelf!}.from`, String(from));
    else here.searchParams.delete(`${shelf.dataset.shelf!}.from`);
    const [first, last] = endsOf(shelf);
    const { top } = card.getBoundingClientRect();
    keep({ list: { shelf: shelf.dataset.shelf!, place, top, first, last } }, here);
  });
  const pager = pagers.find((one) => one.offsetHeight > 0);
  if (pager) void comeBack(shelf, loads.get(pager)!);
}

/** Places of the first and the last card that are shown. */
function endsOf(shelf: HTMLElement): [number, number] {
  const places = goodsOf(shelf).filter(isShown).map(placeOf);
  return [Math.min(...places), Math.max(...places)];
}

/** Brings back every page of the list that was shown, and stands the card by which it was left where it stood. */
async function comeBack(shelf: HTMLElement, load: Load): Promise<void> {
  const { list } = kept();
  if (!list || list.shelf !== shelf.dataset.shelf) return;
  history.scrollRestoration = 'manual';
  const stand = () => {
    const card = goodsOf(shelf).find((one) => placeOf(one) === Number(list.place) && isShown(one));
    if (card) scrollBy({ top: card.getBoundingClientRect().top - list.top, behavior: 'instant' });
  };
  /** Loads in one direction until all is there that was, or nothing more comes. */
  const all = async (rel: 'prev' | 'next', isThere: () => boolean) => {
    for (let before = ''; !isThere() && before !== String(endsOf(shelf));) {
      before = String(endsOf(shelf));
      await load(rel, false);
      stand();
    }
  };
  stand();
  await all('prev', () => endsOf(shelf)[0] <= list.first);
  await all('next', () => endsOf(shelf)[1] >= list.last);
}
