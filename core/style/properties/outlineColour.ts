import { colourCss, houseColour } from '../houseColour.ts';
import { propertyOf } from '../property.ts';

const kind = houseColour();

export const outlineColour = propertyOf({
  id: 'outlineColour',
  name: 'Colour of the outline',
  find: ['outline', 'stroke', 'letters', 'colour'],
  kind,
  begins: 'ground',
  varies: false,
  say: (value) => `outlined in ${kind.say(value, undefined as never)}`,
  css: (value) => `-webkit-text-stroke-color:${colourCss(value)}`,
});
