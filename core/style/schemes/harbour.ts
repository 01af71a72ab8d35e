import type { ShippedScheme } from '../scheme.ts';

export const harbour: ShippedScheme = {
  id: 'harbour',
  name: 'Harbour',
  character: 'Deep blue and rust on a cool white, in a slab serif',
  colours: {
    ground: '#f6f9fb',
    card: '#e9eff4',
    text: '#14283b',
    quiet: '#4d6072',
    accent: '#173f63',
    onAccent: '#ffffff',
    reduced: '#a03d12',
    line: '#cbd7e0',
  },
  style: {
    page: { rest: { family: 'hanken-grotesk' } },
    heading: { rest: { family: 'bitter', weight: 650 } },
    bannerTitle: { rest: { family: 'bitter', weight: 650 } },
    title: { rest: { family: 'bitter', weight: 550 } },
    button: {
      rest: { corners: { phone: 3 } },
      hover: { textColour: 'ground', background: 'text', borderColour: 'text' },
    },
    pageButton: { rest: { corners: { phone: 3 } } },
  },
};
