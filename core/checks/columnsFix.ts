import { bandById, type Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { innerWidth } from '../geometry/steps.ts';
import { isUsed, layoutKind } from '../layouts/index.ts';
import type { Shelf } from '../plan/shelf.ts';
import { counted } from '../sentence/sentence.ts';
import { lookedAtPx } from '../view/clipped.ts';
import type { ShelfView, StepView } from '../view/view.ts';
import type { Fix } from './check.ts';

/** Whether something is wrong at a step where cards are `cardPx` wide. */
type IsWrong = (step: StepView, cardPx: number) => boolean;

const isShort = ({ rows, full }: StepView['rows']) => rows > 1 && !full;

/** The most columns at which nothing is wrong and no row becomes short; null where there are none. */
function fewerColumns(
  drawn: ShelfView,
  shelf: Shelf,
  step: StepView,
  bands: Bands,
  isWrong: IsWrong,
): number | null {
  const innerPx = innerWidth(drawn.room, bands, step.bandId, lookedAtPx(step, bands));
  const { cardPx, rows } = layoutKind(step.layout);
  const shown = step.shows.end - step.shows.start;
  for (let across = step.across - 1; across >= 1; across -= 1) {
    const short = shelf.amount.by === 'items' && !isShort(step.rows) && isShort(rows(shown, across));
    if (!short && !isWrong(step, cardPx({ ...step, across }, innerPx))) return across;
  }
  return null;
}

/** Fewer columns at the widths at which something is wrong that more room rights; the others keep theirs. */
export function columnsFix(
  drawn: ShelfView,
  shelf: Shelf,
  wrong: ReadonlySet<StepView>,
  bands: Bands,
  isWrong: IsWrong,
): Fix | null {
  if (shelf.columns.by !== 'count') return null;
  const value: Record<string, number> = {};
  const changed: string[] = [];
  for (const step of drawn.steps) {
    const mends = wrong.has(step);
    if (mends && !isUsed('columns.count', [step.layout])) return null;
    const across = mends
      ? fewerColumns(drawn, shelf, step, bands, isWrong)
      : valueAt(shelf.columns.count, bands, step.bandId);
    if (across === null) return null;
    value[step.bandId] = across;
    if (mends) changed.push(step.bandId);
  }
  const [first] = changed;
  return {
    words:
      changed.length === 1
        ? `Use ${counted(value[first!]!, 'column')} on ${bandById(bands, first!)!.name}`
        : 'Use fewer columns',
    command: { do: 'set', on: { shelf: shelf.id }, setting: 'columns.count', value },
  };
}
