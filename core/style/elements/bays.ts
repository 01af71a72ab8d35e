import type { ReadSetting } from '../../settings/setting.ts';
import type { StyleElement } from '../element.ts';
import type { PropertyId } from '../properties/index.ts';
import { BUTTON_TAKES } from './button.ts';
import { inBanners } from './shown.ts';
import { TEXT_TAKES } from './text.ts';

const HEADING_TAKES: readonly PropertyId[] = [
  ...TEXT_TAKES.filter((id) => id !== 'time'),
  'spaceAfter',
  'maxWidth',
];
const TAKES: readonly PropertyId[] = [...TEXT_TAKES.filter((id) => id !== 'time'), 'maxWidth', 'align'];

const plainText: StyleElement['atFirst'] = {
  slope: 'upright',
  letterSpacing: 0,
  letterCase: 'none',
  lineOfText: 'none',
  outlineWidth: 0,
  offsetAcross: 0,
  offsetDown: 0,
  opacity: 100,
};

/** Words that are pressed, without a frame. */
const plainLink: StyleElement['atFirst'] = {
  textColour: 'text',
  borderWidth: 0,
  corners: 0,
  shadow: 'none',
  spaceAcross: 0,
  spaceEnds: 0,
  size: 16,
  weight: 400,
  slope: 'upright',
  letterSpacing: 0,
  letterCase: 'none',
  lift: 0,
  offsetAcross: 0,
  offsetDown: 0,
  time: 0,
};

/** What is drawn only where there is some of it. */
const has = (setting: string) => (read: ReadSetting) => read(setting) !== '';

const hasAny = (list: string) => (read: ReadSetting) => (read(list) as readonly unknown[]).length > 0;

/** The heading over a bay. */
export const headingElement: StyleElement = {
  id: 'heading',
  name: 'Heading',
  group: 'bays',
  on: 'bay',
  isUsed: (read) => read('heading.words') !== '',
  selectors: ['.bay-heading'],
  ofCard: null,
  takes: HEADING_TAKES,
  states: ['rest'],
  atFirst: {
    ...plainText,
    letterSpacing: -1,
    textColour: 'text',
    weight: 560,
    lineHeight: 120,
    spaceAfter: 20,
  },
};

/** What is drawn only where a column of the bay has some of it. */
const inColumns = (key: string) => (read: ReadSetting) =>
  (read('columns') as readonly Readonly<Record<string, unknown>>[]).some((one) => Boolean(one[key]));

export const columnTitleElement: StyleElement = {
  id: 'columnTitle',
  name: 'Title of a column',
  group: 'bays',
  on: 'bay',
  isUsed: inColumns('title'),
  selectors: ['.column-title'],
  ofCard: null,
  takes: TAKES,
  states: ['rest'],
  atFirst: { ...plainText, textColour: 'text', size: 22, weight: 560, lineHeight: 125 },
};

export const columnTextElement: StyleElement = {
  id: 'columnText',
  name: 'Text of a column',
  group: 'bays',
  on: 'bay',
  isUsed: inColumns('words'),
  selectors: ['.column-text'],
  ofCard: null,
  takes: TAKES,
  states: ['rest'],
  atFirst: { ...plainText, textColour: 'text', size: 16, weight: 400, lineHeight: 150 },
};

/** Text in paragraphs; its headings keep their size. */
export const richTextElement: StyleElement = {
  id: 'richText',
  name: 'Text in paragraphs',
  group: 'bays',
  on: 'bay',
  isUsed: hasAny('body'),
  selectors: ['.rich'],
  ofCard: null,
  takes: TEXT_TAKES.filter((id) => id !== 'time'),
  states: ['rest'],
  atFirst: { ...plainText, textColour: 'text', size: 16, weight: 400, lineHeight: 150 },
};

export const columnButtonElement: StyleElement = {
  id: 'columnButton',
  name: 'Button of a column',
  group: 'buttons',
  on: 'bay',
  isUsed: inColumns('button'),
  selectors: ['.column .button'],
  ofCard: null,
  from: 'pageButton',
  takes: [...BUTTON_TAKES, 'align'],
  states: ['rest', 'hover', 'focus', 'pressed'],
  atFirst: {},
};

export const jumpButtonElement: StyleElement = {
  id: 'jumpButton',
  name: 'Jump button',
  group: 'buttons',
  on: 'bay',
  isUsed: has('words'),
  selectors: ['.jump .button'],
  ofCard: null,
  from: 'pageButton',
  takes: BUTTON_TAKES,
  states: ['rest', 'hover', 'focus', 'pressed'],
  atFirst: {},
};

/** A link of a bay of links, with its icon. */
export const bayLinkElement: StyleElement = {
  id: 'bayLink',
  name: 'Links of a bay',
  group: 'bays',
  on: 'bay',
  isUsed: hasAny('links'),
  selectors: ['.bay-link'],
  ofCard: null,
  takes: BUTTON_TAKES,
  states: ['rest', 'hover', 'focus', 'pressed'],
  atFirst: plainLink,
};

/** A tab of a bay has something to be marked only where there are several. */
const hasTabs = (read: ReadSetting) => (read('tabs') as readonly unknown[]).length > 1;

/** What the names of tabs stand on. */
export const tabStripElement: StyleElement = {
  id: 'tabStrip',
  name: 'Strip of tabs',
  group: 'bays',
  on: 'bay',
  isUsed: hasTabs,
  selectors: ['.tab-strip'],
  ofCard: null,
  takes: [
    'background',
    'borderWidth',
    'borderKind',
    'borderColour',
    'corners',
    'spaceAcross',
    'spaceEnds',
    'spaceAfter',
  ],
  states: ['rest'],
  atFirst: { borderWidth: 0, corners: 0, spaceAcross: 0, spaceEnds: 0, spaceAfter: 20 },
};

/** Where the open tab is. */
const OPEN_TAB = '.tab:is([aria-current],[aria-selected=true])';

/** The name of a tab. */
export const tabElement: StyleElement = {
  id: 'tab',
  name: 'Tabs',
  group: 'bays',
  on: 'bay',
  isUsed: hasTabs,
  selectors: ['.tab'],
  current: [OPEN_TAB],
  ofCard: null,
  within: 'tabStrip',
  takes: BUTTON_TAKES,
  states: ['rest', 'hover', 'focus', 'pressed', 'current'],
  atFirst: { ...plainLink, spaceAcross: 10, spaceEnds: 4, lineOfText: 'none' },
};

/** What marks the open tab. */
export const tabMarkerElement: StyleElement = {
  id: 'tabMarker',
  name: 'Marker of the open tab',
  group: 'bays',
  on: 'bay',
  isUsed: (read) => hasTabs(read) && read('marker') !== 'none',
  selectors: [OPEN_TAB],
  pseudo: '::after',
  ofCard: null,
  within: 'tab',
  edge: ['background'],
  takes: ['background', 'corners', 'opacity'],
  states: ['rest'],
  atFirst: { background: 'accent', corners: 0, opacity: 100 },
};

export const bannerTitleElement: StyleElement = {
  id: 'bannerTitle',
  name: 'Title of a banner',
  group: 'bays',
  on: 'bay',
  isUsed: inBanners('title'),
  overPicture: true,
  selectors: ['.banner :is(h1,h2)'],
  ofCard: null,
  leastPx: 30,
  takes: TAKES,
  states: ['rest'],
  atFirst: { ...plainText, letterSpacing: -2, textColour: 'text', weight: 560, lineHeight: 110 },
};

export const bannerTextElement: StyleElement = {
  id: 'bannerText',
  name: 'Text of a banner',
  group: 'bays',
  on: 'bay',
  isUsed: inBanners('words'),
  overPicture: true,
  selectors: ['.banner p'],
  ofCard: null,
  takes: TAKES,
  states: ['rest'],
  atFirst: { ...plainText, textColour: 'text', size: 17, weight: 400, lineHeight: 150 },
};

export const bannerButtonElement: StyleElement = {
  id: 'bannerButton',
  name: 'Button of a banner',
  group: 'buttons',
  on: 'bay',
  isUsed: inBanners('button'),
  overPicture: true,
  selectors: ['.banner .button'],
  ofCard: null,
  from: 'pageButton',
  takes: [...BUTTON_TAKES, 'align'],
  states: ['rest', 'hover', 'focus', 'pressed'],
  atFirst: {},
};

export const noticeElement: StyleElement = {
  id: 'notice',
  name: 'Text of a notice',
  group: 'bays',
  on: 'bay',
  selectors: ['.notice'],
  ofCard: null,
  takes: TAKES,
  states: ['rest'],
  atFirst: { ...plainText, textColour: 'text', size: 15, weight: 400, lineHeight: 150 },
};
