import type { StoredBay } from '../core/bays/index.ts';
import type { StoredPage } from '../core/plan/page.ts';

/** A quarter of the footer each where there is room, half of it on tablets. */
const QUARTER: NonNullable<StoredBay['place']> = {
  takes: { phone: 'row', tablet: 'half', laptop: 'quarter' },
  side: { phone: 'start' },
  last: { phone: false },
};
const CLOSE: NonNullable<StoredBay['look']> = { above: { phone: 0 }, below: { phone: 0 } };

/** What every page begins with. */
export const header: StoredPage = {
  id: 'header',
  kind: 'header',
  name: 'Header',
  bays: [
    { id: 'store-name', holds: 'storeName' },
    {
      id: 'store-menu',
      holds: 'menu',
      levels: 'two',
      folded: { phone: 'button', tablet: 'open' },
      place: { takes: { phone: 'own', tablet: 'row', laptop: 'rest' }, last: { phone: true, laptop: false } },
    },
    {
      id: 'store-search',
      holds: 'search',
      shown: { phone: 'link', wide: 'field' },
      fieldPx: { phone: 240 },
    },
    { id: 'store-own', holds: 'ownLinks' },
  ],
};

/** What every page ends with. */
export const footer: StoredPage = {
  id: 'footer',
  kind: 'footer',
  name: 'Footer',
  ends: { phone: 28, laptop: 40 },
  between: { phone: 28 },
  bays: [
    {
      id: 'foot-about',
      holds: 'pictureText',
      columns: [
        {
          id: 'column-1',
          title: 'Kelverstone Clayworks',
          words: 'Stoneware made by five pairs of hands, a mile from the clay it comes from.',
        },
      ],
      place: QUARTER,
      look: CLOSE,
    },
    {
      id: 'foot-shop',
      holds: 'menu',
      heading: { words: 'Shop' },
      shop: false,
      flow: { phone: 'column' },
      between: { phone: 0 },
      place: QUARTER,
    },
    {
      id: 'foot-read',
      holds: 'menu',
      heading: { words: 'Read and keep' },
      items: [
        { id: 'link-1', link: 'page:journal', words: 'The journal' },
        { id: 'link-2', link: 'page:saved', words: 'What you saved' },
        { id: 'link-3', link: 'page:account', words: 'What you ordered' },
        { id: 'link-4', link: 'page:trade', words: 'Buying for a shop or a café' },
      ],
      flow: { phone: 'column' },
      between: { phone: 0 },
      place: QUARTER,
    },
    {
      id: 'foot-visit',
      holds: 'links',
      heading: { words: 'Visit', level: 3 },
      links: [
        { id: 'link-1', words: 'Open on Saturdays, 10 to 4', link: '/journal', icon: 'clock' },
        {
          id: 'link-2',
          words: 'Write to the workshop',
          link: 'mailto:hello@kelverstone.example',
          icon: 'mail',
        },
      ],
      flow: { phone: 'column' },
      align: { phone: 'start' },
      between: { phone: 0 },
      place: QUARTER,
      look: CLOSE,
    },
  ],
};
