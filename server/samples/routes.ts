import {
  addSamples as addContract,
  readSetUp,
  removeSamples as removeContract,
} from '../../core/api/setUp.ts';
import type { Api } from '../api.ts';
import type { Parts } from '../parts.ts';
import { addSamples, countWithSamples, removeSamples } from './samples.ts';

/** How far a new store has come, and goods to try it with. */
export function setUpRoutes(api: Api, { db, readDb, clock, live, renditions }: Parts): void {
  api.answer(readSetUp, async () => {
    const [counts, release] = await Promise.all([countWithSamples(readDb), live.get()]);
    return { ...counts, published: release !== null };
  });
  api.answer(addContract, async () => ({ added: await addSamples(db, clock()) }));
  api.answer(removeContract, async () => {
    const { removed, left, files } = await removeSamples(db);
    await Promise.all(files.map((file) => renditions.forget(file)));
    return { removed, left };
  });
}
