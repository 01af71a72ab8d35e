import { string } from '../../schema/schema.ts';
import { allTypeFamilies, FIRST_FAMILY, hasTypeFamily, typeFamily } from '../../text/families/index.ts';
import { OWN_FAMILY_ID } from '../../text/ownFamilies.ts';
import type { TypeFamily } from '../../text/typeFamily.ts';
import { characterSets } from '../../text/characterSets.ts';
import { familyCss } from '../../text/standIns.ts';
import { propertyOf } from '../property.ts';

const said = ({ name, character }: TypeFamily): string => `${name} – ${character}`;

export const family = propertyOf({
  id: 'family',
  name: 'Typeface',
  find: ['typeface', 'font', 'family', 'type', 'letters'],
  kind: {
    // Own ones come and go; one that has gone is drawn as the first.
    schema: string()
      .test(
        'family',
        'There is no such typeface.',
        (id) => id === undefined || hasTypeFamily(id) || OWN_FAMILY_ID.test(id),
      )
      .required(),
    say: (id) => (hasTypeFamily(id) ? said(typeFamily(id)).toLowerCase() : 'a removed typeface'),
    control: {
      is: 'choice',
      get options() {
        return allTypeFamilies().map((one) => ({ value: one.id, name: said(one), drawnIn: familyCss(one) }));
      },
    },
  },
  begins: FIRST_FAMILY.id,
  varies: false,
  onlyAtRest: true,
  inherits: true,
  token: 'fontFamily',
  say: (id) => (hasTypeFamily(id) ? `in ${typeFamily(id).name}` : 'in a removed typeface'),
  about: (id) =>
    `Letters: ${typeFamily(id)
      .sets.map((set) => characterSets[set].name + (characterSets[set].isComplex ? ', widths estimated' : ''))
      .join('; ')}`,
  css: (id) => `font-family:${familyCss(typeFamily(id))}`,
});
