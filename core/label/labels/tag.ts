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
  stands: ({ tags }, { tag }) => tags.some(({ id }) => id === tag),
  text: ({ tags }, _texts, { tag = '' }) => tags.find(({ id }) => id === tag)?.name ?? tag,
};
