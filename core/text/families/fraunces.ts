import type { TypeFamily } from '../typeFamily.ts';

export const fraunces: TypeFamily = {
  id: 'fraunces',
  name: 'Fraunces',
  character: 'Soft serif for titles',
  weights: [100, 900],
  faces: {
    upright: () => import('../faces/fraunces.json', { with: { type: 'json' } }),
    italic: () => import('../faces/fraunces-italic.json', { with: { type: 'json' } }),
  },
  sets: ['latin', 'latin-ext', 'vietnamese'],
  standIn: 'serif',
  metrics: { ascent: 0.978, descent: 0.255, letter: 0.518 },
};
