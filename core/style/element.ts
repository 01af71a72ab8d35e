import type { PropertyId } from './properties/index.ts';
import type { Of } from '../assortment/of.ts';
import type { ReadSetting } from '../settings/setting.ts';
import type { StateId } from './states.ts';

/** Where an element can be set apart from the house: on a shelf, in a bay, or nowhere. */
export type ElementOn = 'shelf' | 'bay' | 'house';

/** Groups that elements are listed in, in their order. */
export const ELEMENT_GROUPS = {
  cards: 'Cards',
  buttons: 'Buttons',
  texts: 'Text of cards',
  bays: 'Bays',
  pages: 'Pages',
} as const;
export type ElementGroup = keyof typeof ELEMENT_GROUPS;

/** Something that is drawn, and how it can be styled: all that is asked of it. */
export interface StyleElement {
  id: string;
  name: string;
  group: ElementGroup;
  on: ElementOn;
  /** Where it is drawn, in public as in a frame; several selectors in a list. */
  selectors: readonly string[];
  /** It is drawn before or after what those find: it is nothing that can be pressed. */
  pseudo?: '::before' | '::after';
  /** The same where it is the current one. */
  current?: readonly string[];
  /** It is within a card, or is one, so that it may change as the card is pointed at. */
  ofCard: 'card' | 'within' | null;
  /** Kinds of item that can have it; absent for all. */
  items?: readonly Of[];
  /** It stands over the picture of its bay, if that has one. */
  overPicture?: boolean;
  /** Whether its shelf or bay draws it at some width, told of its settings; absent where it always does. */
  isUsed?(read: ReadSetting): boolean;
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
  otherForm?: Partial<Record<PropertyId, unknown>>;
}
