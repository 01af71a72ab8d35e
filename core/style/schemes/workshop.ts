import type { ShippedScheme } from '../scheme.ts';

export const workshop: ShippedScheme = {
  id: 'workshop',
  name: 'Workshop',
  character: 'Letters of one width, thin lines, one strong colour',
  colours: {
    ground: '#fafafa',
    card: '#efefef',
    text: '#202020',
    quiet: '#595959',
    accent: '#0b6157',
    onAccent: '#ffffff',
    reduced: '#a3341a',
    line: '#bdbdbd',
  },
  style: {
    page: { rest: { family: 'spline-sans-mono' } },
    title: { rest: { weight: 500 } },
    heading: { rest: { weight: 600, letterSpacing: -2 } },
    bannerTitle: { rest: { weight: 600, letterSpacing: -3 } },
    button: { rest: { corners: { phone: 0 } } },
    pageButton: { rest: { corners: { phone: 0 } } },
    input: { rest: { corners: { phone: 0 } } },
  },
};
