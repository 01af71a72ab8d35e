import { PART_GAP_PX } from './text.ts';

/** How the texts of a card stand together at one width, px. */
export interface TextBlock {
  /** Between lines of parts. */
  gapPx: number;
  /** Around them, each side; null for as much as where they stand has it. */
  insidePx: number | null;
  /** From the picture; null for as much as where they stand has it. */
  toPicturePx: number | null;
  /** Of the border: above and below, and at the sides, each. */
  borderAcrossPx: number;
  borderEndsPx: number;
}

export const plainBlock: TextBlock = {
  gapPx: PART_GAP_PX,
  insidePx: null,
  toPicturePx: null,
  borderAcrossPx: 0,
  borderEndsPx: 0,
};

/** Space between the picture and the texts under or over it, and beside it, px. */
const UNDER_GAP_PX = 2 * PART_GAP_PX;
const BESIDE_GAP_PX = 16;
/** Space around texts that stand over a picture, px. */
const OVER_PADDING_PX = 12;

export const toPicture = ({ toPicturePx }: TextBlock): number => toPicturePx ?? UNDER_GAP_PX;
export const besidePicture = ({ toPicturePx }: TextBlock): number => toPicturePx ?? BESIDE_GAP_PX;

const insideOf = ({ insidePx }: TextBlock, isOver: boolean): number =>
  insidePx ?? (isOver ? OVER_PADDING_PX : 0);

/** What of a card's width the texts do not have, px. */
export const blockSides = (block: TextBlock, isOver = false): number =>
  2 * (insideOf(block, isOver) + block.borderEndsPx);

/** The gap over the first line is part of the space inside; what there is more of it reaches up out of the texts, px. */
export const blockRise = (block: TextBlock): number => Math.min(0, insideOf(block, false) - block.gapPx);

/**
 * Height of the texts with what is around them, px; 0 where there are none.
 * @param textsPx lines with the gaps between them
 */
export function blockHeight(block: TextBlock, textsPx: number, isOver = false): number {
  if (textsPx === 0) return 0;
  const inside = insideOf(block, isOver);
  return textsPx + Math.max(block.gapPx, inside) + inside + 2 * block.borderAcrossPx;
}

/** From the picture to where the texts begin, with their rise, px; without texts nothing is taken away. */
export const belowPicture = (block: TextBlock, hasTexts: boolean): number => {
  const px = toPicture(block) + blockRise(block);
  return hasTexts ? px : Math.max(0, px);
};

/** The rise of the texts as a style sheet has it; those without any are no higher for it. */
export function riseCss(texts: string, block: TextBlock): string {
  const rise = blockRise(block);
  const first = `${texts}{margin-top:${-PART_GAP_PX}px}`;
  return rise === -PART_GAP_PX ? first : `${first}${texts}:not(:empty){margin-top:${rise}px}`;
}

/** Their space inside as a style sheet has it: the gap over the first line counts. */
export function blockPadding(block: TextBlock, isOver = false): string {
  const inside = insideOf(block, isOver);
  return `padding:${Math.max(0, inside - block.gapPx)}px ${inside}px ${inside}px`;
}
