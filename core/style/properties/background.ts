import { colourCss, houseColour } from '../houseColour.ts';
import { propertyOf } from '../property.ts';

const kind = houseColour();

export const background = propertyOf({
  id: 'background',
  name: 'Background',
  find: ['background', 'colour', 'fill'],
  kind,
  begins: 'card',
  varies: false,
  say: (value) => `on ${kind.say(value, undefined as never)}`,
  css: (value) => `background:${colourCss(value)}`,
});
