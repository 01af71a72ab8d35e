import { valueAt } from '../bands/varying.ts';
import { isUsed, layoutKind, layoutsOf, type LayoutId } from '../layouts/index.ts';
import type { Shelf } from '../plan/shelf.ts';
import { counted, numeral, type Names, type Piece, type Sentence } from '../sentence/sentence.ts';
import { opens } from './content.ts';
import { ofShelf, type Line } from './line.ts';
import { sayVarying } from './sayVarying.ts';

const pagingWords: Record<Shelf['paging']['by'], string> = {
  none: 'the rest not shown',
  numbered: 'in numbered pages',
  more: 'with a button for more',
  onReach: 'more on reaching the end',
};

const markerWords: Record<string, string> = { dots: 'with dots', bar: 'with a bar', count: 'with a count' };

/** How many it shows, or has to a page. */
function saySize(shelf: Shelf, layouts: readonly LayoutId[], names: Names, total: number | null): Piece {
  const byRows = shelf.amount.by === 'rows' && layouts.some((id) => layoutKind(id).inRows);
  const paged = shelf.paging.by !== 'none';
  const of = total === null ? '' : ` of ${numeral(total)}`;
  if (byRows) {
    const rows = sayVarying(shelf.amount.rows, names, (count) => counted(count, 'row'));
    return opens(paged ? `${rows} to a page` : `the first ${rows}${of}`, 'amount.rows');
  }
  const least = Math.min(...Object.values(shelf.amount.items));
  // A number is never larger than the total.
  if (!paged && total !== null && total > 0 && least >= total)
    return opens(`all ${numeral(total)}`, 'amount.items');
  const items = sayVarying(shelf.amount.items, names, String);
  return opens(paged ? `${items} to a page` : `the first ${items}${of}`, 'amount.items');
}

/** How what moves is moved. */
function sayMoving({ moving }: Shelf, names: Names): Sentence {
  const arrows = Object.values(moving.arrows);
  const pieces: Piece[] = [
    ', ',
    opens(
      arrows.includes(true)
        ? `with arrows${arrows.includes(false) ? ' at some widths' : ''}`
        : 'without arrows',
      'moving.arrows',
    ),
  ];
  if (moving.loop) pieces.push(', ', opens('in a loop', 'moving.loop'));
  if (moving.play) pieces.push(', ', opens(`playing every ${moving.restMs / 1000} s`, 'moving.play'));
  const marks = names.bands.map((band) => valueAt(moving.marks, names.bands, band.id));
  const marked = marks.find((one) => one !== 'none');
  if (marked) pieces.push(', ', opens(markerWords[marked]!, 'moving.marks'));
  return pieces;
}

export const layoutLine: Line = {
  id: 'layout',
  name: 'Layout',
  say: ofShelf((shelf, { names, total }) => {
    const layouts = layoutsOf(shelf.layout, names.bands);
    const policies = Object.values(shelf.lastRow).filter((one) => one !== 'leave');
    const lastRow = policies.length > 0 && shelf.paging.by === 'none' && isUsed('lastRow', layouts);
    const said =
      layouts.length === 1
        ? layoutKind(layouts[0]!).said
        : sayVarying(shelf.layout, names, (id) => layoutKind(id).name.toLowerCase());
    return [
      ...(shelf.like !== null && names.shelf(shelf.like)
        ? [opens(`As "${names.shelf(shelf.like)}"`, 'like'), ': a ']
        : ['A ']),
      opens(said, 'layout'),
      ', ',
      saySize(shelf, layouts, names, total),
      ', ',
      opens(pagingWords[shelf.paging.by], 'paging.by'),
      ...(layouts.some((id) => layoutKind(id).moves) ? sayMoving(shelf, names) : []),
      ...(lastRow
        ? [', ', opens(`a short last row ${policies.includes('fill') ? 'filled' : 'left off'}`, 'lastRow')]
        : []),
      ...(shelf.direction === 'page'
        ? []
        : [
            ', ',
            opens(`read ${shelf.direction === 'rtl' ? 'right to left' : 'left to right'}`, 'direction'),
          ]),
    ];
  }),
};
