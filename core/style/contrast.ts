import type { Bands } from '../bands/bands.ts';
import { contrast, LEAST_CONTRAST } from '../colour/contrast.ts';
import { textOn } from '../colour/textOn.ts';
import { coloursOn } from '../css/onDark.ts';
import type { HouseColours } from '../plan/house.ts';
import type { StyleElement } from './element.ts';
import { cardElement } from './elements/card.ts';
import { styleElement } from './elements/index.ts';
import { colourValue } from './houseColour.ts';
import type { PropertyId } from './properties/index.ts';
import { resolve, type Levels, type Resolved } from './resolve.ts';
import type { StateId } from './states.ts';

/** Text that is so large, px, or so large and bold, may stand out less (WCAG 2.2, 1.4.3). */
const LARGE_PX = 24;
const LARGE_BOLD_PX = 18.66;
const BOLD = 700;
const LEAST_LARGE = 3;

export interface TextContrast {
  /** 1 to 21. */
  ratio: number;
  /** What it has to be at least. */
  need: number;
  /** #rrggbb, of the text and of what it is drawn on. */
  text: string;
  on: string;
  /** The nearest of the levels that sets the colour or what it is drawn on; null where none does. */
  level: number | null;
}

/** Where an element is drawn. */
export interface DrawnIn {
  bands: Bands;
  colours: HouseColours;
  /** Background of the bay, #rrggbb; null for the page's. */
  behind: string | null;
  /** Cards have a frame, and so the page's background again. */
  framed: boolean;
}

/** Whether text of an element is so large, at every width, that it may stand out less. */
function isLarge(levels: Levels, element: StyleElement, bands: Bands): boolean {
  const at = (property: PropertyId, bandId: string): unknown =>
    element.takes.includes(property)
      ? resolve(levels, element, property, 'rest', bands, bandId).value
      : undefined;
  const bold = Number(at('weight', bands[0]!.id) ?? 400) >= BOLD;
  return bands.every(({ id }) => {
    const sizePx = at('size', id);
    return typeof sizePx === 'number' && sizePx >= (bold ? LARGE_BOLD_PX : LARGE_PX);
  });
}

/**
 * How text of an element stands out in a state, at the worst of its widths and in the worst of its forms; null where it
 * has no colour of its own that is known.
 */
export function contrastOf(
  levels: Levels,
  element: StyleElement,
  state: StateId,
  drawn: DrawnIn,
): TextContrast | null {
  if (!element.takes.includes('textColour')) return null;
  const usual = contrastIn(levels, element, state, drawn, null);
  const other = element.otherForm ?? (element.from && styleElement(element.from).otherForm);
  const inOther = other ? contrastIn(levels, element, state, drawn, other) : null;
  const worst = inOther && (!usual || inOther.ratio < usual.ratio) ? inOther : usual;
  return worst && { ...worst, need: isLarge(levels, element, drawn.bands) ? LEAST_LARGE : LEAST_CONTRAST };
}

/** @param form what the base sheet draws it with, as far as that is not the usual */
function contrastIn(
  levels: Levels,
  element: StyleElement,
  state: StateId,
  drawn: DrawnIn,
  form: StyleElement['atFirst'] | null,
): Omit<TextContrast, 'need'> | null {
  const { bands } = drawn;
  const behind = element.ofCard && drawn.framed ? null : drawn.behind;
  // Colours are the same at every width.
  const bandId = bands[0]!.id;
  const at = (one: StyleElement, property: PropertyId, of: StateId): Resolved => {
    if (!one.takes.includes(property)) return { value: undefined, from: null };
    const found = resolve(levels, one, property, of, bands, bandId);
    return form && one === element && found.from === null && property in form
      ? { ...found, value: form[property] }
      : found;
  };
  const colour = at(element, 'textColour', state);
  if (typeof colour.value !== 'string') return null;
  const colours = coloursOn(behind, drawn.colours);
  const ownGround = at(element, 'background', state);
  const card = element.ofCard
    ? at(cardElement, 'background', state === 'rest' ? state : 'cardHover')
    : { value: undefined, from: null };
  const ground = typeof ownGround.value === 'string' ? ownGround : card;
  const on =
    typeof ground.value === 'string' ? colourValue(ground.value, colours) : (behind ?? colours.ground);
  // Text that nobody set a colour of goes by the background of its bay.
  const inherits = colour.from === null && colour.value === 'text' && behind !== null;
  const text = inherits ? textOn(behind, colours) : colourValue(colour.value, colours);
  const nearest = Math.min(colour.from?.level ?? Infinity, ground.from?.level ?? Infinity);
  return {
    ratio: contrast(text, on),
    text,
    on,
    level: nearest < Infinity ? nearest : null,
  };
}
