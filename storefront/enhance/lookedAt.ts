import { scriptTexts } from '../../core/texts/inScript.ts';
import { CONSENT, LOOKED } from './cookieNames.ts';
import { cookie, keepCookie } from './cookies.ts';
import { adopt } from './otherPage.ts';
import { tellGoodsCame } from './goodsCame.ts';

/**
 * Remembers, with the shopper's consent and on this device only, which
 * products were looked at, and fills the bays that show them.
 */

const MOST = 30;

const looked = (): string[] => (cookie(LOOKED) ?? '').split('.').filter((id) => /^\d{1,10}$/.test(id));

/** The product looked at now comes first; looked at again, it comes first again. */
function remember(id: string): void {
  keepCookie(LOOKED, [id, ...looked().filter((one) => one !== id)].slice(0, MOST).join('.'));
}

/** Asks once, at the foot of the window, where nothing moves for it. */
function askConsent(agreed: () => void): void {
  const { consent } = scriptTexts(document);
  const bar = document.createElement('div');
  bar.className = 'consent';
  bar.setAttribute('role', 'region');
  bar.setAttribute('aria-label', consent.name);
  const words = document.createElement('p');
  words.textContent = consent.ask;
  bar.append(words);
  for (const [text, value] of [
    [consent.yes, 'yes'],
    [consent.no, 'no'],
  ] as const) {
    const button = document.createElement('button');
    button.type = 'button';
    button.textContent = text;
    button.addEventListener('click', () => {
      keepCookie(CONSENT, value);
      bar.remove();
      if (value === 'yes') agreed();
    });
    bar.append(button);
  }
  document.querySelector('.region')?.append(bar);
}

interface Fragment {
  html: string;
  css: string;
}

/** Room that is a little too high stays as it is, so that nothing moves; more than this is let go. */
const MOST_SPARE_PX = 60;

/** Puts the bay in its place; the room that was kept for it is let go where nothing of its height came. */
function settle(place: HTMLElement, bay: HTMLElement): void {
  const keptPx = place.offsetHeight;
  place.replaceWith(bay);
  if (bay.hidden) bay.setAttribute('data-none', '');
  else if (keptPx >= bay.offsetHeight && keptPx - bay.offsetHeight < MOST_SPARE_PX)
    bay.setAttribute('data-kept', '');
}

/** Fills the places that are this shopper's own. What cannot be fetched stays as it is for everybody. */
async function fill(place: HTMLElement, filled: (bay: Element) => void): Promise<void> {
  const bay = place.getAttribute('data-bay')!;
  const query = new URLSearchParams({ path: location.pathname, bay, looked: looked().join('.') });
  const tab = new URLSearchParams(location.search).get(`${bay}.shows`);
  if (tab !== null) query.set('tab', tab);
  const answer = await fetch(`/fragment?${query.toString()}`);
  if (!answer.ok) throw new Error(answer.statusText);
  const { html, css } = (await answer.json()) as Fragment;
  adopt(css);
  const holder = document.createElement('template');
  holder.innerHTML = html;
  const own = holder.content.firstElementChild;
  if (!(own instanceof HTMLElement)) throw new Error('No bay came.');
  settle(place, own);
  filled(own);
  tellGoodsCame();
}

/** @param filled told of every bay that was filled */
export function followLookedAt(filled: (bay: Element) => void): void {
  const product = document.querySelector('[data-product]')?.getAttribute('data-product');
  const own = document.querySelectorAll<HTMLElement>('[data-personal]');
  // The page of a store that shows nothing of the kind has no reason to ask.
  if (!document.querySelector('[data-remembers]')) return;
  const consent = cookie(CONSENT);
  if (product && consent === 'yes') remember(product);
  if (product && consent === null) askConsent(() => remember(product));
  if (consent === 'yes' && looked().length)
    for (const place of own) void fill(place, filled).catch(() => place.setAttribute('data-none', ''));
}
