import type { StyleElement } from '../element.ts';
import {
  bayLinkElement,
  bannerButtonElement,
  bannerTextElement,
  bannerTitleElement,
  columnButtonElement,
  columnTextElement,
  richTextElement,
  columnTitleElement,
  headingElement,
  jumpButtonElement,
  noticeElement,
  tabElement,
  tabMarkerElement,
  tabStripElement,
} from './bays.ts';
import { buttonElement, pageButtonElement } from './button.ts';
import { cardElement, pictureElement, textBlockElement } from './card.ts';
import {
  breadcrumbElement,
  fieldElement,
  moreButtonElement,
  pageNumberElement,
  pageTitleElement,
  ownLinkElement,
  storeLinkElement,
  storeNameElement,
  subMenuElement,
} from './pages.ts';
import { labelElement, swatchElement, swatchesElement, wordSwatchElement } from './labels.ts';
import { arrowElement, markerBarElement, markerElement, markerDotElement } from './moving.ts';
import { pageElement } from './page.ts';
import { bannerOverlayElement, bannerPictureElement, overlayElement } from './overPictures.ts';
import { partElements } from './parts.ts';
import { tableHeadElement, tableRowElement, tableStripeElement } from './tables.ts';
import { previousPriceElement, reducedPriceElement } from './price.ts';

/** Everything that can be styled, in the order offered; one that others take from comes before them. */
export const elements: readonly StyleElement[] = [
  pageElement,
  cardElement,
  textBlockElement,
  pictureElement,
  overlayElement,
  buttonElement,
  pageButtonElement,
  ...partElements,
  reducedPriceElement,
  previousPriceElement,
  labelElement,
  swatchElement,
  swatchesElement,
  wordSwatchElement,
  tableHeadElement,
  tableRowElement,
  tableStripeElement,
  arrowElement,
  markerDotElement,
  markerBarElement,
  markerElement,
  pageTitleElement,
  headingElement,
  bannerPictureElement,
  bannerOverlayElement,
  bannerTitleElement,
  bannerTextElement,
  bannerButtonElement,
  columnTitleElement,
  columnTextElement,
  richTextElement,
  columnButtonElement,
  bayLinkElement,
  jumpButtonElement,
  tabStripElement,
  tabElement,
  tabMarkerElement,
  noticeElement,
  pageNumberElement,
  moreButtonElement,
  storeNameElement,
  storeLinkElement,
  subMenuElement,
  ownLinkElement,
  breadcrumbElement,
  fieldElement,
];

const byId = new Map(elements.map((one) => [one.id, one]));

/** Throws RangeError where there is no such element. */
export function styleElement(id: string): StyleElement {
  const found = byId.get(id);
  if (!found) throw new RangeError(`There is no element "${id}".`);
  return found;
}
