import { nominalOf, type Band } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { bayKind } from '../bays/index.ts';
import { listed } from '../sentence/sentence.ts';
import { bayDrawn } from '../view/bayDrawn.ts';
import { isDrawnAt, riseOf } from '../view/bayHeight.ts';
import type { BayView, PageView } from '../view/view.ts';
import type { Found, PageCheck } from './check.ts';

/** Height of the picture under the texts of a bay that stand on it, at its foot, px; 0 where there is none. */
function pictureUnderTexts(bay: BayView, view: PageView, band: Band): number {
  const regionPx = nominalOf(view.bands, band).width;
  const on = bayKind(bay.content.holds).textsOnPicture;
  if (!on || regionPx < on.fromPx || on.belowPx?.(bay.content, view.bands, band.id)) return 0;
  const free = on
    .where(bay.content, bayDrawn(bay, view, regionPx))
    .map(({ area, heightPx }) => (1 - area.bottom) * heightPx);
  return free.length > 0 ? Math.min(...free) : 0;
}

interface Meeting {
  band: Band;
  /** Null where that is the heading of the page. */
  above: BayView | null;
  /** Of the content of the one behind, px; 0 or less where nothing of it is covered. */
  coveredPx: number;
  /** The content of the one in front stands on a picture, with no background between the two. */
  isOnPicture: boolean;
}

/** Whether something of the page itself stands above its first bay. */
const isHeaded = ({ trail, firstHeading, headed }: PageView): boolean =>
  trail.length > 0 || (firstHeading !== null && headed);

/** Where a bay meets what stands above it, at each band. */
function meetings(bay: BayView, view: PageView): Meeting[] {
  const { bands } = view;
  const before = view.bays.slice(0, view.bays.indexOf(bay)).filter(({ aside }) => aside === bay.aside);
  return bands.flatMap((band) => {
    const { id } = band;
    const rise = riseOf(bay, bands, id);
    const above = before.findLast((one) => isDrawnAt(one, id)) ?? null;
    if (rise === 0 || (!above && (bay.aside || !isHeaded(view)))) return [];
    const own = valueAt(bay.look.above, bands, id);
    const below = above ? valueAt(above.look.below, bands, id) : 0;
    if (bay.look.lies === 'under')
      return {
        band,
        above,
        coveredPx: rise - own - (above?.look.background ? 0 : below),
        isOnPicture: false,
      };
    const picture = above ? pictureUnderTexts(above, view, band) : 0;
    const meets = rise - below - (bay.look.background ? 0 : own);
    return {
      band,
      above,
      coveredPx: Math.ceil(meets - picture),
      isOnPicture: !bay.look.background && meets > 0 && meets <= picture,
    };
  });
}

function overlapOf(bay: BayView, view: PageView, nameOf: (above: BayView | null) => string): Found[] {
  const on = { page: view.pageId, bay: bay.id };
  const met = meetings(bay, view);
  const covered = met.filter(({ coveredPx }) => coveredPx > 0);
  const [most] = [...covered].sort((a, b) => b.coveredPx - a.coveredPx);
  if (most) {
    const { coveredPx, band, above } = most;
    const less = new Map(covered.map((one) => [one.band.id, one.coveredPx]));
    return [
      {
        at: { on: 'bay', ...on },
        text:
          bay.look.lies === 'over'
            ? `Covers ${coveredPx} px of ${nameOf(above)} on ${band.name}`
            : `${coveredPx} px of it are behind ${nameOf(above)} on ${band.name}`,
        fix: {
          words: 'Move it down by as much',
          command: {
            do: 'together',
            commands: view.bands.map(({ id }) => ({
              do: 'set',
              on,
              setting: 'look.rise',
              band: id,
              value: Math.max(0, valueAt(bay.look.rise, view.bands, id) - (less.get(id) ?? 0)),
            })),
          },
        },
        goTo: 'look',
      },
    ];
  }
  const onPicture = met.filter(({ isOnPicture }) => isOnPicture);
  if (onPicture.length === 0) return [];
  return [
    {
      at: { on: 'bay', ...on },
      text: `Stands on the picture of ${nameOf(onPicture[0]!.above)} without a background on ${listed(onPicture.map(({ band }) => band.name))}`,
      fix: {
        words: 'Give it the background of the page',
        command: { do: 'set', on, setting: 'look.background', value: view.colours.ground },
      },
      goTo: 'look',
    },
  ];
}

/** Bays that are moved up, and cover what is to be read. */
export const lyingOver: PageCheck = {
  id: 'lying-over',
  title: 'Bays that cover others',
  severity: 'weak',
  reads: 'page',
  find: (view, _, names) =>
    view.bays.flatMap((bay) =>
      overlapOf(bay, view, (above) =>
        above ? `"${names.bay(above.id) ?? above.heading.words}"` : 'the heading of the page',
      ),
    ),
};
