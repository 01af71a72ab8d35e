import type { LabelKind } from '../labelKind.ts';

export const newLabel: LabelKind = {
  id: 'new',
  name: 'New label',
  find: ['label', 'new', 'latest', 'arrivals'],
  atFirst: false,
  needs: ['onSaleFrom'],
  byDay: true,
  placeholders: [],
  colours: ['accent', 'onAccent'],
  stands: ({ onSaleFrom }, _, newSince) => onSaleFrom !== null && onSaleFrom >= newSince,
  text: (_, texts) => texts.isNew,
};
