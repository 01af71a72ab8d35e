import { bandAt } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { ALIGNS } from '../card/card.ts';
import { linesOf } from '../card/text.ts';
import type { TextSize } from '../card/textSize.ts';
import { byBand } from '../css/containers.ts';
import { innerWidth, type Room } from '../geometry/steps.ts';
import { counted } from '../sentence/sentence.ts';
import { setting, varying } from '../settings/setting.ts';
import { choice, integer, own } from '../settings/values.ts';
import { contentLine, opens } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { withHeading } from '../view/headingHeight.ts';
import { keptFor } from '../view/keptFor.ts';
import { BAY_TEXT } from './bayTexts.ts';
import type { BayKind } from './bayKind.ts';
import type { Bay } from './index.ts';
import { linksIn, plainText, richTextSchema, withLinks, type BlockNode, type TextLevel } from './richText.ts';
import { sayStands, type Align } from './stands.ts';
import { withoutShelves } from './withoutShelves.ts';

const begin = (blocks: readonly BlockNode[]): string => {
  const said = plainText(blocks).replaceAll(/\s+/g, ' ').trim();
  return said.length > LONGEST_SAID ? `${said.slice(0, LONGEST_SAID).trimEnd()}…` : said;
};
/** As much of a text as is said of it. */
const LONGEST_SAID = 60;

const settings = {
  text: {
    body: setting(
      own<BlockNode[]>(richTextSchema, (body) => (body.length ? `"${begin(body)}"` : 'nothing yet')),
      [],
      { name: 'Text', find: ['text', 'words', 'paragraph', 'heading', 'list', 'bold', 'link'] },
    ),
    textAlign: varying(choice<Align>(ALIGNS), 'start', {
      name: 'Alignment of the text',
      find: ['align', 'text', 'centre', 'middle'],
    }),
    /** Lines are easy to read up to some 75 letters; 0 for as wide as the bay. */
    linePx: setting(integer(0, 1200, 'px', { step: 20 }), 680, {
      name: 'Longest line',
      find: ['line', 'length', 'width', 'measure'],
      about: '0 for as wide as the bay. Lines of 45 to 75 letters are easy to read.',
      say: (px) => (px > 0 ? `lines of at most ${px} px` : 'lines as wide as the bay'),
    }),
  },
};

export interface WordsContent {
  body: readonly BlockNode[];
  textAlign: Varying<Align>;
  linePx: number;
  room: Room;
}

/** As the sheet of the storefront has them. */
const SIZES: Readonly<Record<TextLevel, TextSize>> = {
  2: { fontPx: 24, linePx: 30, weight: 560 },
  3: { fontPx: 20, linePx: 26, weight: 560 },
  4: { fontPx: 17, linePx: 24, weight: 560 },
};
export const TEXT_GAP_PX = 14;
export const ITEM_GAP_PX = 6;
export const INSET_PX = 24;

/** Height of blocks one below the other, px. */
export function textHeight(blocks: readonly BlockNode[], widthPx: number, gapPx = TEXT_GAP_PX): number {
  const heights = blocks.map((block): number => {
    if (block.type === 'blockquote') return textHeight(block.content, widthPx - INSET_PX);
    if (block.type === 'bulletList' || block.type === 'orderedList') {
      const items = block.content.map(({ content }) => textHeight(content, widthPx - INSET_PX, ITEM_GAP_PX));
      return items.reduce((sum, px) => sum + px, 0) + (items.length - 1) * ITEM_GAP_PX;
    }
    const size = block.type === 'heading' ? SIZES[block.attrs.level] : BAY_TEXT;
    const lines = plainText([block])
      .split('\n')
      .map((line) => Math.max(1, linesOf(line, size, widthPx)));
    return size.linePx * lines.reduce((sum, count) => sum + count, 0);
  });
  return heights.reduce((sum, px) => sum + px, 0) + Math.max(0, heights.length - 1) * gapPx;
}

const kept = keptFor<Bay, WordsContent>();

/** Text in paragraphs, with headings, lists, quotations and links. */
export const wordsBay: BayKind<typeof settings, WordsContent> = {
  id: 'words',
  name: 'Text',
  settings,
  defaults: {},
  hasHeading: true,
  elements: ['richText'],
  spec: [
    contentLine('text', 'Text', ({ body, textAlign, linePx }, names) => {
      const blocks = body as readonly BlockNode[];
      return [
        opens(blocks.length ? `"${begin(blocks)}"` : 'Nothing yet', 'body'),
        ...(blocks.length > 1 ? [` and more, ${counted(blocks.length, 'paragraph')}`] : []),
        ', ',
        opens(sayStands(textAlign as Varying<Align>, names), 'textAlign'),
        ', ',
        opens(settings.text.linePx.say!(linePx as never, names), 'linePx'),
      ];
    }),
    lookLine,
    visibilityLine,
  ],
  addable: true,
  alike: true,
  aroundPages: true,
  named: ({ heading, body }) => heading.words || begin(body) || 'Text',
  atFirst: (id) => ({
    bay: {
      id,
      holds: 'words',
      body: [{ type: 'paragraph', content: [{ type: 'text', text: 'Write here what you have to say.' }] }],
    },
    shelves: [],
  }),
  ...withoutShelves,
  pictures: () => [],
  *view({ body, textAlign, linePx }, { bay, room, linkTo }) {
    const to = (link: string) => linkTo(link)?.href ?? null;
    const content = kept(bay, [room, linksIn(body).map(to).join(' ')], () => ({
      body: withLinks(body, to),
      textAlign,
      linePx,
      room,
    }));
    return { content, empty: body.length === 0 };
  },
  tones: () => [],
  says: ({ body }) => plainText(body),
  heads: (_, heading) => heading.words !== '' && heading.level === 1,
  heightPx: ({ body, linePx, room }, heading, bands, regionPx) => {
    const innerPx = innerWidth(room, bands, bandAt(bands, regionPx).id, regionPx);
    const widthPx = linePx > 0 ? Math.min(linePx, innerPx) : innerPx;
    return withHeading(heading, bands, regionPx, textHeight(body, widthPx));
  },
  css: ({ textAlign, linePx }, scope, bands) =>
    (linePx > 0 ? `${scope} .rich{max-width:${linePx}px}` : '') +
    byBand(bands, (band) => {
      const align = valueAt(textAlign, bands, band);
      return `${scope} .rich{text-align:${align};margin-inline:${MARGINS[align]}}`;
    }),
};

const MARGINS: Readonly<Record<Align, string>> = { start: '0 auto', center: 'auto', end: 'auto 0' };
