import { spaceProperty } from '../spaceProperty.ts';

export const spaceToPicture = spaceProperty({
  id: 'spaceToPicture',
  name: 'Space to the picture',
  find: ['space', 'gap', 'picture', 'between'],
  most: 80,
  begins: 10,
  said: 'from the picture',
});
