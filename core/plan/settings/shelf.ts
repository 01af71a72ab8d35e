import type { Assortment } from '../../assortment/assortment.ts';
import { sayAssortment, sayChoice, sayGroup, sayWithout } from '../../assortment/say.ts';
import type { Group, CategoryAssortment } from '../../assortment/assortment.ts';
import { orderKind } from '../../assortment/orders/index.ts';
import { partKinds } from '../../card/parts/index.ts';
import { labelKinds } from '../../label/label.ts';
import { counted, listed, plain } from '../../sentence/sentence.ts';
import { settings, type Setting } from './setting.ts';

const px = (value: unknown) => `${String(value)} px`;

const soldOutWords = {
  asTheyCome: 'sold-out pieces as they come',
  toTheEnd: 'sold-out pieces last',
  out: 'only what is in stock',
};
const categoryOrders: Record<string, string> = {
  own: 'in your own order',
  name: 'by name',
  count: 'fullest first',
  asNamed: 'in the order named',
};

const shows = settings('shelf', 'shows', [
  {
    id: 'assortment',
    name: 'What is shown',
    group: true,
    find: ['shows'],
    say: (v, names) => plain(sayAssortment(v as Assortment, names)),
  },
  {
    id: 'assortment.of',
    name: 'Kind of item',
    find: ['kind', 'products', 'categories'],
    say: (v) => String(v as Assortment['of']),
  },
  {
    id: 'assortment.rule',
    name: 'Which products',
    find: ['rule', 'category', 'reduced', 'featured', 'named', 'source'],
    say: (v, names) => (v ? sayGroup(v as Group, names) || 'all products' : 'no rule'),
  },
  {
    id: 'assortment.choose',
    name: 'Which categories',
    find: ['categories', 'children', 'parent'],
    say: (v, names) => (v ? sayChoice(v as CategoryAssortment['choose'], names).toLowerCase() : 'no choice'),
  },
  {
    id: 'assortment.without',
    name: 'Leave out',
    find: ['empty', 'without picture', 'catch-all'],
    say: (v) => (v ? sayWithout(v as CategoryAssortment['without']) : 'leaving none out'),
  },
  {
    id: 'assortment.order',
    name: 'Order',
    find: ['order', 'sort', 'newest', 'oldest', 'best sold', 'price', 'title'],
    say: (v) => {
      const by = (v as { by: string }).by;
      return categoryOrders[by] ?? orderKind(by).say(v as never);
    },
  },
  {
    id: 'assortment.soldOut',
    name: 'Sold-out pieces',
    find: ['stock', 'sold out', 'in stock only'],
    say: (v) => soldOutWords[v as keyof typeof soldOutWords] ?? 'no rule for stock',
  },
  {
    id: 'assortment.limit',
    name: 'Greatest number',
    find: ['limit', 'most', 'number'],
    say: (v) => (v === null ? 'no greatest number' : `at most ${String(v)}`),
  },
  {
    id: 'notTwice',
    name: 'Not twice on a page',
    find: ['twice', 'same', 'above', 'repeat'],
    say: (v) => (v ? 'without what stands above it' : 'with what stands above it too'),
  },
]);

const form = settings('shelf', 'form', [
  { id: 'form', name: 'Form', find: ['grid'], say: (v) => `a ${String(v)}` },
  {
    id: 'pager',
    name: 'Pages',
    find: ['pages', 'paging', 'numbered'],
    say: (v) => (v === 'numbered' ? 'in numbered pages' : 'without pages'),
  },
  {
    id: 'lastRow',
    name: 'A short last row',
    find: ['last row', 'remainder', 'drop'],
    varies: true,
    say: (v) => (v === 'drop' ? 'drops a short last row' : 'leaves a short last row'),
  },
]);

const across = settings('shelf', 'across', [
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

const alignWords: Record<string, string> = {
  start: 'at the start',
  center: 'in the middle',
  end: 'at the end',
};

const card = settings('shelf', 'card', [
  {
    id: 'card.shown',
    name: 'Parts that are shown',
    group: true,
    find: ['parts'],
    say: () => 'other parts shown',
  },
  {
    id: 'card.order',
    name: 'Order of the parts',
    find: ['order', 'parts', 'above', 'under'],
    say: (v) =>
      listed((v as string[]).map((id) => partKinds.find((kind) => kind.id === id)?.name.toLowerCase() ?? id)),
  },
  ...[...partKinds, ...labelKinds].map((kind) => ({
    id: `card.shown.${kind.id}`,
    name: kind.name,
    find: [...kind.find, 'show', 'hide'],
    varies: true,
    say: (v: unknown) => `${kind.name.toLowerCase()} ${v ? 'shown' : 'not shown'}`,
  })),
  {
    id: 'card.picture.ratio',
    name: 'Picture proportions',
    find: ['ratio', 'picture', 'shape', 'height'],
    say: (v) => `picture ${String(v)}`,
  },
  {
    id: 'card.picture.fit',
    name: 'Whole picture or filled',
    find: ['fill', 'whole', 'crop', 'fit'],
    say: (v) => (v === 'whole' ? 'pictures shown whole' : 'pictures filling their frame'),
  },
  {
    id: 'card.titleLines',
    name: 'Lines of the title',
    find: ['lines', 'title', 'long'],
    say: (v) => `title up to ${counted(Number(v), 'line')}`,
  },
  {
    id: 'card.align',
    name: 'Alignment',
    find: ['align', 'left', 'centre', 'right'],
    say: (v) => `text ${alignWords[String(v)]}`,
  },
]);

export const shelfSettings: readonly Setting[] = [
  ...shows,
  ...form,
  ...across,
  ...card,
  ...settings('shelf', 'shows', [
    { id: 'name', name: 'Name in your list', find: ['name'], say: (v) => `named "${String(v)}"` },
  ]),
];
