/**
 * The states that an element can be drawn in, in the order in which they come over one another. What is not set in a
 * state is as in the one below it that holds at the same time, and in the end as at rest.
 */
export const STATES = ['rest', 'cardHover', 'hover', 'focus', 'pressed', 'current', 'off'] as const;
export type StateId = (typeof STATES)[number];
export const isStateId = (id: string): id is StateId => STATES.some((one) => one === id);

export interface StateKind {
  /** As it heads its column. */
  name: string;
  /** In a sentence, after what is drawn in it; empty at rest. */
  said: string;
  /** States that hold with it too, the nearest first. */
  over: readonly StateId[];
}

export const stateKinds: Readonly<Record<StateId, StateKind>> = {
  rest: { name: 'At rest', said: '', over: [] },
  cardHover: { name: 'Card hover', said: 'on card hover', over: ['rest'] },
  hover: { name: 'Hover', said: 'on hover', over: ['cardHover', 'rest'] },
  focus: { name: 'Keyboard focus', said: 'with keyboard focus', over: ['cardHover', 'rest'] },
  pressed: { name: 'Pressed', said: 'while pressed', over: ['hover', 'cardHover', 'rest'] },
  current: { name: 'Current', said: 'where current', over: ['rest'] },
  off: { name: 'Off', said: 'while off', over: ['current', 'rest'] },
};
