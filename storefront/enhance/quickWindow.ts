import { keepGalleries } from './gallery.ts';
import { scriptTexts } from '../../core/texts/inScript.ts';
import { productCss } from '../styles/bays/product.ts';
import { starsCss } from '../styles/stars.ts';
import { swatchesCss } from '../styles/swatches.ts';
import { quickCss } from '../styles/quick.ts';
import { adopt } from './otherPage.ts';

/** Rules of a window with a product, which a page needs once it opens one. */
let isStyled = false;
function style(): void {
  if (!isStyled) adopt(quickCss + productCss + swatchesCss + starsCss);
  isStyled = true;
}

/** What a page of a product in short has to show; undefined where it has nothing. */
async function fetched(address: string): Promise<Element | undefined> {
  const answer = await fetch(address);
  if (!answer.ok) return undefined;
  // Without the styles of that page, which this one does not allow.
  const [article = ''] = /<article.*<\/article>/s.exec(await answer.text()) ?? [];
  return new DOMParser().parseFromString(article, 'text/html').querySelector('.product') ?? undefined;
}

/** Fills the window with a product, and puts the keyboard where the last one had it. */
async function fill(dialog: HTMLDialogElement, address: string, elsewhere: string): Promise<void> {
  const at = document.activeElement?.getAttribute('aria-label');
  dialog.setAttribute('aria-busy', 'true');
  const product = await fetched(address).catch(() => undefined);
  if (!dialog.isConnected) return;
  // What cannot be shown here is shown on a page of its own.
  if (!product) return void location.assign(elsewhere);
  dialog.removeAttribute('aria-busy');
  dialog.querySelector('.product,.wait')?.remove();
  dialog.append(document.importNode(product, true));
  keepGalleries(dialog);
  dialog.setAttribute('aria-label', product.querySelector('h1')?.textContent ?? '');
  if (at) dialog.querySelector<HTMLElement>(`[aria-label="${CSS.escape(at)}"]`)?.focus();
}

/** Shows a product in short in a window over the page. */
export function openQuick(link: HTMLAnchorElement): void {
  style();
  const { close, wait } = scriptTexts(document).quick;
  const dialog = document.createElement('dialog');
  dialog.className = 'quick';
  const shut = document.createElement('button');
  Object.assign(shut, { type: 'button', className: 'shut', textContent: '×' });
  shut.setAttribute('aria-label', close);
  shut.addEventListener('click', () => dialog.close());
  const words = document.createElement('p');
  Object.assign(words, { className: 'wait', textContent: wait });
  words.setAttribute('role', 'status');
  dialog.append(shut, words);
  dialog.setAttribute('aria-label', link.getAttribute('aria-label') ?? '');
  // Beside the window, pressed.
  dialog.addEventListener('click', (event) => {
    if (event.target === dialog) dialog.close();
    const choice = (event.target as Element).closest<HTMLAnchorElement>('.options a');
    if (!choice || event.ctrlKey || event.metaKey || event.shiftKey) return;
    event.preventDefault();
    void fill(dialog, choice.href, choice.href);
  });
  dialog.addEventListener('close', () => {
    dialog.remove();
    link.focus();
  });
  (link.closest('.region') ?? document.body).append(dialog);
  dialog.showModal();
  void fill(dialog, link.dataset.quick!, link.href);
}
