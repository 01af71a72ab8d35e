import type { LabelKind } from '../labelKind.ts';

/** A label of the owner's own, on whatever has a tag. */
export const tagLabel: LabelKind = {
  id: 'tag',
  name: 'Own label',
  find: ['label', 'own', 'tag', 'badge'],
  atFirst: false,
  tied: true,
  needs: ['tags'],
  placeholders: ['percent', 'saved', 'left'],
  colours: ['#574a7d', '#ffffff'],
  stands: ({ tags }, { tag }) => tag !== undefined && tags.includes(tag),
  text: (_product, _texts, { tag = '' }) => tag,
};
