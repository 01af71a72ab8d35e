import { propertyOf, type StyleProperty } from './property.ts';
import { pxOrStep, sayLength } from './pxOrStep.ts';

/** What is particular to a property that is a space. */
interface SpaceProperty extends Pick<StyleProperty<number | string>, 'id' | 'name' | 'find' | 'begins'> {
  /** px at most. */
  most: number;
  /** What stands after the space in a sentence: "below it". */
  said: string;
  /** The property of CSS that it is; none where the rules of cards have it, which are written from the same figures as they are measured by. */
  css?: string;
}

/** A property that is a space, in px or in spaces of the house, by width. */
export const spaceProperty = ({ most, said, css, ...named }: SpaceProperty): StyleProperty<number | string> =>
  propertyOf({
    ...named,
    kind: pxOrStep(0, most, 'spaces'),
    varies: true,
    onlyAtRest: true,
    say: (px) => `${sayLength(px)} ${said}`,
    css: (px) => (css === undefined ? '' : `${css}:${px}px`),
  });
