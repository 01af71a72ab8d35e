import {
  importSettingsSchema,
  LONGEST_FILE_NAME,
  type ImportSettings,
  type ImportState,
  type LastImport,
} from '../exchange/importState.ts';
import { idSchema, string, type Schema } from '../schema/schema.ts';
import { contract } from './contract.ts';
import { orNull, shape, told } from './shape.ts';

const state = shape<{ state: ImportState | null; last: LastImport | null }>({
  state: orNull(told<ImportState>()),
  last: orNull(told<LastImport>()),
});
const one = shape<{ id: number }>({ id: idSchema });

/** Sends a file of products; it is read and compared with what is there, and nothing is written. */
export const sendImport = contract({
  method: 'POST',
  path: '/api/import/file',
  who: 'signedIn',
  takes: 'goods',
  query: shape<{ name: string }>({
    name: string().max(LONGEST_FILE_NAME).default('') as unknown as Schema<string>,
  }),
  answer: state,
});

/** All products as a table that an import reads: of one row for each variant, in UTF-8. */
export const exportGoods = contract({
  method: 'GET',
  path: '/api/export/products.csv',
  who: 'signedIn',
  gives: 'file',
  answer: told<unknown>(),
});

/** The same as JSON Lines: a product on each, with its variants in it. */
export const exportGoodsLines = contract({
  method: 'GET',
  path: '/api/export/products.jsonl',
  who: 'signedIn',
  gives: 'file',
  answer: told<unknown>(),
});

/** Some products that are nowhere, in the columns that this store has: what a table to import looks like. */
export const exampleGoods = contract({
  method: 'GET',
  path: '/api/export/example.csv',
  who: 'signedIn',
  gives: 'file',
  answer: told<unknown>(),
});

/** The rows of the last file that cannot be imported, as they stand in there, each with why. */
export const readRefused = contract({
  method: 'GET',
  path: '/api/import/refused.csv',
  who: 'signedIn',
  gives: 'file',
  answer: told<unknown>(),
});

/** The last file that was sent, and how far it has come. */
export const readImport = contract({ method: 'GET', path: '/api/import', who: 'signedIn', answer: state });

/** Reads the file in another way. */
export const setImport = contract({
  method: 'POST',
  path: '/api/import/settings',
  who: 'signedIn',
  body: shape<{ id: number; settings: ImportSettings }>({ id: idSchema, settings: importSettingsSchema }),
  answer: state,
});

/** Writes what was shown, in one transaction. */
export const writeImport = contract({
  method: 'POST',
  path: '/api/import/write',
  who: 'signedIn',
  body: one,
  answer: state,
});

/** Ends what is done with the file just now; nothing of it stays. */
export const stopImport = contract({
  method: 'POST',
  path: '/api/import/stop',
  who: 'signedIn',
  body: one,
  answer: state,
});

/** Takes back what was written, but for what somebody has changed since. */
export const undoImport = contract({
  method: 'POST',
  path: '/api/import/undo',
  who: 'signedIn',
  body: one,
  answer: state,
});

/** Forgets a file that was not written, or was undone. */
export const forgetImport = contract({
  method: 'POST',
  path: '/api/import/forget',
  who: 'signedIn',
  body: one,
  answer: state,
});
