import { colourProperty } from '../colourProperty.ts';

export const overlayColour = colourProperty({
  id: 'overlayColour',
  name: 'Overlay colour',
  find: ['overlay', 'gradient', 'colour', 'tint'],
  begins: '#000000',
  said: 'in',
  css: '--over',
  needs: { property: 'overlay', not: 'none', because: 'There is no overlay' },
});
