import { valueAt } from '../bands/varying.ts';
import { isBeside } from '../view/rooms.ts';
import type { PageView } from '../view/view.ts';
import { atBand } from './containers.ts';

/** Rules of a page with a sidebar; none where it has none. */
export function sideCss({ side, bands, margin }: Pick<PageView, 'side' | 'bands' | 'margin'>): string {
  if (!side) return '';
  const folds = Object.values(side.stands).includes('button');
  return (
    (folds ? '.side-fold{display:none;margin-inline:var(--margin)}' : '') +
    bands
      .map((band) => {
        const { id } = band;
        const stands = valueAt(side.stands, bands, id);
        if (stands === 'under')
          return folds
            ? atBand(bands, band, '.columns{display:flex;flex-direction:column}.side{order:1}')
            : '';
        if (!isBeside(stands))
          return atBand(
            bands,
            band,
            '@media (scripting:enabled){.side-fold{display:block}.side-fold[aria-expanded=false]~.side{display:none}}',
          );
        const marginPx = valueAt(margin, bands, id);
        const width = `${valueAt(side.widthPx, bands, id)}px`;
        const columns = stands === 'start' ? `${width} minmax(0,1fr)` : `minmax(0,1fr) ${width}`;
        const [own, other] = stands === 'start' ? [1, 2] : [2, 1];
        return atBand(
          bands,
          band,
          `.columns{display:grid;grid-template-columns:${columns};column-gap:${valueAt(side.gap, bands, id)}px;` +
            `max-width:calc(var(--content) + ${2 * marginPx}px);margin-inline:auto;padding-inline:${marginPx}px}` +
            `.side{grid-area:1/${own}}.columns>.bays{grid-area:1/${other}}.columns>*{min-width:0}`,
        );
      })
      .join('')
  );
}
