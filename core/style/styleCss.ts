import type { Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { byBand } from '../css/containers.ts';
import { drawnAs, type StyleElement } from './element.ts';
import { properties } from './properties/index.ts';
import { setValues, type SetValue } from './setValues.ts';
import { STATES, type StateId } from './states.ts';
import type { Style } from './styleTree.ts';

/** Levels of styles, the lowest first. */
const LEVELS = ['h', 'o'] as const;
export type StyleLevel = (typeof LEVELS)[number];

/** Elements that others take from lie under them. */
const DEPTHS = [0, 1] as const;

const layerOf = (level: StyleLevel, element: StyleElement, state: StateId): string =>
  `${level}${element.from === undefined ? 0 : 1}${STATES.indexOf(state)}`;

/** The layer of colours that single labels have of their own: over what the house sets of all, under what a shelf does. */
export const LABELS_LAYER = 'l';

/** Layers of own rules, those of a shelf over those of the store. */
export const RULES_LAYERS = { store: 'r', shelf: 's' } as const;

/** Every layer, the lowest first: levels, elements and states come over one another by it and by nothing else. */
export const LAYER_ORDER: readonly string[] = [
  ...LEVELS.flatMap((level) => [
    ...DEPTHS.flatMap((depth) => STATES.map((_, state) => `${level}${depth}${state}`)),
    ...(level === 'h' ? [LABELS_LAYER] : []),
  ]),
  ...Object.values(RULES_LAYERS),
];

/**
 * What puts the layers into their order. Declarations in them are important: so they come over all that is in no layer,
 * and an earlier layer over a later one (CSS Cascading Level 5, §6.4.4). The sheets that every edit writes need no layer
 * so, since a browser styles a whole page anew when one with layers changes.
 */
export const LAYERS = `@layer ${[...LAYER_ORDER].reverse().join()};`;

/** Selectors of an element in a state, each with whether it needs something that hovers. */
function selectorsOf(
  element: StyleElement,
  state: StateId,
  scope: string,
): { selector: string; hovers: boolean }[] {
  const { selectors, ofCard, pseudo = '' } = element;
  const within = (one: string) => (scope ? `${scope} ${one}` : one);
  const plain = (ends: string, hovers = false) =>
    selectors.map((one) => ({ selector: `${within(one)}${ends}${pseudo}`, hovers }));
  switch (state) {
    case 'rest':
      return plain('');
    case 'cardHover': {
      const card = (ends: string, one: string) =>
        ofCard === 'card' ? `${within(one)}${ends}${pseudo}` : within(`.card${ends} ${one}${pseudo}`);
      return selectors.flatMap((one) => [
        { selector: card(':hover', one), hovers: true },
        { selector: card(':focus-within', one), hovers: false },
      ]);
    }
    case 'hover':
      return plain(':hover', true);
    case 'focus':
      return plain(':focus-visible');
    case 'pressed':
      return plain(':active');
    case 'current':
    case 'off':
      return drawnAs(element, state).map((one) => ({ selector: `${within(one)}${pseudo}`, hovers: false }));
  }
}

/** The values of one element in one state. */
interface Group {
  element: StyleElement;
  state: StateId;
  values: SetValue[];
}

function grouped(values: readonly SetValue[]): Group[] {
  const groups: Group[] = [];
  for (const one of values) {
    const last = groups.at(-1);
    if (last?.element === one.element && last.state === one.state) last.values.push(one);
    else groups.push({ element: one.element, state: one.state, values: [one] });
  }
  return groups;
}

/** What a property comes to at a band; null where nothing is set there. */
const at = ({ property, value }: SetValue, bands: Bands, bandId: string): unknown =>
  properties[property].varies ? valueAt(value as Varying<unknown>, bands, bandId) : value;

function groupCss({ element, state, values }: Group, scope: string, bands: Bands): string {
  const selectors = selectorsOf(element, state, scope);
  const rules = (declarations: string) => {
    if (!declarations) return '';
    const among = (hovers: boolean) =>
      selectors.flatMap((one) => (one.hovers === hovers ? one.selector : [])).join();
    const [others, hovering] = [among(false), among(true)];
    return (
      (others && `${others}{${declarations}}`) +
      (hovering && `@media (hover:hover){${hovering}{${declarations}}}`)
    );
  };
  const declared = (moves: boolean, bandId: string) =>
    values
      .filter(({ property }) => (properties[property].moves ?? false) === moves)
      .flatMap((one) => {
        const value = at(one, bands, bandId);
        const css = value === null || value === undefined ? '' : properties[one.property].css(value);
        return css ? css.split(';').map((one) => `${one}!important`) : [];
      })
      .join(';');
  return (
    byBand(bands, (bandId) => rules(declared(false, bandId))) +
    byBand(bands, (bandId) => {
      const moving = rules(declared(true, bandId));
      return moving && `@media (prefers-reduced-motion:no-preference){${moving}}`;
    })
  );
}

/** Style sheet text of what a style sets, within a scope; empty where it sets nothing. */
export function styleCss(style: Style, level: StyleLevel, scope: string, bands: Bands): string {
  return grouped(setValues(style))
    .map((group) => {
      const css = groupCss(group, scope, bands);
      return css && `@layer ${layerOf(level, group.element, group.state)}{${css}}`;
    })
    .join('');
}
