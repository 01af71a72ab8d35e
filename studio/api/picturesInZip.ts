import type { BlobWriter, FileEntry } from '@zip.js/zip.js/index-native.js';
import { kindOfFile } from '../../core/picture/nameOfFile.ts';

/** A file that is read once it is its turn. */
export interface Sendable {
  name: string;
  /** Bytes, as far as that is known before it is read. */
  size: number;
  /** What it holds, as browsers name it; empty where that is not known. */
  type: string;
  /** Rejects where it cannot be read, with why. */
  read(): Promise<Blob>;
}

export const asSendable = (file: File): Sendable => ({
  name: file.name,
  size: file.size,
  type: file.type,
  read: () => Promise.resolve(file),
});

const MOST_ENTRIES = 20_000;
/** Of a path within a ZIP, its end. */
const LONGEST_NAME = 300;

/** What programs that make a ZIP of a folder put in besides. */
const BESIDES = /(^|\/)(__MACOSX\/|\.DS_Store$|Thumbs\.db$|\.)/;

/** Whether a file is a ZIP, by what it is called or said to be. */
export const isZip = ({ name, type }: Pick<File, 'name' | 'type'>): boolean =>
  /\.zip$/i.test(name) || type === 'application/zip' || type === 'application/x-zip-compressed';

/** What a file of a ZIP unpacks to, which is not more than it says. */
async function unpacked(entry: FileEntry, into: BlobWriter): Promise<Blob> {
  if (entry.encrypted) throw new Error('It is locked with a password. Make the ZIP without one.');
  try {
    return await entry.getData(into, { checkSignature: true });
  } catch (error) {
    throw new Error('It is damaged. Make the ZIP again.', { cause: error });
  }
}

/** The files of a ZIP, each read once it is its turn. Throws an Error that says why where it is none. */
export async function picturesInZip(file: File): Promise<Sendable[]> {
  const zip = await import('@zip.js/zip.js/index-native.js');
  // What unpacks is the browser's own, which needs no worker.
  zip.configure({ useWebWorkers: false });
  const found: Sendable[] = [];
  try {
    for await (const entry of new zip.ZipReader(new zip.BlobReader(file)).getEntriesGenerator()) {
      if (entry.directory || BESIDES.test(entry.filename)) continue;
      if (found.length === MOST_ENTRIES)
        throw new Error(`There are more than ${MOST_ENTRIES} files in this ZIP. Make several of it.`);
      found.push({
        name: entry.filename.slice(-LONGEST_NAME),
        size: entry.uncompressedSize,
        type: kindOfFile(entry.filename),
        read: () => unpacked(entry, new zip.BlobWriter()),
      });
    }
  } catch (error) {
    if (found.length === MOST_ENTRIES) throw error;
    throw new Error('This is no ZIP file, or not all of it. Make it again.', { cause: error });
  }
  if (found.length === 0) throw new Error('There is nothing in this ZIP.');
  return found;
}
