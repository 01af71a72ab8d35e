import { createColumnHelper, type VisibilityState } from '@tanstack/react-table';
import { ImageOff } from 'lucide-react';
import { formatMoney, type Currency } from '../../../core/catalogue/money.ts';
import type { GoodsRow } from '../../../core/goods/goods.ts';
import type { GoodsSort } from '../../../core/goods/goodsList.ts';
import type { Names } from '../../../core/sentence/sentence.ts';
import { tagNames } from '../../../core/sentence/tagNames.ts';
import { renditionAddress } from '../../../core/picture/renditions.ts';

declare module '@tanstack/react-table' {
  // The names of its parameters are the package's own.
  // eslint-disable-next-line @typescript-eslint/no-unused-vars
  interface ColumnMeta<TData, TValue> {
    /** As a track of the grid. */
    track: string;
    isNumber?: boolean;
    sort?: GoodsSort;
  }
}

const column = createColumnHelper<GoodsRow>();
const PICTURE_PX = 160;

const listed = (words: readonly string[]) => words.join(', ');

const lackedBy = ({ picture, hasShortText }: GoodsRow): string =>
  listed([...(picture ? [] : ['no picture']), ...(hasShortText ? [] : ['no short description'])]);

/** What is left out where there is no room for all; the product itself says it. */
export const SPARED: VisibilityState = { tags: false, rating: false };

/** What of each product stands in the list of all. */
export const goodsColumns = (currency: Currency, names: Pick<Names, 'tag'>) => [
  column.display({
    id: 'picture',
    header: '',
    meta: { track: '40px' },
    cell: ({ row: { original } }) =>
      original.picture ? (
        <img src={renditionAddress(original.picture, PICTURE_PX)} alt="" loading="lazy" />
      ) : (
        <span className="bare">
          <ImageOff size={15} aria-hidden />
        </span>
      ),
  }),
  column.accessor('title', {
    header: 'Title',
    meta: { track: 'minmax(104px, 2.4fr)', sort: 'title' },
    cell: ({ row: { original } }) => (
      <>
        <span className="title">{original.title}</span>
        {lackedBy(original) && <span className="lacks">{lackedBy(original)}</span>}
      </>
    ),
  }),
  column.accessor('code', { header: 'Item code', meta: { track: 'minmax(70px, 1fr)', sort: 'code' } }),
  column.accessor('price', {
    header: 'Price',
    meta: { track: '92px', isNumber: true, sort: 'price' },
    cell: ({ row: { original } }) =>
      `${original.from ? 'from ' : ''}${formatMoney(original.price, currency)}`,
  }),
  column.accessor('reduced', {
    header: 'Reduced',
    meta: { track: '76px', isNumber: true },
    cell: ({ getValue }) => {
      const minor = getValue();
      return minor === null ? '' : formatMoney(minor, currency);
    },
  }),
  column.accessor('stock', {
    header: 'Stock',
    meta: { track: '76px', isNumber: true, sort: 'stock' },
    cell: ({ row: { original } }) =>
      original.inStock ? (original.stock ?? 'not counted') : <span className="lacks">sold out</span>,
  }),
  column.accessor('categories', {
    header: 'Category',
    meta: { track: 'minmax(80px, 1.3fr)' },
    cell: ({ getValue }) => listed(getValue()) || <span className="lacks">no category</span>,
  }),
  column.accessor('tags', {
    header: 'Tags',
    meta: { track: 'minmax(80px, 1.3fr)' },
    cell: ({ getValue }) => <span className="quiet">{listed(tagNames(getValue(), names))}</span>,
  }),
  column.accessor('rating', {
    header: 'Rating',
    meta: { track: '84px', sort: 'rating' },
    cell: ({ getValue }) => {
      const rating = getValue();
      return rating ? `${rating.mean.toFixed(1)} (${rating.count})` : <span className="quiet">none</span>;
    },
  }),
];
