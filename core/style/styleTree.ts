import { lowered } from '../sentence/sentence.ts';
import { setting, varying, type Setting, type Tree } from '../settings/setting.ts';
import type { ValueKind } from '../settings/valueKind.ts';
import type { ElementOn, StyleElement } from './element.ts';
import { elements } from './elements/index.ts';
import { properties, type PropertyId } from './properties/index.ts';
import { stateKinds, type StateId } from './states.ts';

/** Values by element, state and property; null, or null at a width, where nothing is set. */
export type Style = Readonly<Record<string, Readonly<Record<string, Readonly<Record<string, unknown>>>>>>;

/** The element that a setting is of; null where it is not one of style. */
export const elementOfSetting = (setting: string | null): string | null =>
  /^style\.(\w+)\./.exec(setting ?? '')?.[1] ?? null;

/** A kind of value that may also be none, which is what holds where nothing is set; it is never stored. */
const orNone = (kind: ValueKind<unknown>, none: string): ValueKind<unknown> => ({
  ...kind,
  say: (value, names) => (value === null ? none : kind.say(value, names)),
});

/** What can be set of an element in a state. */
export const takenIn = ({ takes }: StyleElement, state: StateId): PropertyId[] =>
  takes.filter((id) => state === 'rest' || !properties[id].onlyAtRest);

function stateTree(element: StyleElement, state: StateId, none: string): Tree {
  const { said } = stateKinds[state];
  return Object.fromEntries(
    takenIn(element, state).map((id) => {
      const { name, find, kind, varies } = properties[id];
      const make = varies ? varying : setting;
      return [
        id,
        make(orNone(kind, none), null, {
          name: `${element.name}${said && ` ${said}`}: ${lowered(name)}`,
          mayBeUnset: true,
          ...(element.items && { items: element.items }),
          find: [...find, ...element.name.toLowerCase().split(' ')],
        }),
      ];
    }),
  );
}

const treeOf = (among: readonly StyleElement[], none: string): Tree =>
  Object.fromEntries(
    among.map((element) => [
      element.id,
      Object.fromEntries(element.states.map((state) => [state, stateTree(element, state, none)])),
    ]),
  );

/** The levels that have every element: the house, and a page, which is all that it shows. */
type Whole = 'house' | 'page';

const isWhole = (on: ElementOn | Whole): on is Whole => on === 'house' || on === 'page';

/** The elements that can be set on a shelf, in a bay that has these, or for a page or the house, which have them all. */
export const elementsOn = (on: ElementOn | Whole, among?: readonly string[]): StyleElement[] =>
  elements.filter((one) => isWhole(on) || (one.on === on && (!among || among.includes(one.id))));

/**
 * All that can be set of the style of a shelf, of a bay that has these elements, of a page, or of the house. To types it
 * is one value, since its settings are made from lists; to everything else a tree of settings as any other.
 */
export const styleTree = (on: ElementOn | Whole, among?: readonly string[]): { style: Setting<Style> } => ({
  style: treeOf(
    elementsOn(on, among),
    on === 'house' ? 'the default' : 'as the house',
  ) as unknown as Setting<Style>,
});
