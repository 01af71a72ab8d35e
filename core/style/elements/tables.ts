import type { StyleElement } from '../element.ts';

/** What the headings of a table stand on. */
export const tableHeadElement: StyleElement = {
  id: 'tableHead',
  name: 'Header of tables',
  group: 'tables',
  on: 'shelf',
  isUsed: (_, { isTable }) => isTable,
  selectors: ['.sheet>table>thead'],
  ofCard: null,
  takes: ['textColour', 'background', 'shadow'],
  states: ['rest'],
  atFirst: { textColour: 'ground', background: 'text', shadow: 'none' },
};

export const tableRowElement: StyleElement = {
  id: 'tableRow',
  name: 'Rows of tables',
  group: 'tables',
  on: 'shelf',
  isUsed: (_, { isTable }) => isTable,
  selectors: ['.sheet>table>tbody>tr'],
  ofCard: null,
  takes: ['textColour', 'background', 'borderColour', 'time'],
  states: ['rest', 'hover'],
  atFirst: { textColour: 'text', background: 'ground', borderColour: 'line', time: 0 },
};

/** Every other row, where those are in a colour. */
export const tableStripeElement: StyleElement = {
  id: 'tableStripe',
  name: 'Every other row of tables',
  group: 'tables',
  on: 'shelf',
  isUsed: (read, { isTable }) => isTable && read('layoutOwn.table.stripes') !== false,
  selectors: ['.sheet>table>tbody>tr:nth-child(even)'],
  ofCard: null,
  within: 'tableRow',
  takes: ['textColour', 'background', 'time'],
  states: ['rest', 'hover'],
  atFirst: { textColour: 'text', time: 0 },
};
