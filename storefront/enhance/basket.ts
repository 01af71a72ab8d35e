import { countOf, readBasketLines } from '../../core/shopper/basketLines.ts';
import { ONLY_FIELD, quantityField, variantOf } from '../../core/table/rowsForm.ts';
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
function say(near: HTMLElement, words: string): void {
  let place = near.querySelector<HTMLElement>('.basket-said');
  if (!place) {
    place = document.createElement('span');
    place.className = 'basket-said';
    place.setAttribute('role', 'status');
    near.append(place);
  }
  place.textContent = words;
}

/** Of a table whose rows are one form: what was added is not added again with the next press; what else is filled in stays. */
function emptyRows(form: HTMLFormElement, pressed: HTMLElement | null): void {
  const only = pressed instanceof HTMLButtonElement && pressed.name === ONLY_FIELD ? pressed.value : null;
  for (const field of form.elements)
    if (
      field instanceof HTMLInputElement &&
      (only === null ? variantOf(field.name) !== null : field.name === quantityField(Number(only)))
    )
      field.value = '';
}

/** What is put into the basket goes there without leaving the page; what is changed in it does not. */
export function keepBasket(): void {
  showCount();
  // Coming back to a page that the browser kept, and changes in another window of it.
  addEventListener('pageshow', showCount);
  document.addEventListener('visibilitychange', showCount);
  sendForms<{ count: number }>(
    '/basket',
    (form, { ok, said }, pressed) => {
      const texts = scriptTexts(document);
      showCount();
      if (ok) emptyRows(form, pressed);
      // A form of all rows of a table is far from the button that was pressed.
      say(
        pressed?.parentElement ?? form,
        ok ? texts.inBasket(said.count ?? 0) : (said.message ?? texts.addFailed),
      );
    },
    (form) => form.closest('[data-basket]') !== null,
  );
}
