import { choice } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

const ALIGNS = { start: 'At the start', center: 'In the middle', end: 'At the end' } as const;
export type TextAlign = keyof typeof ALIGNS;

const SAID: Readonly<Record<TextAlign, string>> = {
  start: 'set at the start',
  center: 'set in the middle',
  end: 'set at the end',
};

/** What is narrower than its room stands there too. */
const MARGIN: Readonly<Record<TextAlign, string>> = { start: '0 auto', center: 'auto', end: 'auto 0' };

export const align = propertyOf({
  id: 'align',
  name: 'Alignment',
  find: ['align', 'alignment', 'centre', 'center', 'middle', 'left', 'right'],
  kind: choice<TextAlign>(ALIGNS),
  begins: 'center',
  varies: true,
  onlyAtRest: true,
  say: (value) => SAID[value],
  css: (value) => `text-align:${value};margin-inline:${MARGIN[value]}`,
});
