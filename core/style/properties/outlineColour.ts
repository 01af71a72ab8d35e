import { colourProperty } from '../colourProperty.ts';

export const outlineColour = colourProperty({
  id: 'outlineColour',
  name: 'Colour of the outline',
  find: ['outline', 'stroke', 'letters', 'colour'],
  begins: 'ground',
  said: 'outlined in',
  needs: { property: 'outlineWidth', not: 0, because: 'Letters have no outline' },
  css: '-webkit-text-stroke-color',
});
