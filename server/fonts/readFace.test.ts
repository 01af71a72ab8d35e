import { readFile } from 'node:fs/promises';
import { describe, expect, it } from 'vitest';
import { storeFace } from '../../core/text/storeFace.ts';
import { readFace } from './readFace.ts';

const shipped = new URL(
  '../../node_modules/@fontsource-variable/literata/files/literata-latin-wght-normal.woff2',
  import.meta.url,
);

describe('a typeface read out of its file', () => {
  it('is what the core has of the one that is shipped', { timeout: 60_000 }, async () => {
    const read = await readFace(await readFile(shipped), storeFace.weights);
    // Written anew by running the tests with --update.
    await expect(`${JSON.stringify(read)}\n`).toMatchFileSnapshot('../../core/text/faces/literata.json');
  });

  it('has letters closer together where they are drawn so, and wider in a bolder weight', () => {
    expect(storeFace.pairs.AV![0]).toBeLessThan(0);
    expect(storeFace.pairs.fi![0]).toBeLessThan(0);
    const [light, , , bold] = storeFace.advances.a!;
    expect(bold!).toBeGreaterThan(light!);
  });

  it('is not read out of what is no font', async () => {
    await expect(readFace(new TextEncoder().encode('no font at all'), [400])).rejects.toThrow();
  });
});
