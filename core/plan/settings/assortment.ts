import { ofWords, type Assortment, type Of, type ProductAssortment } from '../../assortment/assortment.ts';
import type { CategoryAssortment } from '../../assortment/others/categories.ts';
import { orderKind } from '../../assortment/orders/index.ts';
import type { Group } from '../../assortment/rule.ts';
import {
  otherOrderWords,
  sayAssortment,
  sayByHand,
  sayChoice,
  sayFallback,
  sayGroup,
  sayWithout,
  soldOutWords,
} from '../../assortment/say.ts';
import { counted, plain } from '../../sentence/sentence.ts';
import type { Given } from './setting.ts';

/** What can be set of an assortment, whether it is a shelf's own or a saved one. */
export const assortmentSettings: readonly Given[] = [
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
    find: ['kind', 'products', 'categories', 'collections', 'journal', 'pictures'],
    say: (v) => ofWords[v as Of].many,
  },
  {
    id: 'assortment.rule',
    name: 'Which products',
    of: ['products'],
    find: ['rule', 'category', 'reduced', 'featured', 'named', 'source', 'tag', 'brand', 'glaze', 'price'],
    say: (v, names) => (v ? sayGroup(v as Group, names) || 'all products' : 'no rule'),
  },
  {
    id: 'assortment.choose',
    name: 'Which categories',
    of: ['categories'],
    find: ['categories', 'children', 'parent'],
    say: (v, names) => (v ? sayChoice(v as CategoryAssortment['choose'], names).toLowerCase() : 'no choice'),
  },
  {
    id: 'assortment.without',
    name: 'Leave out',
    of: ['categories', 'collections'],
    find: ['empty', 'without picture', 'catch-all', 'level'],
    say: (v) => (v ? sayWithout(v as CategoryAssortment['without']) : 'leaving none out'),
  },
  {
    id: 'assortment.grouped',
    name: 'With their children',
    of: ['categories'],
    find: ['children', 'grouped', 'parents'],
    say: (v) => (v ? 'each with its children' : 'each on its own'),
  },
  {
    id: 'assortment.ids',
    name: 'Which ones',
    of: ['collections', 'entries'],
    find: ['named', 'which', 'collections', 'entries'],
    say: (v) => (Array.isArray(v) ? counted(v.length, 'named one') : 'all of them'),
  },
  {
    id: 'assortment.tags',
    name: 'Tags',
    of: ['entries'],
    find: ['tags'],
    say: (v) => (Array.isArray(v) && v.length ? `tagged ${v.join(' or ')}` : 'with any tag'),
  },
  {
    id: 'assortment.items',
    name: 'Pictures',
    of: ['pictures'],
    find: ['pictures', 'images', 'links'],
    say: (v) => counted(Array.isArray(v) ? v.length : 0, 'picture'),
  },
  {
    id: 'assortment.order',
    name: 'Order',
    of: ['products', 'categories', 'collections', 'entries'],
    find: ['order', 'sort', 'newest', 'oldest', 'best sold', 'price', 'title', 'rating', 'shuffled'],
    say: (v) => {
      if (!v) return 'no order';
      const { by } = v as { by: string };
      return otherOrderWords[by] ?? orderKind(by).say(v as never);
    },
  },
  {
    id: 'assortment.byHand',
    name: 'By hand',
    of: ['products'],
    find: ['pinned', 'pin', 'put in', 'left out', 'exclude', 'include', 'hand'],
    say: (v) => (v ? sayByHand(v as ProductAssortment['byHand']) : '') || 'nothing by hand',
  },
  {
    id: 'assortment.soldOut',
    name: 'Sold-out pieces',
    of: ['products'],
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
    id: 'assortment.fallback',
    name: 'If too few match',
    of: ['products'],
    find: ['fallback', 'empty', 'too few', 'top up', 'nothing'],
    say: (v, names) => sayFallback({ fallback: (v ?? null) as ProductAssortment['fallback'] }, names),
  },
];
