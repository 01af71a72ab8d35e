import { object, string } from '../../schema/schema.ts';
import { paid } from '../clauses/price.ts';
import { downwards } from './downwards.ts';
import type { LookedAt, OrderKind, ProductRecord, World } from '../kinds.ts';

export interface PlainOrder {
  by:
    | 'position'
    | 'newest'
    | 'oldest'
    | 'title'
    | 'titleDown'
    | 'codeUp'
    | 'codeDown'
    | 'brandUp'
    | 'brandDown'
    | 'stockUp'
    | 'stockDown'
    | 'priceUp'
    | 'priceDown'
    | 'reduction'
    | 'rating'
    | 'lastSold'
    | 'lookedAt'
    | 'saved'
    | 'bestMatch'
    | 'related'
    | 'asNamed';
}

/** An order without settings. */
export function plainOrder(
  id: PlainOrder['by'],
  name: string,
  said: string,
  find: readonly string[],
  looksAt: readonly LookedAt[],
  key: (product: ProductRecord, world: World) => (number | string)[],
  more: Partial<Pick<OrderKind<PlainOrder>, 'changing' | 'reads'>> = {},
): OrderKind<PlainOrder> {
  return {
    id,
    name,
    find,
    schema: object({ by: string().oneOf([id]).required() }).noUnknown(),
    atFirst: () => ({ by: id }),
    say: () => said,
    looksAt,
    key: (_, product, world) => key(product, world),
    ...more,
  };
}

/** Stands for "none": after every value that there is. */
export const LAST = Number.MAX_SAFE_INTEGER;

/** Whole hundredths of a percent, so that memory and database agree to the digit. */
const reduction = ({ price, reduced }: ProductRecord): number =>
  reduced === null ? 0 : Math.floor((10_000 * (price - reduced)) / price);

/** What is not counted is there in any number. */
const inStock = (product: ProductRecord): number => (product.inStock ? (product.stock ?? LAST) : 0);

/** Texts as a key, those that are missing last either way. */
const textKey = (text: string, down = false): (number | string)[] =>
  text === '' ? [1, ''] : [0, down ? downwards(text) : text];

/** Another brand is announced by the id, another name of one as a change of everything. */
const brandOf = ({ brandId, brandKey }: ProductRecord): string => (brandId === null ? '' : (brandKey ?? ''));

export const plainOrders: readonly OrderKind<PlainOrder>[] = [
  plainOrder('newest', 'Newest', 'newest first', ['newest', 'new', 'latest'], ['onSaleFrom'], (p) => [
    -p.onSaleFrom,
  ]),
  plainOrder('oldest', 'Oldest', 'oldest first', ['oldest'], ['onSaleFrom'], (p) => [p.onSaleFrom]),
  plainOrder(
    'reduction',
    'Largest reduction',
    'largest reduction first',
    ['reduction', 'percent'],
    ['price', 'reduced'],
    (p) => [-reduction(p)],
  ),
  plainOrder(
    'priceUp',
    'Price, lowest',
    'lowest price first',
    ['price', 'cheapest'],
    ['price', 'reduced'],
    (p) => [paid(p)],
  ),
  plainOrder(
    'priceDown',
    'Price, highest',
    'highest price first',
    ['price', 'expensive'],
    ['price', 'reduced'],
    (p) => [-paid(p)],
  ),
  plainOrder('title', 'Title', 'by title', ['title', 'name', 'alphabet'], ['titleKey'], (p) => [p.titleKey]),
  plainOrder('titleDown', 'Title, Z to A', 'by title, from Z to A', ['title', 'name'], ['titleKey'], (p) => [
    downwards(p.titleKey),
  ]),
  plainOrder('codeUp', 'Item code', 'by item code', ['code', 'number', 'article'], ['code'], (p) =>
    textKey(p.code),
  ),
  plainOrder(
    'codeDown',
    'Item code, Z to A',
    'by item code, from Z to A',
    ['code', 'number', 'article'],
    ['code'],
    (p) => textKey(p.code, true),
  ),
  plainOrder('brandUp', 'Brand', 'by brand', ['brand', 'maker'], ['brandId', 'brandKey'], (p) =>
    textKey(brandOf(p)),
  ),
  plainOrder(
    'brandDown',
    'Brand, Z to A',
    'by brand, from Z to A',
    ['brand', 'maker'],
    ['brandId', 'brandKey'],
    (p) => textKey(brandOf(p), true),
  ),
  plainOrder(
    'stockUp',
    'Stock, least',
    'least in stock first',
    ['stock', 'few'],
    ['inStock', 'stock'],
    (p) => [inStock(p)],
  ),
  plainOrder(
    'stockDown',
    'Stock, most',
    'most in stock first',
    ['stock', 'many'],
    ['inStock', 'stock'],
    (p) => [-inStock(p)],
  ),
  plainOrder(
    'position',
    'Your own order',
    'in your own order',
    ['own', 'position'],
    ['position', 'titleKey'],
    (p) => [p.position ?? LAST, p.titleKey],
  ),
  plainOrder('asNamed', 'As named', 'in the order named', ['named', 'by hand'], [], () => []),
];
