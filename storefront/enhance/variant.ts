import { keepGalleries } from './gallery.ts';
import { tellGoodsCame } from './goodsCame.ts';
import { fetchPage } from './otherPage.ts';
import { replaceRules } from './pageRules.ts';

/** On the page of a product another variant is shown where it stands: pictures, price, stock, and what is bought. */
export function keepVariants(): void {
  const status = document.createElement('p');
  status.className = 'unseen';
  status.setAttribute('role', 'status');
  document.querySelector('.region')!.append(status);
  let asked = '';

  const show = async (href: string, product: Element) => {
    asked = href;
    const bay = product.closest('[data-bay]')?.getAttribute('data-bay');
    product.setAttribute('aria-busy', 'true');
    try {
      const { page, css } = await fetchPage(href);
      // Another one has been asked for meanwhile.
      if (asked !== href) return;
      const other = page.querySelector(`[data-bay="${bay}"] .product`);
      if (!other) throw new Error('The product is gone.');
      const shown = document.importNode(other, true);
      replaceRules(css);
      product.replaceWith(shown);
      history.replaceState(null, '', href);
      keepGalleries(shown);
      tellGoodsCame();
      const chosen = [...shown.querySelectorAll<HTMLAnchorElement>('.options a')];
      chosen.find((one) => one.href === href)?.focus({ preventScroll: true });
      status.textContent = ['.cost', '.stock']
        .flatMap((selector) => shown.querySelector(selector)?.textContent ?? [])
        .join(', ');
    } catch {
      location.assign(href);
    }
  };

  document.addEventListener('click', (event) => {
    if (event.defaultPrevented || event.button !== 0) return;
    if (event.metaKey || event.ctrlKey || event.shiftKey || event.altKey) return;
    const link = (event.target as Element).closest<HTMLAnchorElement>('[data-bay] .product .options a');
    // A window that shows a product in short has its own way.
    if (!link || link.closest('dialog')) return;
    event.preventDefault();
    void show(link.href, link.closest('.product')!);
  });
}
