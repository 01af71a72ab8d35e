import type { TypeFamily } from '../typeFamily.ts';

export const bitter: TypeFamily = {
  id: 'bitter',
  name: 'Bitter',
  character: 'Slab serif',
  weights: [100, 900],
  faces: {
    upright: () => import('../faces/bitter.json', { with: { type: 'json' } }),
    italic: () => import('../faces/bitter-italic.json', { with: { type: 'json' } }),
  },
  sets: ['latin', 'latin-ext', 'vietnamese', 'cyrillic', 'cyrillic-ext'],
  standIn: 'serif',
  metrics: { ascent: 0.935, descent: 0.265, letter: 0.52 },
};
