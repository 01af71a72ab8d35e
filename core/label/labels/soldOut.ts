import type { LabelKind } from '../labelKind.ts';

export const soldOutLabel: LabelKind = {
  id: 'soldOut',
  name: 'Sold-out label',
  find: ['label', 'sold out', 'stock'],
  atFirst: true,
  needs: [],
  placeholders: [],
  colours: ['text', 'ground'],
  stands: ({ stock }) => stock.state === 'out',
  text: (_, texts) => texts.soldOut,
};
