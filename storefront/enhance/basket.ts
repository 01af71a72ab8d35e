import { countOf, readBasketLines } from '../../core/shopper/basketLines.ts';
import { scriptTexts } from '../../core/texts/inScript.ts';
import { BASKET } from './cookieNames.ts';
import { cookie } from './cookies.ts';
import { sendForms } from './sendForms.ts';

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

/** What is put into the basket goes there without leaving the page; what is changed in it does not. */
export function keepBasket(): void {
  showCount();
  // Coming back to a page that the browser kept, and changes in another window of it.
  addEventListener('pageshow', showCount);
  document.addEventListener('visibilitychange', showCount);
  sendForms<{ count: number }>(
    '/basket',
    (form, { ok, said }) => {
      const texts = scriptTexts(document);
      showCount();
      say(form, ok ? texts.inBasket(said.count ?? 0) : (said.message ?? texts.addFailed));
    },
    (form) => form.closest('[data-basket]') !== null,
  );
}
