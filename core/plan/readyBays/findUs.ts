import type { ReadyBay } from './readyBay.ts';

export const findUs: ReadyBay = {
  id: 'findUs',
  heading: 'Find us',
  about: 'Links with icons: to write, to call, to read on.',
  group: 'texts',
  on: null,
  make: (id) => ({
    bay: {
      id,
      holds: 'links',
      heading: { words: 'Find us', align: 'center' },
      links: [
        { id: 'link-1', words: 'Write to us', link: 'mailto:hello@example.com', icon: 'mail' },
        { id: 'link-2', words: 'Call the workshop', link: 'tel:+440000000000', icon: 'phone' },
        { id: 'link-3', words: 'The journal', link: '/journal', icon: 'book' },
      ],
    },
    shelves: [],
  }),
};
