import { partKinds } from '../../card/parts/index.ts';
import { labelKinds } from '../../label/label.ts';
import { counted, listed } from '../../sentence/sentence.ts';
import { assortmentSettings } from './assortment.ts';
import { settings, type Given, type Setting } from './setting.ts';

const px = (value: unknown) => `${String(value)} px`;

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
  ...[...partKinds, ...labelKinds].map((kind): Given => ({
    id: `card.shown.${kind.id}`,
    name: kind.name,
    of: 'of' in kind ? kind.of : ['products'],
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

const shows = settings('shelf', 'shows', [
  {
    id: 'assortmentId',
    name: 'Saved assortment',
    find: ['saved', 'assortment', 'shared'],
    say: (v, names) =>
      v === null
        ? 'an assortment of its own'
        : `the assortment "${names.assortment(v as string) ?? 'that is gone'}"`,
  },
  ...assortmentSettings,
  {
    id: 'notTwice',
    name: 'Not twice on a page',
    find: ['twice', 'same', 'above', 'repeat'],
    say: (v) => (v ? 'without what stands above it' : 'with what stands above it too'),
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
