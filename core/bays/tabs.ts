import { bandAt, type Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { ALIGNS } from '../card/card.ts';
import { widthOf } from '../card/text.ts';
import { byBand } from '../css/containers.ts';
import { leastHeightCss } from '../css/heightCss.ts';
import { shelfCss } from '../css/shelfCss.ts';
import { innerWidth, type Room } from '../geometry/steps.ts';
import { counted, listed, lowered, type Names } from '../sentence/sentence.ts';
import { setting, varying, type ReadSetting } from '../settings/setting.ts';
import { choice, inParts, integer, own } from '../settings/values.ts';
import { cardLine } from '../spec/card.ts';
import { columnsLine } from '../spec/columns.ts';
import { contentLine, opens } from '../spec/content.ts';
import { layoutLine } from '../spec/layout.ts';
import { lookLine } from '../spec/look.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { showsLine } from '../spec/shows.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { facesHeld } from '../text/faces.ts';
import { hrefShows } from '../view/address.ts';
import { askShelf, type AskedShelf } from '../view/askShelf.ts';
import { withHeading } from '../view/headingHeight.ts';
import { keptFor } from '../view/keptFor.ts';
import { shelfMeasure } from '../view/shelfMeasure.ts';
import type { BayMaking } from '../view/making.ts';
import type { ShelfView } from '../view/view.ts';
import { BAY_TEXT } from './bayTexts.ts';
import type { BayKind } from './bayKind.ts';
import type { Bay } from './index.ts';
import { sayStands, type Align } from './stands.ts';
import { tabItemsSchema, tabName, type TabItem } from './tabItem.ts';

const MARKERS = {
  under: 'Line under it',
  over: 'Line over it',
  dot: 'Dot under it',
  none: 'None',
} as const;
type Marker = keyof typeof MARKERS;
const LONG = { runs: 'Run off sideways', wraps: 'Go on in a new line' } as const;
type Long = keyof typeof LONG;
const SAID_LONG: Readonly<Record<Long, string>> = {
  runs: 'run off sideways where there is too little room',
  wraps: 'go on in a new line where there is too little room',
};
const HEIGHTS = { kept: 'Stays that of the highest tab', eased: 'Goes by the open tab' } as const;

const withoutMarker = (read: ReadSetting) =>
  read('marker') === 'none' ? 'The open tab has no marker' : null;

const settings = {
  tabs: {
    tabs: setting(
      inParts(
        own<TabItem[]>(tabItemsSchema, (tabs, names) =>
          tabs.length ? listed(tabs.map((one, i) => `"${tabName(one, i, names.shelf)}"`)) : 'none',
        ),
      ),
      [],
      { name: 'Tabs', find: ['tabs', 'add', 'name', 'copy'], stays: true },
    ),
  },
  strip: {
    align: varying(choice<Align>(ALIGNS), 'center', {
      name: 'Names of tabs stand',
      find: ['align', 'centre', 'center', 'middle', 'left', 'right', 'tabs'],
    }),
    marker: setting(choice<Marker>(MARKERS), 'under', {
      name: 'Marker of the open tab',
      find: ['marker', 'line', 'underline', 'dot', 'open', 'active'],
    }),
    markerPx: setting(integer(1, 12, 'px'), 2, {
      name: 'Thickness of the marker',
      find: ['marker', 'line', 'thick'],
      offBecause: withoutMarker,
    }),
    between: varying(integer(0, 80, 'px', { step: 2 }), 16, {
      name: 'Space between tabs',
      find: ['space', 'gap', 'between', 'tabs'],
    }),
    long: varying(choice<Long>(LONG), 'runs', {
      name: 'Tabs with too little room',
      find: ['scroll', 'sideways', 'wrap', 'narrow', 'phone', 'lines'],
      about: 'What runs off is scrolled by finger, by wheel with Shift, and by arrow keys.',
    }),
    height: setting(choice<keyof typeof HEIGHTS>(HEIGHTS), 'kept', {
      name: 'Height of the bay',
      find: ['height', 'jump', 'shift', 'switch'],
      about: 'What stands below stays where it is, or follows smoothly.',
    }),
  },
};

/** A tab as it is drawn. */
export interface TabView {
  id: string;
  name: string;
  /** Address of the page with it open. */
  href: string;
  shelf: ShelfView;
}

export interface TabsContent {
  /** Those that have something to show. */
  tabs: readonly TabView[];
  /** The one that is open; null where there is none. */
  open: TabView | null;
  /** All of them, the empty ones with them. */
  shelves: readonly ShelfView[];
  align: Varying<Align>;
  marker: Marker;
  markerPx: number;
  between: Varying<number>;
  long: Varying<Long>;
  height: keyof typeof HEIGHTS;
  room: Room;
}

/** The strip as the sheet of the storefront has it, px. */
const TAB_PX = 44;
const TAB_ENDS_PX = 4;
const BELOW_PX = 20;

const JUSTIFIED: Readonly<Record<Align, string>> = {
  start: 'flex-start',
  center: 'safe center',
  end: 'safe flex-end',
};

const MARKED: Readonly<Record<Marker, (px: number) => string>> = {
  under: (px) => `inset-block-end:0;inset-inline:0;height:${px}px`,
  over: (px) => `inset-block-start:0;inset-inline:0;height:${px}px`,
  dot: (px) =>
    `inset-block-end:0;inset-inline-start:calc(50% - ${px}px);width:${2 * px}px;height:${2 * px}px;border-radius:50%`,
  none: () => 'display:none',
};

/** Lines that the names of tabs take: more than one only where they go on in new ones. */
function stripLines({ tabs, between, long, room }: TabsContent, bands: Bands, regionPx: number): number {
  const band = bandAt(bands, regionPx).id;
  if (valueAt(long, bands, band) === 'runs') return 1;
  const gapPx = valueAt(between, bands, band);
  const innerPx = innerWidth(room, bands, band, regionPx);
  let lines = 1;
  let usedPx = 0;
  for (const { name } of tabs) {
    const widthPx = widthOf(name, BAY_TEXT) + 2 * TAB_ENDS_PX;
    const nextPx = usedPx + (usedPx > 0 ? gapPx : 0) + widthPx;
    const fits = usedPx === 0 || nextPx <= innerPx;
    usedPx = fits ? nextPx : widthPx;
    if (!fits) lines += 1;
  }
  return lines;
}

/** Height of the strip with the space below it, px; a single tab needs none. */
const stripHeight = (content: TabsContent, bands: Bands, regionPx: number): number =>
  content.tabs.length > 1 ? TAB_PX * stripLines(content, bands, regionPx) + BELOW_PX : 0;

/** Height of what the open tab shows, or of the highest where that is kept, px. */
function panelHeight({ tabs, open, height }: TabsContent, bands: Bands, regionPx: number): number {
  const shown = height === 'kept' ? tabs : tabs.filter((one) => one === open);
  return Math.max(0, ...shown.map(({ shelf }) => shelfMeasure(shelf, bands, regionPx).heightPx));
}

/** The sentence of how many tabs there are, and which. */
function sayTabs(list: readonly TabItem[], names: Names): string {
  if (list.length === 0) return 'None yet';
  return `${counted(list.length, 'tab')}: ${listed(list.map((one, i) => tabName(one, i, names.shelf)))}`;
}

const leastHeights = keptFor<TabsContent, string>();

/** Rules by which the bay is as high as the highest tab; the same while the tabs and the faces that measure them are. */
const keptHeightCss = (content: TabsContent, scope: string, bands: Bands): string =>
  leastHeights(content, [scope, bands, facesHeld()], () =>
    leastHeightCss(
      `${scope} .tab-panels`,
      (regionPx) => panelHeight(content, bands, regionPx),
      content.tabs.flatMap(({ shelf }) => shelf.steps.map(({ from }) => from)),
    ),
  );

const viewsOf = keptFor<Bay, Pick<TabsContent, 'tabs' | 'open' | 'shelves'>>();

/** A closed tab begins at its first item, whatever the address says; nothing is told of where it begins. */
const closed = (making: BayMaking): BayMaking => ({
  ...making,
  address: Object.keys(making.address.from).length > 0 ? { ...making.address, from: {} } : making.address,
  begins: () => undefined,
});

/** Several shelves of which one is shown, chosen by its name. */
export const tabsBay: BayKind<typeof settings, TabsContent> = {
  id: 'tabs',
  name: 'Tabs',
  settings,
  defaults: {},
  hasHeading: true,
  elements: ['tabStrip', 'tab', 'tabMarker'],
  spec: [
    contentLine('tabs', 'Tabs', ({ tabs }, names) => [opens(sayTabs(tabs as TabItem[], names), 'tabs')]),
    contentLine('strip', 'Strip', ({ align, marker, between, long }, names) => [
      'Names ',
      opens(sayStands(align as Varying<Align>, names), 'align'),
      ', ',
      opens(
        marker === 'none' ? 'the open one unmarked' : `marked by a ${lowered(MARKERS[marker as Marker])}`,
        'marker',
      ),
      ', ',
      opens(
        sayVarying(between as Varying<number>, names, (px) => `${px} px apart`),
        'between',
      ),
      ', ',
      opens(
        sayVarying(long as Varying<Long>, names, (one) => SAID_LONG[one]),
        'long',
      ),
    ]),
    showsLine,
    layoutLine,
    columnsLine,
    cardLine,
    lookLine,
    visibilityLine,
  ],
  addable: true,
  named: ({ heading, tabs }, plan) =>
    heading.words || tabs.map((one, i) => tabName(one, i, (id) => plan.shelves[id]?.name))[0] || 'Tabs',
  atFirst: (id) => ({
    bay: {
      id,
      holds: 'tabs',
      heading: { words: 'New tabs', align: 'center' },
      tabs: [
        { id: 'new', name: 'New', shelfId: `${id}-new` },
        { id: 'bestselling', name: 'Bestselling', shelfId: `${id}-bestselling` },
      ],
    },
    shelves: [
      { id: `${id}-new`, name: 'New', assortment: { of: 'products', order: { by: 'newest' } } },
      {
        id: `${id}-bestselling`,
        name: 'Bestselling',
        like: `${id}-new`,
        assortment: { of: 'products', order: { by: 'bestSold', days: 30 } },
      },
    ],
  }),
  shelves: ({ tabs = [] }) => [...new Set(tabs.map(({ shelfId }) => shelfId))],
  withShelves: (bay, others) =>
    bay.tabs?.some(({ shelfId }) => others.has(shelfId))
      ? {
          ...bay,
          tabs: bay.tabs.map((one) => ({ ...one, shelfId: others.get(one.shelfId) ?? one.shelfId })),
        }
      : bay,
  tabs: ({ tabs }) => tabs,
  showable: ({ tabs }) => tabs.map(({ id }) => id),
  pictures: () => [],
  *view(bay, making) {
    const { plan, address } = making;
    const shelfOf = (id: string) => (Object.hasOwn(plan.shelves, id) ? plan.shelves[id]! : null);
    const wanted = address.open[bay.id];
    const asked = bay.tabs.flatMap((one, i) => {
      const shelf = shelfOf(one.shelfId);
      return shelf ? [{ one, shelf, name: tabName(one, i, (id) => shelfOf(id)?.name) }] : [];
    });
    // One that is asked for and is not there leaves the first open.
    const openId = asked.find(({ one }) => one.id === wanted)?.one.id ?? asked[0]?.one.id;
    const made: { one: TabItem; name: string; its: AskedShelf }[] = [];
    for (const [i, { one, shelf, name }] of asked.entries()) {
      const isOpen = one.id === openId;
      // What stands in one tab is left out of a later one that says so.
      const remembers = making.remembers || asked.slice(i + 1).some((later) => later.shelf.notTwice);
      const its = yield* askShelf({ ...(isOpen ? making : closed(making)), remembers }, shelf);
      made.push({ one, name, its });
    }
    const shown = made.filter(({ its }) => !its.empty || its.view.coming);
    const first = shown[0]?.one.id;
    const open = shown.find(({ one }) => one.id === openId)?.one.id ?? first ?? null;
    if (open !== null && open !== first) making.opens(bay.id, open);
    const anchor = making.anchorOf(bay.id) ?? '';
    const ids = asked.map(({ shelf }) => shelf.id);
    const views = viewsOf(
      making.bay,
      [address, anchor, open, ...made.map(({ its }) => its.view), ...shown.map(({ name }) => name)],
      () => {
        const tabs = shown.map(({ one, name, its }): TabView => ({
          id: one.id,
          name,
          href: hrefShows(address, bay.id, one.id === first ? null : one.id, ids, anchor),
          shelf: its.view,
        }));
        return {
          tabs,
          open: tabs.find(({ id }) => id === open) ?? null,
          shelves: [...new Set(made.map(({ its }) => its.view))],
        };
      },
    );
    const { align, marker, markerPx, between, long, height } = bay;
    return {
      content: { ...views, align, marker, markerPx, between, long, height, room: making.room },
      empty: shown.length === 0,
      personal: made.some(({ its }) => its.personal),
      goesAway: made.length > 0 && made.every(({ its }) => its.goesAway),
    };
  },
  shelfViews: ({ shelves }) => shelves,
  shelvesDrawn: ({ open }) => (open ? [open.shelf] : []),
  scripted: ({ tabs }) => tabs.length > 1,
  tones: () => [],
  heads: (_, heading) => heading.words !== '' && heading.level === 1,
  heightPx: (content, heading, bands, regionPx) =>
    withHeading(
      heading,
      bands,
      regionPx,
      stripHeight(content, bands, regionPx) + panelHeight(content, bands, regionPx),
    ),
  css: (content, scope, bands) => {
    const { tabs, open, marker, markerPx, align, between, long, height } = content;
    const keepsHeight = height === 'kept' && tabs.length > 1;
    return (
      (open ? shelfCss(open.shelf, bands) : '') +
      byBand(
        bands,
        (band) =>
          `${scope} .tab-strip{justify-content:${JUSTIFIED[valueAt(align, bands, band)]};` +
          `column-gap:${valueAt(between, bands, band)}px;` +
          `flex-wrap:${valueAt(long, bands, band) === 'wraps' ? 'wrap' : 'nowrap'}}`,
      ) +
      `${scope} .tab::after{${MARKED[marker](markerPx)}}` +
      (keepsHeight ? keptHeightCss(content, scope, bands) : '')
    );
  },
};
