import type { TypeFamily } from '../typeFamily.ts';

export const bricolageGrotesque: TypeFamily = {
  id: 'bricolage-grotesque',
  name: 'Bricolage Grotesque',
  character: 'Lively sans serif for titles',
  weights: [200, 800],
  faces: {
    upright: () => import('../faces/bricolage-grotesque.json', { with: { type: 'json' } }),
    italic: null,
  },
  sets: ['latin', 'latin-ext', 'vietnamese'],
  standIn: 'sans',
  metrics: { ascent: 0.93, descent: 0.27, letter: 0.519 },
};
