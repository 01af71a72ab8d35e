import type { Bands } from '../bands/bands.ts';
import { bayKind } from '../bays/index.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import type { Placing } from '../card/placing.ts';
import { layoutKind } from '../layouts/index.ts';
import { fillCrop } from '../picture/crop.ts';
import type { Area, Held } from '../picture/patches.ts';
import { resolve } from '../style/resolve.ts';
import { facesHeld } from '../text/faces.ts';
import { bayDrawn } from './bayDrawn.ts';
import { keptFor } from './keptFor.ts';
import { keptForShelf } from './keptForShelf.ts';
import { cardPxIn, lookedAtPx } from './clipped.ts';
import { heightOfPicture, picturePxOf } from './onPicture.ts';
import { shelvesOn } from './shelvesIn.ts';
import { shownIn } from './shownIn.ts';
import { textsOver } from './textsOver.ts';
import type { BayView, PageView, ShelfView, StepView } from './view.ts';

/** A picture, as it is held where text is over it. */
export interface UnderText {
  picture: PictureFacts;
  held: Held;
  /** Part of its frame that text is on. */
  area: Area;
  /** It is seen only while its card is pointed at. */
  onHover: boolean;
  /** Bands at which it is held so. */
  bandIds: readonly string[];
}

const keyOf = ({ picture, held, area, onHover }: UnderText): string =>
  [picture.file, ...Object.values(held), ...Object.values(area), onHover].join();

/** Each as often as it is held otherwise. */
function once(all: readonly UnderText[]): UnderText[] {
  const found = new Map<string, UnderText>();
  for (const one of all) {
    const key = keyOf(one);
    const before = found.get(key)?.bandIds ?? [];
    found.set(key, { ...one, bandIds: [...new Set([...before, ...one.bandIds])] });
  }
  return [...found.values()];
}

/** The part of a picture that texts reach over. */
function areaOf({ side, reach }: Placing, isRtl: boolean): Area {
  const share = reach / 100;
  const all = { left: 0, right: 1, top: 0, bottom: 1 };
  if (side === 'above') return { ...all, bottom: share };
  if (side === 'under') return { ...all, top: 1 - share };
  return (side === 'after') === isRtl ? { ...all, right: share } : { ...all, left: 1 - share };
}

function heldAt(step: StepView, cardPx: number, fit: 'fill' | 'whole', picture: PictureFacts): Held {
  const own = picture.width / picture.height;
  const heightPx = heightOfPicture(step, cardPx);
  const frame = heightPx === null ? own : picturePxOf(step, cardPx) / heightPx;
  if (fit === 'whole') return { frame, fit: 'contain', x: 50, y: 50 };
  // The style sheet holds pictures of a height in px as those that are as wide as high.
  const { x, y } = fillCrop(step.picture.by === 'ratio' ? step.picture.ratio : 1, own, picture.focal);
  return { frame, fit: 'cover', x, y };
}

/** The steps of a shelf at which texts are over its pictures; where a picture is the whole card it has a dark veil of its own. */
const stepsUnderText = ({ steps }: ShelfView): StepView[] =>
  steps.filter((step) => textsOver(step) && layoutKind(step.layout).card !== 'ground');

// The check asks, and whoever fetches what the pictures look like before it.
const keptOfShelf = keptForShelf<readonly UnderText[]>();
const keptOfBay = keptFor<BayView, readonly UnderText[]>();

/** Pictures of a shelf that its texts are over, each as it is held at one width or another. */
export const shelfUnderText = (shelf: ShelfView, bands: Bands): readonly UnderText[] =>
  keptOfShelf(shelf, bands, () => madeOfShelf(shelf, bands), shelf.direction);

function madeOfShelf(shelf: ShelfView, bands: Bands): readonly UnderText[] {
  return once(
    stepsUnderText(shelf).flatMap((step) => {
      const cardPx = cardPxIn(shelf, step, bands, lookedAtPx(step, bands));
      const area = areaOf(step.placing, shelf.direction === 'rtl');
      return shownIn(shelf, step).flatMap(({ parts }) =>
        parts.flatMap((part): UnderText[] => {
          if (!('framed' in part)) return [];
          const { picture, second, more, fit } = part;
          const shown = (one: PictureFacts | null, onHover: boolean): UnderText[] =>
            one
              ? [
                  {
                    picture: one,
                    held: heldAt(step, cardPx, fit, one),
                    area,
                    onHover,
                    bandIds: [step.bandId],
                  },
                ]
              : [];
          return [
            ...shown(picture, false),
            ...more.flatMap((one) => shown(one, false)),
            ...shown(second, true),
          ];
        }),
      );
    }),
  );
}

/** The widest page that is looked at, px. */
const WIDEST_PX = 1920;

/** Pictures of a bay that its own texts are on, as they are held at the narrowest and the widest of each band. */
export const bayUnderText = (bay: BayView, view: PageView): readonly UnderText[] =>
  keptOfBay(bay, [view.bands, view.contentPx, view.direction, view.style, facesHeld()], () =>
    madeOfBay(bay, view),
  );

function madeOfBay(bay: BayView, view: PageView): readonly UnderText[] {
  const { bands } = view;
  const { textsOnPicture: on } = bayKind(bay.content.holds);
  if (!on) return [];
  const widths = bands.flatMap(({ from }, i) => [from, (bands[i + 1]?.from ?? WIDEST_PX + 1) - 1]);
  return once(
    [on.fromPx, ...widths.filter((px) => px > on.fromPx && px <= WIDEST_PX)].flatMap((regionPx) => {
      const drawn = bayDrawn(bay, view, regionPx);
      const { levels, bandId, ownPx } = drawn;
      const at = (property: 'fit' | 'positionAcross' | 'positionDown') =>
        resolve(levels, on.picture, property, 'rest', bands, bandId).value;
      return on.where(bay.content, drawn).flatMap(({ picture, heightPx, area }): UnderText[] => {
        if (!picture) return [];
        const held: Held = {
          frame: ownPx / heightPx,
          fit: (at('fit') as Held['fit'] | undefined) ?? 'cover',
          x: (at('positionAcross') as number | undefined) ?? Math.round(100 * picture.focal.x),
          y: (at('positionDown') as number | undefined) ?? Math.round(100 * picture.focal.y),
        };
        return [{ picture, held, area, onHover: false, bandIds: [bandId] }];
      });
    }),
  );
}

/** Ids of the stored files of a page that text is over. */
export const filesUnderText = (view: PageView): string[] => [
  ...new Set(
    [
      ...view.bays.flatMap((bay) => bayUnderText(bay, view)),
      ...shelvesOn(view).flatMap(({ shelf }) => shelfUnderText(shelf, view.bands)),
    ].map(({ picture }) => picture.file),
  ),
];
