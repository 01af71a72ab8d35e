import { bandAt, type Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { ratio, RATIOS, ratioValue } from '../card/ratio.ts';
import { linesOf } from '../card/text.ts';
import type { TextSize } from '../card/textSize.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import { byBand } from '../css/containers.ts';
import { innerWidth, type Room } from '../geometry/steps.ts';
import { fillCrop } from '../picture/crop.ts';
import { lowered } from '../sentence/sentence.ts';
import { byWidth, setting, varying } from '../settings/setting.ts';
import { choice, integer, yesNo } from '../settings/values.ts';
import { contentLine, opens } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { withHeading } from '../view/headingHeight.ts';
import { keptFor } from '../view/keptFor.ts';
import type { Bay } from './index.ts';
import { BAY_TEXT, BUTTON_ENDS_PX, BUTTON_PX } from './bayTexts.ts';
import type { BayKind } from './bayKind.ts';
import { isAside, SIDES, sizesAt, type Side } from './besideText.ts';
import { sayTextItems, textItemsSetting, type TextItem } from './textItem.ts';
import { withoutShelves } from './withoutShelves.ts';

const UPRIGHT = { start: 'At the top', center: 'In the middle', end: 'At the bottom' } as const;
type Upright = keyof typeof UPRIGHT;

/** Side by side at most. */
const MOST_COLUMNS = 4;

const settings = {
  text: {
    columns: textItemsSetting('column', {
      name: 'Columns',
      find: ['columns', 'text', 'title', 'words', 'button', 'call to action'],
    }),
  },
  picture: {
    side: varying(choice<Side>(SIDES), byWidth<Side>('above', { 560: 'before' }), {
      name: 'Where the picture stands',
      find: ['side', 'picture', 'left', 'right', 'above', 'below'],
      say: (side) => `picture ${lowered(SIDES[side])}`,
    }),
    alternate: setting(yesNo(), false, {
      name: 'Every other one the other way round',
      find: ['alternate', 'swap', 'sides'],
    }),
    /** Of the column's width that the picture has beside its text, percent. */
    share: varying(integer(20, 80, '%', { step: 5 }), 50, {
      name: 'Width of the picture beside text',
      find: ['share', 'width', 'picture'],
    }),
    shaped: setting(choice({ own: 'As it is', ratio: 'By ratio' }), 'own', {
      name: 'Picture height',
      find: ['ratio', 'height', 'picture', 'shape'],
    }),
    ratio: setting(ratio(RATIOS), '4:3', {
      name: 'Picture ratio, width to height',
      find: ['ratio', 'picture', 'shape', 'proportions'],
      offBecause: (read) => (read('shaped') === 'ratio' ? null : 'Pictures are as high as they are'),
    }),
    upright: setting(choice<Upright>(UPRIGHT), 'center', {
      name: 'Text beside the picture',
      find: ['align', 'middle', 'top', 'bottom'],
    }),
  },
  columns: {
    across: varying(integer(1, MOST_COLUMNS, ''), byWidth(1, {}), {
      name: 'Columns side by side',
      find: ['columns', 'across', 'how many'],
    }),
    gap: varying(integer(0, 120, 'px', { step: 4 }), 32, { name: 'Gap', find: ['gap', 'space', 'between'] }),
  },
};

/** One column as it is drawn. */
export interface ColumnView {
  id: string;
  title: string;
  words: string;
  button: string;
  /** Where the button leads; empty for nowhere. */
  link: string;
  picture: PictureFacts | null;
}

export interface PictureTextContent {
  columns: readonly ColumnView[];
  across: Varying<number>;
  gap: Varying<number>;
  side: Varying<Side>;
  alternate: boolean;
  share: Varying<number>;
  /** Width to height of every picture; null where each has its own. */
  shape: number | null;
  upright: Upright;
  room: Room;
  /** How wide its pictures are, as `sizes` of HTML writes it. */
  sizes: string;
}

/** As the sheet of the storefront has them, px. */
const BESIDE_PX = 32;
const OVER_PX = 16;
const TITLE: TextSize = { fontPx: 22, linePx: 27.5, weight: 560 };

/** No more stand side by side than there are. */
const acrossAt = (
  { length }: readonly ColumnView[],
  across: Varying<number>,
  bands: Bands,
  band: string,
): number => Math.max(1, Math.min(valueAt(across, bands, band), length));

/** How wide a column and the picture in it are at a width of the region, px. */
export function columnWidths(
  { across, gap, side, share, room, columns }: Omit<PictureTextContent, 'sizes'>,
  bands: Bands,
  regionPx: number,
): { columnPx: number; picturePx: number; side: Side; across: number } {
  const band = bandAt(bands, regionPx).id;
  const count = acrossAt(columns, across, bands, band);
  const innerPx = innerWidth(room, bands, band, regionPx);
  const columnPx = (innerPx - (count - 1) * valueAt(gap, bands, band)) / count;
  const at = valueAt(side, bands, band);
  const picturePx = isAside(at) ? ((columnPx - BESIDE_PX) * valueAt(share, bands, band)) / 100 : columnPx;
  return { columnPx, picturePx, side: at, across: count };
}

/** Height of a column, px. */
function columnHeight(
  column: ColumnView,
  content: PictureTextContent,
  bands: Bands,
  regionPx: number,
): number {
  const { columnPx, picturePx, side } = columnWidths(content, bands, regionPx);
  const { title, words, button, picture } = column;
  const aside = picture !== null && isAside(side);
  const textPx = aside ? columnPx - picturePx - BESIDE_PX : columnPx;
  const pictureHeightPx = picture ? picturePx / (content.shape ?? picture.width / picture.height) : 0;
  const lines = (text: string, size: TextSize) =>
    text === ''
      ? 0
      : text.split('\n').reduce((sum, one) => sum + linesOf(one || ' ', size, textPx), 0) * size.linePx;
  const textHeightPx =
    lines(title, TITLE) +
    (title && words ? 8 : 0) +
    lines(words, BAY_TEXT) +
    (button
      ? BUTTON_PX + (linesOf(button, BAY_TEXT, Math.max(0, textPx - BUTTON_ENDS_PX)) - 1) * BAY_TEXT.linePx
      : 0);
  if (aside) return Math.max(pictureHeightPx, textHeightPx);
  return pictureHeightPx + (picture && textHeightPx > 0 ? OVER_PX : 0) + textHeightPx;
}

const FLOWS: Readonly<Record<Side, string>> = {
  before: 'row',
  after: 'row-reverse',
  above: 'column',
  below: 'column-reverse',
};
const OTHER: Readonly<Record<Side, Side>> = {
  before: 'after',
  after: 'before',
  above: 'above',
  below: 'below',
};

const kept = keptFor<Bay, PictureTextContent>();

/** Pictures with text beside, above or below them, in one to four columns. */
export const pictureTextBay: BayKind<typeof settings, PictureTextContent> = {
  id: 'pictureText',
  name: 'Picture and text',
  settings,
  defaults: {},
  hasHeading: true,
  elements: ['columnTitle', 'columnText', 'columnButton'],
  spec: [
    contentLine('text', 'Text', ({ columns }) => [
      opens(sayTextItems(columns as readonly TextItem[], 'column'), 'columns'),
    ]),
    contentLine('picture', 'Picture', ({ side, alternate, shaped, ratio: shape }, names) => [
      opens(`Picture ${sayVarying(side as Varying<Side>, names, (one) => lowered(SIDES[one]))}`, 'side'),
      ...(alternate ? [', ', opens('every other one the other way round', 'alternate')] : []),
      ', ',
      opens(shaped === 'own' ? 'as high as it is' : `${String(shape)}`, 'shaped'),
    ]),
    contentLine('columns', 'Columns', ({ across, gap }, names) => [
      opens(
        sayVarying(across as Varying<number>, names, (one) => (one === 1 ? 'One across' : `${one} across`)),
        'across',
      ),
      ', ',
      opens(`${sayVarying(gap as Varying<number>, names, (px) => `gaps of ${px} px`)}`, 'gap'),
    ]),
    lookLine,
    visibilityLine,
  ],
  addable: true,
  alike: true,
  aroundPages: true,
  named: ({ heading, columns }) => heading.words || columns[0]?.title || 'Picture and text',
  atFirst: (id) => ({
    bay: {
      id,
      holds: 'pictureText',
      columns: [
        {
          id: 'column-1',
          title: 'A few words beside a picture',
          words: 'Say what it is about, and where it leads.',
          button: 'See more',
          link: '/shop',
        },
      ],
    },
    shelves: [],
  }),
  ...withoutShelves,
  pictures: ({ columns }) => columns.flatMap(({ pictureId }) => pictureId ?? []),
  *view(bay, { plan, room, bay: whole, pictures }) {
    const shown = bay.columns.map(({ pictureId }) => (pictureId ? (pictures(pictureId) ?? null) : null));
    const { bands } = plan.house;
    const content = kept(whole, [room, bands, ...shown], () => {
      const made = {
        columns: bay.columns.map(({ id, title = '', words = '', button = '', link = '' }, i) => ({
          id,
          title,
          words,
          button,
          link,
          picture: shown[i]!,
        })),
        across: bay.across,
        gap: bay.gap,
        side: bay.side,
        alternate: bay.alternate,
        share: bay.share,
        shape: bay.shaped === 'own' ? null : ratioValue(bay.ratio),
        upright: bay.upright,
        room,
      };
      return { ...made, sizes: sizesAt(bands, (px) => columnWidths(made, bands, px).picturePx) };
    });
    const isEmpty = content.columns.every(({ title, words, picture }) => !title && !words && !picture);
    return { content, empty: isEmpty };
  },
  tones: ({ columns }) => columns.flatMap(({ picture }) => picture ?? []),
  drawnPictures: (content, bands, _, regionPx) => {
    const { picturePx } = columnWidths(content, bands, regionPx);
    const heightPx = content.shape === null ? null : picturePx / content.shape;
    return content.columns.flatMap(({ picture }) =>
      picture ? [{ picture, widthPx: picturePx, heightPx }] : [],
    );
  },
  says: ({ columns }) => columns.map(({ words }) => words).find(Boolean) ?? '',
  heads: (_, heading) => heading.words !== '' && heading.level === 1,
  heightPx: (content, heading, bands, regionPx) => {
    const { columns, gap } = content;
    const { across } = columnWidths(content, bands, regionPx);
    const heights = columns.map((column) => columnHeight(column, content, bands, regionPx));
    let all = 0;
    for (let i = 0; i < heights.length; i += across) {
      all += Math.max(...heights.slice(i, i + across));
      if (i > 0) all += valueAt(gap, bands, bandAt(bands, regionPx).id);
    }
    return withHeading(heading, bands, regionPx, all);
  },
  css: ({ columns, across, gap, side, alternate, share, shape, upright }, scope, bands) =>
    byBand(bands, (band) => {
      const at = valueAt(side, bands, band);
      const aside = isAside(at);
      const count = acrossAt(columns, across, bands, band);
      const picture = aside ? `calc((100% - ${BESIDE_PX}px)*${valueAt(share, bands, band) / 100})` : '100%';
      return (
        `${scope}{--columns:${count};--gap:${valueAt(gap, bands, band)}px;--flow:${FLOWS[at]};--picture:${picture};` +
        `--between:${aside ? BESIDE_PX : OVER_PX}px;--upright:${aside ? upright : 'stretch'}}` +
        (alternate ? `${scope} .column:nth-child(even){--flow:${FLOWS[OTHER[at]]}}` : '')
      );
    }) +
    (shape === null
      ? ''
      : `${scope} .column>img{aspect-ratio:${shape};object-fit:cover}` +
        columns
          .map(({ picture }, i) => {
            if (!picture) return '';
            const { x, y } = fillCrop(shape, picture.width / picture.height, picture.focal);
            return `${scope} .column:nth-child(${i + 1})>img{object-position:${x}% ${y}%}`;
          })
          .join('')),
};
