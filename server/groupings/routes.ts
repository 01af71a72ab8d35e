import {
  addGrouping as addContract,
  editGroupings,
  listGroupings,
  removeGrouping as removeContract,
} from '../../core/api/groupings.ts';
import type { Api } from '../api.ts';
import type { Parts } from '../parts.ts';
import { readGroupings } from './groupingRows.ts';
import { addGrouping, removeGrouping, writeGroupings } from './writeGroupings.ts';

/** What products are put together by, as its owner keeps it. */
export function groupingRoutes(api: Api, { db, readDb }: Parts): void {
  api.answer(listGroupings, async ({ query: { of } }) => ({ groupings: await readGroupings(readDb, of) }));
  api.answer(addContract, async ({ body }) => ({
    id: await addGrouping(db, { ...body, name: body.name.trim() }),
  }));
  api.answer(removeContract, async ({ body: { of, id } }) => ({ removed: await removeGrouping(db, of, id) }));
  api.answer(editGroupings, async ({ body: { edits } }) => ({ conflicts: await writeGroupings(db, edits) }));
}
