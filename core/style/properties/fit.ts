import { choice } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

const FITS = { cover: 'Fill', contain: 'Whole picture' } as const;
type Fit = keyof typeof FITS;

export const fit = propertyOf({
  id: 'fit',
  name: 'Picture size',
  find: ['size', 'fill', 'whole', 'fit', 'cut', 'background'],
  kind: choice<Fit>(FITS),
  begins: 'contain',
  varies: true,
  onlyAtRest: true,
  say: (value) => (value === 'cover' ? 'filling its room' : 'shown whole'),
  css: (value) => `object-fit:${value}`,
});
