import { valueAt } from '../bands/varying.ts';
import type { Bands } from '../bands/bands.ts';
import { byBands, LEAST_BESIDE_PX } from './byBands.ts';
import { innerWidth, type Room } from '../geometry/steps.ts';
import type { Shelf } from '../plan/shelf.ts';
import { isBesideList, type ToolsStand } from '../plan/toolsSettings.ts';
import type { Varying } from '../bands/varying.ts';
import { keptFor } from './keptFor.ts';

/** What a list may use, and where its filters stand in that. */
export interface ToolsRooms {
  /** For the list itself. */
  inside: Room;
  stand: Varying<ToolsStand>;
}

const known = keptFor<Shelf['tools'], ToolsRooms>();

/** Filters stand beside a list only where enough of it is left; elsewhere they are behind a button. */
export function toolsRoom(room: Room, tools: Shelf['tools'], bands: Bands): ToolsRooms {
  const { filters, widthPx, gap } = tools;
  return known(tools, [JSON.stringify(room), bands], () => {
    const apart = (band: string) => valueAt(widthPx, bands, band) + valueAt(gap, bands, band);
    const stand = byBands(bands, (band, fromPx): ToolsStand => {
      const wanted = valueAt(tools.stand, bands, band);
      const left = innerWidth(room, bands, band, fromPx) - apart(band);
      if (filters.length === 0) return 'button';
      return isBesideList(wanted) && left < LEAST_BESIDE_PX ? 'button' : wanted;
    });
    const taken = (band: string) => (isBesideList(valueAt(stand, bands, band)) ? apart(band) : 0);
    if (bands.every(({ id }) => taken(id) === 0)) return { inside: room, stand };
    return {
      stand,
      inside: {
        marginPx: room.marginPx,
        takenPx: byBands(bands, (band) => valueAt(room.takenPx, bands, band) + taken(band)),
        mostPx: byBands(bands, (band) => {
          const most = valueAt(room.mostPx, bands, band);
          return most === null ? null : Math.max(0, most - taken(band));
        }),
      },
    };
  });
}
