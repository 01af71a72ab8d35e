import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import { plainBlock, type TextBlock } from '../card/textBlock.ts';
import { textBlockElement } from './elements/card.ts';
import { resolve, styledAt, type Levels } from './resolve.ts';
import { borderSides, type BorderKind } from './properties/borderKind.ts';
import type { PropertyId } from './properties/index.ts';
import { setOnly } from './setValues.ts';
import type { Style } from './styleTree.ts';

/** Texts of cards that stand over pictures have a background of their own there, and nothing else behind them. */
export const coversPictures = (
  levels: Levels,
  background: Card['text']['background'],
  bands: Bands,
): boolean =>
  background === 'none' &&
  resolve(levels, textBlockElement, 'background', 'rest', bands, bands[0]!.id).from !== null;

/** How the texts of cards stand together at a band, by what is styled of them. */
export function textBlockAt(own: Style, house: Style, bands: Bands, bandId: string): TextBlock {
  // Styles name every element; this one is styled where something is set of it.
  if (!setOnly(own)[textBlockElement.id] && !setOnly(house)[textBlockElement.id]) return plainBlock;
  const at = <V>(property: PropertyId) =>
    styledAt<V>([own, house], textBlockElement, property, bands, bandId);
  const set = (property: PropertyId) => at<number>(property);
  const border = borderSides(at<BorderKind>('borderKind') ?? 'solid', set('borderWidth') ?? 0);
  return {
    gapPx: set('spaceBetween') ?? plainBlock.gapPx,
    insidePx: set('spaceInside'),
    toPicturePx: set('spaceToPicture'),
    borderAcrossPx: border.acrossPx,
    borderEndsPx: border.endsPx,
  };
}
