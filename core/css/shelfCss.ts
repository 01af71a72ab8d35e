import type { Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { partKinds } from '../card/parts/index.ts';
import { everShown, ofPart, ownLabelIn } from '../card/shown.ts';
import { layoutKind } from '../layouts/index.ts';
import { lineHeightCss } from '../style/properties/lineHeight.ts';
import type { Moving } from '../plan/shelf.ts';
import type { ShelfView, StepView } from '../view/view.ts';
import { cardCss, frameCss } from './cardCss.ts';
import { atBand, hiddenAt, within } from './containers.ts';
import { placeCss } from './placeCss.ts';
import { toolsCss } from './toolsCss.ts';
import { cssName, scopeOf } from './written.ts';

/** Cards that are held but not shown at a step; counted from the first one held. What a script added stays. */
function hiddenCards(scope: string, shelf: ShelfView, { shows }: StepView): string {
  const before = shows.start - shelf.held.start;
  const after = shows.end - shelf.held.start;
  const lists = [
    `${scope}>.window>.cards:not([data-grown])`,
    ...(shelf.table ? [`${scope}>.sheet>table>tbody:not([data-grown])`] : []),
  ];
  const selectors: string[] = [];
  for (const list of lists) {
    if (before > 0) selectors.push(`${list}>:nth-child(-n+${before})`);
    if (after < shelf.cards.length) selectors.push(`${list}>:nth-child(n+${after + 1})`);
  }
  return selectors.length ? `${selectors.join(',')}{display:none}` : '';
}

/** Space between an arrow beside the cards and the cards, px. */
const ARROW_GAP_PX = 10;

/**
 * Arrows beside the cards are in the space at the page's edges, as far as there is room for them; only what is missing
 * pushes the cards in.
 */
function besideRules(
  scope: string,
  { arrowPx, bandId }: StepView,
  { room }: ShelfView,
  bands: Bands,
): string {
  const marginPx = valueAt(room.marginPx, bands, bandId);
  const mostPx = valueAt(room.mostPx, bands, bandId);
  const ownSide = mostPx === null ? `${marginPx}px` : `max(${marginPx}px,(100cqi - ${mostPx}px)/2)`;
  // Where something else stands beside it, there is no room at its sides.
  const side = valueAt(room.takenPx, bands, bandId) > 0 ? '0px' : ownSide;
  const needed = arrowPx + ARROW_GAP_PX;
  const out = `calc(-1*min(${needed}px,${side}))`;
  return (
    `${scope}>.window{margin-inline:max(0px,${needed}px - ${side})}` +
    `${scope}>.previous{inset-inline-start:${out}}${scope}>.next{inset-inline-end:${out}}`
  );
}

/** Arrows and marks: where they stand, how large they are, and whether there are any. */
function movingRules(scope: string, step: StepView, shelf: ShelfView, bands: Bands): string {
  const { moving } = shelf;
  if (!step.moves) return '';
  const marks = step.marks === 'none' ? '' : `${scope}>.marks{display:flex}${scope}{--marks:${step.marks}}`;
  const arrows = step.arrows ? `${scope}>.arrow{display:grid}` : '';
  const beside = step.arrows && moving.arrowPlace === 'beside' ? besideRules(scope, step, shelf, bands) : '';
  return `${scope}{--arrow:${step.arrowPx}px;--move-by:${step.moveBy}}${marks}${arrows}${beside}${moving.play ? `${scope}>.pause{display:grid}` : ''}`;
}

/** Where arrows over the cards stand, and measures of marks; what is as usual is left to the base style sheet. */
function movingLookCss(scope: string, { arrowLook: { offset }, arrowPlace, markLook }: Moving): string {
  const { size, shape } = markLook;
  const measures = [
    size !== 9 && `height:${shape === 'line' ? 3 : size}px;width:${size}px`,
    shape !== 'round' && `border-radius:${shape === 'square' ? 2 : 0}px`,
    shape === 'line' && `height:3px;width:20px`,
  ].filter(Boolean);
  const arrows =
    arrowPlace === 'over' && offset !== 8
      ? `${scope}>.previous{inset-inline-start:${offset}px}${scope}>.next{inset-inline-end:${offset}px}`
      : '';
  return `${arrows}${measures.length > 0 ? `${scope}>.marks button::before{${measures.join(';')}}` : ''}`;
}

/** Style sheet text of one shelf: layout, across, gaps, what is shown, pagers and parts at each width. */
export function shelfCss(shelf: ShelfView, bands: Bands): string {
  const tools = shelf.tools ? toolsCss(shelf.id, shelf.tools, bands) : '';
  const scope = scopeOf('shelf', shelf.id);
  const { card } = shelf;
  const parts = partKinds
    .filter(({ id }) => shelf.says.includes(id))
    .map((kind) => kind.css?.(scope, ofPart(card, kind.id)!) ?? '')
    .join('');
  let css = `${tools}${scope}{--align:${card.align}}${parts}${frameCss(scope, card)}${placeCss(scope, card, bands)}${movingLookCss(scope, shelf.moving)}`;
  for (const id of shelf.layouts)
    css +=
      layoutKind(id).look?.(
        scope,
        shelf.steps.find(({ layout }) => layout === id)!,
      ) ?? '';
  let before = '';
  for (const step of shelf.steps) {
    const ratio = step.picture.by === 'ratio' ? `--ratio:${Number(step.picture.ratio.toFixed(4))};` : '';
    const across = Math.max(1, Math.floor(step.across));
    const { column, row } = step.gap;
    const rules = `${ratio ? `${scope}{${ratio}}` : ''}${scope}>.window>.cards{grid-template-columns:repeat(${across},minmax(0,1fr));gap:${row}px ${column}px}`;
    if (rules !== before) css += within(step.from, Infinity, rules);
    before = rules;
    css += within(step.from, step.to, hiddenCards(scope, shelf, step));
  }
  // What a layout sets holds at its own widths only, so that nothing of it has to be unset at others.
  css += byStep(
    shelf,
    (step) =>
      cardCss(scope, step, shelf.card) +
      layoutKind(step.layout).css(scope, step) +
      movingRules(scope, step, shelf, bands),
  );
  for (const pager of shelf.pagers) {
    for (const { from, to } of joined(pager.steps))
      css += within(from, to, `${scope}>.pagers>.pager[data-size="${pager.size}"]{display:flex}`);
    const { tools: found, paging } = shelf;
    if (!found || paging.by !== 'numbered') continue;
    const counted = pager.steps.filter(({ bandId }) => valueAt(found.count, bands, bandId));
    for (const { from, to } of joined(counted))
      css += within(
        from,
        to,
        `${scopeOf('listing', shelf.id)} .tool-span[data-size="${pager.size}"]{display:inline}`,
      );
  }
  // A column of a table stays or leaves by the table's own rules.
  const onCards = shelf.table ? `${scope}>.window` : scope;
  for (const [part, { shown }] of Object.entries(card.parts))
    if (everShown(card, part)) css += hiddenAt(bands, `${onCards} .part-${cssName(part)}`, shown);
  for (const [kind, { shown }] of Object.entries(card.labels))
    if (Object.values(shown).includes(true))
      css += hiddenAt(bands, `${scope} .label-${cssName(kind)}`, shown);
  for (const id of new Set(Object.values(card.ownLabelsOut).flat()))
    css += hiddenAt(bands, `${scope} .label.of-${cssName(id)}`, ownLabelIn(card, id));
  return css;
}

/** Places of single cards, for the layouts that put each in its own. */
export function placesCss(shelf: ShelfView): string {
  const scope = scopeOf('shelf', shelf.id);
  return byStep(shelf, (step) => layoutKind(step.layout).places?.(scope, step, shelf) ?? '');
}

/** Rules for each step, at its own widths only; steps that touch and read the same are one. */
function byStep(shelf: ShelfView, rulesOf: (step: StepView) => string): string {
  const ranges: { from: number; to: number; rules: string }[] = [];
  for (const step of shelf.steps) {
    const rules = rulesOf(step);
    const last = ranges.at(-1);
    if (last && last.rules === rules && last.to === step.from) last.to = step.to;
    else ranges.push({ from: step.from, to: step.to, rules });
  }
  return ranges.map(({ from, to, rules }) => within(from, to, rules)).join('');
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

/** Type sizes of card texts, the same that the geometry reckons with; those that are alike in one rule. */
export function cardTextCss(): string {
  const alike = new Map<string, string[]>();
  for (const { id, text, quiet } of partKinds) {
    if (!text) continue;
    const rule = `font-size:${text.fontPx}px;${lineHeightCss(text.linePx / text.fontPx)};font-weight:${text.weight}${quiet ? ';color:var(--quiet)' : ''}`;
    alike.set(rule, [...(alike.get(rule) ?? []), `.part-${id}`]);
  }
  return [...alike].map(([rule, parts]) => `${parts.join()}{${rule}}`).join('');
}

/** Rules that hide a bay at every band it does not stand at. */
export function bandsCss(selector: string, standsAt: readonly string[] | null, bands: Bands): string {
  if (!standsAt) return '';
  return bands
    .filter((band) => !standsAt.includes(band.id))
    .map((band) => atBand(bands, band, `${selector}{display:none}`))
    .join('');
}
