import { elements } from '../style/elements/index.ts';
import type { ElementOn } from '../style/element.ts';

/** Something that own rules can be about. */
export interface RulePlace {
  /** As it is written in a rule, after a dot. It never changes, whatever the markup becomes. */
  name: string;
  /** What it is, for a person. */
  about: string;
  selector: string;
  /** Where it is drawn: on shelves, in bays, or around them. */
  on: ElementOn;
  /** The element of the style system; null for what is none. */
  element: string | null;
}

const kebab = (id: string): string => id.replaceAll(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

const anyOf = (selectors: readonly string[]): string =>
  selectors.length === 1 && /^\.[\w-]+$/.test(selectors[0]!) ? selectors[0]! : `:is(${selectors.join()})`;

/** What stands around the elements. */
const around: readonly RulePlace[] = [
  { name: 'page', about: 'The whole page', selector: '.region', on: 'house', element: null },
  { name: 'header', about: 'Header of the store', selector: '.store', on: 'house', element: null },
  { name: 'content', about: 'All between header and footer', selector: '.main', on: 'house', element: null },
  { name: 'footer', about: 'Footer of the store', selector: '.foot', on: 'house', element: null },
  { name: 'bay', about: 'A bay', selector: '.bay', on: 'bay', element: null },
  { name: 'shelf', about: 'A shelf', selector: '[data-shelf]', on: 'shelf', element: null },
  { name: 'cards', about: 'All cards of a shelf', selector: '.cards', on: 'shelf', element: null },
  { name: 'card', about: 'Card', selector: '.card', on: 'shelf', element: 'card' },
  { name: 'texts', about: 'All text of a card', selector: '.texts', on: 'shelf', element: null },
  { name: 'label', about: 'Label', selector: '.label', on: 'shelf', element: 'label' },
  { name: 'swatch', about: 'Swatch', selector: '.swatch', on: 'shelf', element: 'swatch' },
  { name: 'arrow', about: 'Arrow', selector: '.arrow', on: 'shelf', element: 'arrow' },
  { name: 'marker', about: 'Position marker', selector: '.marks', on: 'shelf', element: 'marker' },
];

const taken = new Set(around.map(({ name }) => name));

/** Everything that own rules can be about. */
export const rulePlaces: readonly RulePlace[] = [
  ...around,
  ...elements.flatMap(({ id, name: about, selectors, pseudo = '', on }): RulePlace[] => {
    const name = kebab(id);
    return taken.has(name)
      ? []
      : [{ name, about, selector: `${anyOf(selectors)}${pseudo}`, on, element: id }];
  }),
];

const byName = new Map(rulePlaces.map((one) => [one.name, one]));

export const rulePlace = (name: string): RulePlace | undefined => byName.get(name);

/** What the rules of one shelf, or of the whole store, can be about. */
export const placesFor = (shelf: boolean): readonly RulePlace[] =>
  shelf ? rulePlaces.filter(({ on }) => on === 'shelf') : rulePlaces;
