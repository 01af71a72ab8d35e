import type { LabelKind } from '../labelKind.ts';

export const soldOutLabel: LabelKind = {
  id: 'soldOut',
  name: 'Sold-out label',
  find: ['label', 'sold out', 'stock'],
  atFirst: true,
  text: ({ stock }, texts) => (stock.state === 'out' ? texts.soldOut : null),
};
