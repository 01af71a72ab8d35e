import { isPicked } from '../../../core/assortment/picked.ts';
import { fullCount, shortSteps } from '../../../core/checks/rowsLeftShort.ts';
import { layoutKind } from '../../../core/layouts/index.ts';
import type { Plan } from '../../../core/plan/plan.ts';
import type { Shelf } from '../../../core/plan/shelf.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { listed } from '../../../core/sentence/sentence.ts';
import type { ShelfView } from '../../../core/view/view.ts';

/**
 * What leaves a row short, and what would fill every row. Where fewer match than are asked for it is what there is that
 * leaves it, and asking for another number would change nothing.
 * @param spare how many more it may show (see spareBelow)
 */
export function gapWords(view: ShelfView, shelf: Shelf, plan: Plan, spare: number): string {
  const { bands } = plan.house;
  const inRows = view.steps.filter((step) => layoutKind(step.layout).inRows);
  const names = listed([
    ...new Set(shortSteps(view).map((step) => bands.find((band) => band.id === step.bandId)!.name)),
  ]);
  const asked = Math.max(...view.steps.map((step) => step.size));
  if ((shelf.amount.by === 'rows' && inRows.length > 0) || asked > view.total)
    return `There are ${view.total}, which leaves the last row short on ${names}.`;
  const gap = `${asked} leaves a gap on ${names}.`;
  if (inRows.length === 0) return gap;
  const picked = isPicked(assortmentOf(plan, shelf));
  const offer = fullCount(view, picked, spare);
  if (offer !== null) {
    const acrosses = [...new Set(inRows.map((step) => step.across))].sort((a, b) => a - b);
    return `${gap} ${offer} fills every row at ${listed(acrosses.map(String))} columns.`;
  }
  return picked ? gap : `${gap} Rows counted at each width are always full.`;
}
