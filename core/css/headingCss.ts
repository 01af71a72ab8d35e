import type { Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import type { Heading } from '../plan/bay.ts';
import { HEADING_GAP_PX } from '../view/rooms.ts';
import { atBand } from './containers.ts';

/** Rows that what stands beside a heading may have. */
const MOST_ROWS = 9;

/** Rules by which a heading stands beside what it is about. */
export const headingBesideCss = ({ stands, widthPx }: Heading, bands: Bands, inner: string): string =>
  bands
    .filter(({ id }) => valueAt(stands, bands, id) === 'beside')
    .map((band) =>
      atBand(
        bands,
        band,
        `${inner}{display:grid;grid-template-columns:${valueAt(widthPx, bands, band.id)}px minmax(0,1fr);column-gap:${HEADING_GAP_PX}px;align-items:start}` +
          `${inner}>*{grid-column:2;min-width:0}${inner}>.bay-heading{grid-column:1;grid-row:1/span ${MOST_ROWS};margin-block:0}`,
      ),
    )
    .join('');
