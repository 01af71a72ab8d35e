import { useEffect, useMemo, useRef } from 'react';
import { isPicked } from '../../../core/assortment/picked.ts';
import { bandAt } from '../../../core/bands/bands.ts';
import { settingsDropped, withDropped } from '../../../core/card/dropped.ts';
import { isDraggable, pictureDragged } from '../../../core/card/pictureDragged.ts';
import { picturePart } from '../../../core/card/parts/picture.ts';
import { scopeOf } from '../../../core/css/written.ts';
import { stepAt } from '../../../core/geometry/steps.ts';
import type { Command } from '../../../core/plan/commands.ts';
import type { Plan } from '../../../core/plan/plan.ts';
import { bayName } from '../../../core/plan/places.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { subjectOf } from '../../../core/plan/target.ts';
import { same } from '../../../core/settings/same.ts';
import type { ShelfView } from '../../../core/view/view.ts';
import { withPin } from '../../assortments/byHand.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { useArranging } from '../arrangeContext.tsx';
import { gapWords } from '../elevation/gapWords.ts';
import { dragBays, type BayDropped } from './drags/dragBays.ts';
import { dragCards, type Dropped } from './drags/dragCards.ts';
import { dragHeight } from './drags/dragHeight.ts';
import { dragParts } from './drags/dragParts.ts';
import { settingPressed } from './pressed.ts';

/** What can be dragged in a frame, and the rules of style by which that is seen. */
export interface FrameDrags {
  css: string;
  /** Returns what ends it. */
  start(page: Document): () => void;
}

export interface NearFrame {
  /** Opens the setting that draws what was pressed. */
  openPressed(bayId: string, shelfId: string | undefined, target: Element): void;
  drags: FrameDrags;
}

/** The line of the spec that the parts of cards are on. */
const CARD_LINE = 'card';

/**
 * What can be done in a frame that was brought near.
 * @param widthPx of the page in it
 */
export function useNearFrame(pageId: string, shelves: readonly ShelfView[], widthPx: number): NearFrame {
  const { draft } = useStudio();
  const { openLine, open, shelfId } = useArranging();
  const plan = useDraft((state) => state.plan);
  const { bands, pictureSizes } = plan.house;
  const bandId = bandAt(bands, widthPx).id;
  const openPressed = (bayId: string, shelf: string | undefined, target: Element) => {
    const stored = draft.getState().draft;
    const settings = [
      ...(shelf === undefined ? [] : (subjectOf(stored, { shelf })?.settings ?? [])),
      ...(subjectOf(stored, { page: pageId, bay: bayId })?.settings ?? []),
    ];
    const setting = settingPressed(target, settings, open?.line);
    if (setting) openLine(setting.line, setting.id);
  };

  // While the card is being made its parts are dragged, else the cards whose order is somebody's own.
  const ofCard = open?.line === CARD_LINE ? (shelves.find(({ id }) => id === shelfId)?.id ?? null) : null;
  const byHand = shelves.flatMap(({ id }) => {
    const shelf = plan.shelves[id];
    const assortment = shelf && assortmentOf(plan, shelf);
    return ofCard === null && assortment?.of === 'products' && isPicked(assortment) ? [id] : [];
  });
  const own = ofCard === null ? undefined : plan.shelves[ofCard]?.card.parts.picture;
  const shape = shelves.find(({ id }) => id === ofCard)?.steps;
  // A layout may give pictures a shape of its own.
  const resizes =
    own !== undefined &&
    shape !== undefined &&
    isDraggable(own) &&
    same(stepAt(shape, widthPx).picture, picturePart.shape!(own, pictureSizes, bands, bandId));
  const cards = byHand.join(' ');
  const bays = (plan.pages[pageId]?.bays ?? []).map(({ id }) => id).join(' ');
  const opens = useRef(openLine);
  useEffect(() => {
    opens.current = openLine;
  });
  const drags = useMemo((): FrameDrags => {
    const now = () => draft.getState().plan;
    const shelvesByHand = cards.split(' ').filter(Boolean);
    if (ofCard === null) {
      const restOf = (dropped: BayDropped) =>
        (now().pages[pageId]?.bays ?? []).filter(({ id }) => id !== dropped.bay);
      return {
        css:
          shelvesByHand.map((id) => `${scopeOf('shelf', id)} .card{cursor:grab;user-select:none}`).join('') +
          '.main .bay-heading{cursor:grab;user-select:none}',
        start(page) {
          const ends = [
            dragCards(page, shelvesByHand, (dropped) => {
              const pinned = pinnedWith(now(), dropped);
              if (pinned) draft.run(pinned);
            }),
            dragBays(
              page,
              bays.split(' '),
              (dropped) => {
                const rest = restOf(dropped);
                return gapWords(
                  rest.map((bay) => bayName(bay, now())),
                  placeOf(rest, dropped),
                );
              },
              (dropped) =>
                draft.run({
                  do: 'moveBay',
                  page: pageId,
                  bay: dropped.bay,
                  to: placeOf(restOf(dropped), dropped),
                }),
            ),
          ];
          return () => ends.forEach((end) => end());
        },
      };
    }
    const on = { shelf: ofCard };
    const scope = scopeOf('shelf', ofCard);
    const parts = (page: Document) =>
      dragParts(page, ofCard, ({ part, drop }) => {
        const { card } = now().shelves[ofCard]!;
        const next = withDropped(card, part, drop, now().house.bands, bandId);
        const changed = settingsDropped(card, next);
        if (changed.length === 0) return;
        draft.run({
          do: 'together',
          commands: changed.map(([setting, value]) => ({ do: 'set', on, setting, value })),
        });
        opens.current(CARD_LINE, `card.parts.${part}.zone`);
      });
    const height = (page: Document) =>
      dragHeight(
        page,
        ofCard,
        (picture, movement) => {
          const current = now().shelves[ofCard]!.card.parts.picture;
          const set = pictureDragged(current, picture, now().house.bands, bandId);
          if (!set) return '';
          draft.run({ do: 'set', on, setting: set.setting, value: set.value }, movement);
          return set.words;
        },
        (movement) => {
          if (draft.getState().lastStep?.name === movement) draft.undo();
        },
      );
    return {
      css: `${scope} .card{user-select:none}${scope} .card [class*="part-"]:not(.part-picture){cursor:grab}`,
      start(page) {
        const ends = [parts(page), ...(resizes ? [height(page)] : [])];
        return () => ends.forEach((end) => end());
      },
    };
  }, [cards, bays, pageId, ofCard, bandId, resizes, draft]);
  return { openPressed, drags };
}

/** The place of a dropped bay among the others of its page. */
const placeOf = (rest: readonly { id: string }[], { by, side }: BayDropped): number =>
  rest.findIndex(({ id }) => id === by) + (side === 'after' ? 1 : 0);

/** The change by which a product is pinned at the place that it was dropped onto. */
function pinnedWith(plan: Plan, { shelf: id, item, place }: Dropped): Command | null {
  const shelf = plan.shelves[id];
  const assortment = shelf && assortmentOf(plan, shelf);
  if (assortment?.of !== 'products') return null;
  return {
    do: 'set',
    on: shelf!.assortmentId === null ? { shelf: id } : { assortment: shelf!.assortmentId },
    setting: 'assortment.byHand',
    value: withPin(assortment.byHand, item, place + 1),
  };
}
