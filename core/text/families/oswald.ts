import type { TypeFamily } from '../typeFamily.ts';

export const oswald: TypeFamily = {
  id: 'oswald',
  name: 'Oswald',
  character: 'Narrow sans serif for titles',
  weights: [200, 700],
  faces: {
    upright: () => import('../faces/oswald.json', { with: { type: 'json' } }),
    italic: null,
  },
  sets: ['latin', 'latin-ext', 'vietnamese', 'cyrillic', 'cyrillic-ext'],
  standIn: 'sans',
  metrics: { ascent: 1.193, descent: 0.289, letter: 0.391 },
};
