import { JUSTIFIED } from '../bays/stands.ts';
import { valueAt } from '../bands/varying.ts';
import type { Bands } from '../bands/bands.ts';
import type { BayPlace, Takes } from '../plan/bay.ts';
import { headHeight } from '../view/edgeLayout.ts';
import type { PageView, EdgeView } from '../view/view.ts';
import { byBand } from './containers.ts';
import { groundCss } from './onDark.ts';
import { sideCss } from './sideCss.ts';
import { cssColour, scopeOf } from './written.ts';

/** The narrowest screen that is reckoned with, px. */
const NARROWEST_PX = 320;

/** `flex` of a bay that takes so much of its row. */
const FLEX: Readonly<Record<Takes, string>> = {
  own: '0 1 auto',
  rest: '1 1 0',
  quarter: '0 0 calc((100% - 3*var(--between-bays))/4)',
  third: '0 0 calc((100% - 2*var(--between-bays))/3)',
  half: '0 0 calc((100% - var(--between-bays))/2)',
  row: '0 0 100%',
};

const backgroundCss = (selector: string, ground: string | null, { colours }: PageView): string =>
  ground === null
    ? ''
    : `${selector}{--behind:${cssColour(ground)};background:var(--behind);${groundCss(ground, colours)}}`;

const around = (selector: string, edge: EdgeView, view: PageView): string => {
  const { bands } = view;
  return (
    backgroundCss(selector, edge.background, view) +
    byBand(bands, (band) => {
      const gap = valueAt(edge.between, bands, band);
      return `${selector}>.rows{--between-bays:${gap}px;padding-block:${valueAt(edge.ends, bands, band)}px}`;
    }) +
    edge.bays
      .filter(({ empty }) => !empty)
      .map(({ id, place }) => placeCss(scopeOf('bay', id), place, bands))
      .join('')
  );
};

/** Where a bay stands in its row; nothing is written of what it is where nothing is set. */
function placeCss(scope: string, { takes, side, last }: BayPlace, bands: Bands): string {
  const isLast = Object.values(last).some(Boolean);
  const isAside = Object.values(side).some((one) => one !== 'start');
  return byBand(bands, (band) => {
    const at = valueAt(side, bands, band);
    return (
      `${scope}{flex:${FLEX[valueAt(takes, bands, band)]}` +
      (isLast ? `;order:${valueAt(last, bands, band) ? 1 : 0}` : '') +
      (isAside ? `;--side:${JUSTIFIED[at]};text-align:${at}` : '') +
      '}'
    );
  });
}

/** How wide a page is, and what is behind it: behind all its bays, or around the panel that they stand on. */
function pageGroundCss(view: PageView): string {
  const { background, contentPx, edgesPx, framed } = view;
  const width = contentPx === edgesPx ? '' : `.main{--content:${contentPx}px}`;
  if (!framed) return width + backgroundCss('.main', background, view);
  return (
    width +
    `.region{background:${background === null ? 'color-mix(in srgb,var(--text) 7%,var(--ground))' : cssColour(background)}}` +
    '.main{width:100%;max-width:calc(var(--content) + 2*var(--margin));margin-inline:auto;background:var(--ground);box-shadow:0 0 0 1px var(--line)}' +
    '.foot{margin-block-start:0;background:var(--ground)}'
  );
}

/** Rules of the header and the footer, and of what is behind a page. */
export function edgesCss(view: PageView): string {
  const { head, foot, bands } = view;
  let css = pageGroundCss(view) + sideCss(view);
  if (head) {
    css += around('.store', head, view);
    css += byBand(bands, (band) => {
      const sticks = valueAt(head.sticks, bands, band);
      if (!Object.values(head.sticks).some(Boolean)) return '';
      const { from } = bands.find(({ id }) => id === band)!;
      // What a link leads to is not put under what stays at the top.
      const underPx = sticks ? Math.ceil(headHeight(view, Math.max(NARROWEST_PX, from))) : 0;
      return `.store{position:${sticks ? 'sticky' : 'relative'}}.main{--stuck:${underPx}px}`;
    });
  }
  return css + (foot ? around('.foot', foot, view) : '');
}
