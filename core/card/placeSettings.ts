import type { Of } from '../assortment/of.ts';
import { choice } from '../settings/values.ts';
import { setting, varying, type ReadSetting } from '../settings/setting.ts';
import { TEXT_ZONE, zoneKinds, zoneNames } from './zones.ts';

/** What of a part is said about where and when it stands. */
interface Named {
  id: string;
  name: string;
  of: readonly Of[];
  carriesLink?: boolean;
}

const zonesOf = (read: ReadSetting, id: string): unknown[] =>
  Object.values((read(`card.parts.${id}.zone`) as object | undefined) ?? { at: TEXT_ZONE });

const ever = (read: ReadSetting, id: string): boolean =>
  Object.values((read(`card.parts.${id}.shown`) as object | undefined) ?? {}).includes(true);

/** A part stands before this one with the text, on the same side of the picture. */
function followsText(read: ReadSetting, id: string): boolean {
  let follows = false;
  for (const other of read('card.order') as readonly string[]) {
    if (other === id) break;
    if (!ever(read, other)) continue;
    // The picture alone has no place that can be set.
    follows =
      read(`card.parts.${other}.zone`) !== undefined && (follows || zonesOf(read, other).includes(TEXT_ZONE));
  }
  return follows;
}

/** Where a part stands on the card, and when; of every part but the picture (definitions §6). */
export const placeSettings = ({ id, name, of, carriesLink }: Named) => ({
  zone: varying(choice(zoneNames), TEXT_ZONE, {
    name: `${name}: place on the card`,
    find: ['place', 'corner', 'picture', 'zone', 'position'],
    items: of,
    say: (zone) => zoneKinds.find((kind) => kind.id === zone)!.said,
    // The link of the whole card would reach no further than the picture.
    offBecause: () => (carriesLink ? 'It carries the link of the card and stays with the text' : null),
  }),
  row: varying(choice({ own: 'Line of its own', shared: 'On the line before' }), 'own', {
    name: `${name}: line`,
    find: ['line', 'row', 'beside', 'same line'],
    items: of,
    offBecause: (read) => {
      if (!zonesOf(read, id).includes(TEXT_ZONE)) return 'It stands on the picture at every width';
      return followsText(read, id) ? null : 'No part of the text stands before it';
    },
  }),
  when: setting(choice({ always: 'Always', hover: 'On hover' }), 'always', {
    name: `${name}: shown`,
    find: ['hover', 'always', 'pointed at'],
    about: 'Always shown by touch; with the keyboard when the card has focus.',
    items: of,
  }),
  align: setting(choice({ card: 'As the card', start: 'Start', center: 'Middle', end: 'End' }), 'card', {
    name: `${name}: alignment`,
    find: ['align', 'left', 'centre', 'right'],
    items: of,
  }),
});

export type PlaceSettings = ReturnType<typeof placeSettings>;
