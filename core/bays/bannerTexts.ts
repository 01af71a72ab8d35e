import type { Bands } from '../bands/bands.ts';
import { wholeWidth } from '../geometry/steps.ts';
import { valueAt } from '../bands/varying.ts';
import { balancedPx, linesOf, widestOf, widthOf } from '../card/text.ts';
import type { TextSize } from '../card/textSize.ts';
import type { Area } from '../picture/patches.ts';
import type { StyleElement } from '../style/element.ts';
import { bannerTextElement, bannerTitleElement } from '../style/elements/bays.ts';
import type { TextAlign } from '../style/properties/align.ts';
import type { PropertyId } from '../style/properties/index.ts';
import { resolve } from '../style/resolve.ts';
import { textSizeOf } from '../style/textSizeOf.ts';
import type { BannerContent } from './banner.ts';
import { leastHeight, paddingsPx, UNDER_BELOW_PX, UNDER_PX } from './bannerHeight.ts';
import { BUTTON_PX } from './bayTexts.ts';
import type { BayDrawn } from './bayKind.ts';

/** As the base sheet has them, px. */
const GAP_PX = 12;
const TEXT: TextSize = { fontPx: 17, linePx: 25.5, weight: 400 };
/** Digits that a line of text has room for, and the ems of one of the title. */
const TEXT_DIGITS = 34;
const TITLE_EMS = 12;

const titleAt = (regionPx: number): TextSize => {
  const fontPx = Math.min(54, Math.max(30, 0.046 * regionPx));
  return { fontPx, linePx: 1.1 * fontPx, weight: 560, spacingEm: -0.02 };
};

/** What a text takes. */
interface Taken {
  heightPx: number;
  /** Where its lines begin and end at most, px from where content does. */
  fromPx: number;
  toPx: number;
}

const none: Taken = { heightPx: 0, fromPx: Infinity, toPx: -Infinity };

/** Texts on a picture are at least so far from its sides, px. */
export const LEAST_MARGIN_PX = 16;

/** How far into the room that is left of it a text stands, by its alignment. */
const SHARES: Readonly<Record<TextAlign, number>> = { start: 0, center: 0.5, end: 1 };

function takenBy(
  words: string,
  element: StyleElement,
  text: TextSize,
  mostPx: (size: TextSize) => number,
  { levels, bands, bandId, contentPx, ownPx, marginPx }: BayDrawn,
  isBalanced = false,
): Taken {
  if (words === '') return none;
  const { size } = textSizeOf(levels, element, text, bands, bandId);
  const at = (property: PropertyId) => resolve(levels, element, property, 'rest', bands, bandId);
  const width = at('maxWidth');
  const roomPx = Math.min(contentPx, ownPx - 2 * Math.max(LEAST_MARGIN_PX, marginPx));
  const most = Math.min(roomPx, width.from ? (width.value as number) : mostPx(size));
  const widthPx = widestOf(words, size, isBalanced ? balancedPx(words, size, most) : most);
  const align = at('align');
  const fromPx = align.from ? (roomPx - widthPx) * SHARES[align.value as TextAlign] : 0;
  return { heightPx: size.linePx * linesOf(words, size, most), fromPx, toPx: fromPx + widthPx };
}

/**
 * Height of a banner in px, and the part of its picture that title and text are on: in the middle of its height, from
 * where the content of the page begins, or as they are aligned. Null where there is neither.
 * @param leastPx the height of what stands in a row with it
 */
export function bannerTexts(
  content: BannerContent,
  drawn: BayDrawn,
  leastPx = 0,
): { heightPx: number; area: Area } | null {
  const { title, words } = content;
  if (title === '' && words === '') return null;
  const { ownPx, contentPx, direction } = drawn;
  const marginPx = Math.max(LEAST_MARGIN_PX, drawn.marginPx);
  const { titled, worded, textsPx, allPx, heightPx: ownHeightPx } = measured(content, drawn);
  const heightPx = Math.max(ownHeightPx, leastPx);
  const start = Math.max(0, (ownPx - contentPx - 2 * marginPx) / 2) + marginPx;
  const from = (start + Math.min(titled.fromPx, worded.fromPx)) / ownPx;
  const to = (start + Math.max(titled.toPx, worded.toPx)) / ownPx;
  const top = (heightPx - allPx) / 2 / heightPx;
  return {
    heightPx,
    area: {
      left: direction === 'rtl' ? 1 - to : from,
      right: direction === 'rtl' ? 1 - from : to,
      top,
      bottom: top + textsPx / heightPx,
    },
  };
}

/** What texts and button of a banner take, and how high it is with them. */
function measured(content: BannerContent, drawn: BayDrawn) {
  const { title, words, button, link } = content;
  const { regionPx, ownPx, bands, bandId } = drawn;
  const titled = takenBy(
    title,
    bannerTitleElement,
    titleAt(regionPx),
    ({ fontPx }) => Math.min(TITLE_EMS * fontPx, 0.56 * regionPx),
    drawn,
    true,
  );
  const worded = takenBy(
    words,
    bannerTextElement,
    TEXT,
    (size) => Math.min(TEXT_DIGITS * widthOf('0', size), 0.5 * regionPx),
    drawn,
  );
  const textsPx = titled.heightPx + worded.heightPx + (words === '' ? 0 : GAP_PX);
  const allPx = textsPx + (button && link ? BUTTON_PX : 0);
  const least = leastHeight(content, bands, bandId, ownPx);
  const underPx = content.picture && regionPx < UNDER_BELOW_PX ? UNDER_PX : 0;
  const heightPx = Math.max(least, allPx + paddingsPx(content, bands, bandId, regionPx) + underPx);
  return { titled, worded, textsPx, allPx, heightPx };
}

/** Estimated height of a banner with texts as they are drawn when nothing is styled, px. */
export const bannerHeight = (
  content: BannerContent,
  bands: Bands,
  bandId: string,
  regionPx: number,
): number => {
  const ownPx = wholeWidth(content.room, bands, bandId, regionPx);
  return measured(content, {
    levels: [],
    bands,
    bandId,
    regionPx,
    ownPx,
    marginPx: valueAt(content.room.marginPx, bands, bandId),
    contentPx: ownPx,
    direction: 'ltr',
  }).heightPx;
};
