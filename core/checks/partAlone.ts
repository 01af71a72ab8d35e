import type { Band, Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { partKind, partKinds } from '../card/parts/index.ts';
import { ofPart } from '../card/shown.ts';
import { listed } from '../sentence/sentence.ts';
import { COLUMNS_SETTING, columnOf, type TableColumn } from '../table/tableColumn.ts';
import type { ShelfView } from '../view/view.ts';
import { ofShelves, type FoundOnShelf, type PageCheck } from './check.ts';

/** A part, and the one without which it does nothing. */
interface Pair {
  id: string;
  name: string;
  other: string;
}

const pairs: readonly Pair[] = partKinds.flatMap(({ id, name, goesWith }) =>
  goesWith === undefined ? [] : [{ id, name, other: goesWith }],
);

const nameOf = (id: string): string => partKind(id)!.name.toLowerCase();

const said = ({ name, other }: Pair, alone: readonly Band[], bands: Bands): string =>
  `${name} does nothing without the ${nameOf(other)}${
    alone.length === bands.length ? '' : ` on ${listed(alone.map((band) => band.name))}`
  }`;

/** A table has its parts as columns, wherever there is one; and where one press adds all rows, a quantity needs no more. */
function inTable(
  { id: shelf, table }: ShelfView,
  columns: readonly TableColumn[],
  pair: Pair,
  tabled: readonly Band[],
  bands: Bands,
): FoundOnShelf | null {
  const has = (part: string) => columns.some((column) => column.id === part);
  if (tabled.length === 0 || table?.addsAll || !has(pair.id) || has(pair.other)) return null;
  return {
    text: said(pair, tabled, bands),
    fix: {
      words: `Add a column with the ${nameOf(pair.other)}`,
      command: {
        do: 'set',
        on: { shelf },
        setting: COLUMNS_SETTING,
        value: columns.flatMap((column) => {
          const { leaves } = column;
          // Both leave together, so that neither is ever left alone.
          return column.id === pair.id ? [column, { ...columnOf(pair.other), leaves }] : [column];
        }),
      },
    },
    goTo: 'columns',
  };
}

function onCards(
  { id: shelf, card }: ShelfView,
  pair: Pair,
  carded: readonly Band[],
  bands: Bands,
): FoundOnShelf | null {
  const [own, other] = [ofPart(card, pair.id)!, ofPart(card, pair.other)!];
  const at = (part: typeof own, band: Band) => valueAt(part.shown, bands, band.id);
  const alone = carded.filter((band) => at(own, band) && !at(other, band));
  if (alone.length === 0) return null;
  return {
    text: said(pair, alone, bands),
    fix: {
      words: `Add the ${nameOf(pair.other)}`,
      command: {
        do: 'set',
        on: { shelf },
        setting: `card.parts.${pair.other}.shown`,
        value: Object.fromEntries(bands.map((band) => [band.id, at(own, band) || at(other, band)])),
      },
    },
    goTo: 'card',
  };
}

/** Parts that do something only together with another one, at widths at which that one is not there. */
export const partAlone: PageCheck = {
  id: 'part-alone',
  title: 'Parts that do nothing without another one',
  severity: 'wrong',
  reads: 'page',
  find: (view, plan) =>
    ofShelves(view, (drawn) => {
      const { bands } = view;
      const isTable = (band: Band) =>
        drawn.steps.some((step) => step.bandId === band.id && step.table !== null);
      const [tabled, carded] = [bands.filter(isTable), bands.filter((band) => !isTable(band))];
      const columns = plan.shelves[drawn.id]?.layoutOwn.table.columns ?? [];
      for (const pair of pairs) {
        if (!partKind(pair.id)!.of.includes(drawn.of)) continue;
        const found = inTable(drawn, columns, pair, tabled, bands) ?? onCards(drawn, pair, carded, bands);
        if (found) return found;
      }
      return null;
    }),
};
