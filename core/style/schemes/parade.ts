import type { ShippedScheme } from '../scheme.ts';

export const parade: ShippedScheme = {
  id: 'parade',
  name: 'Parade',
  character: 'Loud colours and narrow capitals',
  colours: {
    ground: '#fffaf0',
    card: '#ffefd2',
    text: '#2a123d',
    quiet: '#67517a',
    accent: '#b3124f',
    onAccent: '#ffffff',
    reduced: '#b3124f',
    line: '#ecd6b0',
  },
  style: {
    page: { rest: { family: 'nunito' } },
    heading: { rest: { family: 'oswald', weight: 600, letterCase: 'upper', letterSpacing: 2 } },
    bannerTitle: { rest: { family: 'oswald', weight: 600, letterCase: 'upper', letterSpacing: 1 } },
    title: { rest: { family: 'oswald', weight: 500 } },
    button: {
      rest: { corners: { phone: 0 }, letterCase: 'upper' },
      hover: { textColour: 'ground', background: 'text', borderColour: 'text' },
    },
    pageButton: { rest: { corners: { phone: 0 }, letterCase: 'upper' } },
  },
};
