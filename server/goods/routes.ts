import {
  addGoods as addGoodsContract,
  countGoods,
  editGoods,
  listGoods,
  readGoods,
  readManyGoods,
  addOption as addOptionContract,
  addVariant as addVariantContract,
  removeGoods as removeGoodsContract,
  removeVariant as removeVariantContract,
} from '../../core/api/goods.ts';
import { LARGEST_ID } from '../../core/schema/largestId.ts';
import type { Api } from '../api.ts';
import type { Parts } from '../parts.ts';
import { addGoods, removeGoods } from './addGoods.ts';
import { readGoodsById } from './goodsRows.ts';
import { countGoodsRows, readGoodsList } from './listGoods.ts';
import { addOption, addVariant, removeVariant } from './variants.ts';
import { writeGoods } from './writeGoods.ts';

/** The catalogue as its owner keeps it. */
export function goodsRoutes(api: Api, { db, readDb, clock }: Parts): void {
  api.answer(listGoods, ({ body }) => readGoodsList(readDb, body));
  api.answer(countGoods, () => countGoodsRows(readDb));
  api.answer(readGoods, async ({ query: { id } }) => {
    const asked = Number(id);
    const found = asked <= LARGEST_ID ? await readGoodsById(readDb, [asked]) : null;
    return { goods: found?.get(asked) ?? null };
  });
  api.answer(readManyGoods, async ({ body: { ids } }) => ({
    goods: [...(await readGoodsById(readDb, ids)).values()],
  }));
  api.answer(addGoodsContract, async ({ body: { title, price } }) => ({
    id: await addGoods(db, title.trim(), price, clock()),
  }));
  api.answer(removeGoodsContract, async ({ body: { id } }) => ({ removed: await removeGoods(db, id) }));
  api.answer(addOptionContract, async ({ body: { product, choice } }) => {
    await addOption(db, product, choice);
    return { added: true };
  });
  api.answer(addVariantContract, async ({ body: { product, choice } }) => ({
    id: await addVariant(db, product, choice),
  }));
  api.answer(removeVariantContract, async ({ body: { product, id } }) => ({
    removed: await removeVariant(db, product, id),
  }));
  api.answer(editGoods, async ({ body: { edits } }) => ({ conflicts: await writeGoods(db, edits) }));
}
