import { object, string } from '../../schema/schema.ts';
import { PAGE_KINDS } from '../pageKinds.ts';
import { bayBaseShape, type BayBase } from '../bay.ts';
import { noHeading, plainLook, type BayKind } from './bayKind.ts';

/** A bay that holds a heading and a shelf. */
export interface ShelfBay extends BayBase {
  holds: 'shelf';
  shelfId: string;
}

export const shelfBay: BayKind<ShelfBay> = {
  id: 'shelf',
  name: 'Shelf',
  schema: object({
    ...bayBaseShape,
    holds: string()
      .oneOf(['shelf'] as const)
      .required(),
    shelfId: string().required(),
  }).noUnknown() as unknown as BayKind<ShelfBay>['schema'],
  addedTo: PAGE_KINDS,
  atFirst: (id, band) => ({
    holds: 'shelf',
    id,
    shelfId: id,
    heading: { ...noHeading, words: 'New shelf' },
    look: plainLook(band, 40),
    bands: null,
    hidden: false,
  }),
};
