import type { Bands } from '../bands/bands.ts';
import { contrast, LEAST_CONTRAST } from '../colour/contrast.ts';
import { textOn } from '../colour/textOn.ts';
import { coloursOn } from '../css/onDark.ts';
import type { HouseColours } from '../plan/house.ts';
import type { Form, StyleElement } from './element.ts';
import { cardElement, textBlockElement } from './elements/card.ts';
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
    const sizePx = at('size', id) ?? element.leastPx;
    return typeof sizePx === 'number' && sizePx >= (bold ? LARGE_BOLD_PX : LARGE_PX);
  });
}

const TEXT: readonly PropertyId[] = ['textColour'];

/** What the text of an element has to stand out by at least. */
export const leastOfText = (levels: Levels, element: StyleElement, bands: Bands): number =>
  isLarge(levels, element, bands) ? LEAST_LARGE : LEAST_CONTRAST;

const usual: Form = { atFirst: {}, own: {} };

/** The forms in which an element is drawn. */
function formsOf(element: StyleElement, { labels }: DrawnIn): readonly Form[] {
  if (element.labelled) return labels;
  const other = element.otherForm ?? (element.from && styleElement(element.from).otherForm);
  return other ? [usual, { atFirst: other, own: {} }] : [usual];
}

type InForm = Omit<Contrast, 'need' | 'grounds'>;

/** The worst of how some of its colours stand out, in any of its forms, of which one in each is enough; null where none is known. */
function worstOf(
  levels: Levels,
  element: StyleElement,
  state: StateId,
  drawn: DrawnIn,
  seen: readonly PropertyId[],
  need: number,
): Contrast | null {
  const set = seen.map((property) => setOf(levels, element, state, drawn, property));
  const grounds: string[] = [];
  let worst: InForm | null = null;
  for (const form of formsOf(element, drawn)) {
    let best: InForm | null = null;
    for (const one of set) {
      const found = inForm(one, form);
      if (found && (!best || found.ratio > best.ratio)) best = found;
    }
    if (!best) continue;
    if (!grounds.includes(best.on)) grounds.push(best.on);
    if (!worst || best.ratio < worst.ratio) worst = best;
  }
  return worst && { ...worst, need, grounds };
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
  const { takes, edge } = element;
  const found: Contrast[] = [];
  if (takes.includes('textColour')) {
    const text = worstOf(levels, element, state, drawn, TEXT, needOf(levels, element, drawn));
    if (text) found.push(text);
  }
  if (edge) {
    const ofEdge = worstOf(levels, element, state, drawn, edge, LEAST_CONTROL);
    if (ofEdge) found.push(ofEdge);
  }
  return found;
}

const unset: Resolved = { value: undefined, from: null };

/** What is set of a colour of an element and of what is behind it, in whatever form. */
interface SetOf {
  property: PropertyId;
  seen: Resolved;
  ground: Resolved;
  card: Resolved;
  /** Place of the house among the levels. */
  house: number;
  behind: string | null;
  colours: HouseColours;
}

/** What is the same of many elements that are drawn together. */
interface Alike {
  need: Map<StyleElement, number>;
  under: Map<string, Resolved>;
}

const alike = new WeakMap<DrawnIn, WeakMap<Levels, Alike>>();

function alikeIn(levels: Levels, drawn: DrawnIn): Alike {
  let ofDrawn = alike.get(drawn);
  if (!ofDrawn) alike.set(drawn, (ofDrawn = new WeakMap()));
  let found = ofDrawn.get(levels);
  if (!found) ofDrawn.set(levels, (found = { need: new Map(), under: new Map() }));
  return found;
}

/** What the texts of a card have as their background, or else the card. */
function underText(
  levels: Levels,
  { ofCard, labelled }: StyleElement,
  state: StateId,
  drawn: DrawnIn,
): Resolved {
  const { bands } = drawn;
  const isText = ofCard === 'within' && !labelled;
  const { under } = alikeIn(levels, drawn);
  const key = `${state} ${isText}`;
  let found = under.get(key);
  if (!found) {
    const of = (element: StyleElement) => resolve(levels, element, 'background', state, bands, bands[0]!.id);
    const block = isText ? of(textBlockElement) : unset;
    under.set(key, (found = block.from ? block : of(cardElement)));
  }
  return found;
}

/** The background of what an element stands in, the nearest that has one; what is marked as the current one is that. */
function underElement(levels: Levels, { within }: StyleElement, drawn: DrawnIn): Resolved {
  if (within === undefined) return unset;
  const around = styleElement(within);
  const state: StateId = around.states.includes('current') ? 'current' : 'rest';
  const bandId = drawn.bands[0]!.id;
  const found = around.takes.includes('background')
    ? resolve(levels, around, 'background', state, drawn.bands, bandId)
    : unset;
  return found.from ? found : underElement(levels, around, drawn);
}

/** What the text of an element has to stand out by, which no state changes. */
function needOf(levels: Levels, element: StyleElement, drawn: DrawnIn): number {
  if (element.isSign) return LEAST_CONTROL;
  const { need } = alikeIn(levels, drawn);
  let found = need.get(element);
  if (found === undefined) need.set(element, (found = leastOfText(levels, element, drawn.bands)));
  return found;
}

function setOf(
  levels: Levels,
  element: StyleElement,
  state: StateId,
  drawn: DrawnIn,
  property: PropertyId,
): SetOf {
  const { bands } = drawn;
  const behind = element.ofCard && drawn.framed ? null : drawn.behind;
  // Colours are the same at every width.
  const bandId = bands[0]!.id;
  // An edge is seen against what is around it, not against what it holds.
  const hasGround = property === 'textColour' && element.takes.includes('background');
  return {
    property,
    seen: resolve(levels, element, property, state, bands, bandId),
    ground: hasGround ? resolve(levels, element, 'background', state, bands, bandId) : unset,
    card: element.ofCard
      ? underText(levels, element, state === 'rest' ? state : 'cardHover', drawn)
      : underElement(levels, element, drawn),
    house: levels.length - 1,
    behind,
    colours: coloursOn(behind, drawn.colours),
  };
}

/** What comes of what is set of a property where a form has something of its own, or something to begin with. */
function asIn(form: Form, found: Resolved, property: PropertyId, house: number): Resolved & { isOwn?: true } {
  if (found === unset) return found;
  const { from } = found;
  if ((from === null || from.level === house) && property in form.own)
    return { value: form.own[property], from: null, isOwn: true };
  return from === null && property in form.atFirst ? { value: form.atFirst[property], from } : found;
}

function inForm({ property, house, behind, colours, card, ...set }: SetOf, form: Form): InForm | null {
  const seen = asIn(form, set.seen, property, house);
  if (typeof seen.value !== 'string') return null;
  const ownGround = asIn(form, set.ground, 'background', house);
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
