import { bandAt } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { widthOf } from '../card/text.ts';
import { byBand } from '../css/containers.ts';
import { SEEN, UNSEEN } from '../css/unseen.ts';
import { innerWidth, type Room } from '../geometry/steps.ts';
import { counted, listed, lowered } from '../sentence/sentence.ts';
import { setting, varying } from '../settings/setting.ts';
import { choice, inParts, integer, own } from '../settings/values.ts';
import { contentLine, opens } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { withHeading } from '../view/headingHeight.ts';
import { keptFor } from '../view/keptFor.ts';
import { BAY_TEXT } from './bayTexts.ts';
import type { BayKind } from './bayKind.ts';
import type { IconId } from './iconIds.ts';
import type { Bay } from './index.ts';
import { linkItemsSchema, type LinkItem } from './linkItem.ts';
import { alignSetting, JUSTIFIED, sayStands, type Align } from './stands.ts';
import { withoutShelves } from './withoutShelves.ts';

const SHOWN = { both: 'Icons and words', icons: 'Icons alone', words: 'Words alone' } as const;
type Shown = keyof typeof SHOWN;
const FLOWS = { row: 'Side by side', column: 'One below the other' } as const;
type Flow = keyof typeof FLOWS;

/** What a link is called. */
export const linkName = ({ words, link }: LinkItem, i: number): string => words ?? link ?? `Link ${i + 1}`;

const settings = {
  link: {
    links: setting(
      inParts(
        own<LinkItem[]>(linkItemsSchema, (links) =>
          links.length ? listed(links.map((one, i) => `"${linkName(one, i)}"`)) : 'none',
        ),
      ),
      [],
      { name: 'Links', find: ['links', 'social', 'network', 'icon', 'address'] },
    ),
  },
  columns: {
    shown: varying(choice<Shown>(SHOWN), 'both', { name: 'Shown', find: ['icons', 'words', 'show'] }),
    flow: varying(choice<Flow>(FLOWS), 'row', {
      name: 'Direction',
      find: ['row', 'column', 'below', 'beside'],
    }),
    align: alignSetting('center'),
    between: varying(integer(0, 80, 'px', { step: 2 }), 20, {
      name: 'Space between links',
      find: ['space', 'gap', 'between'],
    }),
    icon: varying(integer(12, 64, 'px', { step: 2 }), 20, { name: 'Size of icons', find: ['icon', 'size'] }),
  },
};

/** A link as it is drawn. */
export interface LinkView {
  id: string;
  words: string;
  link: string;
  icon: IconId | null;
}

export interface LinksContent {
  links: readonly LinkView[];
  shown: Varying<Shown>;
  flow: Varying<Flow>;
  align: Varying<Align>;
  between: Varying<number>;
  icon: Varying<number>;
  room: Room;
}

/** As the sheet of the storefront has them, px. */
const LEAST_PX = 40;
const LEAST_WIDE_PX = 24;
const ICON_GAP_PX = 8;

const kept = keptFor<Bay, LinksContent>();

/** Links with icons of their own, of social networks among others. */
export const linksBay: BayKind<typeof settings, LinksContent> = {
  id: 'links',
  name: 'Links',
  settings,
  defaults: {},
  hasHeading: true,
  elements: ['bayLink'],
  spec: [
    contentLine('link', 'Links', ({ links }) => {
      const list = links as readonly LinkItem[];
      return [
        opens(
          list.length
            ? `${counted(list.length, 'link')}: ${listed(list.map((one, i) => `"${linkName(one, i)}"`))}`
            : 'Nothing yet',
          'links',
        ),
      ];
    }),
    contentLine('columns', 'Layout', ({ shown, flow, align, between }, names) => [
      opens(
        sayVarying(shown as Varying<Shown>, names, (one) => SHOWN[one]),
        'shown',
      ),
      ', ',
      opens(
        sayVarying(flow as Varying<Flow>, names, (one) => lowered(FLOWS[one])),
        'flow',
      ),
      ', ',
      opens(sayStands(align as Varying<Align>, names), 'align'),
      ', ',
      opens(
        sayVarying(between as Varying<number>, names, (px) => `${px} px apart`),
        'between',
      ),
    ]),
    lookLine,
    visibilityLine,
  ],
  addable: true,
  alike: true,
  aroundPages: true,
  named: ({ heading }) => heading.words || 'Links',
  atFirst: (id) => ({
    bay: {
      id,
      holds: 'links',
      heading: { words: 'Find us' },
      links: [
        { id: 'link-1', words: 'Write to us', link: 'mailto:hello@example.com', icon: 'mail' },
        { id: 'link-2', words: 'The journal', link: '/journal', icon: 'book' },
      ],
    },
    shelves: [],
  }),
  ...withoutShelves,
  pictures: () => [],
  *view({ links, shown, flow, align, between, icon }, { bay, room }) {
    const content = kept(bay, [room], () => ({
      // One that leads nowhere is no link yet.
      links: links.flatMap(({ id, words = '', link = '', icon: drawn }) =>
        link ? [{ id, words: words || link, link, icon: drawn ?? null }] : [],
      ),
      shown,
      flow,
      align,
      between,
      icon,
      room,
    }));
    return { content, empty: content.links.length === 0 };
  },
  tones: () => [],
  heads: (_, heading) => heading.words !== '' && heading.level === 1,
  heightPx: ({ links, shown, flow, between, icon, room }, heading, bands, regionPx) => {
    const band = bandAt(bands, regionPx).id;
    const [gap, iconPx, what] = [between, icon, shown].map((one) => valueAt<unknown>(one, bands, band)) as [
      number,
      number,
      Shown,
    ];
    const isColumn = valueAt(flow, bands, band) === 'column';
    const innerPx = innerWidth(room, bands, band, regionPx);
    const lines: { heightPx: number; usedPx: number }[] = [];
    for (const one of links) {
      const hasIcon = one.icon !== null && what !== 'words';
      const hasWords = what !== 'icons' || one.icon === null;
      const ownPx =
        (hasIcon ? iconPx : 0) +
        (hasWords ? widthOf(one.words, BAY_TEXT) : 0) +
        (hasIcon && hasWords ? ICON_GAP_PX : 0);
      const widthPx = Math.max(LEAST_WIDE_PX, ownPx);
      const heightPx = Math.max(LEAST_PX, hasIcon ? iconPx : 0);
      const last = lines.at(-1);
      if (!last || isColumn || last.usedPx + gap + widthPx > innerPx)
        lines.push({ heightPx, usedPx: widthPx });
      else {
        last.usedPx += gap + widthPx;
        last.heightPx = Math.max(last.heightPx, heightPx);
      }
    }
    const all = lines.reduce((sum, line) => sum + line.heightPx, 0) + Math.max(0, lines.length - 1) * gap;
    return withHeading(heading, bands, regionPx, all);
  },
  css: ({ shown, flow, align, between, icon }, scope, bands) =>
    byBand(bands, (band) => {
      const what = valueAt(shown, bands, band);
      return (
        `${scope}{--flow:${valueAt(flow, bands, band)};--justify:${JUSTIFIED[valueAt(align, bands, band)]};` +
        `--between:${valueAt(between, bands, band)}px;--icon:${valueAt(icon, bands, band)}px}` +
        `${scope} .bay-link>svg{display:${what === 'words' ? 'none' : 'block'}}` +
        // Words that are not seen are still read out; without an icon they are seen.
        `${scope} .bay-link>svg+span{${what === 'icons' ? UNSEEN : SEEN}}`
      );
    }),
};
