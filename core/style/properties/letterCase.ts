import { choice } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

const CASES = { none: 'As written', upper: 'Capitals' } as const;

export const letterCase = propertyOf({
  id: 'letterCase',
  name: 'Case',
  find: ['case', 'capitals', 'uppercase', 'type'],
  kind: choice(CASES),
  begins: 'none',
  varies: false,
  onlyAtRest: true,
  say: (value) => (value === 'upper' ? 'in capitals' : 'as written'),
  css: (value) => `text-transform:${value === 'upper' ? 'uppercase' : 'none'}`,
});
