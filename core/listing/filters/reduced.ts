import type { ValuesFilterKind } from '../filterKind.ts';

export interface ReducedFilter {
  by: 'reduced';
}

export const reducedFilter: ValuesFilterKind<ReducedFilter> = {
  id: 'reduced',
  name: 'Reduced',
  find: ['reduced', 'sale', 'offer'],
  offers: () => [{ by: 'reduced' }],
  named: () => 'Reduced',
  title: ({ reducedOnly }) => reducedOnly,
  chooses: 'one',
  drawn: 'box',
  says: (_, { reducedOnly }) => reducedOnly,
  ofVariant: false,
  looksAt: ['price', 'reduced'],
  keys: (_, { isReduced }) => (isReduced ? [true] : []),
};
