import type { Item } from '../card/item.ts';
import { partKind } from '../card/parts/index.ts';
import { ofPart } from '../card/shown.ts';
import type { CardStore } from '../catalogue/cardStore.ts';
import { soldAs } from '../group/soldAs.ts';
import { sortsDown, type AnySort } from '../listing/sorts.ts';
import type { Shelf } from '../plan/shelf.ts';
import type { TableColumn } from '../table/tableColumn.ts';
import type { TableStands } from '../table/tableSettings.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import { fieldName } from './sortWords.ts';

/** What a press on the heading of a column does. */
export interface ColumnSort {
  /** The list sorted by it, or the other way about; by its own order where it is sorted so already, and there is no other way. */
  href: string;
  /** How rows are sorted by it now; null where they are not. */
  now: 'ascending' | 'descending' | null;
}

export interface TableHead {
  /** The part that it shows. */
  id: string;
  words: string;
  /** It is read aloud only: what is below it tells by itself what it is. */
  aloud: boolean;
  sort: ColumnSort | null;
  /** It never leaves. */
  stays: boolean;
}

/** A link or a button above or below a table. */
export interface TableWay {
  is: 'add' | 'basket' | 'checkout';
  words: string;
}

/** What is said of a table besides its rows. */
export interface TableView {
  heads: readonly TableHead[];
  /** Empty for none. */
  caption: string;
  captioned: 'shown' | 'aloud';
  /** Names stand before the values of the second line. */
  names: boolean;
  above: readonly TableWay[];
  below: readonly TableWay[];
  /** Quantities are empty, and one press adds all that are filled in. */
  addsAll: boolean;
}

/** Ways to sort by a column, the first press and the next; none where shoppers cannot. */
export const sortsOf = (card: Shelf['card'], { id, sort }: TableColumn): readonly AnySort[] =>
  sort ? (partKind(id)?.column?.sorts?.(ofPart(card, id)!) ?? []) : [];

/** Pictures, and what can be pressed, need no heading to be seen. */
const isPlain = (id: string): boolean => {
  const kind = partKind(id);
  return Boolean(kind?.isPicture ?? kind?.takesPresses);
};

function sortOf(
  sorts: readonly AnySort[],
  now: AnySort | null,
  href: (sort: AnySort | null) => string,
): ColumnSort | null {
  if (sorts.length === 0) return null;
  const at = now === null ? -1 : sorts.indexOf(now);
  return {
    href: href(sorts[at + 1] ?? (sorts.length > 1 ? sorts[0]! : null)),
    now: at < 0 ? null : sortsDown(now!) ? 'descending' : 'ascending',
  };
}

interface TableContext {
  items: readonly Item[];
  store: CardStore;
  texts: StoreTexts;
  /** How the list is sorted; null for its own order. */
  sort: AnySort | null;
  /** Address of the list sorted so; null where shoppers cannot sort it. */
  hrefSorted: ((sort: AnySort | null) => string) | null;
}

/** All that is read here of a table's own settings, as one text: widths and looks change no row. */
export function tableKey(table: Shelf['layoutOwn']['table']): string {
  const { columns, caption, captioned, names, addAll, basketLink, checkoutLink } = table;
  return JSON.stringify([
    columns.map(({ id, words, sort, leaves }) => [id, words, sort, leaves === undefined]),
    [caption, captioned, names],
    [addAll, table.addAllWords, basketLink, table.basketWords, checkoutLink, table.checkoutWords],
  ]);
}

export function tableView({ card, layoutOwn: { table } }: Shelf, context: TableContext): TableView {
  const { items, store, texts, sort, hrefSorted } = context;
  const titleOf = ({ id, words }: TableColumn): string => {
    if (words) return words;
    const kind = partKind(id)!;
    const field = kind.ofField?.(ofPart(card, id)!);
    return (
      (field !== undefined && fieldName(field, items)) || texts.columns[id as keyof typeof texts.columns]
    );
  };
  const sells = items.some((item) => item.of === 'products' && soldAs(item.product, store).by === 'basket');
  const ways = [
    { is: 'add' as const, at: table.addAll, words: table.addAllWords || texts.addAllRows },
    { is: 'basket' as const, at: table.basketLink, words: table.basketWords || texts.toBasket },
    { is: 'checkout' as const, at: table.checkoutLink, words: table.checkoutWords || texts.toCheckout },
  ];
  const waysAt = (side: TableStands): TableWay[] =>
    sells ? ways.flatMap(({ is, at, words }) => (at === side || at === 'both' ? [{ is, words }] : [])) : [];
  return {
    heads: table.columns.map((column) => ({
      id: column.id,
      words: titleOf(column),
      aloud: !column.words && isPlain(column.id),
      sort: hrefSorted && sortOf(sortsOf(card, column), sort, hrefSorted),
      stays: column.leaves === undefined,
    })),
    caption: table.caption,
    captioned: table.captioned,
    names: table.names,
    above: waysAt('above'),
    below: waysAt('below'),
    addsAll: sells && table.addAll !== 'none',
  };
}
