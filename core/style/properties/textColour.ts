import { colourCss, houseColour } from '../houseColour.ts';
import { propertyOf } from '../property.ts';

const kind = houseColour();

export const textColour = propertyOf({
  id: 'textColour',
  name: 'Text colour',
  find: ['colour', 'text', 'ink'],
  kind,
  begins: 'text',
  varies: false,
  say: (value) => `in ${kind.say(value, undefined as never)}`,
  css: (value) => `color:${colourCss(value)}`,
});
