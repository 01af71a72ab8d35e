import { partKind } from '../card/parts/index.ts';
import { listed } from '../sentence/sentence.ts';
import { choice, inParts, integer, own, text, yesNo } from '../settings/values.ts';
import type { Varying } from '../bands/varying.ts';
import { setting, varying, type Complete } from '../settings/setting.ts';
import { columnOf, columnsSchema, type TableColumn } from './tableColumn.ts';

/** Where something of a table stands. */
const STANDS = { none: 'None', above: 'Above', below: 'Below', both: 'Above and below' } as const;

const LONGEST_WORDS = 40;

/** Where something that leads on from a table stands. */
const stands = (name: string, find: readonly string[], about?: string) =>
  setting(choice(STANDS), 'none', { name, find, ...(about !== undefined && { about }) });

/** What is on it. @param of the setting that says where it stands */
const wordsOf = (of: string, name: string, find: readonly string[]) =>
  setting(text(LONGEST_WORDS, 'as usual'), '', {
    name: `${name}: own text`,
    find,
    offBecause: (read) => (read(`layoutOwn.table.${of}`) === 'none' ? 'There is none' : null),
  });

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
  addAll: stands(
    'Button that adds all rows',
    ['table', 'all rows', 'add', 'basket', 'order'],
    'Quantities are empty at first; it adds those that are filled in.',
  ),
  addAllWords: wordsOf('addAll', 'Button that adds all rows', ['add', 'words']),
  basketLink: stands('Link to the basket', ['table', 'basket', 'link', 'cart']),
  basketWords: wordsOf('basketLink', 'Link to the basket', ['basket', 'words']),
  checkoutLink: stands('Link to the checkout', ['table', 'checkout', 'link']),
  checkoutWords: wordsOf('checkoutLink', 'Link to the checkout', ['checkout', 'words']),
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

/** Of a value that varies, what it is at one width. */
type AtOneWidth<T> = { [K in keyof T]: T[K] extends Varying<infer V> ? V : T[K] };

/** What of these is set, at one width. */
export type TableOwn = AtOneWidth<Complete<typeof layout> & Complete<typeof columns>>;

export type TableStands = keyof typeof STANDS;
