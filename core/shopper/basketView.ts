import type { PictureFacts } from '../catalogue/facts.ts';
import { formatMoney, type Currency } from '../catalogue/money.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import type { Basket, LineChange } from './basket.ts';
import { MOST_OF_ONE } from './basketLines.ts';

export interface BasketLineView {
  variantId: number;
  title: string;
  choice: string;
  href: string;
  picture: PictureFacts | null;
  wanted: number;
  /** As many of them as can be had. */
  had: number;
  /** As many as can be asked for. */
  most: number;
  each: string;
  cost: string;
  /** What has become of it since it was put in. */
  notes: string[];
}

/** A basket in words, ready to be drawn. */
export interface BasketView {
  lines: BasketLineView[];
  notes: string[];
  /** Things that can be had. */
  count: number;
  total: string;
  /** The same in minor units, by which the server knows whether it was this that a shopper agreed to. */
  totalMinor: number;
}

type Said = { [K in LineChange['is']]: (change: Extract<LineChange, { is: K }>) => string };

export function basketView(basket: Basket, currency: Currency, texts: StoreTexts): BasketView {
  const said: Said = {
    soldOut: () => texts.lineSoldOut,
    fewer: ({ left }) => texts.lineFewer(left),
    repriced: ({ was }) => texts.lineRepriced(formatMoney(was, currency)),
  };
  const say = (change: LineChange) => (said[change.is] as (one: LineChange) => string)(change);
  return {
    lines: basket.lines.map(({ good, wanted, had, cost, changes }) => ({
      variantId: good.variantId,
      title: good.title,
      choice: good.choice,
      href: `/product/${good.slug}?variant=${good.variantId}`,
      picture: good.picture,
      wanted,
      had,
      most: Math.min(MOST_OF_ONE, good.stock || MOST_OF_ONE),
      each: formatMoney(good.price, currency),
      cost: formatMoney(cost, currency),
      notes: changes.map(say),
    })),
    notes: basket.gone > 0 ? [texts.linesGone(basket.gone)] : [],
    count: basket.count,
    total: formatMoney(basket.total, currency),
    totalMinor: basket.total,
  };
}
