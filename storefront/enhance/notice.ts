import { CLOSED, MOST_CLOSED } from './keepClosed.ts';

/** Notices that are closed stay closed on this device, for as long as they say the same. */
export function keepNotices(document: Document): void {
  document.addEventListener('click', (event) => {
    const button = (event.target as Element).closest<HTMLElement>('[data-close]');
    if (!button) return;
    const root = document.documentElement;
    const before = (root.getAttribute('data-closed') ?? '').split(' ').filter(Boolean);
    const closed = [button.dataset.close!, ...before].slice(0, MOST_CLOSED).join(' ');
    // The keyboard goes on with what follows.
    const next = button.closest('[data-bay]')?.nextElementSibling;
    root.setAttribute('data-closed', closed);
    next?.querySelector<HTMLElement>('a,button')?.focus({ preventScroll: true });
    try {
      localStorage.setItem(CLOSED, closed);
    } catch {
      // Without a place to keep it, it is closed on this page.
    }
  });
}
