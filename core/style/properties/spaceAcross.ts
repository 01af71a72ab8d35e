import { spaceProperty } from '../spaceProperty.ts';

export const spaceAcross = spaceProperty({
  id: 'spaceAcross',
  name: 'Space above and below text',
  find: ['space', 'padding', 'inner', 'height'],
  most: 40,
  begins: 9,
  said: 'above and below its text',
  css: 'padding-block',
});
