import type { GoodsRow } from './goods.ts';
import type { GoodsEdit } from './goodsEdit.ts';

/** What of a row follows a fact of its product, or of the only way in which that can be had. */
const FOLLOWS: Readonly<Record<string, (is: never) => Partial<GoodsRow>>> = {
  title: (title: string) => ({ title }),
  code: (code: string) => ({ code }),
  tags: (tags: readonly string[]) => ({ tags }),
  shortText: (text: string) => ({ hasShortText: text !== '' }),
  price: (price: number) => ({ price }),
  reduced: (reduced: number | null) => ({ reduced }),
  stock: (stock: number | null) => ({ stock, inStock: stock === null || stock > 0 }),
};

/** The row of the list once an edit is done, as far as that is known without asking. */
export function rowEdited(row: GoodsRow, { product, of, part, fact, is }: GoodsEdit): GoodsRow {
  if (product !== row.id) return row;
  const isIts = of === 'product' || (of === 'variant' && part === row.only);
  return isIts && Object.hasOwn(FOLLOWS, fact) ? { ...row, ...FOLLOWS[fact]!(is as never) } : row;
}
