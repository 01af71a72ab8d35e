import { partKind } from '../card/parts/index.ts';
import { listed } from '../sentence/sentence.ts';
import { choice, inParts, integer, own, text, yesNo } from '../settings/values.ts';
import { setting, varying, type ReadSetting } from '../settings/setting.ts';
import { columnOf, columnsSchema, type TableColumn } from './tableColumn.ts';

/** Where something of a table stands. */
const STANDS = { none: 'None', above: 'Above', below: 'Below', both: 'Above and below' } as const;

const unless = (id: string, none: string) => (read: ReadSetting) =>
  read(`layoutOwn.table.${id}`) === 'none' ? none : null;

const LONGEST_WORDS = 40;

/** A new table: what leaves first is what is looked up rather than chosen by. */
const COLUMNS: readonly TableColumn[] = [
  columnOf('picture'),
  columnOf('title'),
  { ...columnOf('code'), leaves: 1 },
  { ...columnOf('stock'), leaves: 2 },
  columnOf('price'),
  { ...columnOf('quantity'), leaves: 3 },
  { ...columnOf('basket'), leaves: 3 },
];

const layout = {
  /** What the table is, above it. */
  caption: setting(text(120), '', { name: 'Caption of the table', find: ['table', 'caption', 'title'] }),
  captioned: setting(choice({ shown: 'Shown', aloud: 'Read aloud only' }), 'shown', {
    name: 'Caption of the table is',
    find: ['caption', 'aloud', 'hidden'],
    offBecause: (read) => (read('layoutOwn.table.caption') ? null : 'There is none'),
  }),
  sticks: varying(yesNo(), true, {
    name: 'Header of the table stays in sight',
    find: ['table', 'header', 'sticky', 'scroll'],
  }),
  /** One press puts all rows that are filled in into the basket. */
  addAll: setting(choice(STANDS), 'none', {
    name: 'Button that adds all rows',
    find: ['table', 'all rows', 'add', 'basket', 'order'],
    about: 'Quantities are empty at first; it adds those that are filled in.',
  }),
  addAllWords: setting(text(LONGEST_WORDS, 'as usual'), '', {
    name: 'Button that adds all rows: own text',
    find: ['add', 'words'],
    offBecause: unless('addAll', 'There is no such button'),
  }),
  basketLink: setting(choice(STANDS), 'none', {
    name: 'Link to the basket',
    find: ['table', 'basket', 'link', 'cart'],
  }),
  basketWords: setting(text(LONGEST_WORDS, 'as usual'), '', {
    name: 'Link to the basket: own text',
    find: ['basket', 'words'],
    offBecause: unless('basketLink', 'There is no such link'),
  }),
  checkoutLink: setting(choice(STANDS), 'none', {
    name: 'Link to the checkout',
    find: ['table', 'checkout', 'link'],
  }),
  checkoutWords: setting(text(LONGEST_WORDS, 'as usual'), '', {
    name: 'Link to the checkout: own text',
    find: ['checkout', 'words'],
    offBecause: unless('checkoutLink', 'There is no such link'),
  }),
};

const columns = {
  columns: setting(
    inParts(
      own<TableColumn[]>(columnsSchema, (list) =>
        listed(list.map(({ id, words }) => words ?? partKind(id)?.name.toLowerCase() ?? id)),
      ),
    ),
    [...COLUMNS],
    {
      name: 'Columns of the table',
      find: ['table', 'columns', 'share', 'width', 'leave', 'priority', 'sort'],
    },
  ),
  /** Names before the values of the second line. */
  names: setting(yesNo(), true, {
    name: 'Names in the second line',
    find: ['table', 'second line', 'names', 'labels'],
    about: 'Before each value of a column that has left; without them they are read aloud.',
  }),
  lines: setting(choice({ none: 'None', rows: 'Between rows', all: 'Between rows and columns' }), 'rows', {
    name: 'Lines of the table',
    find: ['table', 'lines', 'grid', 'border'],
  }),
  stripes: setting(yesNo(), true, {
    name: 'Every other row in a colour',
    find: ['table', 'rows', 'bands', 'stripes', 'colour', 'zebra'],
  }),
  marks: setting(yesNo(), true, {
    name: 'Row under the pointer is marked',
    find: ['table', 'hover', 'highlight', 'pointer', 'row'],
  }),
  oneLine: setting(yesNo(), false, {
    name: 'Texts on one line',
    find: ['table', 'wrap', 'one line', 'cut'],
    about: 'What is longer is cut with an ellipsis.',
  }),
  density: varying(choice({ roomy: 'Roomy', normal: 'Normal', dense: 'Dense' }), 'normal', {
    name: 'Height of rows',
    find: ['table', 'density', 'dense', 'roomy', 'row height'],
  }),
  corners: setting(choice({ square: 'Square', rounded: 'Rounded', circle: 'Circle' }), 'rounded', {
    name: 'Pictures of the table',
    find: ['table', 'picture', 'square', 'rounded', 'circle'],
  }),
  /** Width and height of the picture of a row, px. */
  picture: varying(integer(24, 160, 'px', { step: 4 }), 48, {
    name: 'Picture size in a table',
    find: ['table', 'picture', 'size'],
  }),
};

export const tableSettings = { layout, columns };

/** What of these is set, at one width. */
export interface TableOwn {
  caption: string;
  captioned: 'shown' | 'aloud';
  sticks: boolean;
  addAll: TableStands;
  addAllWords: string;
  basketLink: TableStands;
  basketWords: string;
  checkoutLink: TableStands;
  checkoutWords: string;
  columns: readonly TableColumn[];
  names: boolean;
  lines: 'none' | 'rows' | 'all';
  stripes: boolean;
  marks: boolean;
  oneLine: boolean;
  density: 'roomy' | 'normal' | 'dense';
  corners: 'square' | 'rounded' | 'circle';
  picture: number;
}

export type TableStands = keyof typeof STANDS;
