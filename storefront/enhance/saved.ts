import { readSavedIds } from '../../core/shopper/savedIds.ts';
import { scriptTexts } from '../../core/texts/inScript.ts';
import { SAVED } from './cookieNames.ts';
import { cookie } from './cookies.ts';
import { GOODS_CAME } from './goodsCame.ts';
import { sendForms } from './sendForms.ts';

/** Says on each button whether its product is kept, and beside the link to the page how many are. */
function show(): void {
  const ids = readSavedIds(cookie(SAVED));
  for (const button of document.querySelectorAll<HTMLElement>('[data-save]')) {
    const kept = ids.includes(Number(button.dataset.save));
    button.setAttribute('aria-pressed', String(kept));
    button.setAttribute('aria-label', (kept ? button.dataset.saved : button.dataset.named)!);
  }
  for (const place of document.querySelectorAll('[data-saved-count]'))
    place.textContent = ids.length > 0 ? `(${ids.length})` : '';
}

/** Read aloud; what is seen is the button itself. */
function say(words: string): void {
  let place = document.querySelector('.saved-said');
  if (!place) {
    place = document.createElement('p');
    place.className = 'saved-said unseen';
    place.setAttribute('role', 'status');
    document.querySelector('.region')?.append(place);
  }
  place.textContent = words;
}

/** Products are kept for later without leaving the page. */
export function keepSaved(): void {
  show();
  addEventListener('pageshow', show);
  document.addEventListener(GOODS_CAME, show);
  document.addEventListener('visibilitychange', show);
  sendForms<{ saved: boolean }>('/saved', (_, { ok, said }) => {
    show();
    const texts = scriptTexts(document).saving;
    say(ok ? (said.saved ? texts.kept : texts.gone) : (said.message ?? texts.failed));
  });
}
