import type { LabelKind } from '../labelKind.ts';

export const featuredLabel: LabelKind = {
  id: 'featured',
  name: 'Featured label',
  find: ['label', 'featured', 'recommended', 'favourite'],
  atFirst: false,
  needs: ['featured'],
  placeholders: [],
  colours: ['#2c5f3f', '#ffffff'],
  stands: ({ featured }) => featured,
  text: (_, texts) => texts.featured,
};
