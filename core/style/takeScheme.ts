import type { Bands } from '../bands/bands.ts';
import type { Varying } from '../bands/varying.ts';
import type { Command } from '../plan/commands.ts';
import { properties, type PropertyId } from './properties/index.ts';
import type { Scheme } from './scheme.ts';

/** A style with the widths of a store: what a scheme has from a width on that the store has not is from its narrowest on. */
function atWidthsOf(style: object, bands: Bands): object {
  const known = new Set(bands.map(({ id }) => id));
  const next = structuredClone(style) as Record<string, Record<string, Record<string, unknown>>>;
  for (const states of Object.values(next))
    for (const values of Object.values(states))
      for (const [property, value] of Object.entries(values)) {
        if (!properties[property as PropertyId].varies) continue;
        const all = Object.entries(value as Varying<unknown>);
        const kept = all.filter(([band]) => known.has(band));
        values[property] = Object.fromEntries(kept.length > 0 ? kept : [[bands[0]!.id, all[0]![1]]]);
      }
  return next;
}

/** Makes the whole look of a house that of a scheme, in one step; shelves and bays keep what is their own. */
export const takeScheme = ({ colours, style }: Scheme, bands: Bands): Command => ({
  do: 'together',
  commands: [
    { do: 'set', on: { house: true }, setting: 'colours', value: colours },
    {
      do: 'set',
      on: { house: true },
      setting: 'style',
      value: Object.keys(style).length > 0 ? atWidthsOf(style, bands) : undefined,
    },
  ],
});
