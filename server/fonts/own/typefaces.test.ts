import { readFile } from 'node:fs/promises';
import { convert } from 'fontverter';
import subsetFont from 'subset-font';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { AnswerOf } from '../../../core/api/contract.ts';
import type { addTypeface, readTypefaces } from '../../../core/api/typefaces.ts';
import { typeFamily } from '../../../core/text/families/index.ts';
import { faceIdOf, faceOf, fetchFaces } from '../../../core/text/faces.ts';
import { MOST_FONT_BYTES } from '../../../core/text/fontLimits.ts';
import { takeOwnFamilies } from '../../../core/text/ownFamilies.ts';
import { smallStore, type SmallStore } from '../../specimen/smallStore.ts';
import { typeFile } from '../typeFile.ts';
import { NoFont, readUpload } from './readUpload.ts';

/** The file of a family that is shipped, as an owner may have it: renamed, since its maker's name is taken. */
const shipped = (
  id: string,
  slope: 'upright' | 'italic' = 'upright',
  set: 'latin' | 'devanagari' = 'latin',
) => readFile(typeFile(typeFamily(id), set, slope));

let oswald: Buffer;
let store: SmallStore;

beforeAll(async () => {
  oswald = await shipped('oswald');
  store = await smallStore();
});
afterAll(async () => {
  takeOwnFamilies([], () => Promise.reject(new Error('none')));
  await store.stop();
});

const put = (file: Uint8Array) =>
  store.owner.ask('POST', '/api/typefaces', Buffer.from(file), {
    headers: {
      cookie: store.owner.cookie,
      'x-csrf-token': store.owner.csrf,
      'content-type': 'application/octet-stream',
    },
  });
const added = async (file: Uint8Array) => {
  const answer = await put(file);
  expect(answer.statusCode).toBe(200);
  return answer.json<AnswerOf<typeof addTypeface>>();
};

describe('a font file that is put in', () => {
  it('is read with its name, weights and letters, measured as it is served', async () => {
    const read = await readUpload(oswald);
    expect(read).toMatchObject({ name: 'Oswald', slope: 'upright', weights: [200, 700], mayEmbed: true });
    expect(read.parts[0]!.set).toBe('latin');
    expect(read.parts.map(({ set }) => set)).not.toContain('greek');
    // The very widths that the core has of it.
    await fetchFaces();
    const known = faceOf(faceIdOf('oswald', 'upright'));
    for (const letter of 'AaGgWw09&') expect(read.face.advances[letter]).toEqual(known.advances[letter]);
    expect(read.face.pairs.AV).toEqual(known.pairs.AV);
  });

  it('may be TrueType or WOFF2 alike, and its italics are told', async () => {
    const unpacked = await convert(oswald, 'truetype');
    expect((await readUpload(unpacked)).face).toEqual((await readUpload(oswald)).face);
    expect(await readUpload(await shipped('nunito', 'italic'))).toMatchObject({ slope: 'italic' });
    expect(await readUpload(await shipped('spline-sans-mono'))).toMatchObject({ standIn: 'mono' });
  });

  it('has one weight where it has no axis of it, and letters of scripts that are estimated', async () => {
    const bold = await subsetFont(oswald, 'Plate', { targetFormat: 'woff2', variationAxes: { wght: 700 } });
    const read = await readUpload(bold);
    expect(read.weights[0]).toBe(read.weights[1]);
    expect(new Set(read.face.advances.a).size).toBe(1);
    const hindi = await readUpload(await shipped('noto-sans', 'upright', 'devanagari'));
    expect(hindi.parts.map(({ set }) => set)).toContain('devanagari');
  });

  it.each([
    ['nothing of a font', new TextEncoder().encode('this is no font at all, but a text'), /no font/],
    ['too little', new Uint8Array([0x77, 0x4f, 0x46, 0x32]), /no font/],
    ['a collection', new TextEncoder().encode('ttcf'.padEnd(40)), /several fonts/],
    ['of the older web format', new TextEncoder().encode('wOFF'.padEnd(40)), /WOFF2/],
    ['a page', new TextEncoder().encode('<!doctype html><script>alert(1)</script>'), /no font/],
  ])('is refused with a sentence where it is %s', async (_, bytes, why) => {
    await expect(readUpload(bytes)).rejects.toThrow(NoFont);
    await expect(readUpload(bytes)).rejects.toThrow(why);
  });

  it('is refused where it is damaged, wherever that is', { timeout: 120_000 }, async () => {
    const unpacked = await convert(oswald, 'truetype');
    for (const file of [oswald, unpacked])
      for (const share of [0.02, 0.3, 0.7]) {
        await expect(readUpload(file.slice(0, file.length * share))).rejects.toThrow(NoFont);
        const odd = Uint8Array.from(file);
        odd.fill(0xff, 12, 12 + file.length * share);
        await expect(readUpload(odd)).rejects.toThrow(NoFont);
      }
    // Whatever else is wrong within it, nothing but a sentence comes of it, or a font.
    for (const at of [0.1, 0.4, 0.8]) {
      const odd = Uint8Array.from(unpacked);
      for (let i = 0; i < 60; i += 1) odd[Math.floor(odd.length * at) + i * 7] = (i * 37) % 256;
      const read = await readUpload(odd).catch((error: unknown) => error);
      expect(read instanceof NoFont || 'parts' in (read as object)).toBe(true);
    }
    // One that says that it is larger than anything when it is unpacked.
    const bomb = Uint8Array.from(oswald);
    bomb.set([0xff, 0xff, 0xff, 0xff], 16);
    await expect(readUpload(bomb)).rejects.toThrow(/too large/);
  });
});

describe('a store', () => {
  it('serves what was put in, a part for each set, and measures by it', async () => {
    const { family, bytes, leftOut } = await added(oswald);
    expect(family).toMatchObject({ id: 'own-oswald', name: 'Oswald (own)' });
    expect(leftOut).toBe(0);
    expect(bytes).toBeLessThan(oswald.length * 1.1);
    const [font] = family.fonts;
    const part = await store.get(`/assets/type/own/${font!.id}-latin.woff2`);
    expect(part.statusCode).toBe(200);
    expect(part.headers).toMatchObject({ 'content-type': 'font/woff2' });
    expect(part.headers['cache-control']).toContain('immutable');
    expect(part.rawPayload.subarray(0, 4).toString()).toBe('wOF2');
    const widths = await store.get(`/assets/type/own/${font!.id}.json`);
    expect(widths.json()).toEqual(faceOf(faceIdOf('own-oswald', 'upright')));
    for (const gone of [`${'0'.repeat(64)}-latin.woff2`, `${font!.id}-greek.woff2`, 'x.json', '%00.json'])
      expect((await store.get(`/assets/type/own/${gone}`)).statusCode).toBe(404);
  });

  it('has one family of files that have its name, the last of the same weight holding', async () => {
    const light = await subsetFont(oswald, 'abc', { targetFormat: 'woff2', variationAxes: { wght: 250 } });
    const { family } = await added(light);
    // It takes the place of the one whose weights hold its own.
    expect(family.fonts).toHaveLength(1);
    const again = await added(oswald);
    expect(again.family.fonts).toHaveLength(1);
    const [first, second] = await Promise.all([put(oswald), put(oswald)]);
    expect([first.statusCode, second.statusCode]).toEqual([200, 200]);
    const { families } = (await store.owner.ask('GET', '/api/typefaces')).json<
      AnswerOf<typeof readTypefaces>
    >();
    expect(families.map(({ id, fonts }) => [id, fonts.length])).toEqual([['own-oswald', 1]]);
  });

  it('shows it on pages, and keeps what is used', async () => {
    const house = await store.document('house');
    const style = { page: { rest: { family: 'own-oswald' } } };
    const saved = await store.save({ ...house, key: 'house', body: { ...house.body, style } });
    expect(saved.statusCode).toBe(200);
    await store.publish();
    const { body } = await store.get('/');
    expect(/<link rel="preload" href="\/assets\/type\/own\/[0-9a-f]{64}-latin\.woff2"/.test(body)).toBe(true);
    expect(body.includes('font-family:"Oswald (own)"')).toBe(true);
    const remove = () => store.owner.ask('POST', '/api/typefaces/removed', { id: 'own-oswald' });
    expect((await remove()).json()).toMatchObject({ code: 'typeface-used' });
    const now = await store.document('house');
    await store.save({ ...now, key: 'house', body: { ...now.body, style: {} } });
    // Shoppers still see it.
    expect((await remove()).statusCode).toBe(409);
    await store.publish();
    expect((await remove()).json()).toEqual({ families: [] });
    expect((await remove()).json()).toMatchObject({ code: 'typeface-gone' });
    expect((await store.get('/')).body.includes('/own/')).toBe(false);
  });

  it('says no to what is no font, and to one that is too large, and goes on', async () => {
    const no = await put(new TextEncoder().encode('<svg onload="alert(1)">'.padEnd(400)));
    expect(no.statusCode).toBe(422);
    expect(no.json()).toMatchObject({ code: 'font-faulty', message: expect.stringContaining('no font') });
    expect((await put(new Uint8Array(MOST_FONT_BYTES + 1))).statusCode).toBe(413);
    expect((await put(new Uint8Array(0))).statusCode).toBe(400);
    expect((await store.get('/')).statusCode).toBe(200);
  });
});
