import { Readable } from 'node:stream';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { inTransaction } from '../db/pool.ts';
import { asFault, type Fault } from '../faults.ts';
import { exportedStore as exported, fullStore } from '../specimen/fullStore.ts';
import { emptyStore as makeEmpty, type EmptyStore } from '../specimen/serverOn.ts';
import { NOW } from '../specimen/smallStore.ts';
import { unzipped, zipped, type Files } from '../specimen/zip.ts';
import { bringIn } from './bringIn.ts';
import { openStoreFile } from './openStoreFile.ts';

let whole: Buffer;
const ended: (() => Promise<unknown>)[] = [];

async function emptyStore(): Promise<EmptyStore> {
  const made = await makeEmpty(() => NOW);
  ended.push(() => made.stop());
  return made;
}

beforeAll(async () => {
  const store = await fullStore();
  whole = await exported(store.owner);
  await store.stop();
});
afterAll(async () => {
  for (const end of ended) await end();
});

type Change = (files: Files) => void;
const replaced =
  (name: string, change: (text: string) => string): Change =>
  (files) => {
    const before = files.get(name)!.toString('utf8');
    const after = change(before);
    expect(after, `${name} was not changed`).not.toBe(before);
    files.set(name, Buffer.from(after));
  };
const lineChanged = (id: string, line: number, change: (row: Record<string, unknown>) => object): Change =>
  replaced(`catalogue/${id}.jsonl`, (text) => {
    const lines = text.split('\n');
    lines[line - 1] = JSON.stringify(change(JSON.parse(lines[line - 1]!) as Record<string, unknown>));
    return lines.join('\n');
  });

/** What is wrong with a file, how it is made so, and what is said of it. */
const WRONG: readonly (readonly [string, Change, RegExp])[] = [
  [
    'a table is missing',
    (files) => files.delete('catalogue/brands.jsonl'),
    /^The file catalogue\/brands\.jsonl is missing/,
  ],
  ['there is no beginning', (files) => files.delete('store.json'), /^This is no file of a whole store/],
  ['the beginning is no JSON', replaced('store.json', () => '{'), /^store\.json is no JSON/],
  [
    'it is of a later version',
    replaced('store.json', (text) => text.replace('"format": 1', '"format": 2')),
    /newer version/,
  ],
  [
    'it is of another kind',
    replaced('store.json', (text) => text.replace('wide-shelf-store', 'a-store')),
    /^store\.json: kind/,
  ],
  [
    'something else is in it',
    (files) => files.set('run.sh', Buffer.from('x')),
    /^"run\.sh" in this ZIP is nothing that a store has/,
  ],
  [
    'the house style is missing',
    replaced('draft.jsonl', (text) =>
      text
        .split('\n')
        .filter((line) => !line.includes('"house"'))
        .join('\n'),
    ),
    /^draft\.jsonl: The house style/,
  ],
  [
    'a document is of nothing',
    replaced('draft.jsonl', (text) => `${text}{"key": "bay:x", "body": {}}\n`),
    /^draft\.jsonl, line \d+: This is no document/,
  ],
  [
    'a document cannot be read',
    replaced('draft.jsonl', (text) => text.replace('"holds": "shelf"', '"holds": "window"')),
    /^draft\.jsonl, page:/,
  ],
  ['what is published cannot be read', replaced('published.json', () => '[1'), /^published\.json is no JSON/],
  [
    'a line is no JSON',
    replaced('catalogue/products.jsonl', (text) => `${text}{"id"\n`),
    /^catalogue\/products\.jsonl: Line 31 is no JSON/,
  ],
  [
    'a line is a list',
    replaced('catalogue/brands.jsonl', () => '[]\n'),
    /^catalogue\/brands\.jsonl, line 1: /,
  ],
  [
    'a value is missing',
    lineChanged('products', 2, ({ title: _, ...row }) => row),
    /^catalogue\/products\.jsonl, line 2, title: /,
  ],
  [
    'a value is too much',
    lineChanged('products', 3, (row) => ({ ...row, secret: 1 })),
    /^catalogue\/products\.jsonl, line 3: There is no such value: secret/,
  ],
  [
    'a value does not fit',
    lineChanged('products', 4, (row) => ({ ...row, slug: '../etc' })),
    /^catalogue\/products\.jsonl, line 4, slug: /,
  ],
  [
    'values do not fit together',
    lineChanged('variants', 5, (row) => ({ ...row, reduced: 999_999 })),
    /^catalogue\/variants\.jsonl, line 5: Its values do not fit together/,
  ],
  [
    'something refers to nothing',
    lineChanged('product-categories', 6, (row) => ({ ...row, category_id: 99 })),
    /^catalogue\/product-categories\.jsonl, line 6: It refers to something/,
  ],
  [
    'something is there twice',
    lineChanged('products', 7, (row) => ({ ...row, slug: 'piece-3' })),
    /^catalogue\/products\.jsonl, line 7: It is there twice/,
  ],
  [
    'a category is under itself',
    lineChanged('categories', 2, (row) => ({ ...row, parent_id: row.id })),
    /^catalogue\/categories\.jsonl, line 2: /,
  ],
  [
    'a text is markup of no kind',
    lineChanged('entries', 1, (row) => ({ ...row, text: [{ type: 'script', content: [] }] })),
    /^catalogue\/entries\.jsonl, line 1, text: /,
  ],
  [
    'a colour leaves the style sheet',
    lineChanged('option-values', 1, (row) => ({ ...row, colour: '#000;}' })),
    /^catalogue\/option-values\.jsonl, line 1, colour: /,
  ],
  [
    'a picture is another',
    (files) => {
      const [name] = [...files.keys()].filter((one) => one.startsWith('pictures/'));
      files.set(name!, Buffer.from('no picture'));
    },
    /is not what it was when the store was exported/,
  ],
  [
    'a picture is missing',
    (files) => files.delete([...files.keys()].find((one) => one.startsWith('pictures/'))!),
    /^The file pictures\/[0-9a-f]+\.webp is missing/,
  ],
  [
    'a picture has another size',
    lineChanged('picture-files', 1, (row) => ({ ...row, width: 41 })),
    /is no picture of this size/,
  ],
  [
    'a font is none',
    (files) =>
      files.set(
        [...files.keys()].find((one) => one.startsWith('typefaces/'))!,
        Buffer.from('OTTO'),
      ),
    /is no WOFF2 font/,
  ],
  [
    'a font has no file',
    (files) =>
      [...files.keys()].filter((one) => one.startsWith('typefaces/')).forEach((one) => files.delete(one)),
    /^The file typefaces\/[0-9a-f]+-[a-z-]+\.woff2 is missing/,
  ],
  [
    'a font has no part',
    (files) => files.set('catalogue/font-files.jsonl', Buffer.from('')),
    /^catalogue\/fonts\.jsonl: What belongs to [0-9a-f]{64} is missing/,
  ],
  [
    'a part of a font is of none',
    lineChanged('font-files', 1, (row) => ({ ...row, font_id: 'a'.repeat(64) })),
    /^The file typefaces\/a+-/,
  ],
];

describe('a file that is not right', () => {
  it('is refused with where and what, and nothing of it is written', async () => {
    const { sending, owner, database } = await emptyStore();
    const before = await exported(owner);
    const faultOf = async (file: Buffer) => {
      const opened = await openStoreFile((from, to) => Readable.from([file.subarray(from, to)]), file.length);
      return inTransaction(database.pool, (client) =>
        bringIn(client, opened, { accountId: null, now: NOW, onDone: () => Promise.resolve() }),
      );
    };
    for (const [what, change, said] of WRONG) {
      const files = await unzipped(whole);
      change(files);
      const fault = await faultOf(await zipped(files)).then(
        () => 'nothing',
        (error: unknown) => asFault(error),
      );
      expect(fault, what).toMatchObject({ code: 'store-faulty', message: expect.stringMatching(said) });
      expect((fault as Fault).message, what).toMatch(/\.$/);
    }
    const wrong = await unzipped(whole);
    wrong.delete('catalogue/variants.jsonl');
    expect((await sending.broughtIn(await zipped(wrong))).import).toMatchObject({
      is: 'failed',
      fault: expect.stringMatching(/variants\.jsonl is missing/),
    });
    expect(await sending.is()).toMatchObject({ isEmpty: true });
    expect((await exported(owner)).equals(before)).toBe(true);
    // The same store is brought in when it is right.
    expect((await sending.broughtIn(whole)).import).toMatchObject({ is: 'written' });
  });

  it('is refused before it is unpacked where it is cut, climbs out of its folder, or is larger than it looks', async () => {
    const { sending } = await emptyStore();
    const faultOf = async (file: Buffer) => {
      const { import: one } = await sending.sent(file);
      expect(one!.is).toBe('failed');
      return one!.fault!;
    };
    expect(await faultOf(whole.subarray(0, whole.length - 40))).toMatch(/no ZIP file, or not all of it/);
    expect(await faultOf(Buffer.from('PK\u0003\u0004 and no more'))).toMatch(/no ZIP file/);
    expect(await faultOf(Buffer.from('title,price\nDish,12\n'))).toMatch(/no ZIP file/);
    // The name is as long as the one in its place.
    const climbing = Buffer.from(
      (await zipped([['pictures/ab', 'x']])).toString('latin1').replaceAll('pictures/ab', '../../../xyz'),
      'latin1',
    );
    expect(await faultOf(climbing)).toMatch(/no ZIP file/);
    const bomb = await zipped([['draft.jsonl', Buffer.alloc(8_000_000, 32)]]);
    // The directory says that it unpacks to three gigabytes.
    const at = bomb.indexOf(Buffer.from('PK\u0001\u0002', 'latin1'));
    bomb.writeUInt32LE(3_000_000_000, at + 24);
    expect(await faultOf(bomb)).toMatch(/^"draft\.jsonl" in this ZIP is larger/);
    // What is packed is not what was packed.
    const packed = await zipped([...(await unzipped(whole))].slice(0, 3));
    packed.fill(0xff, packed.indexOf('store.json') + 10, packed.indexOf('store.json') + 40);
    expect(await faultOf(packed)).toMatch(/no ZIP file/);
    const twice = Buffer.from(
      (
        await zipped([
          ['draft.jsonl', 'x'],
          ['draft.jsonk', 'y'],
        ])
      )
        .toString('latin1')
        .replaceAll('draft.jsonk', 'draft.jsonl'),
      'latin1',
    );
    expect(await faultOf(twice)).toMatch(/^"draft\.jsonl" is in this ZIP twice/);
  });

  it('may have been unpacked and packed again: what such programs add is left out', async () => {
    const { sending } = await emptyStore();
    const files = await unzipped(whole);
    files.set('__MACOSX/._store.json', Buffer.from('x')).set('catalogue/.DS_Store', Buffer.from('x'));
    expect((await sending.broughtIn(await zipped(files))).import).toMatchObject({ is: 'written' });
  });
});
