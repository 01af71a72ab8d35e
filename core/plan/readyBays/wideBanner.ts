import type { ReadyBay } from './readyBay.ts';

export const wideBanner: ReadyBay = {
  id: 'wideBanner',
  heading: 'Wide banner',
  about: 'A few words and a button over a picture as wide as the window.',
  group: 'texts',
  on: null,
  make: (id) => ({
    bay: {
      id,
      holds: 'banner',
      title: 'A few words over a picture',
      button: 'See everything',
      link: '/shop',
      look: { width: 'window' },
    },
    shelves: [],
  }),
};
