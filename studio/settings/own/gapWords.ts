import type { Bands } from '../../../core/bands/bands.ts';
import { shortSteps } from '../../../core/checks/rowsLeftShort.ts';
import { fullCounts } from '../../../core/geometry/fullCounts.ts';
import { layoutKind } from '../../../core/layouts/index.ts';
import type { Shelf } from '../../../core/plan/shelf.ts';
import { listed } from '../../../core/sentence/sentence.ts';
import type { ShelfView } from '../../../core/view/view.ts';

/**
 * What leaves a row short, and what would fill every row. Where fewer match than are asked for it is what there is that
 * leaves it, and asking for another number would change nothing.
 * @param picked by hand, so that no smaller number is offered
 */
export function gapWords(view: ShelfView, shelf: Shelf, bands: Bands, picked: boolean): string {
  const inRows = view.steps.filter((step) => layoutKind(step.layout).inRows);
  const names = listed([
    ...new Set(shortSteps(view).map((step) => bands.find((band) => band.id === step.bandId)!.name)),
  ]);
  const asked = Math.max(...view.steps.map((step) => step.size));
  if ((shelf.amount.by === 'rows' && inRows.length > 0) || asked > view.total)
    return `There are ${view.total}, which leaves the last row short on ${names}.`;
  const gap = `${asked} leaves a gap on ${names}.`;
  if (inRows.length === 0) return gap;
  const acrosses = inRows.map((step) => step.across);
  const offer = fullCounts(acrosses, asked).offers.find(
    (count) => count >= (picked ? asked : 1) && count <= view.total,
  );
  if (!offer && picked) return gap;
  return offer
    ? `${gap} ${offer} fills every row at ${listed([...new Set(acrosses)].sort((a, b) => a - b).map(String))} columns.`
    : `${gap} Rows counted at each width are always full.`;
}
