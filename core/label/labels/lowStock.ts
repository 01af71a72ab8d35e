import { fewLeftWords } from '../../catalogue/stockWords.ts';
import type { LabelKind } from '../labelKind.ts';

const FEW = 3;

export const lowStockLabel: LabelKind = {
  id: 'lowStock',
  name: 'Low-stock label',
  find: ['label', 'low stock', 'few left', 'last', 'stock'],
  atFirst: false,
  counts: { name: 'Stands where at most so many are left', atFirst: FEW, most: 999 },
  needs: [],
  placeholders: ['left'],
  colours: ['#7a4b00', '#ffffff'],
  stands: ({ stock: { state, count } }, { from = FEW }) => state !== 'out' && count !== null && count <= from,
  text: ({ stock }, texts) => fewLeftWords(stock.count, texts),
};
