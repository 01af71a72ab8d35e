import { object, string } from '../../schema/schema.ts';
import { bayBaseShape, type BayBase } from '../bay.ts';
import { noHeading, plainLook, type BayKind } from './bayKind.ts';

/** The product that a product page is about. */
export interface ProductBay extends BayBase {
  holds: 'product';
}

export const productBay: BayKind<ProductBay> = {
  id: 'product',
  name: 'The product',
  schema: object({
    ...bayBaseShape,
    holds: string()
      .oneOf(['product'] as const)
      .required(),
  }).noUnknown() as unknown as BayKind<ProductBay>['schema'],
  addedTo: [],
  atFirst: (id, band) => ({
    holds: 'product',
    id,
    heading: noHeading,
    look: plainLook(band, 24),
    bands: null,
    hidden: false,
  }),
};
