import type { PictureFacts } from '../catalogue/facts.ts';
import { currencyOf } from '../catalogue/currencyOf.ts';
import { formatMoney } from '../catalogue/money.ts';
import type { House } from '../plan/house.ts';
import { textsFor } from '../texts/index.ts';
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
  /** What the store says of shipping; empty where it says nothing. */
  shipping: string;
  /** Things that can be had. */
  count: number;
  total: string;
  /** The same in minor units, by which the server knows whether it was this that a shopper agreed to. */
  totalMinor: number;
}

type Said = { [K in LineChange['is']]: (change: Extract<LineChange, { is: K }>) => string };

/** @param house of the store that it is filled in */
export function basketView(basket: Basket, house: House): BasketView {
  const [currency, texts] = [currencyOf(house), textsFor(house)];
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
    shipping: house.shop.shipping,
    count: basket.count,
    total: formatMoney(basket.total, currency),
    totalMinor: basket.total,
  };
}
