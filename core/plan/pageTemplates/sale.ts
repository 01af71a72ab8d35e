import { bestSold } from '../readyBays/bestSold.ts';
import { reducedNow } from '../readyBays/reducedNow.ts';
import { stacked, type PageTemplate } from './pageTemplate.ts';

export const saleTemplate: PageTemplate = {
  id: 'sale',
  name: 'Sale',
  about: 'a banner, everything at a reduced price in pages, and bestselling products',
  make: ({ id, name, bands }) => {
    const reduced = reducedNow.make(`${id}-reduced`, bands);
    return stacked(
      { bay: { id: `${id}-banner`, holds: 'banner', title: name } },
      {
        bay: reduced.bay,
        shelves: reduced.shelves.map((shelf) => ({
          ...shelf,
          layout: { [bands[0]!.id]: 'grid' as const },
          amount: { by: 'rows' as const, rows: { [bands[0]!.id]: 6 } },
          paging: { by: 'numbered' as const },
        })),
      },
      bestSold.make(`${id}-best-sold`, bands),
    );
  },
};
