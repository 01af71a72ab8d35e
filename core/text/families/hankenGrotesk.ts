import type { TypeFamily } from '../typeFamily.ts';

export const hankenGrotesk: TypeFamily = {
  id: 'hanken-grotesk',
  name: 'Hanken Grotesk',
  character: 'Plain sans serif',
  weights: [100, 900],
  faces: {
    upright: () => import('../faces/hanken-grotesk.json', { with: { type: 'json' } }),
    italic: () => import('../faces/hanken-grotesk-italic.json', { with: { type: 'json' } }),
  },
  sets: ['latin', 'latin-ext', 'vietnamese', 'cyrillic-ext'],
  standIn: 'sans',
  metrics: { ascent: 1, descent: 0.303, letter: 0.49 },
};
