import { OFS } from '../../assortment/of.ts';
import type { ReadyCard } from './readyCard.ts';

export const wordsBeside: ReadyCard = {
  id: 'wordsBeside',
  name: 'Words beside the picture',
  about: 'For wide cards: the picture at one side, and room for a description at the other.',
  of: OFS,
  parts: [
    { part: 'picture' },
    { part: 'title' },
    { part: 'date' },
    { part: 'description' },
    { part: 'price' },
    { part: 'details' },
  ],
  card: { 'card.text.side': 'after' },
};
