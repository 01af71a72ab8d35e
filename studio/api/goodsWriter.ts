import type { QueryClient } from '@tanstack/react-query';
import type { AnswerOf } from '../../core/api/contract.ts';
import { editGoods, type listGoods } from '../../core/api/goods.ts';
import type { Goods } from '../../core/goods/goods.ts';
import { edited, type GoodsEdit } from '../../core/goods/goodsEdit.ts';
import { rowEdited } from '../../core/goods/rowEdited.ts';
import type { Client } from './client.ts';
import { SET_UP_KEY } from './setUpKey.ts';
import { makeFactWriter, type FactWriter } from './factWriter.ts';
import { knownChanged } from './known.ts';

/** Parts of lists of all products. */
export const GOODS_LISTED = ['goods', 'list'] as const;
export const goodsKey = (id: number) => ['goods', 'one', id] as const;

/** Whatever shows products asks anew. */
export function goodsChanged(queries: QueryClient): void {
  for (const of of [
    'goods',
    'items',
    'specimen',
    'sample items',
    'product search',
    'rule counts',
    SET_UP_KEY[0],
  ])
    void queries.invalidateQueries({ queryKey: [of] });
}

const OFFERED: ReadonlySet<string> = new Set(['tags', 'brandId', 'categoryIds', 'collectionIds']);

/** Writes facts of products. */
export const makeGoodsWriter = (client: Client, queries: QueryClient): FactWriter<GoodsEdit> =>
  makeFactWriter({
    send: async (edits) => (await client.ask(editGoods, { body: { edits } })).conflicts,
    show: (edits) => {
      for (const { product } of edits) void queries.cancelQueries({ queryKey: goodsKey(product) });
      for (const edit of edits)
        queries.setQueryData<{ goods: Goods | null }>(goodsKey(edit.product), (known) =>
          known?.goods ? { goods: edited(known.goods, edit) } : known,
        );
      void queries.cancelQueries({ queryKey: GOODS_LISTED });
      queries.setQueriesData<AnswerOf<typeof listGoods>>({ queryKey: GOODS_LISTED }, (known) =>
        known ? { ...known, rows: known.rows.map((row) => edits.reduce(rowEdited, row)) } : known,
      );
    },
    changed: (edits) => {
      goodsChanged(queries);
      // What products have is what is offered elsewhere.
      if (edits.some(({ of, fact }) => of === 'field' || OFFERED.has(fact))) knownChanged(queries);
    },
    isSameFact: (a, b) => a.product === b.product && a.of === b.of && a.part === b.part && a.fact === b.fact,
  });
