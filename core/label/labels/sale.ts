import type { LabelKind } from '../labelKind.ts';
import { percentOff } from '../percentOff.ts';

export const saleLabel: LabelKind = {
  id: 'sale',
  name: 'Sale label',
  find: ['label', 'reduced', 'sale', 'percent'],
  atFirst: true,
  needs: [],
  placeholders: ['percent', 'saved'],
  colours: ['reduced', 'ground'],
  stands: ({ price }) => price.reduced !== null,
  text: ({ price }, texts) => {
    const percent = percentOff(price.regular, price.reduced ?? price.regular);
    return percent === null ? texts.reduced : texts.percentOff(percent);
  },
};
