import { bandById, nominalOf } from '../bands/bands.ts';
import { bayKind } from '../bays/index.ts';
import { isDrawnAt } from '../view/bayHeight.ts';
import { heightOfPicture, picturePxOf } from '../view/onPicture.ts';
import { cardPxIn, lookedAtPx } from '../view/clipped.ts';
import type { Bands } from '../bands/bands.ts';
import { keptForShelf } from '../view/keptForShelf.ts';
import type { BayView, PageView, ShelfView } from '../view/view.ts';
import { ofShelves, type Found, type FoundOnShelf, type PageCheck } from './check.ts';
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

/** The picture of a bay that is drawn so much larger than it is, at the screen of a band where that is most. */
function smallIn(bay: BayView, { pageId, bands }: PageView): Found[] {
  const kind = bayKind(bay.content.holds);
  const drawn = bands
    .filter(({ id }) => isDrawnAt(bay, id))
    .flatMap((band) =>
      (kind.drawnPictures?.(bay.content, bands, band.id, nominalOf(bands, band).width) ?? []).map((one) => {
        const scales = [one.widthPx / one.picture.width, (one.heightPx ?? 0) / one.picture.height];
        return { ...one, band, enlarged: Math.max(...scales) };
      }),
    )
    .sort((a, b) => b.enlarged - a.enlarged);
  const [worst] = drawn;
  if (!worst || worst.enlarged <= ENLARGED) return [];
  const { picture, enlarged, band } = worst;
  return [
    {
      at: { on: 'bay', page: pageId, bay: bay.id },
      text: `Its picture is smaller than it is drawn on ${band.name}: it is ${picture.width} px wide, drawn ${Math.round(picture.width * enlarged)}`,
      fix: null,
      goTo: 'picture',
    },
  ];
}

/** Pictures that are drawn larger than they are, and so are not sharp. */
export const pictureTooSmall: PageCheck = {
  id: 'picture-too-small',
  title: 'Pictures that are smaller than they are drawn',
  severity: 'hint',
  reads: 'page',
  find: (view) => [
    ...view.bays.flatMap((bay) => smallIn(bay, view)),
    ...ofShelves(view, (shelf) => keep(shelf, view.bands, () => smallOn(shelf, view.bands))),
  ],
};
