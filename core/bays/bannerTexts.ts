import { valueAt } from '../bands/varying.ts';
import { balancedPx, linesOf, widestOf, widthOf } from '../card/text.ts';
import type { TextSize } from '../card/textSize.ts';
import type { Area } from '../picture/patches.ts';
import type { StyleElement } from '../style/element.ts';
import { bannerTextElement, bannerTitleElement } from '../style/elements/bays.ts';
import { resolve } from '../style/resolve.ts';
import { textSizeOf } from '../style/textSizeOf.ts';
import type { BannerContent } from './banner.ts';
import type { BayDrawn } from './bayKind.ts';

/** As the base sheet has them, px. */
const GAP_PX = 12;
const PADDING_PX = 32;
const TEXT: TextSize = { fontPx: 17, linePx: 25.5, weight: 400 };
/** The button, with the space above it. */
const BUTTON_PX = 66;
/** Digits that a line of text has room for, and the ems of one of the title. */
const TEXT_DIGITS = 34;
const TITLE_EMS = 12;

const titleAt = (regionPx: number): TextSize => {
  const fontPx = Math.min(54, Math.max(30, 0.046 * regionPx));
  return { fontPx, linePx: 1.1 * fontPx, weight: 560, spacingEm: -0.02 };
};

/** What a text takes, px: how wide its widest line is at most, and how high all its lines are. */
function sizeOf(
  words: string,
  element: StyleElement,
  text: TextSize,
  mostPx: (size: TextSize) => number,
  { levels, bands, bandId }: BayDrawn,
  isBalanced = false,
): { widthPx: number; heightPx: number } {
  const { size } = textSizeOf(levels, element, text, bands, bandId);
  const set = resolve(levels, element, 'maxWidth', 'rest', bands, bandId);
  const most = set.from ? (set.value as number) : mostPx(size);
  const widthPx = widestOf(words, size, isBalanced ? balancedPx(words, size, most) : most);
  return { widthPx, heightPx: size.linePx * linesOf(words, size, most) };
}

/**
 * Height of a banner in px, and the part of its picture that title and text are on: in the middle of its height, from
 * where the content of the page begins.
 */
export function bannerTexts(
  { title, words, button, link, height }: BannerContent,
  drawn: BayDrawn,
): { heightPx: number; area: Area } {
  const { regionPx, marginPx, contentPx, bands, bandId, direction } = drawn;
  const isText = { title: title !== '', words: words !== '' };
  const none = { widthPx: 0, heightPx: 0 };
  const titled = isText.title
    ? sizeOf(
        title,
        bannerTitleElement,
        titleAt(regionPx),
        ({ fontPx }) => Math.min(TITLE_EMS * fontPx, 0.56 * regionPx),
        drawn,
        true,
      )
    : none;
  const worded = isText.words
    ? sizeOf(
        words,
        bannerTextElement,
        TEXT,
        (size) => Math.min(TEXT_DIGITS * widthOf('0', size), 0.5 * regionPx),
        drawn,
      )
    : none;
  const textsPx = titled.heightPx + worded.heightPx + (isText.words ? GAP_PX : 0);
  const allPx = textsPx + (button && link ? BUTTON_PX : 0);
  const heightPx = Math.max(valueAt(height, bands, bandId), allPx + 2 * PADDING_PX);
  const start = Math.max(0, (regionPx - contentPx - 2 * marginPx) / 2) + marginPx;
  const [from, to] = [start, start + Math.max(titled.widthPx, worded.widthPx)].map((px) => px / regionPx);
  const top = (heightPx - allPx) / 2 / heightPx;
  return {
    heightPx,
    area: {
      left: direction === 'rtl' ? 1 - to! : from!,
      right: direction === 'rtl' ? 1 - from! : to!,
      top,
      bottom: top + textsPx / heightPx,
    },
  };
}
