import { object, string } from '../../schema/schema.ts';
import { PAGE_KINDS } from '../pageKinds.ts';
import { bayBaseShape, type BayBase } from '../bay.ts';
import { linkSchema } from '../link.ts';
import { LONGEST_HEADING } from '../words.ts';
import { noHeading, plainLook, type BayKind } from './bayKind.ts';

/** One line of words across the page. */
export interface NoticeBay extends BayBase {
  holds: 'notice';
  words: string;
  /** Where it leads; empty for nowhere. */
  link: string;
}

export const noticeBay: BayKind<NoticeBay> = {
  id: 'notice',
  name: 'Notice',
  schema: object({
    ...bayBaseShape,
    holds: string()
      .oneOf(['notice'] as const)
      .required(),
    words: string().max(LONGEST_HEADING).defined(),
    link: linkSchema,
  }).noUnknown() as unknown as BayKind<NoticeBay>['schema'],
  addedTo: PAGE_KINDS,
  atFirst: (id, band) => ({
    holds: 'notice',
    id,
    heading: noHeading,
    look: { ...plainLook(band), width: 'window', ground: '#2b3a55' },
    bands: null,
    hidden: false,
    words: 'Something every shopper should know',
    link: '',
  }),
};
