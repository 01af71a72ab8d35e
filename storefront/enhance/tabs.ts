import { tellGoodsCame } from './goodsCame.ts';
import { keep } from './memory.ts';
import { adopt, fetchPage } from './otherPage.ts';

/** How long the bay takes to come to the height of another tab, ms. */
const EASE_MS = 220;

/** Another tab of a page as its address has it: what it shows, and its style sheet. */
interface Fetched {
  panel: HTMLElement;
  css: string;
}

async function fetchTab(bayId: string, { href, dataset }: HTMLAnchorElement): Promise<Fetched> {
  const { page, css } = await fetchPage(href);
  const bay = page.querySelector(`[data-bay="${CSS.escape(bayId)}"]`);
  const panel = bay?.querySelector<HTMLElement>('.tab-panel');
  // Another one is open there where what this one shows has come to be nothing.
  const isOpen = bay?.querySelector<HTMLElement>('.tab[aria-current]')?.dataset.opens === dataset.opens;
  if (!panel || !isOpen) throw new Error('The tab is gone.');
  return { panel, css };
}

/** Makes tabs of the links of a bay: they open where they are, and the page keeps its place. */
function makeTabs(inner: HTMLElement, enhance: (within: ParentNode) => void): void {
  const strip = inner.querySelector<HTMLElement>('.tab-strip');
  const panels = inner.querySelector<HTMLElement>('.tab-panels')!;
  const bay = inner.closest<HTMLElement>('[data-bay]')!;
  if (!strip) return;
  const tabs = [...strip.querySelectorAll<HTMLAnchorElement>('.tab')];
  const id = bay.dataset.bay!;
  const shown = new Map<HTMLAnchorElement, HTMLElement>();
  const coming = new Map<HTMLAnchorElement, Promise<Fetched>>();
  let wanted: HTMLAnchorElement | null = null;

  /** Fetched once, and again only after it failed. */
  const ask = (tab: HTMLAnchorElement): Promise<Fetched> => {
    let asked = coming.get(tab);
    if (!asked) {
      asked = fetchTab(id, tab);
      coming.set(tab, asked);
      asked.catch(() => coming.delete(tab));
    }
    return asked;
  };
  const inSight = (tab: HTMLElement) => {
    const [at, of] = [tab.getBoundingClientRect(), strip.getBoundingClientRect()];
    if (at.left < of.left) strip.scrollBy({ left: at.left - of.left });
    else if (at.right > of.right) strip.scrollBy({ left: at.right - of.right });
  };
  const mark = (open: HTMLAnchorElement) => {
    for (const tab of tabs) {
      tab.setAttribute('aria-selected', String(tab === open));
      tab.tabIndex = tab === open ? 0 : -1;
    }
    inSight(open);
  };
  const label = (tab: HTMLAnchorElement, panel: HTMLElement) => {
    panel.id = `${id}-panel-${tabs.indexOf(tab)}`;
    panel.setAttribute('role', 'tabpanel');
    panel.setAttribute('aria-labelledby', tab.id);
    tab.setAttribute('aria-controls', panel.id);
    shown.set(tab, panel);
  };
  const show = (tab: HTMLAnchorElement) => {
    const before = panels.offsetHeight;
    for (const [one, panel] of shown) panel.hidden = one !== tab;
    mark(tab);
    const after = panels.offsetHeight;
    if (before !== after && !matchMedia('(prefers-reduced-motion:reduce)').matches) {
      panels.classList.add('eases');
      const easing = panels.animate([{ height: `${before}px` }, { height: `${after}px` }], {
        duration: EASE_MS,
        easing: 'ease-out',
      });
      easing.onfinish = easing.oncancel = () => panels.classList.remove('eases');
    }
    // Whoever comes back, or sends the address on, finds the same tab open.
    const here = new URL(location.href);
    const parameter = `${id}.shows`;
    const value = new URL(tab.href).searchParams.get(parameter);
    if (value === null) here.searchParams.delete(parameter);
    else here.searchParams.set(parameter, value);
    keep({}, here);
  };
  const open = async (tab: HTMLAnchorElement) => {
    wanted = tab;
    if (!shown.has(tab)) {
      panels.setAttribute('aria-busy', 'true');
      try {
        const { panel, css } = await ask(tab);
        if (!shown.has(tab)) {
          adopt(css);
          panels.append(panel);
          label(tab, panel);
          // What moves is measured while it is there; it is painted only once it is shown.
          enhance(panel);
          tellGoodsCame();
          panel.hidden = true;
        }
      } catch {
        // As without a script.
        if (wanted === tab) location.assign(tab.href);
        return;
      } finally {
        panels.removeAttribute('aria-busy');
      }
    }
    if (wanted === tab) show(tab);
  };

  strip.setAttribute('role', 'tablist');
  const nav = strip.parentElement!;
  const name = nav.getAttribute('aria-label');
  if (name) strip.setAttribute('aria-label', name);
  // It is no way to other pages any more.
  nav.setAttribute('role', 'presentation');
  nav.removeAttribute('aria-label');
  tabs.forEach((tab, i) => {
    tab.parentElement!.setAttribute('role', 'presentation');
    tab.setAttribute('role', 'tab');
    tab.id = `${id}-tab-${i}`;
  });
  const first = tabs.find((tab) => tab.hasAttribute('aria-current')) ?? tabs[0]!;
  for (const tab of tabs) tab.removeAttribute('aria-current');
  label(first, panels.querySelector<HTMLElement>('.tab-panel')!);
  mark(first);

  const tabOf = (event: Event) => (event.target as Element).closest<HTMLAnchorElement>('.tab');
  strip.addEventListener('click', (event) => {
    const tab = tabOf(event);
    if (!tab || event.metaKey || event.ctrlKey || event.shiftKey || event.altKey) return;
    event.preventDefault();
    void open(tab);
  });
  strip.addEventListener('keydown', (event) => {
    const at = tabs.indexOf(tabOf(event)!);
    if (at < 0 || event.metaKey || event.ctrlKey || event.altKey) return;
    const forward = getComputedStyle(strip).direction === 'rtl' ? 'ArrowLeft' : 'ArrowRight';
    const back = forward === 'ArrowLeft' ? 'ArrowRight' : 'ArrowLeft';
    const to = {
      [forward]: (at + 1) % tabs.length,
      [back]: (at - 1 + tabs.length) % tabs.length,
      Home: 0,
      End: tabs.length - 1,
    }[event.key];
    if (event.key === ' ') void open(tabs[at]!);
    else if (to === undefined) return;
    else tabs[to]!.focus();
    event.preventDefault();
  });
  // Who points at one, or comes to it with the keyboard, is likely to open it.
  const soon = (event: Event) => {
    const tab = tabOf(event);
    if (tab && !shown.has(tab)) void ask(tab).catch(() => undefined);
  };
  for (const kind of ['pointerover', 'pointerdown', 'focusin'] as const) strip.addEventListener(kind, soon);
}

export function keepTabs(within: ParentNode, enhance: (within: ParentNode) => void): void {
  for (const inner of within.querySelectorAll<HTMLElement>('[data-tabs]')) makeTabs(inner, enhance);
}
