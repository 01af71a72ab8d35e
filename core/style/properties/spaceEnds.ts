import { spaceProperty } from '../spaceProperty.ts';

export const spaceEnds = spaceProperty({
  id: 'spaceEnds',
  name: 'Space beside text',
  find: ['space', 'padding', 'inner', 'width'],
  most: 60,
  begins: 14,
  said: 'beside its text',
  css: 'padding-inline',
});
