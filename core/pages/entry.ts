import { linkTo, plainPage, type PageKind } from './pageKind.ts';

export const entryPage: PageKind = {
  ...plainPage,
  singly: true,
  id: 'entry',
  sharedAs: 'article',
  name: 'Journal entry',
  address: { steps: ['journal'], slugged: true },
  at: '/journal/…, for every entry',
  needs: 'entry',
  named: ({ entry }) => entry?.title ?? null,
  described: ({ entry }) => entry?.summary || null,
  pictured: ({ entry }) => entry?.picture ?? null,
  trail: ({ entry }, _, texts) => (entry ? [linkTo(texts.journal, '/journal')] : []),
  first: { bays: [{ id: 'entry', holds: 'entry' }] },
};
