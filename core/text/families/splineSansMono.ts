import type { TypeFamily } from '../typeFamily.ts';

export const splineSansMono: TypeFamily = {
  id: 'spline-sans-mono',
  name: 'Spline Sans Mono',
  character: 'Every letter as wide',
  weights: [300, 700],
  faces: {
    upright: () => import('../faces/spline-sans-mono.json', { with: { type: 'json' } }),
    italic: () => import('../faces/spline-sans-mono-italic.json', { with: { type: 'json' } }),
  },
  sets: ['latin', 'latin-ext'],
  standIn: 'mono',
  metrics: { ascent: 0.964, descent: 0.236, letter: 0.6 },
};
