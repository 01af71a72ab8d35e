import type { Conflict } from '../facts/factEdit.ts';
import { MOST_EDITS, goodsEditSchema, type GoodsEdit } from '../goods/goodsEdit.ts';
import type { Goods, GoodsRow } from '../goods/goods.ts';
import {
  GOODS_PAGE,
  GOODS_SORT_IDS,
  MISSINGS,
  WITHIN,
  type GoodsSort,
  type Missing,
  type Within,
} from '../goods/goodsList.ts';
import { goodsFact } from '../goods/goodsFacts.ts';
import { choiceInSchema, choicesSchema, type ChoiceIn } from '../goods/variants.ts';
import { MOST_TOGETHER } from '../goods/goodsMany.ts';
import { array, boolean, idSchema, number, object, string, type Schema } from '../schema/schema.ts';
import { contract } from './contract.ts';
import { orNull, shape, told } from './shape.ts';

const list = <T>() => array().required() as unknown as Schema<T[]>;
const count = () => number().integer().min(0).required();

/** What of the list of all products is asked for. */
export interface GoodsAsked {
  /** Words that begin words of title, brand or tags, or an item code; empty for all. */
  words: string;
  missing: Missing | null;
  within: Within | null;
  sort: GoodsSort;
  down: boolean;
  /** The first that is wanted, from 0. */
  from: number;
}

/** A hundred products from one place of the list on, and how many there are. */
export const listGoods = contract({
  method: 'POST',
  path: '/api/goods/list',
  who: 'signedIn',
  body: shape<GoodsAsked>({
    words: string().max(200).defined(),
    missing: string().oneOf(MISSINGS).nullable().defined(),
    within: object({ of: string().oneOf(WITHIN).required(), id: idSchema })
      .noUnknown()
      .nullable()
      .defined(),
    sort: string().oneOf(GOODS_SORT_IDS).required(),
    down: boolean().required(),
    from: number().integer().min(0).max(10_000_000).required(),
  }),
  answer: shape<{ total: number; rows: GoodsRow[] }>({
    total: count(),
    rows: array().max(GOODS_PAGE).required(),
  }),
});

/** How many products there are, and how many of them lack something. */
export const countGoods = contract({
  method: 'GET',
  path: '/api/goods/counts',
  who: 'signedIn',
  answer: shape<{ all: number; missing: Record<Missing, number> }>({ all: count(), missing: told() }),
});

export const readGoods = contract({
  method: 'GET',
  path: '/api/goods/one',
  who: 'signedIn',
  query: shape<{ id: string }>({
    id: string()
      .matches(/^\d{1,10}$/)
      .required(),
  }),
  answer: shape<{ goods: Goods | null }>({ goods: orNull(told<Goods>()) }),
});

/** Several products by their ids; those that are gone are missing. */
export const readManyGoods = contract({
  method: 'POST',
  path: '/api/goods/many',
  who: 'signedIn',
  body: shape<{ ids: readonly number[] }>({ ids: array(idSchema).min(1).max(MOST_TOGETHER).required() }),
  answer: shape<{ goods: Goods[] }>({ goods: list() }),
});

/** A new product of this title and price, minor units; it is sold out until its stock is set. */
export const addGoods = contract({
  method: 'POST',
  path: '/api/goods/new',
  who: 'signedIn',
  body: shape<{ title: string; price: number }>({
    title: goodsFact('product', 'title')!.schema as Schema<string>,
    price: goodsFact('variant', 'price')!.schema as Schema<number>,
  }),
  answer: shape<{ id: number }>({ id: idSchema }),
});

/** Takes a product out of the catalogue; one that was ordered stays. */
export const removeGoods = contract({
  method: 'POST',
  path: '/api/goods/removed',
  who: 'signedIn',
  body: shape<{ id: number }>({ id: idSchema }),
  answer: shape<{ removed: boolean }>({ removed: boolean().required() }),
});

/** Gives a product an option; each of its variants is this in it. */
export const addOption = contract({
  method: 'POST',
  path: '/api/goods/option',
  who: 'signedIn',
  body: shape<{ product: number; choice: ChoiceIn }>({ product: idSchema, choice: choiceInSchema }),
  answer: shape<{ added: boolean }>({ added: boolean().required() }),
});

/** A new variant at the price of the first, sold out until its stock is set. */
export const addVariant = contract({
  method: 'POST',
  path: '/api/goods/variant',
  who: 'signedIn',
  body: shape<{ product: number; choice: readonly ChoiceIn[] }>({ product: idSchema, choice: choicesSchema }),
  answer: shape<{ id: number }>({ id: idSchema }),
});

/** Takes a variant off a product that has others. */
export const removeVariant = contract({
  method: 'POST',
  path: '/api/goods/variant/removed',
  who: 'signedIn',
  body: shape<{ product: number; id: number }>({ product: idSchema, id: idSchema }),
  answer: shape<{ removed: boolean }>({ removed: boolean().required() }),
});

/** Writes facts of products, all or none: none where one of them is not any more what it was. Shoppers see them at once. */
export const editGoods = contract({
  method: 'POST',
  path: '/api/goods/edit',
  who: 'signedIn',
  body: shape<{ edits: readonly GoodsEdit[] }>({
    edits: array(goodsEditSchema as never)
      .min(1)
      .max(MOST_EDITS)
      .required(),
  }),
  answer: shape<{ conflicts: Conflict<GoodsEdit>[] }>({ conflicts: list() }),
});
