import { heightOf } from '../card/pictureHeight.ts';
import { cardWidth } from '../geometry/rows.ts';
import { bandSteps } from '../geometry/steps.ts';
import type { StepView } from '../view/view.ts';
import type { Box, LayoutKind } from './layoutKind.ts';
import { groundCss } from './ground.ts';

/** Space around the words on a block, px. */
const BLOCK_PADDING_PX = 14;

/** Where a block stands, counted from 0, and how many columns and rows it takes. */
interface Block {
  column: number;
  row: number;
  columns: 1 | 2;
  rows: 1 | 2;
}

/** Blocks of one group: a large one, with small ones beside it, or under it where only two stand side by side. */
const groupSize = (across: number): number => (across === 1 ? 1 : across === 2 ? 3 : 2 * across - 3);

function groupOf(across: number, row: number, mirrored: boolean): Block[] {
  const small = (column: number, at: number): Block => ({ column, row: at, columns: 1, rows: 1 });
  if (across === 1) return [small(0, row)];
  if (across === 2) return [{ column: 0, row, columns: 2, rows: 1 }, small(0, row + 1), small(1, row + 1)];
  const beside = Array.from({ length: across - 2 }, (_, i) => (mirrored ? i : i + 2));
  return [
    { column: mirrored ? across - 2 : 0, row, columns: 2, rows: 2 },
    ...[row, row + 1].flatMap((at) => beside.map((column) => small(column, at))),
  ];
}

/** Places of `count` blocks: whole groups, their large block at either side in turn; what is left stands in plain rows. */
export function blocksOf(count: number, across: number): Block[] {
  const size = groupSize(across);
  const rowsOfGroup = across === 1 ? 1 : 2;
  const groups = Math.floor(count / size);
  const blocks = Array.from({ length: groups }, (_, i) =>
    groupOf(across, i * rowsOfGroup, i % 2 === 1),
  ).flat();
  const rest = count - groups * size;
  for (let i = 0; i < rest; i += 1)
    blocks.push({
      column: i % across,
      row: groups * rowsOfGroup + Math.floor(i / across),
      columns: 1,
      rows: 1,
    });
  return blocks;
}

/** Height of a block that is two wide and one high: twice the proportions of a small one. */
const wideHeight = (step: StepView, widthPx: number): number =>
  step.ground.by === 'ratio'
    ? widthPx / (2 * step.ground.ratio)
    : step.ground.by === 'own'
      ? 0
      : step.ground.px;

export const mosaic: LayoutKind = {
  id: 'mosaic',
  name: 'Mosaic',
  find: ['mosaic', 'blocks', 'tiles', 'large and small'],
  said: 'mosaic of large and small blocks',
  about: 'Large and small blocks, each picture as ground with the words on it.',
  inRows: false,
  moves: false,
  uses: ['columns', 'gap.column', 'gap.row', 'lastRow', 'card.text.when', 'card.text.comes'],
  ranges: (shelf, band, room, bands) => bandSteps(shelf.columns, shelf.gap.column, room, bands, band),
  rows(count, across) {
    const size = groupSize(across);
    const rest = count % size;
    const rows = Math.floor(count / size) * (across === 1 ? 1 : 2) + Math.ceil(rest / across);
    const last = rest === 0 ? Math.min(count, across) : ((rest - 1) % across) + 1;
    return { rows, last, full: rest % across === 0 };
  },
  cardPx: ({ across, gap }, innerPx) => cardWidth(innerPx, across, gap.column),
  picturePx: ({ across, gap, shows }, innerPx, place) => {
    const small = cardWidth(innerPx, across, gap.column);
    if (across === 1) return small;
    const columns = place === undefined ? 2 : blocksOf(shows.end - shows.start, across)[place]?.columns;
    return columns === 2 ? 2 * small + gap.column : small;
  },
  sizesDiffer: true,
  sayFacts: () => null,
  boxes({ step, innerPx, count, heightOf: cardHeight }) {
    const { across, gap } = step;
    const width = cardWidth(innerPx, across, gap.column);
    const blocks = blocksOf(count, across);
    const widthOf = ({ columns }: Block) => columns * width + (columns - 1) * gap.column;
    const rows: number[] = [];
    blocks.forEach((block, i) => {
      if (block.rows === 2) return;
      const height = block.columns === 2 ? wideHeight(step, widthOf(block)) : cardHeight(i, width);
      rows[block.row] = Math.max(rows[block.row] ?? 0, height);
    });
    const topOf = (row: number) => rows.slice(0, row).reduce((y, height) => y + height + gap.row, 0);
    return blocks.map((block): Box => ({
      x: block.column * (width + gap.column),
      y: topOf(block.row),
      width: widthOf(block),
      height: block.rows === 2 ? rows[block.row]! + gap.row + rows[block.row + 1]! : rows[block.row]!,
    }));
  },
  css: (scope, step) => groundCss(`${scope}>.window>.cards>.card`, step, BLOCK_PADDING_PX),
  places: (scope, step, shelf) => {
    const cards = `${scope}>.window>.cards:not([data-grown])`;
    const first = step.shows.start - shelf.held.start;
    const height = heightOf(step.ground);
    return blocksOf(step.shows.end - step.shows.start, step.across)
      .map(({ column, row, columns, rows }, i) => {
        const area = `grid-area:${row + 1}/${column + 1}/span ${rows}/span ${columns}`;
        const size =
          rows === 2
            ? ';aspect-ratio:auto;height:auto'
            : columns === 2 && height && 'ratio' in height
              ? `;aspect-ratio:${2 * height.ratio}`
              : '';
        return `${cards}>:nth-child(${first + i + 1}){${area}${size}}`;
      })
      .join('');
  },
  card: 'ground',
  groundPaddingPx: BLOCK_PADDING_PX,
};
