import { mixed, ValidationError, type Schema } from '../schema/schema.ts';
import { integer } from '../settings/values.ts';
import type { ValueKind } from '../settings/valueKind.ts';
import { stepName, steps, type Steps } from './scale.ts';

/** Whole px from `least` to `most`, or a step of the house, which is kept within them where it is drawn. */
export function pxOrStep(least: number, most: number, of: Steps): ValueKind<number | string> {
  const px = integer(least, most, 'px');
  const ids = steps[of].map(({ id }) => id);
  const schema = mixed<number | string>()
    .test('px', (value, context) => {
      if (typeof value === 'string') {
        if (ids.includes(value)) return true;
        return context.createError({ message: 'There is no such step.' });
      }
      try {
        px.schema.validateSync(value, { strict: true });
        return true;
      } catch (error) {
        if (!(error instanceof ValidationError)) throw error;
        return context.createError({ message: error.message });
      }
    })
    .required() as unknown as Schema<number | string>;
  return {
    schema,
    say: (value, names) => (typeof value === 'string' ? stepName(value).toLowerCase() : px.say(value, names)),
    control: { is: 'number', least, most, step: 1, unit: 'px', scale: 1, steps: of },
  };
}

/** A length in a sentence. */
export const sayLength = (value: number | string): string =>
  typeof value === 'string' ? stepName(value).toLowerCase() : `${value} px`;
