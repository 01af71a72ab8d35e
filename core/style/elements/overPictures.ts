import type { StyleElement } from '../element.ts';
import { inBanners, showsPart } from './shown.ts';

/** What is drawn over the pictures of cards, under the text and the labels on them. */
export const overlayElement: StyleElement = {
  id: 'overlay',
  name: 'Overlay of pictures',
  group: 'cards',
  on: 'shelf',
  isUsed: showsPart('picture'),
  selectors: ['.part-picture'],
  pseudo: '::after',
  ofCard: 'within',
  takes: ['overlay', 'overlayColour', 'opacity', 'time'],
  states: ['rest', 'cardHover'],
  atFirst: { overlay: 'none', overlayColour: '#000000', opacity: 100, time: 0 },
};

const hasPicture = inBanners('pictureId');

/** The same over the picture of a banner, under its text. */
export const bannerOverlayElement: StyleElement = {
  id: 'bannerOverlay',
  name: 'Overlay of a banner',
  group: 'bays',
  on: 'bay',
  isUsed: hasPicture,
  selectors: ['.banner'],
  pseudo: '::after',
  ofCard: null,
  takes: ['overlay', 'overlayColour', 'opacity'],
  states: ['rest'],
  atFirst: { overlay: 'none', overlayColour: '#000000', opacity: 100 },
};

export const bannerPictureElement: StyleElement = {
  id: 'bannerPicture',
  name: 'Picture of a banner',
  group: 'bays',
  on: 'bay',
  isUsed: hasPicture,
  selectors: ['.banner>img'],
  ofCard: null,
  takes: ['fit', 'positionAcross', 'positionDown', 'opacity'],
  states: ['rest'],
  atFirst: { opacity: 100 },
};
