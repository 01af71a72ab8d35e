import { BlobWriter, TextReader, Uint8ArrayReader, ZipWriter } from '@zip.js/zip.js/index-native.js';
import { describe, expect, it } from 'vitest';
import { MOST_PICTURE_BYTES } from '../../core/picture/limits.ts';
import { isZip, picturesInZip } from './picturesInZip.ts';
import { refusedBefore } from './uploads.ts';

async function zipOf(files: Readonly<Record<string, string | Uint8Array>>, password?: string): Promise<File> {
  const writer = new ZipWriter(new BlobWriter(), {
    useWebWorkers: false,
    ...(password && { password, zipCrypto: true }),
  });
  for (const [name, content] of Object.entries(files))
    await writer.add(
      name,
      typeof content === 'string' ? new TextReader(content) : new Uint8ArrayReader(content),
    );
  return new File([await writer.close()], 'pictures.zip');
}

/** The same ZIP whose directory says that its first file is smaller than it is. */
async function lying(zip: File, says: number): Promise<File> {
  const bytes = new Uint8Array(await zip.arrayBuffer());
  const view = new DataView(bytes.buffer);
  const CENTRAL = 0x02014b50;
  const at = Array.from({ length: bytes.length - 4 }, (_, i) => bytes.length - 4 - i).find(
    (i) => view.getUint32(i, true) === CENTRAL,
  )!;
  view.setUint32(at + 24, says, true);
  return new File([bytes], zip.name);
}

const why = async (work: Promise<unknown>) =>
  work.then(
    () => null,
    (error: Error) => error.message,
  );

describe('pictures in a ZIP', () => {
  it('are read one by one, by their names and kinds, without what comes with folders', async () => {
    const zip = await zipOf({
      'glaze/fog.jpg': 'fog',
      'ash.PNG': 'a'.repeat(5_000),
      'read me.txt': 'words',
      '__MACOSX/glaze/._fog.jpg': 'x',
      'glaze/.DS_Store': 'x',
      'glaze/.hidden.png': 'x',
    });
    const found = await picturesInZip(zip);
    expect(found.map(({ name, size, type }) => [name, size, type])).toEqual([
      ['glaze/fog.jpg', 3, 'image/jpeg'],
      ['ash.PNG', 5_000, 'image/png'],
      ['read me.txt', 5, 'application/octet-stream'],
    ]);
    expect(await (await found[0]!.read()).text()).toBe('fog');
    expect(await (await found[1]!.read()).text()).toBe('a'.repeat(5_000));
  });

  it('keep the end of a name that is too long, which is what they are called by', async () => {
    const [one] = await picturesInZip(await zipOf({ [`${'folder/'.repeat(80)}jug.png`]: 'x' }));
    expect(one!.name).toHaveLength(300);
    expect(one!.name.endsWith('folder/jug.png')).toBe(true);
  });

  it('are not unpacked beyond what a picture may have, whatever they say', async () => {
    const heavy = await zipOf({ 'bomb.png': new Uint8Array(MOST_PICTURE_BYTES + 100_000) });
    expect(heavy.size).toBeLessThan(200_000);
    const [honest] = await picturesInZip(heavy);
    expect(refusedBefore(honest!)).toMatch(/at most 20 MB/);
    const [bomb] = await picturesInZip(await lying(heavy, 50));
    expect(refusedBefore(bomb!)).toBeNull();
    expect(await why(bomb!.read())).toMatch(/damaged/);
  });

  it('are refused with a sentence where they are locked, damaged, cut, or none', async () => {
    const [locked] = await picturesInZip(await zipOf({ 'jug.png': 'x' }, 'secret'));
    expect(await why(locked!.read())).toMatch(/locked with a password/);
    const whole = await zipOf({ 'jug.png': 'abcdefgh'.repeat(400), 'bowl.png': 'x' });
    const bytes = new Uint8Array(await whole.arrayBuffer());
    bytes.fill(0x55, 45, 60);
    const [damaged] = await picturesInZip(new File([bytes], 'a.zip'));
    expect(await why(damaged!.read())).toMatch(/damaged/);
    expect(await why(picturesInZip(new File([bytes.slice(0, 60)], 'a.zip')))).toMatch(
      /no ZIP file, or not all/,
    );
    expect(await why(picturesInZip(new File(['picture'], 'a.zip')))).toMatch(/no ZIP file/);
    expect(await why(picturesInZip(await zipOf({})))).toBe('There is nothing in this ZIP.');
  });

  it('are looked for in what is called or said to be a ZIP', () => {
    expect(['a.zip', 'A.ZIP', 'zip.png', 'a.zip.png'].map((name) => isZip({ name, type: '' }))).toEqual([
      true,
      true,
      false,
      false,
    ]);
    expect(isZip({ name: 'pictures', type: 'application/zip' })).toBe(true);
  });
});
