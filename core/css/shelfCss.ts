import { bandById, bandEnd, type Bands } from '../bands/bands.ts';
import { cardText } from '../card/text.ts';
import type { ShelfView, StepView } from '../view/view.ts';
import { hiddenAt, within } from './containers.ts';

/** Cards that are held but not shown at a step; counted from the first one held. */
function hiddenCards(scope: string, shelf: ShelfView, { shows }: StepView): string {
  const before = shows.start - shelf.held.start;
  const after = shows.end - shelf.held.start;
  const selectors: string[] = [];
  if (before > 0) selectors.push(`${scope}>.cards>:nth-child(-n+${before})`);
  if (after < shelf.cards.length) selectors.push(`${scope}>.cards>:nth-child(n+${after + 1})`);
  return selectors.length ? `${selectors.join(',')}{display:none}` : '';
}

/** Style sheet text of one shelf: across, gaps, what is shown, pagers and parts at each width. */
export function shelfCss(shelf: ShelfView, bands: Bands): string {
  const scope = `[data-shelf="${shelf.id}"]`;
  const { picture, titleLines, align } = shelf.card;
  let css = `${scope}{--ratio:${picture.ratio.replace(':', '/')};--fit:${picture.fit === 'fill' ? 'cover' : 'contain'};--align:${align};--title-lines:${titleLines}}`;
  let before = '';
  for (const step of shelf.steps) {
    const rules = `${scope}{--across:${step.across};--gap-x:${step.gap.column}px;--gap-y:${step.gap.row}px}`;
    if (rules !== before) css += within(step.from, Infinity, rules);
    before = rules;
    css += within(step.from, step.to, hiddenCards(scope, shelf, step));
  }
  for (const pager of shelf.pagers)
    for (const { from, to } of joined(pager.steps))
      css += within(from, to, `${scope}>.pager[data-size="${pager.size}"]{display:flex}`);
  for (const [part, shown] of Object.entries(shelf.card.shown))
    if (Object.values(shown).includes(true)) css += hiddenAt(bands, `${scope} .part-${part}`, shown);
  return css;
}

/** Ranges that touch, as one. */
function joined(ranges: readonly { from: number; to: number }[]): { from: number; to: number }[] {
  const result: { from: number; to: number }[] = [];
  for (const range of ranges) {
    const last = result.at(-1);
    if (last?.to === range.from) last.to = range.to;
    else result.push({ ...range });
  }
  return result;
}

/** Type sizes of card texts, the same that the geometry reckons with. */
export function cardTextCss(): string {
  return Object.entries(cardText)
    .map(([part, { fontPx, linePx }]) => `.part-${part}{font-size:${fontPx}px;line-height:${linePx}px}`)
    .join('');
}

/** Rules that hide a bay at every band it does not stand at. */
export function bandsCss(selector: string, standsAt: readonly string[] | null, bands: Bands): string {
  if (!standsAt) return '';
  return bands
    .filter((band) => !standsAt.includes(band.id))
    .map((band) =>
      within(bandById(bands, band.id)!.from, bandEnd(bands, band.id), `${selector}{display:none}`),
    )
    .join('');
}
