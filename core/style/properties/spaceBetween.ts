import { spaceProperty } from '../spaceProperty.ts';

export const spaceBetween = spaceProperty({
  id: 'spaceBetween',
  name: 'Space between parts',
  find: ['space', 'gap', 'between', 'parts', 'lines'],
  most: 60,
  begins: 5,
  said: 'between its parts',
});
