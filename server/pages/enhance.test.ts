import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readEnhance } from './enhance.ts';

let folder: string;
const PIECES = {
  'enhance-test1.js': `export const first = ${JSON.stringify('a shelf '.repeat(400))};`,
  'tabs-test1.js': 'export const second = 2;',
};

beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'wide-shelf-script-'));
  for (const [name, text] of Object.entries(PIECES)) await writeFile(join(folder, name), text);
  await writeFile(join(folder, 'notes.txt'), 'None of it.');
});
afterAll(() => rm(folder, { recursive: true }));

describe('the script of public pages', () => {
  it('is what was built, however it is packed', async () => {
    const { href, files } = readEnhance(folder)!;
    expect(href).toBe('/assets/enhance-test1.js');
    expect([...files.keys()].sort()).toEqual(Object.keys(PIECES).map((name) => `/assets/${name}`));
    for (const [name, text] of Object.entries(PIECES)) {
      const piece = files.get(`/assets/${name}`)!;
      expect((await piece('identity')).toString()).toBe(text);
      expect(gunzipSync(await piece('gzip')).toString()).toBe(text);
      expect(brotliDecompressSync(await piece('br')).toString()).toBe(text);
    }
    const script = files.get(href)!;
    expect((await script('br')).length).toBeLessThan((await script('identity')).length / 10);
  });

  it('is packed once, whoever asks, and as it was when the server began, though it is built anew meanwhile', async () => {
    const piece = readEnhance(folder)!.files.get('/assets/tabs-test1.js')!;
    await rm(join(folder, 'tabs-test1.js'));
    expect(brotliDecompressSync(await piece('br')).toString()).toBe(PIECES['tabs-test1.js']);
    expect(await piece('br')).toBe(await piece('br'));
  });

  it('is none where it was not built', () => {
    expect(readEnhance(join(folder, 'nowhere'))).toBeNull();
  });
});
