import type { Bands } from '../bands/bands.ts';
import { LABEL_TEXT } from '../label/labelKind.ts';
import { partKind } from '../card/parts/index.ts';
import type { TextSize } from '../card/textSize.ts';
import { facesHeld } from '../text/faces.ts';
import { cardElement } from './elements/card.ts';
import { pageElement } from './elements/page.ts';
import { elements } from './elements/index.ts';
import { labelElement, swatchesElement } from './elements/labels.ts';
import { partElements } from './elements/parts.ts';
import { properties, type PropertyId } from './properties/index.ts';
import { resolve, type Levels } from './resolve.ts';
import { setValues } from './setValues.ts';
import type { Style } from './styleTree.ts';
import { textSizeOf } from './textSizeOf.ts';

/** What the texts of cards are set in at a band, by part, where that is not as the base sheet has it. */
export type CardFigures = Readonly<Record<string, TextSize>>;

/** Parts that are styled under their own id, and labels. */
const styled = [...partElements, swatchesElement, labelElement].map((element) => ({
  element,
  text: partKind(element.id)?.text ?? LABEL_TEXT,
  prominent: elements.find(({ prominentIn }) => prominentIn === element.id),
}));

/** Elements that a part takes figures from. */
const reaching = new Set([
  pageElement.id,
  cardElement.id,
  ...styled.flatMap(({ element: { id, from }, prominent }) => [
    id,
    ...(from === undefined ? [] : [from]),
    ...(prominent ? [prominent.id] : []),
  ]),
]);

const isFigure = (style: Style): boolean =>
  setValues(style).some(
    ({ element, property }) => properties[property].onlyAtRest && reaching.has(element.id),
  );

const none: CardFigures = {};

function figuresOf(levels: Levels, bands: Bands, bandId: string): CardFigures {
  if (!levels.some(isFigure)) return none;
  const figures: Record<string, TextSize> = {};
  for (const { text, element, prominent } of styled) {
    const sized = textSizeOf(levels, element, text, bands, bandId);
    const { size } = sized;
    let { own } = sized;
    if (prominent) {
      const at = (property: PropertyId) => resolve(levels, prominent, property, 'rest', bands, bandId);
      const [set, weight] = [at('size'), at('weight')];
      if (set.from ?? weight.from) {
        own = true;
        size.prominent = {
          fontPx: set.from ? (set.value as number) : size.fontPx,
          weight: weight.value as number,
        };
      }
    }
    if (own) figures[element.id] = size;
  }
  return figures;
}

let known = new WeakMap<Style, WeakMap<Style, WeakMap<Bands, Map<string, CardFigures>>>>();

let heldThen = 0;

/**
 * What texts of cards are measured by at a band: the figures that the style sheet is written from. The same object as
 * long as the styles are the same.
 */
export function figuresAt(own: Style, house: Style, bands: Bands, bandId: string): CardFigures {
  // What was measured by what stood in for a face is measured again once that is here.
  if (facesHeld() !== heldThen) {
    heldThen = facesHeld();
    known = new WeakMap();
  }
  let ofOwn = known.get(own);
  if (!ofOwn) known.set(own, (ofOwn = new WeakMap()));
  let ofHouse = ofOwn.get(house);
  if (!ofHouse) ofOwn.set(house, (ofHouse = new WeakMap()));
  let ofBands = ofHouse.get(bands);
  if (!ofBands) ofHouse.set(bands, (ofBands = new Map()));
  let found = ofBands.get(bandId);
  if (!found) ofBands.set(bandId, (found = figuresOf([own, house], bands, bandId)));
  return found;
}
