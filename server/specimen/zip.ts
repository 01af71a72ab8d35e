import { buffer } from 'node:stream/consumers';
import { fromBuffer, type ZipFile as Unzipped } from 'yauzl';
import { ZipFile } from 'yazl';

/** The files of a ZIP by their names. */
export type Files = Map<string, Buffer>;

/** What is in a ZIP. */
export async function unzipped(bytes: Buffer): Promise<Files> {
  const zip = await new Promise<Unzipped>((resolve, reject) => {
    fromBuffer(bytes, { lazyEntries: true }, (error, opened) => (error ? reject(error) : resolve(opened)));
  });
  const files: Files = new Map();
  for await (const entry of zip.eachEntry())
    files.set(entry.fileName, await buffer(await zip.openReadStreamPromise(entry)));
  return files;
}

/** A ZIP of files. */
export async function zipped(
  files: Iterable<readonly [name: string, content: string | Buffer]>,
): Promise<Buffer> {
  const zip = new ZipFile();
  for (const [name, content] of files) zip.addBuffer(Buffer.from(content), name);
  zip.end();
  return buffer(zip.outputStream);
}
