import fc from 'fast-check';
import type { Command } from '../plan/commands.ts';
import { firstBands } from '../plan/firstBands.ts';
import type { Target } from '../plan/target.ts';
import type { StyleElement } from '../style/element.ts';
import { properties, type PropertyId } from '../style/properties/index.ts';
import { takenIn } from '../style/styleTree.ts';

/** Sets a value of an element, named as "title.rest.size"; at a band where it varies by width. */
export const setStyle = (on: Target, setting: string, value: unknown, band?: string): Command => ({
  do: 'set',
  on,
  setting: `style.${setting}`,
  value,
  ...(band && { band }),
});

/** Any value that a property can have: of numbers the ends and the middle, of choices each. */
const anyValue = (property: PropertyId): fc.Arbitrary<unknown> => {
  const { control } = properties[property].kind;
  if (control.is === 'choice') return fc.constantFrom(...control.options.map(({ value }) => value));
  if (control.is === 'number')
    return fc.constantFrom(control.least, control.most, Math.round((control.least + control.most) / 2));
  return fc.constantFrom('accent', 'quiet', '#123456', '#fedcba');
};

/** Sets any value of one of the elements. */
export const anyStyleSet = (on: Target, among: readonly StyleElement[]): fc.Arbitrary<Command> =>
  fc.constantFrom(...among).chain((element) =>
    fc.constantFrom(...element.states).chain((state) => {
      const taken = takenIn(element, state);
      return fc
        .constantFrom(...(taken.length ? taken : element.takes))
        .chain((property) =>
          fc
            .tuple(anyValue(property), fc.constantFrom(...firstBands.map(({ id }) => id)))
            .map(([value, band]) =>
              setStyle(
                on,
                `${element.id}.${taken.length ? state : 'rest'}.${property}`,
                value,
                properties[property].varies ? band : undefined,
              ),
            ),
        );
    }),
  );
