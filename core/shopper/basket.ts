import type { PictureFacts } from '../catalogue/facts.ts';
import type { BasketLine } from './basketLines.ts';

/** A variant as it can be bought now. */
export interface Good {
  variantId: number;
  productId: number;
  slug: string;
  title: string;
  /** What tells the variant apart, as "Celadon, large"; empty where there is but one. */
  choice: string;
  /** What one costs now, minor units. */
  price: number;
  /** How many there are; null where it is not counted. */
  stock: number | null;
  picture: PictureFacts | null;
}

/** What has changed of a line since it was put in. */
export type LineChange =
  | { is: 'soldOut' }
  /** Fewer are left than are wanted. */
  | { is: 'fewer'; left: number }
  | { is: 'repriced'; was: number };

/** A line of a basket with what can be had of it. */
export interface ReckonedLine {
  good: Good;
  wanted: number;
  /** As many as are wanted and there. */
  had: number;
  /** Minor units, of all that can be had of it. */
  cost: number;
  changes: LineChange[];
}

/** A basket reckoned with the prices and the stock of now. */
export interface Basket {
  lines: ReckonedLine[];
  /** Lines of what is sold no more. */
  gone: number;
  /** Things that can be had. */
  count: number;
  /** Minor units. */
  total: number;
}

export const emptyBasket: Basket = { lines: [], gone: 0, count: 0, total: 0 };

/** Reckons a basket. What cannot be had costs nothing, stays in it, and says so. */
export function reckoned(lines: readonly BasketLine[], goods: ReadonlyMap<number, Good>): Basket {
  const all = lines.flatMap((line): ReckonedLine[] => {
    const good = goods.get(line.variantId);
    if (!good) return [];
    const had = good.stock === null ? line.quantity : Math.max(0, Math.min(line.quantity, good.stock));
    const changes: LineChange[] = [
      ...(had === 0 ? [{ is: 'soldOut' } as const] : []),
      ...(had > 0 && had < line.quantity ? [{ is: 'fewer', left: had } as const] : []),
      ...(good.price === line.paid ? [] : [{ is: 'repriced', was: line.paid } as const]),
    ];
    return [{ good, wanted: line.quantity, had, cost: had * good.price, changes }];
  });
  return {
    lines: all,
    gone: lines.length - all.length,
    count: all.reduce((sum, { had }) => sum + had, 0),
    total: all.reduce((sum, { cost }) => sum + cost, 0),
  };
}
