import { LONGEST_FILE_NAME } from '../exchange/importState.ts';
import { boolean, idSchema, number, string } from '../schema/schema.ts';
import {
  MOST_STORE_BYTES,
  STORE_PART_BYTES,
  type StoreCounts,
  type StoreImport,
} from '../wholeStore/storeFile.ts';
import { contract } from './contract.ts';
import { orNull, shape, told } from './shape.ts';

/** What there is, and the file of a whole store that is being brought in. */
export interface WholeStore {
  counts: StoreCounts;
  /** A whole store can be brought in. */
  isEmpty: boolean;
  import: StoreImport | null;
}

const answer = shape<WholeStore>({
  counts: told<StoreCounts>(),
  isEmpty: boolean().required(),
  import: orNull(told<StoreImport>()),
});
const one = shape<{ id: number }>({ id: idSchema });

/** Everything in one ZIP, which another installation reads. */
export const exportStore = contract({
  method: 'GET',
  path: '/api/export/store.zip',
  who: 'signedIn',
  gives: 'file',
  answer: told<unknown>(),
});

export const readWholeStore = contract({ method: 'GET', path: '/api/whole-store', who: 'signedIn', answer });

/** Begins a file, which is then sent in parts. */
export const beginStore = contract({
  method: 'POST',
  path: '/api/whole-store/begin',
  who: 'publishers',
  body: shape<{ name: string; bytes: number }>({
    name: string().max(LONGEST_FILE_NAME).defined(),
    bytes: number().integer().min(1).max(MOST_STORE_BYTES).required(),
  }),
  answer,
});

/** A part of the file, the first being 0; once the last is here it is opened. */
export const sendStorePart = contract({
  slow: true,
  method: 'POST',
  path: '/api/whole-store/part',
  who: 'publishers',
  takes: 'storePart',
  query: shape<{ id: number; part: number }>({
    id: idSchema,
    part: number()
      .integer()
      .min(0)
      .max(Math.ceil(MOST_STORE_BYTES / STORE_PART_BYTES))
      .required(),
  }),
  answer,
});

/** Writes it, all of it or nothing; what of it was published is public at once. */
export const writeStore = contract({
  method: 'POST',
  path: '/api/whole-store/write',
  who: 'publishers',
  body: one,
  answer,
});

/** Ends what is done with the file, of which nothing stays, and forgets it. */
export const stopStore = contract({
  method: 'POST',
  path: '/api/whole-store/stop',
  who: 'publishers',
  body: one,
  answer,
});
