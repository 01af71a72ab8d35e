import type { Bands } from '../bands/bands.ts';
import { fullFrom } from '../geometry/steps.ts';
import { partKind } from '../card/parts/index.ts';
import { bayHeight } from '../view/bayHeight.ts';
import { shelfMeasure } from '../view/shelfMeasure.ts';
import { shelvesDrawn } from '../view/shelvesIn.ts';
import type { BayView, CardView, StandIn, StepView } from '../view/view.ts';
import { within } from './containers.ts';
import { scopeOf } from './written.ts';

const NARROWEST_PX = 280;
const WIDEST_PX = 2560;

/** A length that grows evenly with the width of the region, as CSS; from two of its values, px. */
function evenly(at: (regionPx: number) => number, from: number, to: number): string {
  const [low, high] = [at(from), at(to)];
  const slope = to > from ? (high - low) / (to - from) : 0;
  return `${Math.round(low - slope * from)}px + ${(100 * slope).toFixed(2)}cqi`;
}

/** Widths of a step between which all lengths grow evenly: up to where the bay reaches its greatest width, and on. */
function evenParts({ from, to, bandId }: StepView, { room }: BayView, bands: Bands): [number, number][] {
  const full = fullFrom(room, bands, bandId);
  return from < full && full < to
    ? [
        [from, full],
        [full, to],
      ]
    : [[from, to]];
}

/** The same card with as much to say as a card may have. */
const fullest = (card: CardView): CardView => ({
  ...card,
  parts: card.parts.map((view) => ({ ...view, ...partKind(view.part)!.fullest(view) })),
});

/** Those that show the same count once: with as much to say as they may have, most cards do. */
const unlike = (cards: readonly CardView[]): CardView[] => [
  ...new Map(cards.map((card) => [JSON.stringify(card.parts), card])).values(),
];

/**
 * Keeps room for a bay that the shopper's own script fills, from before the first paint, so that nothing moves
 * when it comes: none where nothing was looked at, or too little. It reckons with `--looked`, how many products
 * were looked at, and with the highest card of what stands in until then, grown to as much as a card may say.
 */
export function keptRoomCss(bay: BayView, standIn: StandIn, bands: Bands): string {
  const { shelf, fewerThan } = standIn;
  const scope = `html[data-looked] ${scopeOf('bay', bay.id)}:is([hidden]:not([data-none]),[data-kept])`;
  const aroundPx = (regionPx: number) => {
    const filled = { ...bay, empty: false };
    const [own] = shelvesDrawn(bay);
    return bayHeight(filled, bands, regionPx) - (own ? shelfMeasure(own, bands, regionPx).heightPx : 0);
  };
  const shelfPx = (cards: CardView[], regionPx: number) =>
    shelfMeasure({ ...shelf, cards }, bands, regionPx).heightPx;
  const cards = unlike(shelf.cards.map(fullest));
  const highest = (regionPx: number) =>
    cards
      .map((card) => ({ card, px: shelfPx([card], regionPx) }))
      .reduce((best, one) => (one.px > best.px ? one : best)).card;
  const rule = (step: StepView, from: number, to: number): string => {
    const [first, last] = [Math.max(from, NARROWEST_PX), Math.min(to, WIDEST_PX) - 1];
    const card = highest(first);
    const alike = (count: number) => Array.from({ length: count }, () => card);
    const oneRow = evenly((px) => aroundPx(px) + shelfPx(alike(1), px), first, last);
    const another = evenly((px) => shelfPx(alike(step.across + 1), px) - shelfPx(alike(1), px), first, last);
    const rows = Math.ceil((step.shows.end - step.shows.start) / step.across);
    const more = `(min(${rows},round(up,var(--looked)/${step.across},1)) - 1)*(${another})`;
    const enough = fewerThan > 1 ? `*clamp(0,var(--looked) - ${fewerThan - 1},1)` : '';
    return `${scope}{display:block;min-height:calc((${oneRow} + ${more})${enough})}`;
  };
  return shelf.steps
    .flatMap((step) =>
      evenParts(step, bay, bands).map(([from, to]) => within(from, to, rule(step, from, to))),
    )
    .join('');
}
