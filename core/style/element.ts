import type { PropertyId } from './properties/index.ts';
import type { Of } from '../assortment/of.ts';
import type { ReadSetting } from '../settings/setting.ts';
import type { StateId } from './states.ts';

/** Where an element can be set apart from the house: on a shelf, in a bay, or nowhere. */
export type ElementOn = 'shelf' | 'bay' | 'house';

/** Groups that elements are listed in, in their order. */
export const ELEMENT_GROUPS = {
  cards: 'Cards',
  labels: 'Labels and swatches',
  buttons: 'Buttons',
  texts: 'Text of cards',
  tables: 'Tables',
  moving: 'Arrows and markers',
  bays: 'Bays',
  pages: 'Pages',
} as const;
export type ElementGroup = keyof typeof ELEMENT_GROUPS;

/** One of the ways in which an element is drawn by itself. */
export interface Form {
  /** What it is called, where there are several of one name. */
  name?: string;
  /** What it is drawn with where nothing is set. */
  atFirst: Partial<Record<PropertyId, unknown>>;
  /** What comes over all that is set for the house. */
  own: Partial<Record<PropertyId, unknown>>;
}

/** What a shelf is at some width. */
export interface ShelfDraws {
  moves: boolean;
  isTable: boolean;
}

/** Of a bay. */
export const NO_SHELF: ShelfDraws = { moves: false, isTable: false };

/** Something that is drawn, and how it can be styled: all that is asked of it. */
export interface StyleElement {
  id: string;
  name: string;
  group: ElementGroup;
  on: ElementOn;
  /** Where it is drawn, in public as in a frame; several selectors in a list. */
  selectors: readonly string[];
  /** It is drawn before or after what those find, and can be pressed only where it has a state for that. */
  pseudo?: '::before' | '::after';
  /** The same where it is the current one. */
  current?: readonly string[];
  /** The same where it does nothing. */
  off?: readonly string[];
  /** It is within a card, or is one, so that it may change as the card is pointed at. */
  ofCard: 'card' | 'within' | null;
  /** Kinds of item that can have it; absent for all. */
  items?: readonly Of[];
  /** It stands over the picture of its bay, if that has one. */
  overPicture?: boolean;
  /** Whether its shelf or bay draws it at some width, told of its settings; absent where it always does. */
  isUsed?(read: ReadSetting, shelf: ShelfDraws): boolean;
  /** The element whose values hold where its own are not set. */
  from?: string;
  /** The part of a card that it is the prominent part of, so that this is measured by it too. */
  prominentIn?: string;
  /** The element that it stands in, whose type it has where its own is not set; absent for the page. */
  within?: string;
  takes: readonly PropertyId[];
  states: readonly StateId[];
  /** What the base sheet draws it with at rest, as far as that is one value. */
  atFirst: Partial<Record<PropertyId, unknown>>;
  /** The same where the base sheet has it in another form as well, as far as that differs. */
  otherForm?: Form['atFirst'];
  /** Each label of the store is a form of it. */
  labelled?: true;
  /** How large its text is at least where nothing is set, px, if the base sheet has it in more sizes than one. */
  leastPx?: number;
  /** Its text colour is that of a sign, which may stand out less than text. */
  isSign?: true;
  /** The colours of which one at least has to stand out from what is around it, since a control is known by them. */
  edge?: readonly PropertyId[];
}

/** Where an element is drawn that is in a state, as far as a selector tells those apart. */
export const drawnAs = ({ selectors, current, off }: StyleElement, state: StateId): readonly string[] =>
  (state === 'current' ? current : state === 'off' ? off : selectors) ?? [];
