import type { TypeFamily } from '../typeFamily.ts';

export const nunito: TypeFamily = {
  id: 'nunito',
  name: 'Nunito',
  character: 'Round sans serif',
  weights: [200, 1000],
  faces: {
    upright: () => import('../faces/nunito.json', { with: { type: 'json' } }),
    italic: () => import('../faces/nunito-italic.json', { with: { type: 'json' } }),
  },
  sets: ['latin', 'latin-ext', 'vietnamese', 'cyrillic', 'cyrillic-ext'],
  standIn: 'sans',
  metrics: { ascent: 1.011, descent: 0.353, letter: 0.491 },
};
