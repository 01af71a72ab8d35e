import { AROUND, listed, linkTo, plainPage, type PageKind } from './pageKind.ts';

export const collectionPage: PageKind = {
  ...plainPage,
  singly: true,
  lists: true,
  id: 'collection',
  name: 'Collection',
  address: { steps: ['collection'], slugged: true },
  at: '/collection/…, for every collection',
  needs: 'collection',
  around: ({ collection }) => (collection ? { of: 'collection', id: collection.id } : null),
  named: ({ collection }) => collection?.name ?? null,
  described: ({ collection }) => collection?.description || null,
  pictured: ({ collection }) => collection?.picture ?? null,
  trail: ({ collection }, _, texts) => (collection ? [linkTo(texts.shop, '/shop')] : []),
  first: listed('collection', 'Products of the collection', AROUND),
};
