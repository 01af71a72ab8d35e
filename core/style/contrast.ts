import type { Bands } from '../bands/bands.ts';
import { contrast, LEAST_CONTRAST } from '../colour/contrast.ts';
import { textOn } from '../colour/textOn.ts';
import { coloursOn } from '../css/onDark.ts';
import type { HouseColours } from '../plan/house.ts';
import type { Form, StyleElement } from './element.ts';
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
/** The least of what a control is known by, and of its sign (WCAG 2.2, 1.4.11). */
const LEAST_CONTROL = 3;

export interface Contrast {
  /** 1 to 21. */
  ratio: number;
  /** What it has to be at least. */
  need: number;
  /** What is seen, and what it is drawn on, #rrggbb. */
  colour: string;
  on: string;
  /** All that it is drawn on in one form or another, #rrggbb. */
  grounds: readonly string[];
  /** The property that its colour is of. */
  property: PropertyId;
  /** The nearest of the levels that sets the colour or what it is drawn on; null where none does. */
  level: number | null;
  /** The form that it is the contrast of, where that has a name. */
  form: string | null;
  /** Its colour is that form's own, which nothing set for the house changes. */
  ofForm: boolean;
}

/** Where an element is drawn. */
export interface DrawnIn {
  bands: Bands;
  colours: HouseColours;
  /** Background of the bay, #rrggbb; null for the page's. */
  behind: string | null;
  /** Cards have a frame, and so the page's background again. */
  framed: boolean;
  /** What each label is drawn in by itself. */
  labels: readonly Form[];
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

const usual: Form = { atFirst: {}, own: {} };

/** The forms in which an element is drawn. */
function formsOf(element: StyleElement, { labels }: DrawnIn): readonly Form[] {
  if (element.labelled) return labels;
  const other = element.otherForm ?? (element.from && styleElement(element.from).otherForm);
  return other ? [usual, { atFirst: other, own: {} }] : [usual];
}

/** The worst of how some of its colours stand out, in any of its forms, of which one in each is enough. */
function worstOf(
  levels: Levels,
  element: StyleElement,
  state: StateId,
  drawn: DrawnIn,
  seen: readonly PropertyId[],
  need: number,
): Contrast[] {
  const inForms = formsOf(element, drawn).flatMap((form) => {
    const found = seen.flatMap((property) => contrastIn(levels, element, state, drawn, form, property) ?? []);
    return found.length > 0 ? found.reduce((best, one) => (one.ratio > best.ratio ? one : best)) : [];
  });
  if (inForms.length === 0) return [];
  const worst = inForms.reduce((least, one) => (one.ratio < least.ratio ? one : least));
  return [{ ...worst, need, grounds: [...new Set(inForms.map(({ on }) => on))] }];
}

/**
 * How an element stands out in a state, at the worst of its widths and in the worst of its forms: by its text or sign,
 * and by what a control is known by; nothing where it has no colours that are known. What is off need not stand out.
 */
export function contrastsOf(
  levels: Levels,
  element: StyleElement,
  state: StateId,
  drawn: DrawnIn,
): Contrast[] {
  if (state === 'off') return [];
  const { takes, isSign, edge } = element;
  const ofText = () => (isLarge(levels, element, drawn.bands) ? LEAST_LARGE : LEAST_CONTRAST);
  const worst = (seen: readonly PropertyId[], need: number) =>
    worstOf(levels, element, state, drawn, seen, need);
  return [
    ...(takes.includes('textColour') ? worst(['textColour'], isSign ? LEAST_CONTROL : ofText()) : []),
    ...(edge ? worst(edge, LEAST_CONTROL) : []),
  ];
}

function contrastIn(
  levels: Levels,
  element: StyleElement,
  state: StateId,
  drawn: DrawnIn,
  form: Form,
  property: PropertyId,
): Omit<Contrast, 'need' | 'grounds'> | null {
  const { bands } = drawn;
  const behind = element.ofCard && drawn.framed ? null : drawn.behind;
  // Colours are the same at every width.
  const bandId = bands[0]!.id;
  const at = (one: StyleElement, of: PropertyId, inState: StateId): Resolved & { isOwn?: true } => {
    if (!one.takes.includes(of)) return { value: undefined, from: null };
    const found = resolve(levels, one, of, inState, bands, bandId);
    if (one !== element) return found;
    const isHouse = found.from === null || found.from.level === levels.length - 1;
    if (isHouse && of in form.own) return { value: form.own[of], from: null, isOwn: true };
    return found.from === null && of in form.atFirst ? { ...found, value: form.atFirst[of] } : found;
  };
  const seen = at(element, property, state);
  if (typeof seen.value !== 'string') return null;
  const colours = coloursOn(behind, drawn.colours);
  // An edge is seen against what is around it, not against what it holds.
  const isEdge = property !== 'textColour';
  const ownGround = isEdge ? { value: undefined, from: null } : at(element, 'background', state);
  const card = element.ofCard
    ? at(cardElement, 'background', state === 'rest' ? state : 'cardHover')
    : { value: undefined, from: null };
  const ground = typeof ownGround.value === 'string' ? ownGround : card;
  const on =
    typeof ground.value === 'string' ? colourValue(ground.value, colours) : (behind ?? colours.ground);
  // Text that nobody set a colour of goes by the background of its bay.
  const inherits =
    seen.from === null && seen.value === 'text' && behind !== null && typeof ownGround.value !== 'string';
  const colour = inherits ? textOn(behind, colours) : colourValue(seen.value, colours);
  const nearest = Math.min(seen.from?.level ?? Infinity, ground.from?.level ?? Infinity);
  return {
    ratio: contrast(colour, on),
    colour,
    on,
    property,
    level: nearest < Infinity ? nearest : null,
    form: form.name ?? null,
    ofForm: seen.isOwn ?? false,
  };
}
