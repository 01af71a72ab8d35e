import { bandById } from '../bands/bands.ts';
import { formKind } from '../forms/index.ts';
import { listed } from '../sentence/sentence.ts';
import type { Check } from './check.ts';

/** What is to move but has all its items in sight, at the bands that it stands at. */
export const cannotMove: Check = {
  id: 'cannot-move',
  title: 'Nothing to move',
  severity: 'weak',
  find: (view) =>
    view.bays.flatMap(({ id, content, empty, bands }) => {
      if (content.holds !== 'shelf' || empty) return [];
      const still = content.shelf.steps.filter(
        ({ form, bandId, motion }) =>
          formKind(form).moves && !motion.moves && (!bands || bands.includes(bandId)),
      );
      if (still.length === 0) return [];
      const names = listed([...new Set(still.map(({ bandId }) => bandById(view.bands, bandId)!.name))]);
      const kinds = listed([...new Set(still.map(({ form }) => form))]);
      return [
        {
          bayId: id,
          text: `The ${kinds} has nothing to move on ${names}: all is in sight at once`,
          fix: still.every(({ form, shows }) => form === 'carousel' && shows.end - shows.start > 1)
            ? {
                words: 'Let the edge of the last be cut',
                command: {
                  do: 'together',
                  commands: still.map(({ bandId, shows }) => ({
                    do: 'set',
                    on: { shelf: content.shelf.id },
                    setting: 'visible',
                    band: bandId,
                    value: Math.round(10 * (shows.end - shows.start - 0.6)) / 10,
                  })),
                },
              }
            : null,
          goTo: 'form',
        },
      ];
    }),
};
