import { linePartOf } from '../linePart.ts';

export const extraLinePart = linePartOf({
  id: 'extraLine',
  of: ['categories'],
  name: 'Free line',
  find: ['line', 'extra', 'free', 'own text'],
  words: (item) => (item.of === 'categories' ? item.category.extraLine : null),
});
