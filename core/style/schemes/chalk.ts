import type { ShippedScheme } from '../scheme.ts';

export const chalk: ShippedScheme = {
  id: 'chalk',
  name: 'Chalk',
  character: 'Light and plain, in one sans serif',
  colours: {
    ground: '#ffffff',
    card: '#f4f5f5',
    text: '#1b1f22',
    quiet: '#586066',
    accent: '#1f5fae',
    onAccent: '#ffffff',
    reduced: '#b3261e',
    line: '#d8dcdf',
  },
  style: {
    page: { rest: { family: 'hanken-grotesk' } },
    title: { rest: { weight: 600 } },
    heading: { rest: { weight: 700 } },
    bannerTitle: { rest: { weight: 700 } },
    button: { rest: { corners: { phone: 6 } } },
    pageButton: { rest: { corners: { phone: 6 } } },
    input: { rest: { corners: { phone: 6 } } },
  },
};
