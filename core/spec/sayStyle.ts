import { lowered, type Names, type Piece, type Sentence } from '../sentence/sentence.ts';
import type { Varying } from '../bands/varying.ts';
import { properties } from '../style/properties/index.ts';
import { setValues, type SetValue } from '../style/setValues.ts';
import { stateKinds } from '../style/states.ts';
import type { Style } from '../style/styleTree.ts';
import { opens } from './content.ts';
import { sayVarying } from './sayVarying.ts';

/** So much is said of what is styled; of the rest only how much it is. */
const MOST_SAID = 4;

function sayValue({ property, value }: SetValue, names: Names): string {
  const { say, varies } = properties[property];
  const each = (one: unknown) => (one === null ? 'as the house' : say(one));
  return varies ? sayVarying(value as Varying<unknown>, names, each) : each(value);
}

/** What of shelf and bay is not as in the house: "title 24 px, basket button on hover on accent". */
export function sayStyle(styles: readonly Style[], names: Names): Sentence {
  const all = styles.flatMap((style) => setValues(style));
  if (all.length === 0) return [];
  const pieces = all.slice(0, MOST_SAID).flatMap((one, i): Piece[] => {
    const { element, state, property } = one;
    const { said } = stateKinds[state];
    const words = `${lowered(element.name)}${said && ` ${said}`} ${sayValue(one, names)}`;
    return [...(i > 0 ? [', '] : []), opens(words, `style.${element.id}.${state}.${property}`)];
  });
  const more = all.length - MOST_SAID;
  return ['; unlike the house ', ...pieces, ...(more > 0 ? [` and ${more} more`] : [])];
}
