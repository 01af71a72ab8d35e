import { propertyOf } from '../property.ts';
import { pxOrStep, sayLength } from '../pxOrStep.ts';

export const size = propertyOf({
  id: 'size',
  name: 'Text size',
  find: ['size', 'text', 'font', 'type', 'large', 'small'],
  kind: pxOrStep(10, 96, 'sizes'),
  begins: 24,
  varies: true,
  onlyAtRest: true,
  say: sayLength,
  css: (px) => `font-size:${px}px`,
});
