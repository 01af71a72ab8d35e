import type { Card } from './card.ts';
import type { PictureHeight } from './pictureHeight.ts';
import {
  belowPicture,
  besidePicture,
  blockHeight,
  blockPadding,
  blockRise,
  blockSides,
  toPicture,
  type TextBlock,
} from './textBlock.ts';

/** Where the texts of a card stand to its picture (calculations §14): three values, independent of each other. */

/** Before and after in reading direction. */
type Side = Card['text']['side'][string];

/** The three at one width. */
export interface Placing {
  side: Side;
  /** Width of texts that stand at a side, percent of the card's. */
  share: number;
  /** How far texts reach over the picture, percent of its height or width. */
  reach: number;
}

export const isAside = ({ side }: Pick<Placing, 'side'>): boolean => side === 'before' || side === 'after';

/** Width of a card's picture, px. */
export const placedPicturePx = (placing: Placing, cardPx: number): number =>
  isAside(placing) ? (cardPx * (100 - placing.share)) / 100 : cardPx;

/** Width that a line of text has, px. */
export function placedTextPx(placing: Placing, cardPx: number, block: TextBlock): number {
  const over = (placing.reach / 100) * placedPicturePx(placing, cardPx);
  const aside = isAside(placing) ? (cardPx * placing.share) / 100 : cardPx;
  if (placing.reach === 0)
    return (isAside(placing) ? aside - besidePicture(block) : cardPx) - blockSides(block);
  return (isAside(placing) ? aside + over : cardPx) - blockSides(block, true);
}

/**
 * Height of a card, px, from those of its picture and its texts; as `placingCss` draws it.
 * @param leadPx parts that stand before the picture, with the gap after each
 * @param textsPx parts after it, with the gaps between them; 0 where there are none
 */
export function placedHeight(
  placing: Placing,
  picturePx: number,
  leadPx: number,
  textsPx: number,
  block: TextBlock,
): number {
  const { reach } = placing;
  const blockPx = blockHeight(block, textsPx, reach > 0);
  const risen = textsPx > 0 ? blockRise(block) : 0;
  if (isAside(placing)) return Math.max(picturePx, leadPx + blockPx + (reach ? 0 : risen));
  if (reach === 0) return leadPx + picturePx + belowPicture(block, textsPx > 0) + blockPx;
  const overPx = (reach / 100) * picturePx;
  return leadPx + picturePx + (textsPx > 0 ? Math.max(blockPx, overPx) - overPx : 0);
}

/** Columns that the picture has alone, that it shares with the texts, and that they have alone; and the other way round. */
function asideCss(card: string, { side, share, reach }: Placing, block: TextBlock): string {
  const picturePart = 100 - share;
  const columns = [
    `${(picturePart * (100 - reach)) / 100}%`,
    `${(picturePart * reach) / 100}%`,
    'minmax(0,1fr)',
  ];
  const after = side === 'after';
  const [picture, texts] = after ? ['1/span 2', '2/span 2'] : ['2/span 2', '1/span 2'];
  return (
    `${card}{display:grid;grid-template-columns:${(after ? columns : columns.toReversed()).join(' ')};align-content:start}` +
    `${card}>.part-picture{grid-column:${picture};grid-row:1/3;margin:0;align-self:start}` +
    `${card}>.texts{grid-column:${texts};grid-row:1/3;align-self:center;margin-top:${reach ? 0 : blockRise(block)}px}` +
    `${card}>.lead{grid-row:1;align-self:end;margin:0}${card}>.lead~.texts{grid-row:2;align-self:start}` +
    (reach ? '' : `${card}>.texts{margin-inline-${after ? 'start' : 'end'}:${besidePicture(block)}px}`)
  );
}

/** Texts are drawn over the picture by a share of its height, and take at least that height. */
function overCss(texts: string, { side, reach }: Placing, height: PictureHeight): string {
  const over = reach / 100;
  const [least, back] =
    'ratio' in height
      ? [`aspect-ratio:${height.ratio / over}`, `${(-100 * over) / height.ratio}%`]
      : [`min-height:calc(${height.length}*${over})`, `calc(${height.length}*${-over})`];
  return side === 'above'
    ? `${texts}{flex:none;justify-content:flex-start;${least};margin-block-end:${back}}`
    : `${texts}{flex:none;justify-content:flex-end;${least};margin-block-start:${back}}`;
}

/**
 * Rules for cards of which the texts stand elsewhere than plainly under the picture.
 * @param height null where every picture has its own; then texts reach over it from a side only
 */
export function placingCss(
  card: string,
  placing: Placing,
  height: PictureHeight | null,
  block: TextBlock,
): string {
  const { side, reach } = placing;
  const texts = `${card}>.texts:not(.lead)`;
  const padded = reach ? `${texts}{z-index:1;${blockPadding(block, true)}}` : '';
  if (isAside(placing)) return asideCss(card, placing, block) + padded;
  const above = side === 'above' ? `${card}>.texts{order:-1}` : '';
  const bare = `${card}>.part-picture{margin:0}`;
  if (reach && height) return above + bare + padded + overCss(texts, placing, height);
  return above ? `${above}${texts}{margin:${blockRise(block)}px 0 ${toPicture(block)}px}${bare}` : '';
}
