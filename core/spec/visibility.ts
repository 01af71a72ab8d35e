import { listed } from '../sentence/sentence.ts';
import { opens } from './content.ts';
import type { Line } from './line.ts';

export const visibilityLine: Line = {
  id: 'visibility',
  name: 'Visibility',
  say: ({ bay, names }) => {
    const bands =
      bay.bands && names.bands.filter((band) => bay.bands!.includes(band.id)).map(({ name }) => name);
    return [
      opens(bay.hidden ? 'Hidden' : 'Always', 'hidden'),
      bay.hidden ? ', otherwise ' : ', ',
      opens(bands ? `only on ${listed(bands) || 'removed widths'}` : 'at every width', 'bands'),
    ];
  },
};
