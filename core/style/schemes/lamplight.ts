import type { ShippedScheme } from '../scheme.ts';

export const lamplight: ShippedScheme = {
  id: 'lamplight',
  name: 'Lamplight',
  character: 'Light text on a dark ground with a warm accent',
  colours: {
    ground: '#17181c',
    card: '#24262c',
    text: '#f4efe6',
    quiet: '#b6b0a4',
    accent: '#f0b450',
    onAccent: '#20180a',
    reduced: '#ff9a85',
    line: '#43464f',
  },
  style: {
    page: { rest: { family: 'hanken-grotesk' } },
    heading: { rest: { family: 'bricolage-grotesque', weight: 600 } },
    bannerTitle: { rest: { family: 'bricolage-grotesque', weight: 600 } },
    button: { rest: { corners: { phone: 8 } } },
    pageButton: { rest: { corners: { phone: 8 } } },
    card: { rest: { corners: { phone: 10 } } },
    input: { rest: { corners: { phone: 8 } } },
  },
};
