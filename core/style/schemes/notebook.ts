import type { ShippedScheme } from '../scheme.ts';

export const notebook: ShippedScheme = {
  id: 'notebook',
  name: 'Notebook',
  character: 'Ink on warm paper, titles by hand',
  colours: {
    ground: '#fdfaf3',
    card: '#f5eddc',
    text: '#22314d',
    quiet: '#586178',
    accent: '#22314d',
    onAccent: '#fdfaf3',
    reduced: '#a5371f',
    line: '#ddd0b5',
  },
  style: {
    page: { rest: { family: 'literata' } },
    heading: { rest: { family: 'caveat', weight: 700, letterSpacing: 0, size: { phone: 30, laptop: 38 } } },
    bannerTitle: {
      rest: { family: 'caveat', weight: 700, letterSpacing: 0, size: { phone: 42, laptop: 60 } },
    },
    button: { rest: { corners: { phone: 18 } } },
    pageButton: { rest: { corners: { phone: 18 } } },
  },
};
