import { storeFace } from '../storeFace.ts';
import type { TypeFamily } from '../typeFamily.ts';

export const literata: TypeFamily = {
  id: 'literata',
  name: 'Literata',
  character: 'Serif for reading',
  weights: [200, 900],
  faces: {
    upright: () => Promise.resolve({ default: storeFace }),
    italic: () => import('../faces/literata-italic.json', { with: { type: 'json' } }),
  },
  sets: ['latin', 'latin-ext', 'vietnamese', 'cyrillic', 'cyrillic-ext', 'greek', 'greek-ext'],
  standIn: 'serif',
  metrics: { ascent: 1.177, descent: 0.308, letter: 0.535 },
};
