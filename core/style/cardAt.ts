import type { Bands } from '../bands/bands.ts';
import { cardElement } from './elements/card.ts';
import { borderSides, type BorderKind, type BorderSides } from './properties/borderKind.ts';
import type { PropertyId } from './properties/index.ts';
import { styledAt } from './resolve.ts';
import { setOnly } from './setValues.ts';
import type { Style } from './styleTree.ts';

/** What is styled of how cards are wrapped. */
interface StyledCard {
  /** Space within the frame of a card, px; null where it is not styled. */
  insidePx: number | null;
  border: BorderSides;
}

const plainCard: StyledCard = { insidePx: null, border: borderSides('solid', 0) };

/** How cards are wrapped at a band, by what is styled of them. */
export function cardAt(own: Style, house: Style, bands: Bands, bandId: string): StyledCard {
  if (!setOnly(own)[cardElement.id] && !setOnly(house)[cardElement.id]) return plainCard;
  const at = <V>(property: PropertyId) => styledAt<V>([own, house], cardElement, property, bands, bandId);
  return {
    insidePx: at<number>('spaceInside'),
    border: borderSides(at<BorderKind>('borderKind') ?? 'solid', at<number>('borderWidth') ?? 0),
  };
}
