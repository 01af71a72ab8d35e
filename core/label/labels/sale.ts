import type { LabelKind } from '../labelKind.ts';
import { percentOff } from '../percentOff.ts';

export const saleLabel: LabelKind = {
  id: 'sale',
  name: 'Sale label',
  find: ['label', 'reduced', 'sale', 'percent'],
  atFirst: true,
  text: ({ price }, texts) => {
    if (price.reduced === null) return null;
    const percent = percentOff(price.regular, price.reduced);
    return percent === null ? texts.reduced : texts.percentOff(percent);
  },
};
