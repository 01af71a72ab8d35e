import { countOf, readBasketLines } from '../../core/shopper/basketLines.ts';
import { scriptTexts } from '../../core/texts/inScript.ts';
import { BASKET } from './cookieNames.ts';
import { cookie } from './cookies.ts';

/** Says beside the link to the basket how many things are in it. */
function showCount(): void {
  const count = countOf(readBasketLines(cookie(BASKET) ?? ''));
  for (const place of document.querySelectorAll('[data-basket-count]'))
    place.textContent = count > 0 ? `(${count})` : '';
}

/** Read aloud by who cannot see the count change; seen beside the button by who can. */
function say(form: HTMLFormElement, words: string): void {
  let place = form.querySelector<HTMLElement>('.basket-said');
  if (!place) {
    place = document.createElement('span');
    place.className = 'basket-said';
    place.setAttribute('role', 'status');
    form.append(place);
  }
  place.textContent = words;
}

async function add(form: HTMLFormElement): Promise<void> {
  const texts = scriptTexts(document);
  const answer = await fetch(form.action, {
    method: 'POST',
    headers: { accept: 'application/json' },
    body: new URLSearchParams(new FormData(form) as unknown as Record<string, string>),
  });
  const said = (await answer.json()) as { count?: number; message?: string };
  showCount();
  say(form, answer.ok ? texts.inBasket(said.count ?? 0) : (said.message ?? texts.addFailed));
}

/** What is put into the basket goes there without leaving the page: the focus stays where it was. */
export function keepBasket(): void {
  showCount();
  // Coming back to a page that the browser kept, and changes in another window of it.
  addEventListener('pageshow', showCount);
  document.addEventListener('visibilitychange', showCount);
  document.addEventListener('submit', (event) => {
    const form = event.target as HTMLFormElement;
    if (form.getAttribute('action') !== '/basket' || form.closest('[data-basket]')) return;
    event.preventDefault();
    if (form.hasAttribute('aria-busy')) return;
    form.setAttribute('aria-busy', 'true');
    add(form)
      .catch(() => say(form, scriptTexts(document).addFailed))
      .finally(() => form.removeAttribute('aria-busy'));
  });
}
