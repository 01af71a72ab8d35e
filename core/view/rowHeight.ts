import type { Card } from '../card/card.ts';
import { partKind } from '../card/parts/index.ts';
import { ofPart } from '../card/shown.ts';
import { linesOf, widthOf } from '../card/text.ts';
import { columnWidths, widthAt } from '../table/columnFit.ts';
import { TITLE_COLUMN, type TableColumn } from '../table/tableColumn.ts';
import { CAPTION_TEXT, HEAD_TEXT, SORTED_PX, TABLE_PX, UNDER_TEXT } from '../table/tablePx.ts';
import type { TableOwn } from '../table/tableSettings.ts';
import { movesUnder, saysUnder } from '../table/tableStep.ts';
import { sizeIn, viewOf, widthOfPart } from './partViews.ts';
import type { TableView } from './tableView.ts';
import type { CardView, StepView } from './view.ts';

const ownOf = (step: StepView) => step.own as unknown as TableOwn;

/** Widths of the columns that a step has, px, of a table of so many px. */
const widthsOf = ({ table }: StepView, tablePx: number): number[] =>
  columnWidths(table!.stay, table!.isNarrow).map((one) => widthAt(one, tablePx));

/** Height of what stands side by side on as many lines as it takes, px; each with its width and its height. */
function flowHeight(
  all: readonly (readonly [px: number, heightPx: number])[],
  apartPx: number,
  innerPx: number,
): number {
  let [heightPx, linePx, at] = [0, 0, 0];
  for (const [px, high] of all) {
    if (at > 0 && at + apartPx + px > innerPx) {
      heightPx += linePx;
      [linePx, at] = [0, 0];
    }
    linePx = Math.max(linePx, high);
    at += (at > 0 ? apartPx : 0) + Math.min(px, innerPx);
  }
  return heightPx + linePx;
}

/** Height of what a row has in one column, px. */
function cellHeight(card: CardView, settings: Card, step: StepView, id: string, innerPx: number): number {
  const kind = partKind(id)!;
  const view = viewOf(card, id);
  const size = sizeIn(step, kind);
  if (kind.isPicture) return ownOf(step).picture;
  // A dash stands for what an item has nothing of.
  if (!view) return UNDER_TEXT.linePx;
  // The whole of a title stands in a table, on as many lines as it takes.
  if (id === TITLE_COLUMN)
    return (ownOf(step).oneLine ? 1 : linesOf(kind.words!(view), size, innerPx)) * size.linePx;
  if (ownOf(step).oneLine && kind.words && !kind.takesPresses) return size.linePx;
  return kind.heightPx(view, ofPart(settings, id)!, innerPx, step.picture, size);
}

/** What of a row stands under its title, with widths and heights, px. */
function underTitle(
  card: CardView,
  settings: Card,
  step: StepView,
  heads: TableView,
  innerPx: number,
): (readonly [number, number])[] {
  return step.table!.left.filter(saysUnder).flatMap(({ id }) => {
    const kind = partKind(id)!;
    const view = viewOf(card, id);
    if (!view) return [];
    const head = heads.heads.find((one) => one.id === id)!;
    const namePx = heads.names ? widthOf(head.words, UNDER_TEXT) + TABLE_PX.name : 0;
    const size = sizeIn(step, kind);
    const px = namePx + widthOfPart(kind, view, size);
    const heightAt = (widthPx: number) =>
      kind.heightPx(view, ofPart(settings, id)!, widthPx, step.picture, size);
    const nameLinePx = heads.names ? UNDER_TEXT.linePx : 0;
    // A value that has no room beside its name stands under it.
    return [
      [
        px,
        px > innerPx ? nameLinePx + heightAt(innerPx) : Math.max(nameLinePx, heightAt(px - namePx)),
      ] as const,
    ];
  });
}

/** Estimated height of a row, px, of a table of so many px. */
export function rowHeight(
  card: CardView,
  settings: Card,
  step: StepView,
  view: TableView,
  tablePx: number,
): number {
  const { density, lines } = ownOf(step);
  const { stay, left } = step.table!;
  const widths = widthsOf(step, tablePx);
  const across = 2 * TABLE_PX.across[density];
  const innerOf = (i: number) =>
    widths[i]! - 2 * TABLE_PX.ends - (lines === 'all' && i > 0 ? TABLE_PX.line : 0);
  const cells = stay.map(({ id }, i) => {
    const own = cellHeight(card, settings, step, id, innerOf(i));
    if (id !== TITLE_COLUMN) return own;
    const under = underTitle(card, settings, step, view, innerOf(i));
    return under.length > 0 ? own + TABLE_PX.under + flowHeight(under, TABLE_PX.between, innerOf(i)) : own;
  });
  const title = stay.findIndex(({ id }) => id === TITLE_COLUMN);
  const beforePx = widths.slice(0, title).reduce((sum, px) => sum + px, TABLE_PX.ends);
  const moved = left.filter(movesUnder).flatMap(({ id }: TableColumn): [number, number][] => {
    const kind = partKind(id)!;
    const one = viewOf(card, id);
    const px = one ? widthOfPart(kind, one, sizeIn(step, kind)) : 0;
    return one ? [[px + 8, cellHeight(card, settings, step, id, px) + TABLE_PX.across[density]]] : [];
  });
  return (
    Math.max(...cells) +
    across +
    flowHeight(moved.length > 0 ? [[beforePx, 0], ...moved] : [], 0, tablePx) +
    (lines === 'none' ? 0 : TABLE_PX.line)
  );
}

const barPx = (ways: readonly unknown[]) => (ways.length > 0 ? TABLE_PX.bar + TABLE_PX.barGap : 0);

/** Height of what stands above the rows of a table, px: a bar, its caption, and the headings. */
export function aboveRows(
  step: StepView,
  { above, caption, captioned, heads }: TableView,
  tablePx: number,
): number {
  const { stay } = step.table!;
  const widths = widthsOf(step, tablePx);
  const headings = stay.map(({ id }, i) => {
    const head = heads.find((one) => one.id === id)!;
    if (head.aloud) return 0;
    const innerPx = widths[i]! - 2 * TABLE_PX.ends - (head.sort ? SORTED_PX : 0);
    return linesOf(head.words, HEAD_TEXT, innerPx) * HEAD_TEXT.linePx;
  });
  return (
    barPx(above) +
    (caption && captioned === 'shown'
      ? linesOf(caption, CAPTION_TEXT, tablePx) * CAPTION_TEXT.linePx + TABLE_PX.caption
      : 0) +
    Math.max(...headings) +
    2 * TABLE_PX.across.normal
  );
}

/** The same of what stands below them. */
export const belowRows = ({ below }: TableView): number => barPx(below);
