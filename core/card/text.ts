import type { TextSize } from './partKind.ts';

/** Space between the parts of a card, px. */
export const PART_GAP_PX = 5;

/** Mean advance of a letter, as a share of the type size; an estimate until real widths are read. */
const MEAN_ADVANCE = 0.5;

const MOST_KEPT = 4_000;
const lengths = new Map<string, readonly number[]>();

/** Lengths of the words of a text; kept, since the same titles are measured at every width. */
function wordLengths(text: string): readonly number[] {
  let found = lengths.get(text);
  if (!found) {
    if (lengths.size >= MOST_KEPT) lengths.clear();
    lengths.set(text, (found = text.split(/\s+/).map((word) => word.length)));
  }
  return found;
}

/** Estimated number of lines, at least 1. */
export function estimatedLines(text: string, { fontPx }: TextSize, widthPx: number): number {
  const perLine = Math.max(1, Math.floor(widthPx / (fontPx * MEAN_ADVANCE)));
  let lines = 1;
  let used = 0;
  for (const length of wordLengths(text)) {
    const needed = used === 0 ? length : used + 1 + length;
    if (needed <= perLine) used = needed;
    else {
      lines += 1;
      used = Math.min(length, perLine);
    }
  }
  return lines;
}
