import { colourProperty } from '../colourProperty.ts';

export const borderColour = colourProperty({
  id: 'borderColour',
  name: 'Border colour',
  find: ['border', 'edge', 'colour', 'frame'],
  begins: 'line',
  said: 'border in',
  css: 'border-color',
  needs: { property: 'borderWidth', not: 0, because: 'There is no border' },
});
