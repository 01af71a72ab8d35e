import {
  addSamples as addContract,
  readSetUp,
  removeSamples as removeContract,
} from '../../core/api/setUp.ts';
import type { Api } from '../api.ts';
import { countGoodsRows } from '../goods/listGoods.ts';
import type { Parts } from '../parts.ts';
import { addSamples, countSamples, removeSamples } from './samples.ts';

/** How far a new store has come, and goods to try it with. */
export function setUpRoutes(api: Api, { db, readDb, clock, live, renditions }: Parts): void {
  api.answer(readSetUp, async () => {
    const [{ all, missing }, samples, release] = await Promise.all([
      countGoodsRows(readDb),
      countSamples(readDb),
      live.get(),
    ]);
    return { products: all, samples, withoutPicture: missing.picture, published: release !== null };
  });
  api.answer(addContract, async () => ({ added: await addSamples(db, clock()) }));
  api.answer(removeContract, async () => {
    const { removed, left, files } = await removeSamples(db);
    await Promise.all(files.map((file) => renditions.forget(file)));
    return { removed, left };
  });
}
