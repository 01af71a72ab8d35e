import { valueAt } from '../bands/varying.ts';
import type { Bands } from '../bands/bands.ts';
import type { ToolsView } from '../view/toolsView.ts';
import { atBand } from './containers.ts';
import { scopeOf } from './written.ts';

/** Where the filters of a list stand at each width, and which tools there are. */
export function toolsCss(shelfId: string, tools: ToolsView, bands: Bands): string {
  const scope = scopeOf('listing', shelfId);
  const { stand, widthPx, gap, count, search, sort, views, density, filters } = tools;
  const off = (band: string): string[] => [
    ...(valueAt(count, bands, band) ? [] : ['.tool-count']),
    ...(search && !valueAt(search.shown, bands, band) ? ['.tool-search'] : []),
    ...(sort && !valueAt(sort.shown, bands, band) ? ['.tool-sort'] : []),
    ...(views && !valueAt(views.shown, bands, band) ? ['.tool-views'] : []),
    ...(density && !valueAt(density.shown, bands, band) ? ['.tool-density'] : []),
  ];
  const nothing = (band: string) =>
    off(band).length === [true, search, sort, views, density].filter(Boolean).length &&
    (filters.length === 0 || valueAt(stand, bands, band) !== 'button');
  return bands
    .map((band) => {
      const stands = valueAt(stand, bands, band.id);
      const hidden = nothing(band.id) ? ['.tools'] : off(band.id);
      const hides = hidden.length > 0 ? `${hidden.map((one) => `${scope} ${one}`).join()}{display:none}` : '';
      if (filters.length === 0) return atBand(bands, band, hides);
      if (stands === 'menus')
        return atBand(
          bands,
          band,
          `${scope} .filter-menus{display:flex}${scope} .filters-fold{display:none}${hides}`,
        );
      if (stands === 'button') return atBand(bands, band, hides);
      const px = `${valueAt(widthPx, bands, band.id)}px`;
      const [columns, own, list] =
        stands === 'start' ? [`${px} minmax(0,1fr)`, 1, 2] : [`minmax(0,1fr) ${px}`, 2, 1];
      return atBand(
        bands,
        band,
        `${scope}{grid-template-columns:${columns};column-gap:${valueAt(gap, bands, band.id)}px}` +
          `${scope}>.filters{display:block;position:static;inset:auto;width:auto;padding:0;overflow:visible;grid-area:1/${own};border:0}` +
          `${scope}>.list{grid-area:1/${list}}${scope}>.filters>.filters-head,${scope} .filters-fold{display:none}${hides}`,
      );
    })
    .join('');
}
