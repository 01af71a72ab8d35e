import { spaceProperty } from '../spaceProperty.ts';

export const spaceAfter = spaceProperty({
  id: 'spaceAfter',
  name: 'Space below',
  find: ['space', 'margin', 'below'],
  most: 120,
  begins: 20,
  said: 'below it',
  css: 'margin-block-end',
});
