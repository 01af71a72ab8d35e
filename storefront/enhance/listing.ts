import { tellGoodsCame } from './goodsCame.ts';
import { fetchPage } from './otherPage.ts';
import { replaceRules } from './pageRules.ts';

/** What tells a control of a list from the others, so that it is found again in what takes its place. */
const keyOf = (control: HTMLElement): string | null =>
  control.dataset.key ?? control.getAttribute('name') ?? (control.className || null);

const listingsIn = (within: ParentNode) => [...within.querySelectorAll<HTMLElement>('[data-listing]')];

const sameIn = (within: ParentNode, listing: HTMLElement): HTMLElement | undefined =>
  listingsIn(within).find((one) => one.dataset.listing === listing.dataset.listing);

const filtersOf = (listing: HTMLElement) => listing.querySelector<HTMLElement>(':scope>.filters');

/** What was filled in of rows of tables, by form and field, also of rows that are not there just now. */
const filled = new Map<string, string>();

/** Rows that come again are filled in as they were. */
function keepFilled(listing: HTMLElement, other: HTMLElement): void {
  const fieldsOf = (within: HTMLElement) =>
    [...within.querySelectorAll<HTMLInputElement>('.sheet .quantity')].map(
      (field) => [`${field.getAttribute('form')} ${field.name}`, field] as const,
    );
  for (const [key, { value }] of fieldsOf(listing)) filled.set(key, value);
  for (const [key, field] of fieldsOf(other)) field.value = filled.get(key) ?? field.value;
}

/** Puts another list in the place of one: what is open stays open, and what has the keyboard keeps it. */
function replace(listing: HTMLElement, other: HTMLElement): void {
  const active = document.activeElement as HTMLElement | null;
  const key = active && listing.contains(active) ? keyOf(active) : null;
  const [before, after] = [filtersOf(listing), filtersOf(other)];
  const unfolded = new Set(
    [...listing.querySelectorAll<HTMLDetailsElement>('details[open]')].map((one) => one.dataset.key),
  );
  const isOpen = before?.matches(':popover-open') ?? false;
  const scrolled = before?.scrollTop ?? 0;
  for (const one of other.querySelectorAll('details')) one.open = unfolded.has(one.dataset.key);
  keepFilled(listing, other);
  listing.replaceWith(other);
  if (isOpen && after) {
    // Where the keyboard goes back to once they are closed.
    other.querySelector<HTMLElement>('.filters-fold')?.focus({ preventScroll: true });
    after.showPopover();
    after.scrollTop = scrolled;
  }
  if (active === null || key === null) return;
  // Filters that stand otherwise at another width have the same keys, and are not seen.
  const again = [
    ...other.querySelectorAll<HTMLElement>('a,button,input:not([type=hidden]),select,summary'),
  ].find((one) => keyOf(one) === key && one.getClientRects().length > 0);
  // What was taken off is gone; whoever did it goes on from what is found.
  (again ?? other.querySelector<HTMLElement>('.tool-count'))?.focus({ preventScroll: true });
}

/** Lets lists be narrowed, sorted and paged where they stand; addresses and the way back are as without script. */
export function keepListings(enhance: (within: ParentNode) => void): void {
  const status = document.createElement('p');
  status.className = 'unseen';
  status.setAttribute('role', 'status');
  document.querySelector('.region')!.append(status);
  let asked = 0;
  const addressNow = () => location.pathname + location.search;
  let here = addressNow();

  /** @param top whether the beginning of the list is brought into sight */
  const go = async (href: string, { push, top }: { push: boolean; top: boolean }) => {
    asked += 1;
    const own = asked;
    const all = listingsIn(document);
    for (const listing of all) listing.setAttribute('aria-busy', 'true');
    try {
      const { page, css } = await fetchPage(href);
      // Another one has been asked for meanwhile.
      if (own !== asked) return;
      const others = all.map((listing) => sameIn(page, listing));
      if (others.some((one) => !one)) throw new Error('The list is gone.');
      // The address that reads best; what a form sends may say the same in other words.
      if (push) history.pushState(null, '', others[0]!.dataset.address ?? href);
      here = addressNow();
      replaceRules(css);
      all.forEach((listing, i) => {
        replace(listing, others[i]!);
        enhance(others[i]!);
      });
      const first = others[0]!;
      status.textContent = first.querySelector('.tool-count')?.textContent ?? '';
      if (top && first.getBoundingClientRect().top < 0) first.scrollIntoView();
      tellGoodsCame();
    } catch {
      location.assign(href);
    }
  };

  document.addEventListener('click', (event) => {
    if (event.defaultPrevented || event.button !== 0) return;
    if (event.metaKey || event.ctrlKey || event.shiftKey || event.altKey) return;
    const link = (event.target as Element).closest<HTMLAnchorElement>(
      '[data-listing] :is(.filter-value,.chip,.remove-all,.tool-view,.sort-by)[href],[data-listing] .pager:not(.more) a',
    );
    if (!link) return;
    event.preventDefault();
    void go(link.href, { push: true, top: link.closest('.pager') !== null });
  });
  // A menu opens below its own name, as far as there is room; without script at the start of the line.
  document.addEventListener(
    'toggle',
    ({ target }) => {
      const menu = (target as Element).closest<HTMLDetailsElement>('.filter-menu[open]');
      if (!menu) return;
      const [line, summary] = [menu.parentElement!, menu.firstElementChild as HTMLElement];
      const box = menu.lastElementChild as HTMLElement;
      const most = line.clientWidth - box.offsetWidth;
      const isRtl = getComputedStyle(line).direction === 'rtl';
      const from = isRtl ? line.clientWidth - summary.offsetLeft - summary.offsetWidth : summary.offsetLeft;
      box.style.insetInlineStart = `${Math.max(0, Math.min(from, most))}px`;
    },
    true,
  );
  /** Menus of filters are closed by whatever is elsewhere. */
  const closeMenus = (but: Element | null) => {
    for (const menu of document.querySelectorAll<HTMLDetailsElement>('.filter-menu[open]'))
      if (menu !== but) menu.open = false;
  };
  document.addEventListener('click', ({ target }) => {
    // What was pressed may have been replaced meanwhile.
    if ((target as Element).isConnected) closeMenus((target as Element).closest('.filter-menu'));
  });
  document.addEventListener('keydown', ({ key }) => {
    const menu = document.activeElement?.closest<HTMLDetailsElement>('.filter-menu[open]');
    if (key !== 'Escape' || !menu) return;
    menu.open = false;
    menu.querySelector('summary')!.focus();
  });
  const send = (form: HTMLFormElement) => {
    const to = new URL(form.action);
    const entries = [...new FormData(form)].filter(([, value]) => value !== '') as [string, string][];
    to.search = new URLSearchParams(entries).toString();
    void go(to.href, { push: true, top: false });
  };
  document.addEventListener('submit', (event) => {
    const form = event.target as HTMLFormElement;
    if (!form.closest('[data-listing]') || form.method !== 'get') return;
    event.preventDefault();
    send(form);
  });
  document.addEventListener('change', ({ target }) => {
    const menu = (target as Element).closest<HTMLSelectElement>('.tool-sort select');
    if (menu?.form) send(menu.form);
  });
  addEventListener('popstate', () => {
    // To another place of the same page there is nothing to fetch.
    if (addressNow() !== here) void go(location.href, { push: false, top: false });
  });
}
