import { readYesNo } from '../yesNo.ts';
import type { ValuesFilterKind } from '../filterKind.ts';

export interface ReducedFilter {
  by: 'reduced';
}

export const reducedFilter: ValuesFilterKind<ReducedFilter> = {
  id: 'reduced',
  parameter: 'reduced',
  offers: () => [{ by: 'reduced' }],
  named: () => 'Reduced',
  title: ({ reducedOnly }) => reducedOnly,
  chooses: 'one',
  drawn: 'box',
  read: (said) => readYesNo(said) || null,
  says: (_, { reducedOnly }) => reducedOnly,
  ofVariant: false,
  looksAt: ['price', 'reduced'],
  keys: (_, { isReduced }) => (isReduced ? [true] : []),
};
