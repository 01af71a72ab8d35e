import type { ReadyBay } from './readyBay.ts';

export const bannersByTurns: ReadyBay = {
  id: 'bannersByTurns',
  heading: 'Banners by turns',
  about: 'Three banners in one place, moved by arrows, by finger and by themselves.',
  group: 'texts',
  on: null,
  make: (id) => ({
    bay: {
      id,
      holds: 'banners',
      moving: { play: true, loop: true },
      banners: ['What is new', 'What is reduced', 'How it is made'].map((title, i) => ({
        id: `banner-${i + 1}`,
        title,
        button: 'See more',
        link: '/shop',
      })),
    },
    shelves: [],
  }),
};
