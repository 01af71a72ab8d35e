import type { TypeFamily } from '../typeFamily.ts';

export const caveat: TypeFamily = {
  id: 'caveat',
  name: 'Caveat',
  character: 'Handwriting',
  weights: [400, 700],
  faces: {
    upright: () => import('../faces/caveat.json', { with: { type: 'json' } }),
    italic: null,
  },
  sets: ['latin', 'latin-ext', 'cyrillic', 'cyrillic-ext'],
  standIn: 'sans',
  metrics: { ascent: 0.96, descent: 0.3, letter: 0.359 },
};
