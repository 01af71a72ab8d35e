import { OFS } from '../../assortment/of.ts';
import type { ReadyCard } from './readyCard.ts';

export const wordsOver: ReadyCard = {
  id: 'wordsOver',
  name: 'Words over the picture',
  about: 'The picture fills the card, and title and price stand on its lower part.',
  of: OFS,
  parts: [{ part: 'picture' }, { part: 'title' }, { part: 'price' }, { part: 'count' }],
  card: { 'card.text.reach': 30, 'card.text.background': 'light' },
};
