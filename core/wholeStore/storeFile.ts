import { boolean, number, object, string, type Schema } from '../schema/schema.ts';
import { counted, listed } from '../sentence/sentence.ts';

/** What tells the file of a whole store from any other ZIP. */
export const STORE_FILE = 'wide-shelf-store';
/** Of the files as they are written now; those of a later one are not read. */
export const STORE_FORMAT = 1;

/** A file may be so large, bytes. */
export const MOST_STORE_BYTES = 2 * 1024 ** 3;
/** It is sent in parts, so that a slow line is enough and no part has to be sent twice for another. */
export const STORE_PART_BYTES = 4 * 1024 * 1024;

/** What a store has, as far as a person is told of it before it is brought in. */
export const STORE_COUNTS = ['products', 'pictures', 'categories', 'entries', 'pages'] as const;
export type StoreCounts = Record<(typeof STORE_COUNTS)[number], number>;

/** What the file begins with. */
export interface StoreHead {
  kind: typeof STORE_FILE;
  format: number;
  storeName: string;
  /** ISO 8601. */
  writtenAt: string;
  /** Something of it was published. */
  published: boolean;
  /** Orders that there were: what is often bought together goes by their number. */
  orders: number;
  /** Lines of all its tables, and files of pictures and typefaces. */
  lines: number;
  counts: StoreCounts;
}

const LONGEST_NAME = 200;
const count = () => number().integer().min(0).required();

export const storeHeadSchema = object({
  kind: string().oneOf([STORE_FILE]).required(),
  format: number().integer().min(1).required(),
  storeName: string().max(LONGEST_NAME).defined(),
  writtenAt: string()
    .test('time', 'This is no time.', (value) => !Number.isNaN(Date.parse(value ?? '')))
    .required(),
  published: boolean().required(),
  orders: count(),
  lines: count(),
  counts: object(Object.fromEntries(STORE_COUNTS.map((id) => [id, count()]))).required(),
}).required() as unknown as Schema<StoreHead>;

const WORDS: Record<keyof StoreCounts, readonly [one: string, many: string]> = {
  products: ['product', 'products'],
  pictures: ['picture', 'pictures'],
  categories: ['category', 'categories'],
  entries: ['journal entry', 'journal entries'],
  pages: ['page', 'pages'],
};

/** "264 products, 673 pictures and 12 pages"; "nothing" for a store with none of that. */
export const sayCounts = (counts: StoreCounts): string =>
  listed(STORE_COUNTS.filter((id) => counts[id] > 0).map((id) => counted(counts[id], ...WORDS[id]))) ||
  'nothing';

/** How far the file of a whole store has come. */
export type StoreImportIs = 'arriving' | 'arrived' | 'writing' | 'written' | 'failed';

export interface StoreImport {
  id: number;
  fileName: string;
  is: StoreImportIs;
  /** Bytes of the file, and how many of them are here. */
  bytes: number;
  arrived: number;
  /** What is in it; null until all of it is here. */
  head: StoreHead | null;
  /** Lines and files that are written. */
  done: number;
  /** Why it cannot be brought in. */
  fault: string | null;
}
