import type { PartKind } from '../partKind.ts';
import { WORDS_LINES, cardText, estimatedLines } from '../text.ts';

export const wordsPart: PartKind = {
  id: 'words',
  of: ['products', 'categories'],
  name: 'Short words',
  find: ['words', 'description', 'text', 'short'],
  atFirst: false,
  view: (item) => {
    const text = item.of === 'products' ? item.product.shortText : item.category.description;
    return text ? { part: 'words', text } : null;
  },
  heightPx: (view, _, widthPx) =>
    view.part === 'words'
      ? Math.min(WORDS_LINES, estimatedLines(view.text, cardText.words, widthPx)) * cardText.words.linePx
      : 0,
  say: () => 'short words',
};
