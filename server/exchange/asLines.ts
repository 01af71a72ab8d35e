import { encodingOf } from '../../core/exchange/encoding.ts';
import { asLine, isJsonLd, productsIn } from '../../core/exchange/jsonLd.ts';
import { Fault } from '../faults.ts';

/** So much of a file tells what it is, bytes. */
const LOOKED = 4_096;
/** It is read whole, so that it may not be larger, bytes. */
const MOST_JSON_LD_BYTES = 20 * 1024 * 1024;

const refused = (message: string, cause?: unknown) => new Fault('import-faulty', { message, cause });

/** The values of a file that is JSON as a whole, or line by line. */
function valuesOf(text: string): unknown[] {
  try {
    return [JSON.parse(text)];
  } catch (whole) {
    try {
      return text
        .split('\n')
        .filter((line) => line.trim() !== '')
        .map((line) => JSON.parse(line) as unknown);
    } catch {
      throw refused('This JSON-LD cannot be read. It may be cut; get the whole file and send that.', whole);
    }
  }
}

/** A file of products as it is kept: one of JSON-LD as JSON Lines of its products, any other as it came. Throws a Fault. */
export function asLines(file: Buffer): Buffer {
  const head = file.subarray(0, LOOKED);
  const encoding = encodingOf(head);
  if (!isJsonLd(new TextDecoder(encoding).decode(head, { stream: true }))) return file;
  if (file.length > MOST_JSON_LD_BYTES)
    throw refused(
      `A file of JSON-LD may have ${MOST_JSON_LD_BYTES / 1024 / 1024} MB at most. Send it in parts, or as JSON Lines.`,
    );
  const products = valuesOf(new TextDecoder(encoding).decode(file)).flatMap((value) => productsIn(value));
  if (products.length === 0) throw refused('There is no product in this JSON-LD.');
  return Buffer.from(products.map((one) => `${JSON.stringify(asLine(one))}\n`).join(''));
}
