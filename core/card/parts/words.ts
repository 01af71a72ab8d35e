import { faceOf } from '../item.ts';
import type { PartKind } from '../partKind.ts';
import { WORDS_LINES, cardText, estimatedLines } from '../text.ts';

export const wordsPart: PartKind = {
  id: 'words',
  of: ['products', 'categories', 'collections', 'entries'],
  name: 'Short words',
  find: ['words', 'description', 'text', 'short'],
  atFirst: false,
  view: (item) => {
    const { words } = faceOf(item);
    return words ? { part: 'words', text: words } : null;
  },
  heightPx: (view, _, widthPx) =>
    view.part === 'words'
      ? Math.min(WORDS_LINES, estimatedLines(view.text, cardText.words, widthPx)) * cardText.words.linePx
      : 0,
  say: () => 'short words',
};
