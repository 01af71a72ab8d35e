import { renditionAddress, renditionWidths } from '../../core/picture/renditions.ts';

/** What a card showed at first, kept while it shows something else. */
interface Before {
  picture: { srcset: string; src: string; className: string; aspect: string } | null;
  price: Node[] | null;
}

const before = new WeakMap<Element, Before>();

const pictureOf = (card: Element) =>
  card.querySelector<HTMLImageElement>('.part-picture>img,.part-picture>.frame>img,.part-picture .flick img');
const priceOf = (card: Element) => card.querySelector<HTMLElement>('.part-price');

function remember(card: Element): void {
  if (before.has(card)) return;
  const img = pictureOf(card);
  const price = priceOf(card);
  before.set(card, {
    picture: img && {
      srcset: img.srcset,
      src: img.src,
      className: img.className,
      aspect: img.style.aspectRatio,
    },
    price: price && [...price.cloneNode(true).childNodes],
  });
}

/** The card as it was at first. */
function restore(card: Element): void {
  const was = before.get(card);
  if (!was) return;
  before.delete(card);
  const img = pictureOf(card);
  if (img && was.picture) {
    img.closest('.part-picture')?.classList.remove('changed');
    img.style.aspectRatio = was.picture.aspect;
    Object.assign(img, {
      srcset: was.picture.srcset,
      src: was.picture.src,
      className: was.picture.className,
    });
  }
  if (was.price) priceOf(card)?.replaceChildren(...was.price);
}

function showPicture(img: HTMLImageElement, { picture, px, crop }: DOMStringMap): void {
  if (!picture) return;
  // The card stays as high as it is, whatever the proportions of what comes.
  img.closest('.part-picture')?.classList.add('changed');
  img.closest('.flick')?.scrollTo({ left: 0 });
  img.style.aspectRatio = `${img.width}/${img.height}`;
  img.className = [...[...img.classList].filter((name) => !/^(crop|tone)-/.test(name)), crop].join(' ');
  img.srcset = renditionWidths(Number(px))
    .map((width) => `${renditionAddress({ file: picture }, width)} ${width}w`)
    .join(', ');
}

function showPrice(price: HTMLElement, { now, before: was }: DOMStringMap): void {
  const place = price.querySelector('.now');
  if (!now || !place) return;
  price.querySelector('.from')?.remove();
  price.querySelector('.before')?.remove();
  place.textContent = now;
  place.classList.toggle('reduced', was !== undefined);
  if (was === undefined) return;
  const struck = document.createElement('s');
  struck.className = 'before';
  struck.textContent = was;
  place.after(' ', struck);
}

/** Shows on a card what one of its swatches stands for. */
function show(card: Element, swatch: HTMLElement): void {
  restore(card);
  remember(card);
  const img = pictureOf(card);
  const price = priceOf(card);
  if (img) showPicture(img, swatch.dataset);
  if (price) showPrice(price, swatch.dataset);
}

/** The swatch that an event is about, with its card and what it does. */
function swatchOf(event: Event): { swatch: HTMLAnchorElement; card: Element; on: string } | null {
  const swatch = (event.target as Element).closest<HTMLAnchorElement>(
    '.part-swatches a[data-now],.part-swatches a[data-picture]',
  );
  const card = swatch?.closest('[data-card]');
  return swatch && card
    ? { swatch, card, on: swatch.closest<HTMLElement>('.part-swatches')!.dataset.changes ?? '' }
    : null;
}

/** Makes the value that was pressed the one of the card: its links lead to it from now on. */
function choose(card: Element, swatch: HTMLAnchorElement): void {
  for (const other of card.querySelectorAll('.part-swatches [aria-current]'))
    other.removeAttribute('aria-current');
  swatch.setAttribute('aria-current', 'true');
  for (const link of card.querySelectorAll<HTMLAnchorElement>('a:not(.part-swatches a)'))
    if (link.pathname === swatch.pathname) link.search = swatch.search;
}

/**
 * Swatches change the picture and the price of their card: when pointed at or come to with the keyboard, until the
 * card is left; or when pressed, and then for good.
 * @param presses whether a press does anything; where it does not, pointing at one shows what it would
 */
export function keepSwatches(document: Document, presses = true): () => void {
  const ends = new AbortController();
  const { signal } = ends;
  const point = (event: Event) => {
    const found = swatchOf(event);
    if (found && (found.on === 'hover' || !presses)) show(found.card, found.swatch);
  };
  const leave = (event: Event) => {
    const card = (event.target as Element).closest('[data-card]');
    const to = (event as MouseEvent | FocusEvent).relatedTarget as Element | null;
    if (!card || card.contains(to) || card.querySelector('.part-swatches [aria-current]')) return;
    restore(card);
  };
  document.addEventListener('pointerover', (event) => event.pointerType === 'mouse' && point(event), {
    signal,
  });
  document.addEventListener('focusin', point, { signal });
  document.addEventListener('pointerout', leave, { signal });
  document.addEventListener('focusout', leave, { signal });
  if (presses)
    document.addEventListener(
      'click',
      (event) => {
        const found = swatchOf(event);
        if (found?.on !== 'press' || event.ctrlKey || event.metaKey || event.shiftKey) return;
        // Pressed again, it leads where it leads.
        if (found.swatch.hasAttribute('aria-current')) return;
        event.preventDefault();
        show(found.card, found.swatch);
        choose(found.card, found.swatch);
      },
      { signal },
    );
  return () => ends.abort();
}
