import type { Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { partKind } from '../card/parts/index.ts';
import { placeOf } from '../card/slots.ts';
import { TEXT_ZONE } from '../card/zones.ts';
import type { ShelfView } from '../view/view.ts';
import type { Fix } from './check.ts';

/** Puts a part with the text at the widths at which it is over something else; at the others it stays. */
export function withTheText(shelf: ShelfView, id: string, bandIds: ReadonlySet<string>, bands: Bands): Fix {
  const { zone } = placeOf(shelf.card, id)!;
  const value = Object.fromEntries(
    bands.map((band) => [band.id, bandIds.has(band.id) ? TEXT_ZONE : valueAt(zone, bands, band.id)]),
  );
  return {
    words: `${partKind(id)!.name} with the text there`,
    command: { do: 'set', on: { shelf: shelf.id }, setting: `card.parts.${id}.zone`, value },
  };
}
