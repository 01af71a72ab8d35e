import { columnWidths } from './columnFit.ts';
import type { TableColumn } from './tableColumn.ts';
import { TABLE_PX } from './tablePx.ts';
import type { TableOwn } from './tableSettings.ts';
import { movesUnder, saysUnder, type TableStep } from './tableStep.ts';

const rounded = (value: number): number => Math.round(value * 10_000) / 10_000;

const lengthOf = ({ px, share }: { px: number; share: number }): string =>
  share === 0 ? `${rounded(px)}px` : `calc(${rounded(px)}px + ${rounded(100 * share)}%)`;

const classOf = ({ id }: TableColumn): string => `.col-${id}`;

/** Rules of a table at one step: which columns it has, how wide they are, and where the others have gone. */
export function tableCss(scope: string, { stay, left, isNarrow }: TableStep, own: TableOwn): string {
  const sheet = `${scope}>.sheet`;
  const widths = columnWidths(stay, isNarrow);
  const under = left.filter(movesUnder);
  const gone = left.filter((column) => !movesUnder(column));
  const cells = stay.map((column, i) =>
    // The last takes what is left of the row, so that a hair of rounding never makes a line of its own.
    i === stay.length - 1
      ? `${sheet} ${classOf(column)}{flex:1 1 0}`
      : `${sheet} ${classOf(column)}{flex:0 0 ${lengthOf(widths[i]!)}}`,
  );
  const hidden = [
    ...gone.map((column) => `${sheet} ${classOf(column)}`),
    ...under.map((column) => `${sheet}>table>thead ${classOf(column)}`),
  ];
  const said = gone
    .filter(saysUnder)
    .map(({ id }) => `.under-${id}`)
    .join();
  const title = stay.findIndex(({ id }) => id === 'title');
  const before = widths
    .slice(0, title)
    .reduce((sum, one) => ({ px: sum.px + one.px, share: sum.share + one.share }), {
      px: TABLE_PX.ends,
      share: 0,
    });
  const rows = `${sheet}>table>tbody>tr`;
  return (
    // What is a table here only is cards elsewhere.
    `${scope}>.window{display:none}${sheet}{display:block;--row-picture:${own.picture}px;--row-across:${TABLE_PX.across[own.density]}px}` +
    (own.sticks ? `${sheet}>table>thead{position:sticky}` : '') +
    cells.join('') +
    (hidden.length > 0 ? `${hidden.join()}{display:none}` : '') +
    (said ? `${sheet} :is(.under:has(${said}),${said}){display:flex}` : '') +
    (under.length > 0
      ? // What can be pressed goes on a line of its own, under the title.
        `${rows}::after{content:"";flex:0 0 100%;order:1}` +
        under.map((column) => `${rows}>${classOf(column)}`).join() +
        `{flex:none;order:2;padding:0 8px var(--row-across) 0;border:0}` +
        `${rows}>:is(${under.map(classOf).join()}):empty{display:none}` +
        `${rows}::before{content:"";order:2;flex:0 0 ${lengthOf(before)}}`
      : '')
  );
}

const CORNERS = { square: '0', rounded: '3px', circle: '50%' };

/** How a table looks, at every width. */
export function tableLookCss(scope: string, own: TableOwn): string {
  const sheet = `${scope}>.sheet`;
  const rows = `${sheet}>table>tbody>tr`;
  const aligned = own.columns
    .filter(({ align = 'start' }) => align !== 'start')
    .map((column) => `${sheet} ${classOf(column)}{text-align:${column.align};justify-items:${column.align}}`);
  // A button is not cut.
  const texts = `${rows}>:is(${own.columns
    .filter((column) => !movesUnder(column))
    .map(classOf)
    .join()})>:not(.under)`;
  return (
    aligned.join('') +
    (own.lines === 'none' ? '' : `${rows}{border-block-end-width:1px}`) +
    (own.lines === 'all' ? `${sheet} .col+.col{border-inline-start-width:1px}` : '') +
    (own.stripes
      ? `${rows}:nth-child(even){background:color-mix(in srgb,var(--text) 5%,var(--ground))}`
      : '') +
    (own.marks ? `${rows}:hover{background:color-mix(in srgb,var(--accent) 12%,var(--ground))}` : '') +
    (own.oneLine
      ? `${texts},${texts}>a{white-space:nowrap;overflow:hidden;text-overflow:ellipsis;max-width:100%}`
      : '') +
    `${sheet} .part-picture{border-radius:${CORNERS[own.corners]}}`
  );
}
