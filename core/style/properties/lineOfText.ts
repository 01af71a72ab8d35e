import { choice } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

const LINES = { none: 'None', under: 'Underlined', through: 'Struck through' } as const;

const css = { none: 'none', under: 'underline', through: 'line-through' } as const;

export const lineOfText = propertyOf({
  id: 'lineOfText',
  name: 'Line',
  find: ['underline', 'line', 'decoration', 'strike'],
  kind: choice(LINES),
  begins: 'none',
  varies: false,
  say: (value) => (value === 'none' ? 'without a line' : LINES[value].toLowerCase()),
  css: (value) => `text-decoration:${css[value]};text-underline-offset:3px`,
});
