import type { TypeFamily } from '../typeFamily.ts';

export const notoSans: TypeFamily = {
  id: 'noto-sans',
  name: 'Noto Sans',
  character: 'Sans serif of many scripts',
  weights: [100, 900],
  faces: {
    upright: () => import('../faces/noto-sans.json', { with: { type: 'json' } }),
    italic: () => import('../faces/noto-sans-italic.json', { with: { type: 'json' } }),
  },
  sets: ['latin', 'latin-ext', 'vietnamese', 'cyrillic', 'cyrillic-ext', 'greek', 'greek-ext', 'devanagari'],
  standIn: 'sans',
  metrics: { ascent: 1.069, descent: 0.293, letter: 0.518 },
};
