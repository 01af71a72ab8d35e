import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import { cardSides } from '../card/cardSpace.ts';
import { partKind, type AnyPart, type PartView } from '../card/parts/index.ts';
import { placedTextPx } from '../card/placing.ts';
import { ofPart } from '../card/shown.ts';
import { textLinesAt } from '../card/slots.ts';
import { baselineOf, FIRST_LEAST, SHARED_GAP_PX } from '../card/text.ts';
import { besidePicture, blockSides } from '../card/textBlock.ts';
import { layoutKind } from '../layouts/index.ts';
import { sizeIn, viewOf, widthOfPart } from './partViews.ts';
import type { CardView, StepView } from './view.ts';

/** A part as text of a card. */
interface TextPart {
  kind: AnyPart;
  view: PartView;
  own: Readonly<Record<string, unknown>>;
  /** Width that it has on its line, px. */
  px: number;
}

/** What a card has of the lines of a shelf at a band; widths are filled in for each width of it. */
interface CardTexts {
  lead: TextPart[][];
  texts: TextPart[][];
}

type PlacedTexts = Record<'lead' | 'texts', readonly (readonly TextPart[])[]>;

/** Width that texts of a card have, px, where the card is `widthPx` wide. */
function textPxOf(step: StepView, widthPx: number): number {
  const { card: manner, groundPaddingPx = 0, picturePx } = layoutKind(step.layout);
  const { block } = step;
  if (manner === 'ground') return widthPx - cardSides(step) - 2 * groundPaddingPx - blockSides(block);
  const innerPx = widthPx - cardSides(step);
  if (!step.hasPicture) return innerPx - blockSides(block);
  return manner === 'beside'
    ? innerPx - (picturePx?.(step, widthPx) ?? 0) - besidePicture(block) - blockSides(block)
    : placedTextPx(step.placing, innerPx, block);
}

/** A row of a table says all in its columns. */
const NO_CARD: PlacedTexts = { lead: [], texts: [] };

type Lines = readonly (readonly string[])[];

function partsOf(card: CardView, lines: Lines, settings: Card): TextPart[][] {
  const result: TextPart[][] = [];
  for (const ids of lines) {
    const line: TextPart[] = [];
    for (const id of ids) {
      const view = viewOf(card, id);
      if (view) line.push({ kind: partKind(id)!, view, own: ofPart(settings, id)!, px: 0 });
    }
    if (line.length > 0) result.push(line);
  }
  return result;
}

/** By the lines of the shelf at a band, which are the same object as long as nothing of them is set otherwise. */
const known = new WeakMap<object, WeakMap<CardView, CardTexts>>();

function cardTextsOf(card: CardView, settings: Card, bands: Bands, bandId: string): CardTexts {
  const lines = textLinesAt(settings, bands, bandId);
  let ofLines = known.get(lines);
  if (!ofLines) known.set(lines, (ofLines = new WeakMap()));
  let found = ofLines.get(card);
  if (!found) {
    found = {
      lead: partsOf(card, lines.lead, settings),
      texts: partsOf(card, lines.texts, settings),
    };
    ofLines.set(card, found);
  }
  return found;
}

/**
 * Parts that share a line: the first has what the others leave of it, and those that do not fit beside it go on lines
 * after it, as a browser wraps them.
 */
function wrapped(parts: TextPart[], textPx: number, step: StepView): TextPart[][] {
  const [first, ...others] = parts as [TextPart, ...TextPart[]];
  first.px = textPx;
  const lines = [[first]];
  let used = (textPx * FIRST_LEAST) / 100;
  for (const one of others) {
    one.px = Math.min(
      textPx,
      one.kind.widthPx ? widthOfPart(one.kind, one.view, sizeIn(step, one.kind)) : textPx,
    );
    if (used + SHARED_GAP_PX + one.px > textPx) {
      lines.push([one]);
      used = one.px;
      continue;
    }
    lines.at(-1)!.push(one);
    if (lines.length === 1) first.px -= one.px + SHARED_GAP_PX;
    used += SHARED_GAP_PX + one.px;
  }
  return lines;
}

/** Lines of parts with the widths that they have; a line that is not shared is as it was. */
function placed(lines: TextPart[][], textPx: number, step: StepView): readonly (readonly TextPart[])[] {
  let shared = false;
  for (const line of lines) {
    line[0]!.px = textPx;
    shared ||= line.length > 1;
  }
  return shared ? lines.flatMap((line) => (line.length > 1 ? wrapped(line, textPx, step) : [line])) : lines;
}

/**
 * The texts of a card that are shown at a step, before the picture and after it, line by line; good until it is asked
 * for another width.
 */
export function textsOf(
  card: CardView,
  settings: Card,
  step: StepView,
  bands: Bands,
  widthPx: number,
): PlacedTexts {
  if (layoutKind(step.layout).card === 'row') return NO_CARD;
  const textPx = textPxOf(step, widthPx);
  const { lead, texts } = cardTextsOf(card, settings, bands, step.bandId);
  return { lead: placed(lead, textPx, step), texts: placed(texts, textPx, step) };
}

/** Each part of the texts of a card. */
export function eachText({ lead, texts }: PlacedTexts, told: (part: TextPart) => void): void {
  for (const line of lead) for (const part of line) told(part);
  for (const line of texts) for (const part of line) told(part);
}

/** Height of a part where it stands, px. */
const heightOf = ({ kind, view, own, px }: TextPart, step: StepView): number =>
  kind.heightPx(view, own, px, step.picture, sizeIn(step, kind));

/** Height of lines, px, with a gap after each; parts that share one stand on the same baseline. */
export function linesHeight(lines: readonly (readonly TextPart[])[], step: StepView, gapPx: number): number {
  let sum = 0;
  for (const line of lines) {
    sum += gapPx;
    if (line.length === 1) {
      sum += heightOf(line[0]!, step);
      continue;
    }
    let [above, below] = [0, 0];
    for (const one of line) {
      const baseline = one.kind.text ? baselineOf(sizeIn(step, one.kind)) : 0;
      above = Math.max(above, baseline);
      below = Math.max(below, heightOf(one, step) - baseline);
    }
    sum += above + below;
  }
  return sum;
}
