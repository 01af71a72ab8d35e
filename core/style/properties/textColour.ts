import { colourProperty } from '../colourProperty.ts';

export const textColour = colourProperty({
  id: 'textColour',
  name: 'Text colour',
  find: ['colour', 'text', 'ink'],
  begins: 'text',
  said: 'in',
  css: 'color',
});
