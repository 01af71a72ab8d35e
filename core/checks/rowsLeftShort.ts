import { isPicked } from '../assortment/picked.ts';
import { isUsed, layoutKind } from '../layouts/index.ts';
import { fullCounts } from '../geometry/fullCounts.ts';
import type { Command } from '../plan/commands.ts';
import { assortmentOf } from '../plan/showing.ts';
import { listed } from '../sentence/sentence.ts';
import type { Shelf } from '../plan/shelf.ts';
import type { Plan } from '../plan/plan.ts';
import type { PageView, ShelfView } from '../view/view.ts';
import { shelvesIn } from '../view/shelvesIn.ts';
import { ofShelves, type Fix, type PageCheck } from './check.ts';

/** Steps whose last row is not full though there is more than one row; the very last page may end as it does. */
export function shortSteps(shelf: ShelfView): ShelfView['steps'] {
  return shelf.steps.filter((step) => {
    const lastOfPages = shelf.pagers.length > 0 && step.shows.end === shelf.total;
    return step.rows.rows > 1 && !step.rows.full && !lastOfPages;
  });
}

const words = ['no', 'one', 'two', 'three', 'four', 'five', 'six'];
const inWords = (count: number) => words[count] ?? String(count);

/**
 * How many more products a shelf may show without taking from one below it that leaves out what stands above;
 * negative where one below has too few as it is, so that any change here would be seen there.
 */
export function spareBelow(page: PageView, bayId: string, plan: Plan): number {
  const at = page.bays.findIndex((bay) => bay.id === bayId);
  const below = page.bays.slice(at + 1).flatMap((bay) => [...shelvesIn(bay)]);
  const spare = below.map(({ id, total, steps }) =>
    plan.shelves[id]?.notTwice ? total - Math.max(...steps.map((step) => step.size)) : Infinity,
  );
  return Math.min(Infinity, ...spare);
}

/** The number nearest to `near`, from `least` to `most`, of which every step makes full rows; null where none is near. */
function nearestFull({ steps }: ShelfView, near: number, least: number, most: number): number | null {
  const fills = (count: number) =>
    count >= least &&
    count <= most &&
    steps.every((step) => layoutKind(step.layout).rows(count, step.across).full);
  for (let apart = 0; apart <= near; apart += 1)
    for (const count of [near + apart, near - apart]) if (fills(count)) return count;
  return null;
}

/** The most that a shelf can show, and may. */
const mostOf = (view: ShelfView, spare: number) => Math.min(view.total, view.cards.length + spare);
const inRowsOf = (view: ShelfView) => view.steps.filter((step) => layoutKind(step.layout).inRows);
const isPlain = (view: ShelfView) =>
  view.steps.every((step) => layoutKind(step.layout).inRows || step.rows.full);

/**
 * The number of items nearest to what is asked for that fills every row at every width; null where none does.
 * @param picked by hand, so that no smaller number is offered
 * @param spare how many more it may show (see spareBelow)
 */
export function fullCount(view: ShelfView, picked: boolean, spare = Infinity): number | null {
  const near = Math.max(...view.steps.map((step) => step.size));
  const least = picked ? Math.min(near, view.total) : 1;
  const most = mostOf(view, spare);
  if (!isPlain(view)) return nearestFull(view, near, least, most);
  const acrosses = inRowsOf(view).map((step) => step.across);
  return fullCounts(acrosses, near).offers.find((count) => count >= least && count <= most) ?? null;
}

/** The columns nearest to what there are, at least two, that divide what is shown where a row is short. */
function columnsFix(view: ShelfView, shelf: Shelf): Fix | null {
  if (shelf.columns.by !== 'count') return null;
  const on = { shelf: shelf.id };
  const chosen = new Map<string, number>();
  for (const { bandId, across, layout, shows } of shortSteps(view)) {
    const count = shows.end - shows.start;
    const fitting = [across - 1, across + 1, across - 2, across + 2].find(
      (columns) => columns >= 2 && count % columns === 0,
    );
    if (fitting === undefined || !isUsed('columns.count', [layout])) return null;
    chosen.set(bandId, fitting);
  }
  const numbers = [...new Set(chosen.values())].sort((a, b) => a - b);
  return {
    words: `Use ${listed(numbers.map(String))} columns`,
    command: {
      do: 'together',
      commands: [...chosen].map(([band, value]): Command => ({
        do: 'set',
        on,
        setting: 'columns.count',
        band,
        value,
      })),
    },
  };
}

/**
 * The number, or the rows, that would fill every row; null where none does with what there is. Of what was picked by
 * hand nothing is left off: its rows are filled by another number of columns.
 * @param spare how many more it may show (see spareBelow)
 */
export function fullRowsFix(view: ShelfView, shelf: Shelf, plan: Plan, spare = Infinity): Fix | null {
  if (spare < 0) return null;
  const picked = isPicked(assortmentOf(plan, shelf));
  const on = { shelf: shelf.id };
  const acrosses = inRowsOf(view).map((step) => step.across);
  const inItems = shelf.amount.by === 'items' || acrosses.length === 0;
  const count = inItems ? fullCount(view, picked, spare) : null;
  if (count !== null)
    return {
      words: `Show ${count}`,
      // One number for every width: what other widths set for themselves is let go.
      command: { do: 'set', on, setting: 'amount.items', value: { [view.steps[0]!.bandId]: count } },
    };
  if (picked) return columnsFix(view, shelf);
  if (inItems && isPlain(view)) {
    const { rowsInstead } = fullCounts(acrosses, Math.max(...view.steps.map((step) => step.size)));
    // Rows are set by band; within one the count across may grow, so the fewest rows of its steps hold.
    const rows: Record<string, number> = {};
    view.steps.forEach((step) => {
      const here =
        rowsInstead?.[acrosses.indexOf(step.across)] ??
        Math.max(1, Math.floor(Math.min(step.size, view.total) / step.across));
      rows[step.bandId] = Math.min(rows[step.bandId] ?? here, here);
    });
    if (view.steps.every((step) => rows[step.bandId]! * step.across <= mostOf(view, spare))) {
      const commands: Command[] = [
        { do: 'set', on, setting: 'amount.rows', value: rows },
        { do: 'set', on, setting: 'amount.by', value: 'rows' },
      ];
      return { words: 'Show full rows at each width', command: { do: 'together', commands } };
    }
  }
  if (shelf.paging.by !== 'none') return null;
  const bands = [...new Set(shortSteps(view).map((step) => step.bandId))];
  const commands = bands.map((band): Command => ({ do: 'set', on, setting: 'lastRow', band, value: 'drop' }));
  return { words: 'Leave off the short row', command: { do: 'together', commands } };
}

export const rowsLeftShort: PageCheck = {
  id: 'rows-left-short',
  title: 'Rows left short',
  severity: 'weak',
  reads: 'page',
  find: (view, plan) =>
    ofShelves(view, (drawn, bay) => {
      const shelf = plan.shelves[drawn.id];
      const short = shortSteps(drawn);
      if (!shelf || short.length === 0) return null;
      const bands = [...new Set(short.map((step) => step.bandId))];
      const names = bands.map((band) => view.bands.find((one) => one.id === band)!.name);
      const where = bands.length === 1 ? `on ${names[0]}` : `at ${inWords(bands.length)} widths`;
      return {
        text: `Last row short ${where}`,
        fix: fullRowsFix(drawn, shelf, plan, spareBelow(view, bay.id, plan)),
        goTo: 'columns',
      };
    }),
};
