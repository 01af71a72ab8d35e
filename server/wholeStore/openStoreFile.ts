import type { Readable } from 'node:stream';
import { fromRandomAccessReader, RandomAccessReader, type Entry, type ZipFile } from 'yauzl';
import { MOST_PICTURE_BYTES } from '../../core/picture/limits.ts';
import { ValidationError } from '../../core/schema/schema.ts';
import { STORE_FORMAT, storeHeadSchema, type StoreHead } from '../../core/wholeStore/storeFile.ts';
import { jsonLines, type JsonLine } from '../exchange/jsonLines.ts';
import { asFault, Fault } from '../faults.ts';
import { DRAFT, HEAD, PUBLISHED, tableFile } from './fileNames.ts';
import { storeTables } from './storeTables.ts';

const TEXTS = new Set([HEAD, DRAFT, PUBLISHED, ...storeTables.map(({ id }) => tableFile(id))]);
const FILES = storeTables.flatMap(({ brings }) => (brings ? [brings.are] : []));
/** What programs that make a ZIP of a folder put in besides. */
const BESIDES = /(^|\/)(__MACOSX\/|\.DS_Store$|Thumbs\.db$)|\/$/;

const MOST_ENTRIES = 100_000;
/** All of its texts, and all that is in it, once it is unpacked, bytes. */
const MOST_TEXT_BYTES = 1024 ** 3;
const MOST_UNPACKED_BYTES = 4 * 1024 ** 3;
const MOST_HEAD_BYTES = 64 * 1024;
/** A picture is stored smaller than it came, but for the odd one. */
const MOST_FILE_BYTES = 2 * MOST_PICTURE_BYTES;
/** Of a line, letters: a product with its longest texts, a page with all its bays, the widths of a typeface. */
const LONGEST_LINE = 16_000_000;
const SHOWN_NAME = 80;

export const refused = (message: string, cause?: unknown): Fault =>
  new Fault('store-faulty', { message, cause });

/** Reads any part of a file. */
class PartReader extends RandomAccessReader {
  private readonly part: (start: number, end: number) => Readable;

  constructor(part: (start: number, end: number) => Readable) {
    super();
    this.part = part;
  }

  override _readStreamForRange(start: number, end: number): Readable {
    return this.part(start, end);
  }
}

/** The file of a whole store, opened: what it begins with, and its files by their names. */
export interface StoreFile {
  head: StoreHead;
  has(name: string): boolean;
  /** A small file of it, whole. */
  bytes(name: string): Promise<Buffer>;
  /** The values of one of its files of JSON Lines. */
  lines(name: string): AsyncGenerator<JsonLine>;
  close(): void;
}

const NO_ZIP = 'This is no ZIP file, or not all of it. Export the store again and choose that file.';
const NO_STORE = 'This is no file of a whole store. Choose one that “Export the whole store” has made.';

const openZip = (part: (start: number, end: number) => Readable, bytes: number): Promise<ZipFile> =>
  new Promise((resolve, reject) => {
    fromRandomAccessReader(
      new PartReader(part),
      bytes,
      { lazyEntries: true, autoClose: false },
      (error, zip) => (error ? reject(asRefused(error)) : resolve(zip)),
    );
  });

/** What a ZIP that is cut or made up fails with; what the database fails with stays that. */
const asRefused = (error: unknown): unknown =>
  asFault(error).code === 'unexpected' ? refused(NO_ZIP, error) : error;

/** Its files, each of which is one that a store has, none of them too large once unpacked. */
async function entriesOf(zip: ZipFile): Promise<Map<string, Entry>> {
  if (zip.entryCount > MOST_ENTRIES) throw refused(`There are more than ${MOST_ENTRIES} files in this ZIP.`);
  const entries = new Map<string, Entry>();
  let [texts, all] = [0, 0];
  for await (const entry of zip.eachEntry()) {
    const { fileName, uncompressedSize } = entry;
    if (BESIDES.test(fileName)) continue;
    const shown = JSON.stringify(fileName.slice(0, SHOWN_NAME));
    const isText = TEXTS.has(fileName);
    if (!isText && !FILES.some((are) => are.test(fileName)))
      throw refused(`${shown} in this ZIP is nothing that a store has. ${NO_STORE}`);
    if (entries.has(fileName)) throw refused(`${shown} is in this ZIP twice.`);
    if (entry.isEncrypted()) throw refused(`${shown} is locked with a password. Make the ZIP without one.`);
    all += uncompressedSize;
    if (isText) texts += uncompressedSize;
    if (
      (!isText && uncompressedSize > MOST_FILE_BYTES) ||
      texts > MOST_TEXT_BYTES ||
      all > MOST_UNPACKED_BYTES
    )
      throw refused(`${shown} in this ZIP is larger, once unpacked, than anything a store has.`);
    entries.set(fileName, entry);
  }
  return entries;
}

/**
 * Opens the file of a whole store. Throws a Fault where it is none.
 * @param part reads bytes of it from a place on until before another
 * @param bytes of all of it
 */
export async function openStoreFile(
  part: (start: number, end: number) => Readable,
  bytes: number,
): Promise<StoreFile> {
  const zip = await openZip(part, bytes);
  const entries = await entriesOf(zip).catch((error: unknown) => {
    throw asRefused(error);
  });
  const open = async (name: string): Promise<Readable> => {
    const entry = entries.get(name);
    if (!entry) throw refused(`The file ${name} is missing. ${NO_STORE}`);
    return zip.openReadStreamPromise(entry);
  };
  const read = async (name: string, most: number): Promise<Buffer> => {
    const size = entries.get(name)?.uncompressedSize ?? 0;
    if (size > most) throw refused(`${name} in this ZIP is too large.`);
    const chunks: Buffer[] = [];
    try {
      for await (const chunk of await open(name)) chunks.push(chunk as Buffer);
    } catch (error) {
      throw asRefused(error);
    }
    return Buffer.concat(chunks);
  };
  return {
    head: readHead(entries.has(HEAD) ? await read(HEAD, MOST_HEAD_BYTES) : null),
    has: (name) => entries.has(name),
    bytes: (name) => read(name, Math.max(MOST_FILE_BYTES, LONGEST_LINE)),
    async *lines(name) {
      const where = (message: string, cause?: unknown) => refused(`${name}: ${message}`, cause);
      const letters = (await open(name)).setEncoding('utf8');
      try {
        yield* jsonLines(letters as AsyncIterable<string>, LONGEST_LINE, where);
      } catch (error) {
        throw asRefused(error);
      }
    },
    close: () => zip.close(),
  };
}

function readHead(bytes: Buffer | null): StoreHead {
  if (!bytes) throw refused(NO_STORE);
  let head: unknown;
  try {
    head = JSON.parse(bytes.toString('utf8'));
    return newEnough(storeHeadSchema.validateSync(head, { strict: true }));
  } catch (error) {
    if (error instanceof ValidationError)
      throw refused(`${HEAD}: ${error.path ?? ''}: ${error.message}`, error);
    if (error instanceof Fault) throw error;
    throw refused(`${HEAD} is no JSON. ${NO_STORE}`, error);
  }
}

function newEnough(head: StoreHead): StoreHead {
  if (head.format > STORE_FORMAT)
    throw refused('This store was exported by a newer version. Update this one first, then bring it in.');
  return head;
}
