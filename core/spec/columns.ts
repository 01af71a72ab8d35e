import { valueAt, type Varying } from '../bands/varying.ts';
import { isUsed, layoutKind, layoutsOf, type LayoutId } from '../layouts/index.ts';
import type { Shelf } from '../plan/shelf.ts';
import { capital, counted, type Names, type Piece } from '../sentence/sentence.ts';
import { opens } from './content.ts';
import { ofShelf, type Line } from './line.ts';
import { sayVarying } from './sayVarying.ts';

/** Says a value at the bands at which the shelf has the layout. */
const sayWhere =
  (shelf: Shelf, layout: LayoutId, names: Names) =>
  <T>(varying: Varying<T>, say: (value: T) => string): string =>
    sayVarying(varying, names, say, {
      among: names.bands.filter((band) => valueAt(shelf.layout, names.bands, band.id) === layout),
    });

function sayColumns(shelf: Shelf, layout: LayoutId, names: Names): Piece {
  const sayAt = sayWhere(shelf, layout, names);
  const own = layoutKind(layout).sayColumns;
  if (own) return own(shelf, sayAt);
  return shelf.columns.by === 'count'
    ? opens(`${sayAt(shelf.columns.count, (count) => counted(count, 'column'))}`, 'columns.count')
    : opens(
        `as many as fit, each at least ${sayAt(shelf.columns.smallest, (px) => `${px} px`)}`,
        'columns.smallest',
      );
}

export const columnsLine: Line = {
  id: 'columns',
  name: 'Columns',
  say: ofShelf((shelf, { names }) => {
    const layouts = layoutsOf(shelf.layout, names.bands);
    // Layouts that go by the number of columns say it once.
    const inColumns = layouts.filter((id) => !layoutKind(id).sayColumns);
    const saying = [...layouts.filter((id) => !inColumns.includes(id)), ...inColumns.slice(0, 1)];
    const pieces = saying.flatMap((id, i): Piece[] => [
      ...(i > 0 ? ['; '] : []),
      sayColumns(shelf, id, names),
    ]);
    const { column, row } = shelf.gap;
    const px = (value: number) => `${value} px`;
    const gaps = sayVarying(column, names, px);
    if (isUsed('gap.column', layouts)) pieces.push('; ', opens(`gaps of ${gaps}`, 'gap.column'));
    if (isUsed('gap.row', layouts))
      pieces.push(
        isUsed('gap.column', layouts) ? ' and ' : '; ',
        opens(`${sayVarying(row, names, px)} between rows`, 'gap.row'),
      );
    const first = pieces[0]!;
    pieces[0] = typeof first === 'string' ? capital(first) : { ...first, text: capital(first.text) };
    return pieces;
  }),
};
