import { ALIGNS } from '../card/card.ts';
import type { BayPlace } from '../plan/bay.ts';
import { placeSettings } from '../plan/bay.ts';
import { capital, lowered } from '../sentence/sentence.ts';
import type { Varying } from '../bands/varying.ts';
import { opens } from './content.ts';
import type { Line } from './line.ts';
import { sayVarying } from './sayVarying.ts';

/** Where a bay stands in the rows of the header or the footer. */
export const placeLine: Line = {
  id: 'place',
  name: 'Place',
  say: ({ bay, names }) => {
    const { takes, side, last }: BayPlace = bay.place;
    const say = <T>(value: Varying<T>, one: (value: T) => string) => sayVarying(value, names, one);
    const isEver = Object.values(last).some(Boolean);
    return [
      opens(capital(say(takes, (one) => placeSettings.place.takes.say!(one as never, names))), 'place.takes'),
      ', ',
      opens(`stands ${say(side, (one) => lowered(ALIGNS[one]))}`, 'place.side'),
      ...(isEver
        ? [
            ', ',
            opens(
              say(last, (one) => (one ? 'below all others' : 'in its place')),
              'place.last',
            ),
          ]
        : []),
    ];
  },
};
