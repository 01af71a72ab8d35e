import { colourCss, houseColour } from '../houseColour.ts';
import { propertyOf } from '../property.ts';

const kind = houseColour();

export const borderColour = propertyOf({
  id: 'borderColour',
  name: 'Border colour',
  find: ['border', 'edge', 'colour', 'frame'],
  kind,
  begins: 'line',
  varies: false,
  say: (value) => `border in ${kind.say(value, undefined as never)}`,
  css: (value) => `border-color:${colourCss(value)}`,
});
