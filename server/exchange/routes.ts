import { Readable } from 'node:stream';
import type { FastifyReply } from 'fastify';
import {
  exampleGoods,
  exportGoods,
  exportGoodsLines,
  forgetImport,
  readImport,
  readRefused,
  sendImport,
  setImport,
  stopImport,
  undoImport,
  writeImport,
} from '../../core/api/exchange.ts';
import type {
  Found,
  ImportIs,
  ImportSettings,
  ImportState,
  LastImport,
} from '../../core/exchange/importState.ts';
import { Lookup } from '../../core/exchange/lookup.ts';
import { same } from '../../core/settings/same.ts';
import type { Api } from '../api.ts';
import type { Queryable } from '../db/pool.ts';
import { readDraftHouse } from '../drafts/draftRows.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { asLines } from './asLines.ts';
import { compareFile } from './compareFile.ts';
import { exampleTable, exportedGoods, tableText, UTF8_MARK } from './exportGoods.ts';
import {
  insertImport,
  readFormer,
  readImportRow,
  readNamed,
  readOwn,
  readChunks,
  type ImportRow,
} from './importRows.ts';
import { columnsOf, foundDialect, LOOKED_BYTES, proposed, readAs } from './lookAt.ts';
import { ENDS } from './importWork.ts';
import { readingOf } from './reading.ts';

interface Answer {
  state: ImportState | null;
  last: LastImport | null;
}

/** Rows that are remembered, since what is said of them is known some rows later. */
const MOST_KEPT = 5_000;
/** Values of a column that are told of. */
const SHOWN_VALUES = 3;

/** What was found before an update says nothing of what came with it. */
const asFoundNow = (found: Found): Found => ({
  ...{ lostPictures: 0, lost: [] },
  ...found,
  made: { ...{ collections: [], fields: [] }, ...found.made },
});

async function stateOf(db: Queryable): Promise<Answer> {
  const row = await readImportRow(db);
  const last = await readLast(db);
  if (!row) return { state: null, last };
  const [own, { currency }] = await Promise.all([readOwn(db), readDraftHouse(db)]);
  return {
    last,
    state: {
      id: row.id,
      fileName: row.file_name,
      is: row.state,
      fault: row.fault,
      settings: row.settings,
      columns: row.columns.map(({ name, values }) => ({
        name,
        values: [...new Set(values)].slice(0, SHOWN_VALUES),
      })),
      hows: readAs(row.columns, row.settings, own, currency).hows,
      rowsRead: row.rows_read,
      found: row.found && asFoundNow(row.found),
      leftOver: row.left_over,
      own: { options: [...own.options], fields: [...own.fields] },
    },
  };
}

async function readLast(db: Queryable): Promise<LastImport | null> {
  const { rows } = await db.query<Omit<LastImport, 'writtenAt'> & { at: Date }>(
    `SELECT id, file_name AS "fileName", written_at AS at,
       ((found -> 'counts' ->> 'new')::int + (found -> 'counts' ->> 'changed')::int) AS products
     FROM goods_import WHERE state = 'written' AND written_at IS NOT NULL ORDER BY id DESC LIMIT 1`,
  );
  const [last] = rows;
  return last
    ? { id: last.id, fileName: last.fileName, products: last.products, writtenAt: last.at.toISOString() }
    : null;
}

/** Asks for something to be done with a file that is as it has to be for that; told where it is not. */
async function ask(db: Queryable, id: number, from: readonly ImportIs[], to: ImportIs): Promise<void> {
  const { rowCount } = await db.query(
    `UPDATE goods_import SET state = $3, run = run + 1, rows_read = 0, fault = NULL WHERE id = $1 AND state = ANY($2)`,
    [id, from, to],
  );
  if (rowCount === 0) await sayWhyNot(db, id);
}

async function sayWhyNot(db: Queryable, id: number): Promise<never> {
  const { rows } = await db.query('SELECT FROM goods_import WHERE id = $1', [id]);
  throw new Fault(rows.length === 0 ? 'import-gone' : 'import-busy');
}

const CSV = 'text/csv';

/** Sends a file as it is made. */
async function sendFile(
  reply: FastifyReply,
  [name, type]: readonly [name: string, type: string],
  text: AsyncGenerator<string>,
): Promise<unknown> {
  return reply
    .type(`${type}; charset=utf-8`)
    .header('content-disposition', `attachment; filename="${name}"`)
    .send(Readable.from(text));
}

/** Products in from a file, and out into one. */
export function exchangeRoutes(api: Api, { db, readDb, clock, work }: Parts): void {
  const answer = async (): Promise<Answer> => {
    work.go();
    return stateOf(db);
  };

  api.answer(readImport, () => stateOf(db));
  api.answer(sendImport, async ({ file: sent, query: { name } }) => {
    const file = asLines(sent);
    const head = file.subarray(0, LOOKED_BYTES);
    const dialect = foundDialect(head);
    const columns = columnsOf(head, dialect);
    const settings = proposed(columns, dialect, await readOwn(db), await readFormer(db));
    await insertImport(db, file, { fileName: name.replaceAll('\0', ''), settings, columns, now: clock() });
    return answer();
  });
  api.answer(setImport, async ({ body: { id, settings } }) => {
    const row = await readImportRow(db);
    if (row?.id !== id) throw new Fault('import-gone');
    const read = await reread(db, row, settings);
    const { rowCount } = await db.query(
      `UPDATE goods_import SET settings = $3, columns = $4, state = 'comparing', run = run + 1, rows_read = 0, fault = NULL, found = NULL
       WHERE id = $1 AND state = ANY($2)`,
      [id, ['comparing', 'compared', 'failed'], ...read.map((one) => JSON.stringify(one))],
    );
    if (rowCount === 0) await sayWhyNot(db, id);
    return answer();
  });
  api.answer(writeImport, async ({ body: { id } }) => {
    await ask(db, id, ['compared'], 'writing');
    return answer();
  });
  api.answer(undoImport, async ({ body: { id } }) => {
    // Files that were sent since are forgotten: what is undone is the last.
    await db.query(
      `DELETE FROM goods_import WHERE id > $1 AND state NOT IN ('writing', 'written', 'undoing')`,
      [id],
    );
    await ask(db, id, ['written'], 'undoing');
    return answer();
  });
  api.answer(stopImport, async ({ body: { id } }) => {
    await db.query(
      'UPDATE goods_import SET run = run + 1, fault = NULL, state = $2::jsonb ->> state WHERE id = $1 AND $2::jsonb ? state',
      [id, JSON.stringify(ENDS)],
    );
    return answer();
  });
  api.answer(forgetImport, async ({ body: { id } }) => {
    // One that can be undone stays until the next is written.
    await db.query(
      `DELETE FROM goods_import WHERE id = $1 AND state NOT IN ('writing', 'written', 'undoing')`,
      [id],
    );
    return answer();
  });
  api.answer(readRefused, async ({ reply }) =>
    sendFile(reply, ['not-importable.csv', CSV], refusedRows(readDb)),
  );
  api.answer(exampleGoods, async ({ reply }) => {
    const { currency } = await readDraftHouse(readDb);
    return sendFile(reply, ['example.csv', CSV], exampleTable(readDb, currency));
  });
  for (const [contract, format, type] of [
    [exportGoods, 'csv', CSV],
    [exportGoodsLines, 'jsonl', 'application/jsonl'],
  ] as const)
    api.answer(contract, async ({ reply }) => {
      const { currency } = await readDraftHouse(readDb);
      return sendFile(reply, [`products.${format}`, type], exportedGoods(readDb, currency, format));
    });
}

/** What a file is read as, with its columns; what they hold is found anew where it is read as other columns. */
async function reread(db: Queryable, { id, settings: before }: ImportRow, after: ImportSettings) {
  const { value: head = new Uint8Array() } = await readChunks(db, id).next();
  const columns = columnsOf((head as Uint8Array).subarray(0, LOOKED_BYTES), after.dialect);
  const settings =
    same(before.dialect, after.dialect) && columns.length === after.matching.length
      ? after
      : {
          ...proposed(columns, after.dialect, await readOwn(db), await readFormer(db)),
          decimal: after.decimal,
        };
  return [settings, columns] as const;
}

/** The rows that cannot be imported as they are in the file, each with why. */
async function* refusedRows(db: Queryable): AsyncGenerator<string> {
  const row = await readImportRow(db);
  if (!row) return;
  const reading = await readingOf(db, row);
  yield UTF8_MARK + tableText([['Line', 'Why', ...reading.names]]);
  const kept = new Map<number, string[]>();
  const compared = compareFile(db, reading, {
    lookup: new Lookup(await readNamed(db, reading), reading.makes),
    onRow: ({ line, cells }) => kept.set(line, cells),
  });
  for await (const { outcomes } of compared) {
    const refused = outcomes.flatMap((one) => (one.is === 'refused' ? [one.fault] : []));
    if (refused.length > 0)
      yield tableText(refused.map(({ line, why }) => [String(line), why, ...(kept.get(line) ?? [])]));
    for (const line of kept.keys())
      if (kept.size > MOST_KEPT) kept.delete(line);
      else break;
  }
}
