import { valueAt } from '../bands/varying.ts';
import type { Bands } from '../bands/bands.ts';
import { widthOf } from '../card/text.ts';
import { isBesideList } from '../plan/toolsSettings.ts';
import { menuWords, unfolded, type ToolFilter } from './toolFilter.ts';
import type { ToolsView } from './toolsView.ts';

/** Measures of the tools of a list, px, as the storefront draws them. */
export const TOOLS_PX = {
  control: 38,
  /** Between lines of tools, and below all of them. */
  between: 10,
  below: 16,
};

const BETWEEN_TOOLS_PX = 16;
const BUTTON_ENDS_PX = 30;
/** With the sign that it opens. */
const MENU_ENDS_PX = 50;
const FIELD_PX = 220;
const TEXT = { fontPx: 15, linePx: 22.5, weight: 400 };
const COUNT = { fontPx: 18, linePx: 38, weight: 560 };

/** Of the filters beside a list. */
const VALUE_PX = 28;
const FILTER_PX = 29 + 29;
const SWATCH_LINE_PX = 54;
const SWATCH_PX = 38;
const SPAN_PX = 36 + 38;

/** What of the tools is drawn at a band, each with its width, px. */
function widths(
  { count, found, search, sort, views, density, filters, fold, stand }: ToolsView,
  bands: Bands,
  band: string,
  span: string | null,
): number[] {
  const said = (words: string) => widthOf(words, TEXT);
  return [
    ...(valueAt(count, bands, band) ? [widthOf(found, COUNT), ...(span === null ? [] : [said(span)])] : []),
    ...(search && valueAt(search.shown, bands, band)
      ? [FIELD_PX + 8 + BUTTON_ENDS_PX + said(search.button)]
      : []),
    ...(filters.length > 0 && valueAt(stand, bands, band) === 'button' ? [BUTTON_ENDS_PX + said(fold)] : []),
    ...(sort && valueAt(sort.shown, bands, band)
      ? [said(sort.label) + 8 + sortPx(sort.options) + 8 + BUTTON_ENDS_PX + said(sort.button)]
      : []),
    ...[density, views].flatMap((one) =>
      one && valueAt(one.shown, bands, band)
        ? [one.options.reduce((sum, { words }) => sum + said(words) + BUTTON_ENDS_PX, 0)]
        : [],
    ),
  ];
}

/** A menu is as wide as its longest way to sort. */
const sortPx = (options: readonly { words: string }[]): number =>
  Math.min(FIELD_PX, Math.max(...options.map(({ words }) => widthOf(words, TEXT))) + 44);

/** Estimated height of what stands above a list, px. @param span which of the list the page has; null where that is not said */
export function toolsHeight(
  tools: ToolsView,
  bands: Bands,
  band: string,
  innerPx: number,
  span: string | null = null,
): number {
  return (
    linesHeight(widths(tools, bands, band, span), BETWEEN_TOOLS_PX, innerPx) +
    linesHeight(menuWidths(tools, bands, band), TOOLS_PX.between, innerPx)
  );
}

/** The filters where each is a menu of its own, with their widths, px. */
const menuWidths = ({ filters, stand }: ToolsView, bands: Bands, band: string): number[] =>
  valueAt(stand, bands, band) === 'menus'
    ? filters.map(({ words, chosen }) => widthOf(menuWords(words, chosen), TEXT) + MENU_ENDS_PX)
    : [];

/** Height of what stands side by side on as many lines as it takes, with the space below, px. */
function linesHeight(all: readonly number[], apartPx: number, innerPx: number): number {
  if (all.length === 0) return 0;
  let [lines, at] = [1, 0];
  for (const px of all) {
    if (at > 0 && at + apartPx + px > innerPx) {
      lines += 1;
      at = px;
    } else at += (at > 0 ? apartPx : 0) + px;
  }
  const { control, between, below } = TOOLS_PX;
  return lines * control + (lines - 1) * between + below;
}

function filterHeight(filter: ToolFilter, most: number, widthPx: number): number {
  const { drawn, span } = filter;
  const [first, rest] = unfolded(filter, most);
  const shown = first.length;
  const more = rest.length > 0 ? VALUE_PX : 0;
  if (span) return FILTER_PX + SPAN_PX;
  if (drawn === 'swatches')
    return (
      FILTER_PX + Math.ceil(shown / Math.max(1, Math.floor(widthPx / SWATCH_PX))) * SWATCH_LINE_PX + more
    );
  return (drawn === 'box' ? 29 : FILTER_PX) + shown * VALUE_PX + more;
}

/** The filters of a list where they stand beside it: on which side, how wide, and an estimate of how high. */
export interface FiltersBeside {
  stand: 'start' | 'end';
  widthPx: number;
  heightPx: number;
}

/** Null where they do not stand beside it. */
export function filtersBeside(tools: ToolsView, bands: Bands, band: string): FiltersBeside | null {
  const { filters, most } = tools;
  const stand = valueAt(tools.stand, bands, band);
  if (!isBesideList(stand) || filters.length === 0) return null;
  const widthPx = valueAt(tools.widthPx, bands, band);
  const heightPx = filters.reduce((sum, filter) => sum + filterHeight(filter, most, widthPx), 0);
  return { stand, widthPx, heightPx };
}
