import { sayTime } from '../catalogue/clockTime.ts';
import { listed } from '../sentence/sentence.ts';
import { opens } from './content.ts';
import type { Line } from './line.ts';

export const visibilityLine: Line = {
  id: 'visibility',
  name: 'Visibility',
  say: ({ bay, names }) => {
    const bands =
      bay.bands && names.bands.filter((band) => bay.bands!.includes(band.id)).map(({ name }) => name);
    const { from, until } = bay;
    const times = [
      from && opens(`from ${sayTime(from)}`, 'from'),
      until && opens(`until ${sayTime(until)}`, 'until'),
    ];
    return [
      opens(bay.hidden ? 'Hidden' : from || until ? 'Shown' : 'Always', 'hidden'),
      bay.hidden ? ', otherwise ' : from || until ? ' ' : ', ',
      ...times.flatMap((one) => (one ? [one, ', '] : [])),
      opens(bands ? `only on ${listed(bands) || 'removed widths'}` : 'at every width', 'bands'),
      ...(bay.aside ? [', ', opens('in the sidebar', 'aside')] : []),
    ];
  },
};
