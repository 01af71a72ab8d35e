import { colourProperty } from '../colourProperty.ts';

export const background = colourProperty({
  id: 'background',
  name: 'Background',
  find: ['background', 'colour', 'fill'],
  begins: 'card',
  said: 'on',
  css: 'background',
});
