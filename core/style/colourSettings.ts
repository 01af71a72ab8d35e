import { setting } from '../settings/setting.ts';
import { colour } from '../settings/values.ts';

const named = (title: string) => ({ name: title, find: ['colour', 'house'] });

/** Colours that every bay starts from, #rrggbb. */
export const colourSettings = {
  ground: setting(colour(), '#ffffff', named('Page background')),
  card: setting(colour(), '#f2f2f2', named('Card background')),
  text: setting(colour(), '#1c1c1c', named('Text colour')),
  quiet: setting(colour(), '#5c5c5c', named('Quiet text colour')),
  accent: setting(colour(), '#2b3a6b', named('Accent colour')),
  onAccent: setting(colour(), '#ffffff', named('Text colour on the accent')),
  reduced: setting(colour(), '#a3341a', named('Reduced price colour')),
  line: setting(colour(), '#d9d9d9', named('Line colour')),
};
