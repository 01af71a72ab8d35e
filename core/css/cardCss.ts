import { textsOver } from '../view/textsOver.ts';
import { VEIL_SHARES } from '../colour/overPicture.ts';
import { heightOf } from '../card/pictureHeight.ts';
import { placingCss } from '../card/placing.ts';
import { belowPicture, blockPadding, plainBlock, riseCss } from '../card/textBlock.ts';
import type { PictureShape } from '../card/pictureShape.ts';
import type { Card } from '../card/card.ts';
import { outsideLabelsCss } from './labelCss.ts';
import { ON_DARK, ON_GROUND } from './onDark.ts';
import { layoutKind } from '../layouts/index.ts';
import type { StepView } from '../view/view.ts';

/** How high pictures are. */
function pictureRules(scope: string, shape: PictureShape): string {
  if (shape.by === 'ratio') return '';
  const height = heightOf(shape);
  return height && 'length' in height
    ? `${scope} .part-picture{aspect-ratio:auto;height:${height.length}}`
    : `${scope} .part-picture:not(.bare){aspect-ratio:auto}${scope} :is(.part-picture,.frame,.flick>:first-child)>img{height:auto}`;
}

const hiddenUntil = { atOnce: '', fades: '', rises: 'translate:0 14px;' } as const;

/** Texts that are there only when pointed at; by touch always, and with the keyboard when it comes to the card. */
function pointedRules(card: string, { text }: Card): string {
  const at = (texts: string) => `:is(${card}:hover,${card}:focus-within)>${texts}`;
  const hidden = `${card}>.texts:not(.lead)`;
  const motion =
    text.comes === 'atOnce'
      ? ''
      : `@media (prefers-reduced-motion:no-preference){${hidden}{transition:opacity .2s,translate .2s}}`;
  return (
    `@media (hover:hover){${hidden}{opacity:0;${hiddenUntil[text.comes]}}` +
    `${at('.texts')}{opacity:1;translate:none}${motion}}`
  );
}

const groundRules: Record<Card['text']['background'], (texts: string) => string> = {
  none: () => '',
  light: (texts) =>
    `${texts}{background:color-mix(in srgb,var(--ground) ${VEIL_SHARES.light * 100}%,transparent);${ON_GROUND}}`,
  dark: (texts) => `${texts}{background:rgb(0 0 0/${VEIL_SHARES.dark});${ON_DARK}}`,
};

/** How texts stand together where that is styled. */
function blockCss(card: string, { block, hasPicture }: StepView, isUnder: boolean): string {
  if (block === plainBlock) return '';
  const texts = `${card}>.texts:not(.lead)`;
  const { gapPx, insidePx } = block;
  return (
    (gapPx === plainBlock.gapPx ? '' : `${texts}{--part-gap:${gapPx}px}`) +
    (insidePx === null ? '' : `${texts}{${blockPadding(block)}}`) +
    (hasPicture && isUnder
      ? `${card}>.part-picture{margin-bottom:${belowPicture(block, false)}px}` +
        `${texts}:not(:empty){margin-top:${Math.min(0, belowPicture(block, true))}px}`
      : '')
  );
}

/** How the cards of a shelf are put together at one step. */
export function cardCss(scope: string, step: StepView, card: Card): string {
  const cards = `${scope}>.window>.cards>.card`;
  const { card: manner } = layoutKind(step.layout);
  if (manner === 'row') return '';
  let css = pictureRules(scope, step.picture);
  if (step.insidePx > 0) css += `${cards}{padding:${step.insidePx}px}`;
  const isPlaced = manner === 'stacked' || manner === 'own';
  const { side, reach } = step.placing;
  css += blockCss(cards, step, isPlaced && side === 'under' && reach === 0);
  if (!step.hasPicture) return css + riseCss(`${cards}>.texts:not(.lead)`, step.block);
  if (isPlaced) css += placingCss(cards, step.placing, heightOf(step.picture), step.block);
  if (step.labelsOutPx > 0) css += outsideLabelsCss(cards, step.labelsOutPx);
  if (!textsOver(step)) return css;
  if (manner !== 'ground') css += groundRules[card.text.background](`${cards}>.texts:not(.lead)`);
  return card.text.when === 'hover' ? css + pointedRules(cards, card) : css;
}

/** How cards are wrapped, at every width. */
export function frameCss(scope: string, { frame }: Card): string {
  if (frame === 'plain') return '';
  const edge =
    frame === 'framed' ? '0 0 0 1px var(--line)' : '0 1px 3px rgb(0 0 0/.14),0 4px 14px rgb(0 0 0/.09)';
  return `${scope}>.window>.cards>.card{box-shadow:${edge};border-radius:4px;background:var(--ground);${ON_GROUND}}`;
}
