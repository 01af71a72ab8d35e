import { faceOf } from '../item.ts';
import { OFS, type PartKind } from '../partKind.ts';
import { cardText, estimatedLines } from '../text.ts';

export const titlePart: PartKind = {
  id: 'title',
  of: OFS,
  name: 'Title',
  find: ['title', 'name', 'lines'],
  atFirst: true,
  view: (item) => {
    const { title } = faceOf(item);
    return title ? { part: 'title', text: title } : null;
  },
  heightPx: (view, card, widthPx) =>
    view.part === 'title'
      ? Math.min(card.titleLines, estimatedLines(view.text, cardText.title, widthPx)) * cardText.title.linePx
      : 0,
  say: (card) => (card.titleLines === 1 ? 'title on one line' : `title up to ${card.titleLines} lines`),
};
