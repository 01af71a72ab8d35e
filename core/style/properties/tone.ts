import { choice } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

const TONES = { none: 'As it is', grey: 'Grey', pale: 'Pale', warm: 'Warm', deep: 'Deep' } as const;
type Tone = keyof typeof TONES;

/** Functions of CSS Filter Effects, 5; none at all leaves room for others beside them. */
const FILTERS: Readonly<Record<Tone, string>> = {
  none: '',
  grey: 'grayscale(1)',
  pale: 'saturate(.4)',
  warm: 'sepia(.5)',
  deep: 'contrast(1.15) saturate(1.3)',
};

const SAID: Readonly<Record<Tone, string>> = {
  none: 'in its own colours',
  grey: 'in grey',
  pale: 'in pale colours',
  warm: 'in warm colours',
  deep: 'in deep colours',
};

/** Of the picture alone, and not of what stands on it: the base sheet draws pictures with it, and what happens on hover goes with it. */
export const tone = propertyOf({
  id: 'tone',
  name: 'Tone',
  find: ['tone', 'grey', 'black and white', 'colour', 'filter', 'sepia'],
  kind: choice<Tone>(TONES),
  begins: 'grey',
  varies: false,
  say: (value) => SAID[value],
  css: (value) => `--tone:${FILTERS[value]}`,
});
