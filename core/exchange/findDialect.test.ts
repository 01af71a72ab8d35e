import { stringify } from 'csv-stringify/sync';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SEPARATOR_IDS } from './dialect.ts';
import { dialectOf, triedRows } from './findDialect.ts';
import { encodingOf } from './encoding.ts';

const bytes = (text: string, encoding: BufferEncoding) => new Uint8Array(Buffer.from(text, encoding));

describe('how a file is written', () => {
  it('is found by its bytes', () => {
    const text = 'code;name\nK-1;Crème brûlée dish\n';
    expect(encodingOf(bytes(text, 'utf8'))).toBe('utf-8');
    expect(encodingOf(bytes(`\uFEFF${text}`, 'utf8'))).toBe('utf-8');
    expect(encodingOf(bytes(text, 'latin1'))).toBe('windows-1252');
    expect(encodingOf(bytes(text, 'utf16le'))).toBe('utf-16le');
    expect(encodingOf(bytes(`\uFEFF${text}`, 'utf16le'))).toBe('utf-16le');
    expect(encodingOf(new Uint8Array(Buffer.from(text, 'utf16le').swap16()))).toBe('utf-16be');
    expect(encodingOf(new Uint8Array())).toBe('utf-8');
    // The last letter cut in two.
    expect(encodingOf(bytes('dish é', 'utf8').slice(0, -1))).toBe('utf-8');
  });

  const cell = fc
    .array(fc.constantFrom('a', 'b', '7', ',', ';', '|', '"', '\n', '\t', ' ', 'é'), { maxLength: 9 })
    .map((all) => all.join(''));

  it('is found by its rows, whatever its cells hold', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SEPARATOR_IDS),
        fc.integer({ min: 2, max: 6 }).chain((columns) =>
          fc.array(fc.array(cell, { minLength: columns, maxLength: columns }), {
            minLength: 12,
            maxLength: 20,
          }),
        ),
        fc.constantFrom('\n', '\r\n'),
        (separator, rows, end) => {
          const names = rows[0]!.map((_, at) => `column ${'abcdef'[at]}`);
          const text = stringify([names, ...rows], {
            delimiter: separator,
            record_delimiter: end,
            quoted: true,
          });
          const found = dialectOf(text, 'utf-8');
          expect(found).toEqual({ format: 'csv', encoding: 'utf-8', separator, quote: '"', header: true });
          expect(triedRows(text, found)).toEqual([names, ...rows]);
        },
      ),
    );
  });

  it.each([
    ['a\tb\n1\t2\n', { separator: '\t', header: true }],
    ["code;name\n'K;1';'Jug; small'\n'K;2';'Dish; wide'\n", { separator: ';', quote: "'" }],
    ['K-1,12.50\nK-2,13.50\n', { separator: ',', header: false }],
    ['1,12.50\n2,13.50\n', { separator: ',', header: false }],
    ['{"code":"K-1"}\n{"code":"K-2"}\n', { format: 'jsonl' }],
    ['one column\nand no more\n', { separator: ',' }],
    ['', { separator: ',' }],
  ])('%j', (text, found) => expect(dialectOf(text, 'utf-8')).toMatchObject(found));
});
