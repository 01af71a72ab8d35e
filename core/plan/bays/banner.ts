import { number, object, string } from '../../schema/schema.ts';
import type { Varying } from '../../bands/varying.ts';
import { varyingSchema } from '../../card/card.ts';
import { PAGE_KINDS } from '../pageKinds.ts';
import { bayBaseShape, type BayBase } from '../bay.ts';
import { linkSchema } from '../link.ts';
import { LONGEST_HEADING, LONGEST_SENTENCE } from '../words.ts';
import { noHeading, plainLook, type BayKind } from './bayKind.ts';

/** A picture with words over it. */
export interface BannerBay extends BayBase {
  holds: 'banner';
  title: string;
  words: string;
  button: string;
  /** Where it leads; empty for nowhere. */
  link: string;
  /** Id of a stored picture; null for none. */
  pictureId: string | null;
  /** px. */
  height: Varying<number>;
}

export const LEAST_BANNER_PX = 80;
export const MOST_BANNER_PX = 1000;

export const bannerBay: BayKind<BannerBay> = {
  id: 'banner',
  name: 'Banner',
  schema: object({
    ...bayBaseShape,
    holds: string()
      .oneOf(['banner'] as const)
      .required(),
    title: string().max(LONGEST_HEADING).defined(),
    words: string().max(LONGEST_SENTENCE).defined(),
    button: string().max(60).defined(),
    link: linkSchema,
    pictureId: string()
      .matches(/^[0-9a-f]{64}$/)
      .nullable()
      .defined(),
    height: varyingSchema(number().integer().min(LEAST_BANNER_PX).max(MOST_BANNER_PX).required()),
  }).noUnknown() as unknown as BayKind<BannerBay>['schema'],
  addedTo: PAGE_KINDS,
  atFirst: (id, band) => ({
    holds: 'banner',
    id,
    heading: noHeading,
    look: { ...plainLook(band), width: 'window' },
    bands: null,
    hidden: false,
    title: 'A few words over a picture',
    words: '',
    button: '',
    link: '/shop',
    pictureId: null,
    height: { [band]: 320 },
  }),
};
