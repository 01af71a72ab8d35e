import type { ReadyBay } from './readyBay.ts';

export const inTabs: ReadyBay = {
  id: 'inTabs',
  heading: 'What people are buying',
  about: 'Bestselling, new and reduced products in tabs.',
  group: 'products',
  on: null,
  make(id, bands) {
    const lists = [
      { tab: 'bestselling', name: 'Bestselling', order: { by: 'bestSold', days: 30 } },
      { tab: 'new', name: 'New', order: { by: 'newest' } },
      { tab: 'reduced', name: 'Reduced', order: { by: 'reduction' } },
    ] as const;
    const first = `${id}-bestselling`;
    return {
      bay: {
        id,
        holds: 'tabs',
        heading: { words: 'What people are buying', align: 'center' },
        tabs: lists.map(({ tab, name }) => ({ id: tab, name, shelfId: `${id}-${tab}` })),
      },
      shelves: lists.map(({ tab, name, order }) => ({
        id: `${id}-${tab}`,
        name,
        assortment: {
          of: 'products',
          order,
          ...(tab === 'reduced' && {
            rule: { join: 'all' as const, parts: [{ is: 'reduced' as const, percent: 0 }] },
          }),
        },
        ...(`${id}-${tab}` === first
          ? { amount: { by: 'items' as const, items: { [bands[0]!.id]: 8 } } }
          : { like: first }),
      })),
    };
  },
};
