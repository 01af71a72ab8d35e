import type { ValuesFilterKind } from '../filterKind.ts';
import { plainFilter } from './plain.ts';

export interface ReducedFilter {
  by: 'reduced';
}

export const reducedFilter: ValuesFilterKind<ReducedFilter> = {
  id: 'reduced',
  name: 'Reduced',
  find: ['reduced', 'sale', 'offer'],
  schema: plainFilter('reduced'),
  named: () => 'Reduced',
  chooses: 'one',
  ofVariant: false,
  looksAt: ['price', 'reduced'],
  keys: (_, { isReduced }) => (isReduced ? [true] : []),
};
