import { MOST_ACROSS } from '../geometry/steps.ts';
import { ALIGNS, cardSettings } from '../card/card.ts';
import { layoutChoice } from '../layouts/choice.ts';
import { layoutOwn } from '../layouts/own.ts';
import { choice, integer, link, text, yesNo } from '../settings/values.ts';
import { byWidth, setting, varying, type ReadSetting } from '../settings/setting.ts';
import { movingSettings } from './movingSettings.ts';

const unlessPaging = (by: readonly string[], why: string) => (read: ReadSetting) =>
  by.includes(read('paging.by') as string) ? null : why;

/** How a shopper comes to what is not on the first page. */
const paging = {
  by: setting(
    choice({
      none: 'Not shown',
      numbered: 'Numbered pages',
      more: 'Button for more',
      onReach: 'Loads on reaching the end',
    }),
    'none',
    {
      name: 'Rest of the list',
      find: ['pages', 'paging', 'numbered', 'more', 'scroll', 'endless', 'load'],
      idle: ({ steps }, read) =>
        read('paging.by') !== 'none' && steps.length > 0 && steps.every(({ whole }) => whole)
          ? 'All of it is on one page'
          : null,
    },
  ),
  /** Words of the button that brings more. */
  words: setting(text(60, 'Show more'), 'Show more', {
    name: 'Text of the button for more',
    find: ['more', 'button', 'load'],
    offBecause: unlessPaging(['more', 'onReach'], 'There is no button for more'),
  }),
  /** Where that button leads instead; empty for nowhere else. */
  link: setting(link('it brings more here'), '', {
    name: 'Link of the button for more',
    find: ['more', 'link', 'leads'],
    offBecause: unlessPaging(['more'], 'There is no button for more'),
  }),
};

/** What can be set of a shelf on the line Layout. */
export const layoutSettings = {
  layout: varying(layoutChoice, 'grid', {
    name: 'Layout',
    find: layoutChoice.find,
    say: (id, names) => `${/^[aeiou]/.test(id) ? 'an' : 'a'} ${layoutChoice.say(id, names)}`,
  }),
  paging,
  layoutOwn: layoutOwn.layout,
  equalHeights: varying(yesNo(), true, { name: 'Cards of equal height', find: ['equal', 'height', 'even'] }),
  /** What becomes of a last row that is not full. */
  lastRow: varying(
    choice({ leave: 'Leave it', drop: 'Leave it off', fill: 'Fill from the top-up' }),
    'leave',
    {
      name: 'Short last row',
      find: ['last row', 'remainder', 'drop', 'fill'],
      offBecause: unlessPaging(['none'], 'With pages the last row ends as it does'),
    },
  ),
  lastRowAlign: varying(choice(ALIGNS), 'start', {
    name: 'Short last row alignment',
    find: ['last row', 'align', 'centre'],
  }),
  moving: movingSettings,
  /** Reading direction: the page's, or its own. */
  direction: setting(choice({ page: 'As the page', ltr: 'Left to right', rtl: 'Right to left' }), 'page', {
    name: 'Reading direction',
    find: ['right to left', 'rtl', 'direction', 'mirrored'],
  }),
};

/** The most that a shelf, or one of its pages, may show. */
export const MOST_ROWS = 100;
export const MOST_ITEMS = 500;

const unlessCounted = (by: 'rows' | 'items') => (read: ReadSetting) =>
  read('amount.by') === by ? null : `How many is given in ${by === 'rows' ? 'items' : 'rows'}`;

/** What can be set of a shelf on the line Columns. What is not in use is kept, so that changing back loses nothing. */
export const columnsSettings = {
  /** A count at each width, or as many as fit at a smallest card width. */
  columns: {
    by: setting(choice({ count: 'Set number', width: 'Fit the width' }), 'count', {
      name: 'Columns',
      find: ['columns', 'smallest', 'fit'],
    }),
    count: varying(integer(1, MOST_ACROSS), byWidth(2, { 560: 3, 880: 4 }), {
      name: 'Number of columns',
      find: ['columns', 'side by side', 'per row'],
      offBecause: (read) => (read('columns.by') === 'count' ? null : 'As many columns as fit the width'),
    }),
    /** px. */
    smallest: varying(integer(60, 1200, 'px', { step: 10 }), 220, {
      name: 'Smallest card width',
      find: ['smallest', 'width of card', 'minimum'],
      offBecause: (read) => (read('columns.by') === 'width' ? null : 'The number of columns is set'),
    }),
  },
  layoutOwn: layoutOwn.columns,
  /** How many items a shelf, or one of its pages, shows. */
  amount: {
    by: setting(choice({ rows: 'Rows', items: 'Items' }), 'rows', {
      name: 'How many, counted in',
      find: ['rows', 'items', 'number'],
    }),
    rows: varying(integer(1, MOST_ROWS), 2, {
      name: 'Rows',
      find: ['rows', 'page size', 'how many'],
      offBecause: unlessCounted('rows'),
    }),
    items: varying(integer(1, MOST_ITEMS), 12, {
      name: 'Items',
      find: ['items', 'page size', 'how many', 'number'],
      offIn: ({ inRows }, read) =>
        inRows && read('amount.by') === 'rows' ? 'How many is given in rows' : null,
    }),
  },
  gap: {
    column: varying(integer(0, 120, 'px', { step: 4 }), byWidth(12, { 560: 20, 880: 24 }), {
      name: 'Gap between columns',
      find: ['gap', 'gutter', 'space'],
    }),
    row: varying(integer(0, 120, 'px', { step: 4 }), byWidth(20, { 560: 28, 880: 32 }), {
      name: 'Gap between rows',
      find: ['gap', 'gutter', 'space'],
    }),
  },
};

export const shelfCardSettings = { card: cardSettings };
