/** Menus whose second level is opened by a button, and those that are behind one. */
export function keepMenus(document: Document): void {
  const items = () => document.querySelectorAll<HTMLElement>('.menu-item[data-open]');
  const set = (item: HTMLElement, open: boolean) => {
    item.toggleAttribute('data-open', open);
    item.querySelector('.menu-more')?.setAttribute('aria-expanded', String(open));
  };
  const closeAll = (but: Element | null) => {
    for (const item of items()) if (item !== but) set(item, false);
  };
  document.addEventListener('click', (event) => {
    const pressed = event.target as Element;
    const more = pressed.closest('.menu-more');
    const item = pressed.closest<HTMLElement>('.menu-item');
    closeAll(item);
    if (more && item) set(item, !item.hasAttribute('data-open'));
    const fold = pressed.closest('.menu-fold,.side-fold');
    if (fold) fold.setAttribute('aria-expanded', String(fold.getAttribute('aria-expanded') !== 'true'));
  });
  document.addEventListener('focusin', (event) => {
    closeAll((event.target as Element).closest('.menu-item'));
  });
  document.addEventListener('keydown', (event) => {
    if (event.key !== 'Escape') return;
    const at = document.activeElement?.closest<HTMLElement>('.menu-item[data-open]');
    closeAll(null);
    at?.querySelector<HTMLElement>('.menu-more')?.focus();
    const fold = document.querySelector('.menu-fold[aria-expanded=true]');
    if (fold && !at && fold.parentElement!.contains(document.activeElement)) {
      fold.setAttribute('aria-expanded', 'false');
      (fold as HTMLElement).focus();
    }
    // What is open since it is pointed at goes too, until the pointer has left it.
    for (const pointed of document.querySelectorAll<HTMLElement>('.menu-item:hover')) {
      pointed.setAttribute('data-shut', '');
      pointed.addEventListener('pointerleave', () => pointed.removeAttribute('data-shut'), { once: true });
    }
  });
}
