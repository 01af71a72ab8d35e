import type { PictureFacts } from '../catalogue/facts.ts';
import { pictureOf } from '../view/partViews.ts';
import { shownIn } from '../view/shownIn.ts';
import type { ShelfView, StepView } from '../view/view.ts';

/** The pictures of the cards that a step shows, as they stand on them; none where cards show none. */
export const picturesAt = (
  shelf: ShelfView,
  step: StepView,
): { picture: PictureFacts; fills: boolean; mostPx: number | null }[] =>
  step.hasPicture
    ? shownIn(shelf, step).flatMap((card) => {
        const part = pictureOf(card);
        return part?.picture
          ? [{ picture: part.picture, fills: part.fit === 'fill', mostPx: part.mostPx }]
          : [];
      })
    : [];
