import type { Plan } from '../plan/plan.ts';
import { placesOf } from '../plan/places.ts';
import type { Assortment } from '../assortment/assortment.ts';
import { ofWords } from '../assortment/of.ts';
import type { Target } from '../plan/target.ts';
import type { Found, Place, PlanCheck } from './check.ts';

/** Where a shelf is mended: in the first bay that shows it. */
function placeOf(plan: Plan, shelf: string): Place {
  const [first] = placesOf(plan, shelf);
  return first ? { on: 'shelf', page: first.page.id, bay: first.bayId, shelf } : { on: 'store' };
}

/** The saved assortment that an assortment is topped up from, null where it was left open; undefined for one that is not. */
const toppedUpFrom = (assortment: Assortment): string | null | undefined =>
  assortment.of === 'products' && assortment.fallback?.then === 'topUp'
    ? assortment.fallback.from
    : undefined;

/** What is wrong with topping up an assortment from a saved one that is not there, or of something else. */
function topUpFault(plan: Plan, assortment: Assortment): string | null {
  const from = toppedUpFrom(assortment);
  if (from === undefined) return null;
  const saved = from === null ? undefined : plan.assortments[from]?.assortment;
  if (!saved) return 'The assortment that tops this one up is no longer there';
  return saved.of === assortment.of
    ? null
    : `It cannot be topped up from an assortment of ${ofWords[saved.of].many}`;
}

/** A saved assortment that is shown, or tops up, and is not there. */
export const assortmentGone: PlanCheck = {
  id: 'assortment-gone',
  title: 'A removed assortment',
  severity: 'wrong',
  reads: 'plan',
  find: (plan, _names, unread) => {
    const isUnread = (id: string | null | undefined) => unread.has(`assortment:${id}`);
    const unreadOne = (at: Place, what: string): Found[] => [
      { at, text: `${what} cannot be read; reset it first`, fix: null, goTo: null },
    ];
    const topUp = (assortment: Assortment, on: Target, at: Place): Found[] => {
      if (isUnread(toppedUpFrom(assortment))) return unreadOne(at, 'The assortment that tops this one up');
      const text = topUpFault(plan, assortment);
      if (text === null) return [];
      const command = { do: 'set', on, setting: 'assortment.fallback', value: undefined } as const;
      return [{ at, text, fix: { words: 'Show what there is', command }, goTo: 'shows' }];
    };
    return [
      ...Object.values(plan.shelves).flatMap((shelf): Found[] => {
        const on: Target = { shelf: shelf.id };
        const at = placeOf(plan, shelf.id);
        const { assortmentId: id } = shelf;
        if (id === null) return topUp(shelf.assortment, on, at);
        if (Object.hasOwn(plan.assortments, id)) return [];
        if (isUnread(id)) return unreadOne(at, `The assortment that "${shelf.name}" shows`);
        return [
          {
            at,
            text: `"${shelf.name}" shows an assortment that is no longer there`,
            fix: {
              words: 'Show its own',
              command: { do: 'set', on, setting: 'assortmentId', value: undefined },
            },
            goTo: 'shows',
          },
        ];
      }),
      ...Object.values(plan.assortments).flatMap(({ id, assortment }) =>
        topUp(assortment, { assortment: id }, { on: 'store' }),
      ),
    ];
  },
};
