import { bandById } from '../bands/bands.ts';
import { layoutKind } from '../layouts/index.ts';
import { listed } from '../sentence/sentence.ts';
import type { Command } from '../plan/commands.ts';
import { ofShelves, type PageCheck } from './check.ts';

/** What is to move but has all its items in sight, at the bands that it stands at. */
export const cannotMove: PageCheck = {
  id: 'cannot-move',
  title: 'Nothing to move',
  severity: 'weak',
  reads: 'page',
  find: (view) =>
    ofShelves(view, (shelf, { empty, bands }) => {
      if (empty) return null;
      const still = shelf.steps.filter(
        ({ layout, bandId, motion }) =>
          layoutKind(layout).moves && !motion.moves && (!bands || bands.includes(bandId)),
      );
      if (still.length === 0) return null;
      const names = listed([...new Set(still.map(({ bandId }) => bandById(view.bands, bandId)!.name))]);
      const kinds = listed([...new Set(still.map(({ layout }) => layoutKind(layout).name.toLowerCase()))]);
      const less = still.flatMap(({ layout, bandId, shows }): Command[] => {
        const count = shows.end - shows.start;
        const value = count > 1 ? layoutKind(layout).showLess?.(count) : undefined;
        return value ? [{ do: 'set', on: { shelf: shelf.id }, band: bandId, ...value }] : [];
      });
      return {
        text: `The ${kinds} has nothing to move on ${names}: all is in sight at once`,
        fix:
          less.length === still.length
            ? { words: 'Let the edge of the last be cut', command: { do: 'together', commands: less } }
            : null,
        goTo: 'layout',
      };
    }),
};
