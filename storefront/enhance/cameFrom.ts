/** Kept for as long as the window is open. */
const KEY = 'cameFrom';

/** The list that a shopper went to a product from. */
interface List {
  /** What it is called, and where it is. */
  name: string;
  href: string;
  /** Addresses and titles of its products, as far as they were shown. */
  products: readonly (readonly [href: string, title: string])[];
}

const read = (): List | null => {
  try {
    return JSON.parse(sessionStorage.getItem(KEY) ?? 'null') as List | null;
  } catch {
    return null;
  }
};

/** Remembers which list a shopper goes to a product from. */
export function rememberList(): void {
  document.addEventListener('click', (event) => {
    const link = (event.target as Element).closest<HTMLAnchorElement>('[data-card] a[href^="/product/"]');
    const shelf = link?.closest('[data-shelf]');
    if (!shelf) return;
    // A list that is a table at some widths is there twice.
    const products = [...link!.closest('[data-card]')!.parentElement!.children].flatMap((card) => {
      const own = card.querySelector<HTMLAnchorElement>('a[href^="/product/"]');
      const title = card.querySelector('.part-title')?.textContent ?? own?.textContent ?? '';
      return own ? [[own.pathname, title] as const] : [];
    });
    const name =
      shelf.closest('[data-bay]')?.getAttribute('aria-label') ??
      document.querySelector('h1')?.textContent ??
      document.title;
    const list: List = { name, href: location.pathname + location.search, products };
    try {
      sessionStorage.setItem(KEY, JSON.stringify(list));
    } catch {
      // The main category is gone through instead.
    }
  });
}

/** Leads on in the list that the shopper came from, where this product is on it. */
export function followList(nav: HTMLElement): void {
  const list = read();
  const at = list?.products.findIndex(([href]) => href === location.pathname) ?? -1;
  if (!list || at < 0) return;
  const from = nav.querySelector<HTMLAnchorElement>('.from')!;
  from.href = list.href;
  from.textContent = list.name;
  const lead = (rel: 'prev' | 'next', to: List['products'][number] | undefined) => {
    const link = nav.querySelector<HTMLAnchorElement>(`[rel=${rel}]`);
    if (!link) return;
    link.hidden = !to;
    if (!to) return;
    const [words] = link.getAttribute('aria-label')!.split(':');
    link.href = to[0];
    link.setAttribute('aria-label', `${words}: ${to[1]}`);
  };
  lead('prev', list.products[at - 1]);
  lead('next', list.products[at + 1]);
}
