import type { ShippedScheme } from '../scheme.ts';

export const meadow: ShippedScheme = {
  id: 'meadow',
  name: 'Meadow',
  character: 'Greens on a warm white, round letters and corners',
  colours: {
    ground: '#fbfdf7',
    card: '#eef4e6',
    text: '#1d2b1c',
    quiet: '#53634f',
    accent: '#2d6a3a',
    onAccent: '#ffffff',
    reduced: '#a8322f',
    line: '#d3dfc8',
  },
  style: {
    page: { rest: { family: 'nunito' } },
    title: { rest: { weight: 700 } },
    heading: { rest: { weight: 800 } },
    bannerTitle: { rest: { weight: 800 } },
    card: { rest: { corners: { phone: 14 } } },
    button: { rest: { corners: { phone: 24 } } },
    pageButton: { rest: { corners: { phone: 24 } } },
    pageNumber: { rest: { corners: { phone: 16 } } },
    moreButton: { rest: { corners: { phone: 24 } } },
    input: { rest: { corners: { phone: 12 } } },
  },
};
