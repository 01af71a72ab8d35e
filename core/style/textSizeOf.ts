import type { ButtonBox, TextSize } from '../card/textSize.ts';
import { faceIdOf, FIRST_FACE, isFaceHere } from '../text/faces.ts';
import type { Slope } from '../text/typeFamily.ts';
import type { Bands } from '../bands/bands.ts';
import type { StyleElement } from './element.ts';
import { borderSides, type BorderKind } from './properties/borderKind.ts';
import type { PropertyId } from './properties/index.ts';
import { resolve, type Levels } from './resolve.ts';

function borderOf(kind: BorderKind, widthPx: number): Pick<ButtonBox, 'borderPx' | 'borderAcrossPx'> {
  const { acrossPx, endsPx } = borderSides(kind, widthPx);
  return { borderPx: endsPx, ...(acrossPx !== endsPx && { borderAcrossPx: acrossPx }) };
}

/** What a text is set in at a band where it is styled, and whether it is. */
export interface Sized {
  size: TextSize;
  /** Something of it is set. */
  own: boolean;
}

/**
 * What the text of an element is measured by at a band.
 * @param text what the base sheet sets it in
 */
export function textSizeOf(
  levels: Levels,
  element: StyleElement,
  text: TextSize,
  bands: Bands,
  bandId: string,
): Sized {
  let own = false;
  const at = (property: PropertyId): unknown => {
    const { value, from } = resolve(levels, element, property, 'rest', bands, bandId);
    own ||= from !== null;
    return from === null && property !== 'family' ? null : value;
  };
  const number = (property: PropertyId, first: number) => (at(property) as number | null) ?? first;
  const fontPx = number('size', text.fontPx);
  const share = at('lineHeight') === null ? text.linePx / text.fontPx : number('lineHeight', 0) / 100;
  const face = faceIdOf(at('family') as string, (at('slope') ?? 'upright') as Slope);
  const spacing = at('letterSpacing') as number | null;
  const words = number('wordSpacing', 0);
  const letters = at('letterCase');
  const size: TextSize = {
    fontPx,
    linePx: Math.round(fontPx * share),
    weight: number('weight', text.weight),
    spacingEm: spacing === null ? (text.spacingEm ?? 0) : spacing / 100,
    ...(face !== FIRST_FACE && { face, ...(!isFaceHere(face) && { waits: true }) }),
    ...(words !== 0 && { wordEm: words / 100 }),
    upper: letters === 'upper',
    ...(text.box && {
      box: {
        acrossPx: number('spaceAcross', text.box.acrossPx),
        endsPx: number('spaceEnds', text.box.endsPx),
        ...borderOf(
          (at('borderKind') as BorderKind | null) ?? 'solid',
          number('borderWidth', text.box.borderPx),
        ),
      },
    }),
  };
  return { size, own };
}
