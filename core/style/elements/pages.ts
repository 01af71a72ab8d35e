import type { StyleElement } from '../element.ts';
import { TEXT_TAKES } from './text.ts';
import type { PropertyId } from '../properties/index.ts';

const LINK_TAKES: readonly PropertyId[] = [
  'textColour',
  'background',
  'borderColour',
  'corners',
  'family',
  'size',
  'weight',
  'lineOfText',
  'time',
];

const linkAtFirst: StyleElement['atFirst'] = {
  textColour: 'text',
  borderColour: 'line',
  corners: 3,
  size: 16,
  weight: 400,
  lineOfText: 'none',
  time: 0,
};

/** The numbers of the pages of a list. */
export const pageNumberElement: StyleElement = {
  id: 'pageNumber',
  name: 'Page numbers',
  group: 'pages',
  on: 'shelf',
  isUsed: (read) => read('paging.by') === 'numbered',
  selectors: ['.pager:not(.more)>a', '.pager>.here'],
  current: ['.pager>.here'],
  ofCard: null,
  takes: LINK_TAKES,
  states: ['rest', 'hover', 'focus', 'pressed', 'current'],
  atFirst: linkAtFirst,
};

/** The button that brings more of a list. */
export const moreButtonElement: StyleElement = {
  id: 'moreButton',
  name: 'Button for more',
  group: 'pages',
  on: 'shelf',
  isUsed: (read) => read('paging.by') === 'more' || read('paging.by') === 'onReach',
  selectors: ['.pager.more>a:not(.to-foot)'],
  ofCard: null,
  takes: LINK_TAKES,
  states: ['rest', 'hover', 'focus', 'pressed'],
  atFirst: linkAtFirst,
};

const EDGE_LINK_TAKES: readonly PropertyId[] = [
  'textColour',
  'family',
  'size',
  'weight',
  'letterSpacing',
  'letterCase',
  'lineOfText',
  'time',
];

const edgeLinkAtFirst: StyleElement['atFirst'] = {
  textColour: 'text',
  size: 15,
  weight: 400,
  letterSpacing: 0,
  letterCase: 'none',
  lineOfText: 'none',
  time: 0,
};

/** The links of menus, in the header and the footer. */
export const storeLinkElement: StyleElement = {
  id: 'storeLink',
  name: 'Links of a menu',
  group: 'pages',
  on: 'bay',
  selectors: ['.menu-link'],
  current: ['.menu-link[aria-current]'],
  ofCard: null,
  takes: EDGE_LINK_TAKES,
  states: ['rest', 'hover', 'focus', 'pressed', 'current'],
  atFirst: edgeLinkAtFirst,
};

/** What the second level of a menu is on, where it is opened. */
export const subMenuElement: StyleElement = {
  id: 'subMenu',
  name: 'Second level of a menu',
  group: 'pages',
  on: 'bay',
  selectors: ['.menu-below'],
  ofCard: null,
  takes: ['background', 'corners'],
  states: ['rest'],
  atFirst: { background: 'ground', corners: 0 },
};

/** The name of the store, in the header and the footer. */
export const storeNameElement: StyleElement = {
  id: 'storeName',
  name: 'Name of the store',
  group: 'pages',
  on: 'bay',
  isUsed: (read) => !read('pictureId'),
  selectors: ['.store-name'],
  ofCard: null,
  takes: EDGE_LINK_TAKES,
  states: ['rest', 'hover', 'focus', 'pressed'],
  atFirst: { ...edgeLinkAtFirst, size: 20, weight: 650, letterSpacing: -1 },
};

/** What is saved and the basket, in the header. */
export const ownLinkElement: StyleElement = {
  id: 'ownLink',
  name: 'Basket and saved',
  group: 'pages',
  on: 'bay',
  selectors: ['.own-link'],
  ofCard: null,
  takes: EDGE_LINK_TAKES,
  states: ['rest', 'hover', 'focus', 'pressed'],
  atFirst: edgeLinkAtFirst,
};

/** The way to where a page is in the store. */
export const breadcrumbElement: StyleElement = {
  id: 'breadcrumb',
  name: 'Breadcrumb',
  group: 'pages',
  on: 'house',
  selectors: ['.trail ol'],
  ofCard: null,
  takes: ['textColour', 'family', 'size', 'weight', 'letterSpacing', 'letterCase', 'lineOfText'],
  states: ['rest'],
  atFirst: {
    textColour: 'quiet',
    size: 14,
    weight: 400,
    letterSpacing: 0,
    letterCase: 'none',
    lineOfText: 'none',
  },
};

/** The titles of pages: of lists, products and entries. */
export const pageTitleElement: StyleElement = {
  id: 'pageTitle',
  name: 'Titles of pages',
  group: 'pages',
  on: 'house',
  selectors: ['.page-heading h1', '.product h1', '.entry h1'],
  ofCard: null,
  takes: TEXT_TAKES.filter((id) => id !== 'time'),
  states: ['rest'],
  atFirst: {
    textColour: 'text',
    weight: 560,
    slope: 'upright',
    letterCase: 'none',
    lineOfText: 'none',
    outlineWidth: 0,
    offsetAcross: 0,
    offsetDown: 0,
    opacity: 100,
  },
};

/** Fields of forms, and what is chosen or typed on a product's page or a card. */
export const fieldElement: StyleElement = {
  id: 'input',
  name: 'Fields of forms',
  group: 'pages',
  on: 'house',
  selectors: ['.form-field :is(input,textarea)', '.buy select', '.quantity', '.site-search input'],
  ofCard: null,
  edge: ['borderColour', 'background'],
  takes: ['textColour', 'family', 'background', 'borderColour', 'corners', 'shadow', 'time'],
  states: ['rest', 'hover', 'focus'],
  atFirst: {
    textColour: 'text',
    background: 'ground',
    borderColour: 'quiet',
    corners: 3,
    shadow: 'none',
    time: 0,
  },
};
