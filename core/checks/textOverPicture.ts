import { LEAST_CONTRAST } from '../colour/contrast.ts';
import { contrastOver } from '../colour/overPicture.ts';
import { layoutKind } from '../layouts/index.ts';
import { counted } from '../sentence/sentence.ts';
import { ofShelves, type PageCheck } from './check.ts';

/**
 * Text over pictures that it does not stand out from, by the colour that most of each picture is of. A layout of which
 * the picture is the background has a dark one of its own.
 */
export const textOverPicture: PageCheck = {
  id: 'text-over-picture',
  title: 'Text that does not stand out from its picture',
  severity: 'weak',
  reads: 'page',
  find: (view) =>
    ofShelves(view, (shelf, { empty, look }) => {
      const over = shelf.steps.filter(
        ({ layout, hasPicture, placing }) =>
          hasPicture && placing.reach > 0 && layoutKind(layout).card !== 'ground',
      );
      if (empty || over.length === 0) return null;
      const { background } = shelf.card.text;
      const shown = shelf.cards.filter((_, i) =>
        over.some(({ shows }) => {
          const place = shelf.held.start + i;
          return place >= shows.start && place < shows.end;
        }),
      );
      const contrasts = shown.flatMap(({ parts }) =>
        parts.flatMap((part) =>
          'picture' in part && part.picture
            ? [contrastOver(part.picture.dominant, background, view.colours, look.background)]
            : [],
        ),
      );
      const low = contrasts.filter((contrast) => contrast < LEAST_CONTRAST);
      if (low.length === 0) return null;
      const least = Math.floor(10 * Math.min(...low)) / 10;
      return {
        text: `Text over ${counted(low.length, 'picture')} is hard to read: contrast ${least.toFixed(1)}, at least ${LEAST_CONTRAST} is needed`,
        fix:
          background === 'dark'
            ? null
            : {
                words: 'Dark background',
                command: {
                  do: 'set',
                  on: { shelf: shelf.id },
                  setting: 'card.text.background',
                  value: 'dark',
                },
              },
        goTo: 'card',
      };
    }),
};
