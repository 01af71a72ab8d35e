import { object, string } from '../../schema/schema.ts';
import { bayBaseShape, type BayBase } from '../bay.ts';
import { noHeading, plainLook, type BayKind } from './bayKind.ts';

/** The journal entry that an entry's page is about. */
export interface EntryBay extends BayBase {
  holds: 'entry';
}

export const entryBay: BayKind<EntryBay> = {
  id: 'entry',
  name: 'The journal entry',
  schema: object({
    ...bayBaseShape,
    holds: string()
      .oneOf(['entry'] as const)
      .required(),
  }).noUnknown() as unknown as BayKind<EntryBay>['schema'],
  addedTo: [],
  atFirst: (id, band) => ({
    holds: 'entry',
    id,
    heading: noHeading,
    look: plainLook(band, 24),
    bands: null,
    hidden: false,
  }),
};
