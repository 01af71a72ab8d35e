import { counted } from '../../sentence/sentence.ts';
import { px } from './sayings.ts';
import { settings } from './setting.ts';

/** Settings of a shelf on the line Across. */
export const acrossSettings = settings('shelf', 'across', [
  {
    id: 'amount.by',
    name: 'Counted in',
    find: ['rows', 'items', 'number'],
    say: (v) => `counted in ${String(v)}`,
  },
  {
    id: 'amount.rows',
    name: 'Rows',
    find: ['rows', 'page size', 'how many'],
    varies: true,
    say: (v) => counted(Number(v), 'row'),
  },
  {
    id: 'amount.items',
    name: 'Items',
    find: ['items', 'page size', 'how many', 'number'],
    varies: true,
    say: (v) => counted(Number(v), 'item'),
  },
  {
    id: 'across.by',
    name: 'Across by',
    find: ['columns', 'smallest'],
    say: (v) => (v === 'width' ? 'as many across as fit' : 'a set number across'),
  },
  {
    id: 'across.count',
    name: 'Across',
    find: ['columns', 'side by side', 'per row'],
    varies: true,
    say: (v) => `${String(v)} across`,
  },
  {
    id: 'across.smallest',
    name: 'Smallest card',
    find: ['smallest', 'width of card', 'minimum'],
    varies: true,
    say: (v) => `cards at least ${px(v)} wide`,
  },
  {
    id: 'visible',
    name: 'In sight at once',
    find: ['visible', 'in sight', 'slides', 'edge'],
    varies: true,
    say: (v) => `${String(v)} in sight`,
  },
  {
    id: 'spread.items',
    name: 'Items of a page',
    find: ['spread', 'page', 'book'],
    varies: true,
    say: (v) => `${counted(Number(v), 'item')} to a page of the spread`,
  },
  {
    id: 'spread.facing',
    name: 'Facing pages',
    find: ['spread', 'facing', 'book'],
    varies: true,
    say: (v) => (v ? 'two pages facing' : 'one page at a time'),
  },
  {
    id: 'gap.column',
    name: 'Gap between columns',
    find: ['gap', 'gutter', 'space'],
    varies: true,
    say: (v) => `${px(v)} between columns`,
  },
  {
    id: 'gap.row',
    name: 'Gap between rows',
    find: ['gap', 'gutter', 'space'],
    varies: true,
    say: (v) => `${px(v)} between rows`,
  },
]);
