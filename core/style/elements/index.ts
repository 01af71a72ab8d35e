import type { StyleElement } from '../element.ts';
import {
  bannerButtonElement,
  bannerTextElement,
  bannerTitleElement,
  headingElement,
  noticeElement,
} from './bays.ts';
import { buttonElement, pageButtonElement } from './button.ts';
import { cardElement, pictureElement } from './card.ts';
import { fieldElement, moreButtonElement, pageNumberElement, storeLinkElement } from './pages.ts';
import { pageElement } from './page.ts';
import { bannerOverlayElement, bannerPictureElement, overlayElement } from './overPictures.ts';
import { partElements } from './parts.ts';
import { previousPriceElement, reducedPriceElement } from './price.ts';

/** Everything that can be styled, in the order offered; one that others take from comes before them. */
export const elements: readonly StyleElement[] = [
  pageElement,
  cardElement,
  pictureElement,
  overlayElement,
  buttonElement,
  pageButtonElement,
  ...partElements,
  reducedPriceElement,
  previousPriceElement,
  headingElement,
  bannerPictureElement,
  bannerOverlayElement,
  bannerTitleElement,
  bannerTextElement,
  bannerButtonElement,
  noticeElement,
  pageNumberElement,
  moreButtonElement,
  storeLinkElement,
  fieldElement,
];

const byId = new Map(elements.map((one) => [one.id, one]));

/** Throws RangeError where there is no such element. */
export function styleElement(id: string): StyleElement {
  const found = byId.get(id);
  if (!found) throw new RangeError(`There is no element "${id}".`);
  return found;
}
