import { choice } from '../../settings/values.ts';
import { FIRST_FAMILY, typeFamilies, typeFamily } from '../../text/families/index.ts';
import { characterSets } from '../../text/characterSets.ts';
import { familyCss } from '../../text/standIns.ts';
import { propertyOf } from '../property.ts';

const NAMES = Object.fromEntries(
  typeFamilies.map(({ id, name, character }) => [id, `${name} – ${character}`]),
);

export const family = propertyOf({
  id: 'family',
  name: 'Typeface',
  find: ['typeface', 'font', 'family', 'type', 'letters'],
  kind: {
    ...choice(NAMES),
    control: {
      is: 'choice',
      options: typeFamilies.map((one) => ({
        value: one.id,
        name: NAMES[one.id]!,
        drawnIn: familyCss(one),
      })),
    },
  },
  begins: FIRST_FAMILY.id,
  varies: false,
  onlyAtRest: true,
  inherits: true,
  token: 'fontFamily',
  say: (id) => `in ${typeFamily(id).name}`,
  about: (id) =>
    `Letters: ${typeFamily(id)
      .sets.map((set) => characterSets[set].name + (characterSets[set].isComplex ? ', widths estimated' : ''))
      .join('; ')}`,
  css: (id) => `font-family:${familyCss(typeFamily(id))}`,
});
