import { bandById } from '../bands/bands.ts';
import { heightOfPicture, picturePxOf } from '../view/onPicture.ts';
import { cardPxIn, lookedAtPx } from '../view/clipped.ts';
import type { Bands } from '../bands/bands.ts';
import { keptForShelf } from '../view/keptForShelf.ts';
import type { ShelfView } from '../view/view.ts';
import { ofShelves, type FoundOnShelf, type PageCheck } from './check.ts';
import { picturesAt } from './shelfPictures.ts';

/** So much larger than it is a picture may be drawn before that is seen. */
const ENLARGED = 1.1;

const keep = keptForShelf<FoundOnShelf | null>();

function smallOn(shelf: ShelfView, bands: Bands): FoundOnShelf | null {
  let worst: { count: number; of: number; enlarged: number; has: number; band: string } | null = null;
  for (const step of shelf.steps) {
    const cardPx = cardPxIn(shelf, step, bands, lookedAtPx(step, bands));
    const widthPx = picturePxOf(step, cardPx);
    const heightPx = heightOfPicture(step, cardPx);
    const pictures = picturesAt(shelf, step);
    const small = pictures
      .map(({ picture, fills, mostPx }) => {
        // As large as it is fetched at most.
        const share = Math.min(1, (mostPx ?? Infinity) / picture.width);
        const [width, height] = [picture.width * share, picture.height * share];
        // One that is higher than its frame and fills it is as wide as the frame; else as high.
        const scales = [widthPx / width, ...(heightPx === null ? [] : [heightPx / height])];
        return { has: Math.round(width), enlarged: fills ? Math.max(...scales) : Math.min(...scales) };
      })
      .filter(({ enlarged }) => enlarged > ENLARGED)
      .sort((a, b) => b.enlarged - a.enlarged);
    if (small.length > 0 && small[0]!.enlarged > (worst?.enlarged ?? 0))
      worst = { count: small.length, of: pictures.length, band: step.bandId, ...small[0]! };
  }
  if (!worst) return null;
  const drawn = Math.round(worst.has * worst.enlarged);
  return {
    text: `${worst.count} of ${worst.of} pictures are smaller than they are drawn on ${bandById(bands, worst.band)!.name}: the smallest is ${worst.has} px wide, drawn ${drawn}`,
    fix: null,
    goTo: 'card',
  };
}

/** Pictures that are drawn larger than they are, and so are not sharp. */
export const pictureTooSmall: PageCheck = {
  id: 'picture-too-small',
  title: 'Pictures that are smaller than they are drawn',
  severity: 'hint',
  reads: 'page',
  find: (view) => ofShelves(view, (shelf) => keep(shelf, view.bands, () => smallOn(shelf, view.bands))),
};
