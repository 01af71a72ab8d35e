import { faceOf } from '../item.ts';
import { partKindOf } from '../partKind.ts';
import { linesOf, widthOf } from '../text.ts';

const TEXT = { fontPx: 14, linePx: 20, weight: 400 };
/** Lines that a short description may take. */
const MOST_LINES = 3;

export const descriptionPart = partKindOf({
  id: 'description',
  of: ['products', 'categories', 'collections', 'entries'],
  name: 'Short description',
  find: ['description', 'text', 'short'],
  atFirst: false,
  settings: {},
  needs: ['shortText'],
  text: TEXT,
  reads: () => null,
  view: (item) => {
    const { words } = faceOf(item);
    return words ? { text: words } : null;
  },
  fullest: (view) => view,
  words: ({ text }) => text,
  widthPx: ({ text }) => widthOf(text, TEXT),
  heightPx: ({ text }, _, widthPx) => Math.min(MOST_LINES, linesOf(text, TEXT, widthPx)) * TEXT.linePx,
  say: () => 'short description',
});
