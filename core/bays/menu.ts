import { bandAt, type Bands } from '../bands/bands.ts';
import { everywhere, valueAt, type Varying } from '../bands/varying.ts';
import { widthOf } from '../card/text.ts';
import type { TextSize } from '../card/textSize.ts';
import type { CategoryTree } from '../catalogue/categoryTree.ts';
import { byBand } from '../css/containers.ts';
import { innerWidth, type Room } from '../geometry/steps.ts';
import type { Heading } from '../plan/bay.ts';
import { counted, listed, lowered } from '../sentence/sentence.ts';
import { freeId } from '../settings/freeId.ts';
import { byWidth, setting, varying } from '../settings/setting.ts';
import { choice, inParts, integer, own, yesNo } from '../settings/values.ts';
import { contentLine, opens } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { textsFor } from '../texts/index.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import { withHeading } from '../view/headingHeight.ts';
import { keptFor } from '../view/keptFor.ts';
import { CATEGORIES, COLLECTIONS } from '../view/reads.ts';
import type { BayKind } from './bayKind.ts';
import type { Bay } from './index.ts';
import { menuItemsSchema, MOST_MENU_ITEMS, type MenuItem } from './menuItem.ts';
import { withoutShelves } from './withoutShelves.ts';

const FLOWS = { row: 'Side by side', column: 'One below the other' } as const;
type Flow = keyof typeof FLOWS;
const NARROW = { open: 'As links', button: 'Behind a button' } as const;
type Folded = keyof typeof NARROW;
const LEVELS = { one: 'Main categories alone', two: 'With the categories below them' } as const;
type Levels = keyof typeof LEVELS;

const ofOwnLinks = (read: (id: string) => unknown) =>
  read('items') === null ? null : 'The links are chosen one by one';

/** What a link of a menu is called, as far as it says so itself. */
export const menuItemName = ({ words, link }: MenuItem, i: number): string =>
  words ?? link ?? `Link ${i + 1}`;

const settings = {
  link: {
    /** Null for those of the categories, whichever there are. */
    items: setting(
      inParts(
        own<MenuItem[] | null>(menuItemsSchema, (items) =>
          items === null
            ? 'the categories'
            : items.length
              ? listed(items.map((one, i) => `"${menuItemName(one, i)}"`))
              : 'none',
        ),
      ),
      null,
      { name: 'Links', find: ['menu', 'navigation', 'links', 'categories', 'submenu', 'levels'] },
    ),
    shop: setting(yesNo(), true, {
      name: 'Begins with the shop',
      find: ['shop', 'first'],
      offBecause: ofOwnLinks,
      say: (shop) => (shop ? 'begins with the shop' : 'without the shop'),
    }),
    most: setting(integer(1, 24, ''), 5, {
      name: 'Main categories at most',
      find: ['categories', 'how many'],
      offBecause: ofOwnLinks,
    }),
    levels: setting(choice<Levels>(LEVELS), 'one', {
      name: 'Categories',
      find: ['levels', 'below', 'submenu', 'children'],
      offBecause: ofOwnLinks,
    }),
  },
  columns: {
    flow: varying(choice<Flow>(FLOWS), 'row', {
      name: 'Direction',
      find: ['row', 'column', 'below', 'beside'],
    }),
    between: varying(integer(0, 80, 'px', { step: 2 }), byWidth(14, { 880: 20 }), {
      name: 'Space between links',
      find: ['space', 'gap', 'between'],
    }),
    folded: varying(choice<Folded>(NARROW), 'open', {
      name: 'Shown',
      find: ['button', 'fold', 'narrow', 'phone', 'menu'],
      say: (folded) => (folded === 'button' ? 'behind a button' : 'as links'),
    }),
  },
};

/** A link of a menu as it is drawn, with those that belong to it. */
export interface MenuLink {
  id: string;
  words: string;
  link: string;
  below: readonly { id: string; words: string; link: string }[];
}

export interface MenuContent {
  links: readonly MenuLink[];
  /** Path of the page that it is on, so that the link to that is marked. */
  path: string;
  flow: Varying<Flow>;
  between: Varying<number>;
  folded: Varying<Folded>;
  room: Room;
}

/** As the base sheet of the storefront has them, px. */
const TEXT: TextSize = { fontPx: 15, linePx: 22.5, weight: 400 };
const LINK_PX = TEXT.linePx + 12;
const ROW_GAP_PX = 2;
const BUTTON_PX = 40;
const BELOW_PX = 24;

/** The main categories that hold something, as a menu has them: those that list everything are left out. */
export function linksOfTree(
  tree: CategoryTree,
  { shop, most, levels }: { shop: boolean; most: number; levels: Levels },
  texts: Pick<StoreTexts, 'shop'>,
): MenuItem[] {
  const holds = ({ products, catchAll }: CategoryTree['roots'][number]) => products > 0 && !catchAll;
  const item = ({ id }: { id: number }, under?: true): MenuItem => ({
    id: `category-${id}`,
    link: `category:${id}`,
    ...(under && { under }),
  });
  return [
    ...(shop ? [{ id: 'shop', words: texts.shop, link: '/shop' }] : []),
    ...tree.roots
      .filter(holds)
      .slice(0, most)
      .flatMap((root) => [
        item(root),
        ...(levels === 'two'
          ? tree
              .children(root.id)
              .filter(holds)
              .map((child) => item(child, true))
          : []),
      ]),
  ];
}

const kept = keptFor<Bay, readonly MenuLink[]>();

/** Links of the store on two levels: of its categories, or chosen one by one. */
export const menuBay: BayKind<typeof settings, MenuContent> = {
  id: 'menu',
  name: 'Menu',
  settings,
  defaults: {
    'look.above': 0,
    'look.below': 0,
    'place.takes': byWidth('row', { 700: 'rest' }),
    'place.side': byWidth('start', { 700: 'center' }),
    'place.last': byWidth(true, { 700: false }),
    'heading.level': 3,
  },
  hasHeading: true,
  elements: ['storeLink', 'subMenu'],
  spec: [
    contentLine('link', 'Links', ({ items, most, levels }) => {
      const list = items as readonly MenuItem[] | null;
      if (list) return [opens(list.length ? counted(list.length, 'link') : 'Nothing yet', 'items')];
      return [
        opens('The categories', 'items'),
        ', ',
        opens(`${String(most)} at most`, 'most'),
        ', ',
        opens(lowered(LEVELS[levels as Levels]), 'levels'),
      ];
    }),
    contentLine('columns', 'Layout', ({ flow, folded }, names) => [
      opens(
        sayVarying(flow as Varying<Flow>, names, (one) => FLOWS[one]),
        'flow',
      ),
      ', ',
      opens(
        sayVarying(folded as Varying<Folded>, names, (one) => lowered(NARROW[one])),
        'folded',
      ),
    ]),
    lookLine,
    visibilityLine,
  ],
  addable: false,
  aroundPages: true,
  named: ({ heading }) => heading.words || 'Menu',
  atFirst: (id) => ({ bay: { id, holds: 'menu' }, shelves: [] }),
  withLink: ({ items, shop, most, levels }, link, { tree, house }) => {
    const list = items ?? linksOfTree(tree, { shop, most, levels }, textsFor(house));
    if (list.length >= MOST_MENU_ITEMS) return null;
    return { setting: 'items', value: [...list, { id: freeId('link', list), link }] };
  },
  ...withoutShelves,
  pictures: () => [],
  *view({ items, shop, most, levels, flow, between, folded }, making) {
    const { bay, room, tree, plan, address } = making;
    making.reads([CATEGORIES, COLLECTIONS]);
    const list = items ?? linksOfTree(tree, { shop, most, levels }, textsFor(plan.house));
    const found: (MenuLink & { below: MenuLink[] })[] = [];
    let over: (typeof found)[number] | undefined;
    for (const { id, words, link = '', under } of list) {
      const target = link === '' ? null : making.linkTo(link);
      // One that is gone is left out; a link that leads nowhere stays where others belong to it.
      if (!target && (link !== '' || under || !words)) {
        // What belonged to it stands by itself.
        if (!under) over = undefined;
        continue;
      }
      const one = { id, words: words ?? target!.name, link: target?.href ?? '', below: [] };
      if (under && over) over.below.push(one);
      else found.push(one);
      if (!under) over = one;
    }
    const links = found.filter(({ link, below }) => link !== '' || below.length > 0);
    return {
      content: {
        links: kept(bay, [JSON.stringify(links)], () => links),
        path: address.path,
        flow,
        between,
        folded,
        room,
      },
      empty: links.length === 0,
    };
  },
  tones: () => [],
  heads: (_, heading) => heading.words !== '' && heading.level === 1,
  scripted: ({ links, folded }) =>
    links.some(({ below }) => below.length > 0) || Object.values(folded).includes('button'),
  ownPx: ({ links, flow, between, folded }, bands, band) => {
    if (valueAt(folded, bands, band) === 'button') return BUTTON_PX;
    const widths = links.map(linkPx);
    if (valueAt(flow, bands, band) === 'column') return widest(links);
    return (
      widths.reduce((sum, px) => sum + px, 0) + Math.max(0, links.length - 1) * valueAt(between, bands, band)
    );
  },
  leastPx: ({ links, flow, folded }, bands, band) => {
    if (valueAt(folded, bands, band) === 'button') return BUTTON_PX;
    return valueAt(flow, bands, band) === 'column' ? widest(links) : Math.max(0, ...links.map(linkPx));
  },
  heightIn,
  heightPx: (content, heading, bands, regionPx) => {
    const band = bandAt(bands, regionPx).id;
    const innerPx = innerWidth(content.room, bands, band, regionPx);
    return withHeading(heading, bands, regionPx, listHeight(content, bands, band, innerPx));
  },
  css: ({ flow, between, folded }, scope, bands) =>
    byBand(bands, (band) => {
      const isFolded = valueAt(folded, bands, band) === 'button';
      const isColumn = isFolded || valueAt(flow, bands, band) === 'column';
      const isEver = (one: Varying<string>, value: string) => Object.values(one).includes(value);
      return (
        `${scope}{--between:${valueAt(between, bands, band)}px` +
        (isEver(folded, 'button') ? written(FOLDED, isFolded) : '') +
        (isEver(folded, 'button') || isEver(flow, 'column') ? written(BELOW, isColumn) : '') +
        '}' +
        (isFolded ? `${scope} .menu-fold[aria-expanded=true]+.menu{--list:flex}` : '')
      );
    }),
};

/** What the sheet of the storefront draws a menu by, where it is not a row; each is as in a row where it is not written. */
const BELOW = {
  flow: 'column',
  // Those of the second level are where they are; in a row they are opened.
  more: 'none',
  below: 'static',
  'below-list': 'flex',
  'below-in': '0 16px',
  lifted: '0',
};
const FOLDED = {
  fold: 'inline-flex',
  list: 'none',
  // Behind a button of the header, it comes over the page.
  over: 'absolute',
  'over-in': '8px var(--margin) 20px',
  'over-ground': 'var(--behind,var(--ground))',
  'over-shadow': '0 10px 18px rgb(0 0 0/.14)',
  'over-scroll': 'auto',
};
const written = (values: Readonly<Record<string, string>>, holds: boolean): string =>
  Object.entries(values)
    .map(([name, value]) => `;--${name}:${holds ? value : 'initial'}`)
    .join('');

/** At both of their ends. */
const INSET_PX = 32;

/** How wide the widest is where they stand below one another, those of the second level with space around them. */
const widest = (links: readonly MenuLink[]): number =>
  Math.max(
    0,
    ...links.flatMap(({ words, below }) => [
      widthOf(words, TEXT),
      ...below.map((one) => INSET_PX + widthOf(one.words, TEXT)),
    ]),
  );

const linkPx = ({ words, below }: MenuLink): number =>
  widthOf(words, TEXT) + (below.length > 0 ? BELOW_PX : 0);

/** Height with the heading, which is always above it, px. */
function heightIn(
  content: MenuContent,
  heading: Heading,
  bands: Bands,
  band: string,
  widthPx: number,
): number {
  const above = { ...heading, stands: everywhere(bands, 'above' as const) };
  return withHeading(above, bands, widthPx, listHeight(content, bands, band, widthPx));
}

/** Height of the menu alone, px. */
function listHeight(
  { links, flow, between, folded }: MenuContent,
  bands: Bands,
  band: string,
  widthPx: number,
): number {
  if (valueAt(folded, bands, band) === 'button') return BUTTON_PX;
  const gap = valueAt(between, bands, band);
  if (valueAt(flow, bands, band) === 'column') {
    const all = links.reduce((sum, { below }) => sum + 1 + below.length, 0);
    return all * LINK_PX + Math.max(0, all - 1) * ROW_GAP_PX;
  }
  let [rows, usedPx] = [1, 0];
  for (const link of links) {
    const px = linkPx(link);
    if (usedPx > 0 && usedPx + gap + px > widthPx) [rows, usedPx] = [rows + 1, px];
    else usedPx += (usedPx > 0 ? gap : 0) + px;
  }
  return rows * LINK_PX + (rows - 1) * ROW_GAP_PX;
}
