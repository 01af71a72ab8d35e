import { OFS } from '../../assortment/of.ts';
import type { ReadyCard } from './readyCard.ts';

export const plain: ReadyCard = {
  id: 'plain',
  name: 'Plain',
  about: 'The picture, and under it what it is and what it costs.',
  of: OFS,
  parts: [{ part: 'picture' }, { part: 'title' }, { part: 'price' }, { part: 'count' }],
};
