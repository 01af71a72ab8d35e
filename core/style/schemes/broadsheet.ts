import type { ShippedScheme } from '../scheme.ts';

export const broadsheet: ShippedScheme = {
  id: 'broadsheet',
  name: 'Broadsheet',
  character: 'Black on white with sharp corners, titles in a soft serif',
  colours: {
    ground: '#fffefb',
    card: '#f3f1ea',
    text: '#151515',
    quiet: '#55524a',
    accent: '#151515',
    onAccent: '#fffefb',
    reduced: '#9c1c1c',
    line: '#cfcabd',
  },
  style: {
    page: { rest: { family: 'literata' } },
    heading: { rest: { family: 'fraunces', weight: 600 } },
    bannerTitle: { rest: { family: 'fraunces', weight: 600 } },
    title: { rest: { family: 'fraunces', weight: 500 } },
    button: { rest: { corners: { phone: 0 }, letterCase: 'upper', letterSpacing: 6 } },
    pageButton: { rest: { corners: { phone: 0 }, letterCase: 'upper', letterSpacing: 6 } },
    pageNumber: { rest: { corners: { phone: 0 } } },
    moreButton: { rest: { corners: { phone: 0 } } },
    input: { rest: { corners: { phone: 0 } } },
  },
};
