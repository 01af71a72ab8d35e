import { colourCss, houseColour, sayColour } from './houseColour.ts';
import { propertyOf, type StyleProperty } from './property.ts';

/** What is particular to a property that is a colour. */
interface ColourProperty extends Pick<StyleProperty<string>, 'id' | 'name' | 'find' | 'begins' | 'needs'> {
  /** What stands before the colour in a sentence: "border in". */
  said: string;
  /** The property of CSS that it is. */
  css: string;
}

/** A property that is a colour of the house, by its name, or any other. */
export const colourProperty = ({ said, css, ...named }: ColourProperty): StyleProperty<string> =>
  propertyOf({
    ...named,
    kind: houseColour(),
    varies: false,
    say: (value) => `${said} ${sayColour(value)}`,
    css: (value) => `${css}:${colourCss(value)}`,
  });
