import { createHash } from 'node:crypto';
import sharp, { type Color } from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { AnswerOf } from '../../core/api/contract.ts';
import type { matchPictures, PictureUses, StorePicture } from '../../core/api/pictures.ts';
import { CELLS, readCells } from '../../core/picture/cells.ts';
import { MOST_PICTURE_BYTES } from '../../core/picture/limits.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

const plain = (background: Color, width = 40, height = 30) =>
  sharp({ create: { width, height, channels: 3, background } });
const dotOf = (background: string) => plain(background).png().toBuffer();
const svg = (inside: string, attributes = 'width="40" height="30"') =>
  Buffer.from(
    `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" ${attributes}>${inside}</svg>`,
  );

const send = (url: string, bytes: Buffer, type = 'application/octet-stream') =>
  store.owner.ask('POST', url, bytes, {
    headers: { cookie: store.owner.cookie, 'x-csrf-token': store.owner.csrf, 'content-type': type },
  });
const add = async (bytes: Buffer, name = '') => {
  const answer = await send(`/api/pictures?name=${encodeURIComponent(name)}`, bytes);
  expect(answer.statusCode, answer.body).toBe(200);
  return answer.json<{ picture: StorePicture; wasThere: boolean }>();
};
const refusal = async (bytes: Buffer) => {
  const answer = await send('/api/pictures', bytes);
  expect(answer.statusCode, answer.body).toBe(422);
  return answer.json<{ message: string }>().message;
};
const find = async (query = '') =>
  (await store.owner.ask('GET', `/api/pictures?${query}`)).json<{
    pictures: StorePicture[];
    total: number;
  }>();
const counts = async () =>
  (await store.owner.ask('GET', '/api/pictures/counts')).json<
    Record<'all' | 'unused' | 'unsaid' | 'unnamed', number>
  >();
const uses = async (id: string) =>
  (await store.owner.ask('GET', `/api/pictures/uses?id=${id}`)).json<{ uses: PictureUses | null }>().uses;
const ask = async <T>(url: string, body: object) => {
  const answer = await store.owner.ask('POST', url, body);
  expect(answer.statusCode, answer.body).toBe(200);
  return answer.json<T>();
};
const pixel = async (file: string, x = 0, y = 0) => {
  const { rawPayload } = await store.get(`/pictures/${file}/96.webp`);
  const { data, info } = await sharp(rawPayload).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return [...data.subarray((y * info.width + x) * 4, (y * info.width + x) * 4 + 4)];
};
const near = (found: number[], wanted: number[]) =>
  found.forEach((part, i) => expect(Math.abs(part - wanted[i]!), String(found)).toBeLessThan(12));

describe('a file that is sent', () => {
  it.each([
    ['JPEG', () => plain('#c03020').jpeg({ quality: 100 }).toBuffer()],
    ['PNG', () => plain('#c03020').png().toBuffer()],
    ['WebP', () => plain('#c03020').webp({ lossless: true }).toBuffer()],
    ['AVIF', () => plain('#c03020').avif({ quality: 90 }).toBuffer()],
    ['GIF', () => plain('#c03020').gif().toBuffer()],
    ['SVG', async () => svg('<rect width="40" height="30" fill="#c03020"/>')],
  ])('may be %s, whatever it says it is, and is served as its own content', async (kind, bytes) => {
    const { picture } = await add(await bytes(), `${kind}.txt`);
    expect(picture.width / picture.height).toBeCloseTo(4 / 3);
    near(await pixel(picture.file), [0xc0, 0x30, 0x20, 255]);
    const served = await store.get(`/pictures/${picture.file}/96.webp`);
    expect(served.headers['content-type']).toBe('image/webp');
    const { rows } = await store.database.pool.query<{ bytes: Buffer }>(
      'SELECT bytes FROM picture_file WHERE id = $1',
      [picture.file],
    );
    expect(createHash('sha256').update(rows[0]!.bytes).digest('hex')).toBe(picture.file);
    expect(picture.bytes).toBe(rows[0]!.bytes.length);
  });

  it('is turned upright and loses what it says of place, camera and maker', async () => {
    const photograph = await plain('#204080', 60, 30)
      .jpeg()
      .withMetadata({ orientation: 6, exif: { IFD0: { Copyright: 'Kept by nobody', Make: 'A camera' } } })
      .toBuffer();
    const { picture } = await add(photograph);
    expect([picture.width, picture.height]).toEqual([30, 60]);
    const { rows } = await store.database.pool.query<{ bytes: Buffer }>(
      'SELECT bytes FROM picture_file WHERE id = $1',
      [picture.file],
    );
    const { exif, orientation, icc } = await sharp(rows[0]!.bytes).metadata();
    expect({ exif, orientation, icc }).toEqual({
      exif: undefined,
      orientation: undefined,
      icc: undefined,
    });
    expect(rows[0]!.bytes.includes('Kept by nobody')).toBe(false);
  });

  it('shows the first frame where it moves, and what is behind it where it can be seen through', async () => {
    const frame = (background: Color) => plain(background, 20, 20).png().toBuffer();
    const moving = await sharp([await frame('#ff0000'), await frame('#0000ff')], { join: { animated: true } })
      .gif({ delay: [100, 100] })
      .toBuffer();
    const { picture } = await add(moving);
    expect([picture.width, picture.height]).toEqual([20, 20]);
    near(await pixel(picture.file), [255, 0, 0, 255]);
    const cut = await add(svg('<rect width="20" height="30" fill="#008000"/>'));
    expect(cut.picture.seeThrough).toBe(true);
    expect((await pixel(cut.picture.file, 90, 10))[3]).toBe(0);
    expect(picture.seeThrough).toBe(false);
  });

  it('runs and fetches nothing where it is a drawing with scripts, and is drawn without them', async () => {
    const { picture } = await add(
      svg(`<script>document.documentElement.remove()</script>
        <rect width="40" height="30" fill="#102030" onload="alert(1)"/>
        <image xlink:href="file:///etc/passwd" width="40" height="30"/>
        <image href="http://127.0.0.1:1/x.png" width="40" height="30"/>
        <foreignObject width="40" height="30"><body xmlns="http://www.w3.org/1999/xhtml"><b>No</b></body></foreignObject>`),
    );
    near(await pixel(picture.file, 40, 40), [0x10, 0x20, 0x30, 255]);
    // A drawing has no pixels of its own: a small one is drawn large enough for any card.
    expect(picture.width).toBeGreaterThanOrEqual(1500);
  });

  it('is stored once, however often and under whatever name it comes', async () => {
    const bytes = await plain('#0a0b0c').png().toBuffer();
    const [first, ...again] = await Promise.all([1, 2, 3].map((i) => add(bytes, `Slate ${i}.png`)));
    const all = [first!, ...again];
    expect(new Set(all.map(({ picture }) => picture.id)).size).toBe(1);
    expect(all.filter(({ wasThere }) => !wasThere)).toHaveLength(1);
    expect(first!.picture.name).toMatch(/^Slate \d$/);
  });

  it('is told of cell by cell, the darkest and the lightest of each', async () => {
    const drawing = svg(
      '<rect width="80" height="80" fill="#f0f0f0"/><rect y="40" width="80" height="40" fill="#101010"/><rect x="44" y="54" width="3" height="3" fill="#ff0000"/>',
      'width="80" height="80"',
    );
    const { picture } = await add(drawing);
    const gone = 'a'.repeat(64);
    const { cells } = await ask<{ cells: Record<string, string> }>('/api/pictures/cells', {
      files: [picture.file, gone],
    });
    expect(Object.keys(cells)).toEqual([picture.file]);
    const read = readCells(cells[picture.file]!)!;
    for (let i = 0; i < CELLS * CELLS; i += 1) {
      const [dark, light] = [read[2 * i]!, read[2 * i + 1]!].map((rgb) => [
        rgb >> 16,
        (rgb >> 8) & 255,
        rgb & 255,
      ]);
      const row = Math.floor(i / CELLS);
      // Beside the edge the two are drawn into one another.
      if (row === 3 || row === 4) continue;
      const plainly = i < 32 ? [240, 240, 240] : [16, 16, 16];
      near(dark!, plainly);
      // The red speck is the lightest there is in its own cell.
      if (i === 44) expect(light![0]! - light![1]!).toBeGreaterThan(100);
      else near(light!, plainly);
    }
  });

  it('is refused with a sentence where it is no picture, cut, or too large to be drawn', async () => {
    const { all } = await counts();
    for (const bytes of [
      Buffer.from('Price list'),
      Buffer.from('%PDF-1.7\n%\n1 0 obj\n'),
      Buffer.from('<html><body>Hello</body></html>'),
      await plain('#fff').tiff().toBuffer(),
      Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><rect'),
    ])
      expect(await refusal(bytes)).toBe(
        'This is no picture that can be read. Choose a JPEG, PNG, WebP, AVIF, GIF or SVG file.',
      );
    const whole = await sharp({
      create: {
        width: 200,
        height: 200,
        channels: 3,
        background: '#fff',
        noise: { type: 'gaussian', mean: 99, sigma: 40 },
      },
    })
      .jpeg()
      .toBuffer();
    expect(await refusal(whole.subarray(0, whole.length / 2))).toMatch(/cut or damaged/);
    // A file of some hundred bytes that says it is 40 000 by 40 000: it is read no further than that.
    const huge = await plain('#fff', 1, 1).png().toBuffer();
    huge.writeUInt32BE(40_000, 16);
    huge.writeUInt32BE(40_000, 20);
    expect(await refusal(huge)).toMatch(/(40000 × 40000 pixels. Make it smaller|no picture)/);
    expect(await refusal(svg('', 'width="40000" height="40000"'))).toMatch(/40000 × 40000/);
    expect((await counts()).all).toBe(all);
  });

  it('is refused where it is empty, too heavy, sent as something else or from elsewhere', async () => {
    expect((await send('/api/pictures', Buffer.alloc(0))).json()).toMatchObject({ code: 'file-missing' });
    expect((await store.owner.ask('POST', '/api/pictures', { a: 1 })).json()).toMatchObject({
      code: 'file-missing',
    });
    const heavy = await send('/api/pictures', Buffer.alloc(MOST_PICTURE_BYTES + 1));
    expect([heavy.statusCode, heavy.json<{ code: string }>().code]).toEqual([413, 'body-too-large']);
    expect((await send('/api/items', Buffer.from('x'))).statusCode).toBe(415);
    // Nobody who has not signed in makes the server hold much.
    const large = await store.server.app.inject({
      method: 'POST',
      url: '/api/session',
      headers: { 'content-type': 'image/png' },
      payload: Buffer.alloc(64 * 1024),
    });
    expect(large.statusCode).toBe(413);
    const stranger = await store.server.app.inject({
      method: 'POST',
      url: '/api/pictures',
      headers: { 'content-type': 'image/png' },
      payload: await plain('#123').png().toBuffer(),
    });
    expect(stranger.statusCode).toBe(401);
  });
});

describe('pictures of the store', () => {
  it('are found by their names and by what they show, the newest first', async () => {
    const { picture } = await add(
      await plain('#313233').png().toBuffer(),
      'C:\\photos\\blue_vase%20.large.JPG',
    );
    expect(picture.name).toBe('blue vase%20.large');
    await add(await plain('#414243').png().toBuffer(), 'another.png');
    expect((await find('words=vase%2520')).pictures.map(({ id }) => id)).toEqual([picture.id]);
    await ask('/api/pictures/words', {
      id: picture.id,
      name: 'Vase',
      alt: 'Tall, with 100% cobalt',
      focal: { x: 0.2, y: 1 },
    });
    const found = await find('words=100%25%20cobalt');
    expect(found).toMatchObject({ total: 1, pictures: [{ name: 'Vase', focal: { y: 1 } }] });
    expect(found.pictures[0]!.focal.x).toBeCloseTo(0.2);
    expect((await find()).pictures.slice(0, 2).map(({ name }) => name)).toEqual(['another', 'Vase']);
    expect((await find('from=1')).pictures[0]!.name).toBe('Vase');
    expect((await find('words=no such thing')).pictures).toEqual([]);
  });

  it('say where they stand: in the catalogue, in the draft, before shoppers', async () => {
    const { pool } = store.database;
    const { picture } = await add(await plain('#515253').png().toBuffer(), 'stands.png');
    expect(await uses(picture.id)).toEqual({ catalogue: [], documents: [], live: false, releases: 0 });
    await pool.query('INSERT INTO product_picture (product_id, position, picture_id) VALUES (3, 0, $1)', [
      picture.id,
    ]);
    await pool.query('UPDATE category SET picture_id = $1 WHERE id = 1', [picture.id]);
    const home = await store.document('page:home');
    const bay = { id: 'stands', holds: 'banner', pictureId: picture.id };
    const saved = await store.save({ ...home, body: { ...home.body, bays: [bay] } });
    expect(saved.statusCode, saved.body).toBe(200);
    const before = await uses(picture.id);
    expect(before!.catalogue.map(({ of }) => of)).toEqual(['product', 'category']);
    expect(before).toMatchObject({ documents: ['page:home'], live: false, releases: 0 });
    await store.publish();
    expect(await uses(picture.id)).toMatchObject({ live: true, releases: 1 });
    expect(await uses('0'.repeat(64))).toBeNull();
  });

  it('show another file wherever they stand, at once, and the one before when it is put back', async () => {
    const { pool } = store.database;
    const { picture } = await add(await plain('#616263', 60, 30).png().toBuffer(), 'before.png');
    await pool.query('DELETE FROM product_picture');
    await pool.query('INSERT INTO product_picture (product_id, position, picture_id) VALUES (4, 0, $1)', [
      picture.id,
    ]);
    const ratio = async () =>
      (await pool.query<{ picture_ratio: number }>('SELECT picture_ratio FROM product WHERE id = 4')).rows[0]!
        .picture_ratio;
    expect(await ratio()).toBe(2);
    const shown = async () => {
      const items = await ask<{ items: { product: { pictures: StorePicture[] } }[] }>('/api/items', {
        assortment: { of: 'products', rule: { join: 'all', parts: [{ is: 'named', ids: [4] }] } },
        fallbacks: [],
        without: [],
        start: 0,
        count: 1,
        seenBy: { category: null, collection: null, product: null, lookedAt: [] },
      });
      return items.items[0]!.product.pictures[0]!;
    };
    const answer = await send(
      `/api/pictures/file?id=${picture.id}`,
      await plain('#717273', 30, 60).png().toBuffer(),
    );
    const { picture: after } = answer.json<{ picture: StorePicture }>();
    expect(after).toMatchObject({ id: picture.id, name: 'before', width: 30, formerFile: picture.file });
    expect(await shown()).toMatchObject({ id: picture.id, file: after.file, width: 30 });
    expect(await ratio()).toBe(0.5);
    const put = async () =>
      (await ask<{ picture: StorePicture }>('/api/pictures/former', { id: picture.id })).picture;
    expect(await put()).toMatchObject({ file: picture.file, formerFile: after.file });
    expect(await ratio()).toBe(2);
    expect((await put()).file).toBe(after.file);
    // The file that it began with comes again: as a picture of its own, since this one shows another now.
    const anew = await add(await plain('#616263', 60, 30).png().toBuffer(), 'again.png');
    expect(anew.wasThere).toBe(false);
    expect(anew.picture).toMatchObject({ file: picture.file });
    expect(anew.picture.id).not.toBe(picture.id);
    const none = await send(`/api/pictures/file?id=${'0'.repeat(64)}`, await plain('#111').png().toBuffer());
    expect([none.statusCode, none.json<{ code: string }>().code]).toEqual([404, 'picture-gone']);
  });

  it('are taken away where nothing uses them, with their files, and stay where anything does', async () => {
    const { pool } = store.database;
    const used = (await find('words=stands')).pictures[0]!;
    expect((await store.get(`/pictures/${used.file}/96.webp`)).statusCode).toBe(200);
    const { picture: loose } = await add(await plain('#818283').png().toBuffer(), 'loose.png');
    expect((await store.get(`/pictures/${loose.file}/96.webp`)).statusCode).toBe(200);
    const unused = await find('which=unused');
    expect(unused.pictures.map(({ id }) => id)).toContain(loose.id);
    expect(unused.pictures.map(({ id }) => id)).not.toContain(used.id);
    expect(await counts()).toMatchObject({ all: (await find()).total, unused: unused.total });
    // No draft names it any more, but a release that could be put back does.
    const home = await store.document('page:home');
    await store.save({ ...home, body: { ...home.body, bays: [] } });
    await pool.query('DELETE FROM product_picture; UPDATE category SET picture_id = NULL');
    const { removed } = await ask<{ removed: string[] }>('/api/pictures/removed', {
      ids: [used.id, loose.id],
    });
    expect(removed).toEqual([loose.id]);
    expect((await store.get(`/pictures/${used.file}/96.webp`)).statusCode).toBe(200);
    expect((await store.get(`/pictures/${loose.file}/96.webp`)).statusCode).toBe(404);
    expect(await uses(used.id)).toMatchObject({ releases: 1, documents: [] });
  });
  it('is found by what it lacks: a name, or words on what it shows, which a product may have for it', async () => {
    const { pool } = store.database;
    const [named, said, bare] = [
      (await add(await dotOf('#123456'), 'named.png')).picture,
      (await add(await dotOf('#234567'))).picture,
      (await add(await dotOf('#345678'))).picture,
    ];
    await pool.query(`UPDATE picture SET name = '' WHERE id = ANY($1)`, [[said.id, bare.id]]);
    await pool.query(`UPDATE picture SET alt = 'A dish' WHERE id = $1`, [said.id]);
    const lacking = async (which: string) => {
      const { pictures, total } = await find(`which=${which}`);
      expect((await counts())[which as 'unsaid']).toBe(total);
      return [named, said, bare].filter(({ id }) => pictures.some((one) => one.id === id));
    };
    expect(await lacking('unnamed')).toEqual([said, bare]);
    expect(await lacking('unsaid')).toEqual([named, bare]);
    await pool.query('INSERT INTO product_picture VALUES (5, 0, $1, $2)', [bare.id, 'A plate']);
    expect(await lacking('unsaid')).toEqual([named]);
  });
});

describe('pictures that are named like products', () => {
  it('are found among those that nothing uses, by item code and address, and by no name of two', async () => {
    const { pool } = store.database;
    const { rows } = await pool.query<{ id: number; slug: string; title: string }>(
      'SELECT id, slug, title FROM product ORDER BY id LIMIT 4',
    );
    const [coded, named, first, second] = rows as [
      (typeof rows)[0],
      (typeof rows)[0],
      (typeof rows)[0],
      (typeof rows)[0],
    ];
    await pool.query(`UPDATE product SET code = 'KC/101' WHERE id = $1`, [coded.id]);
    await pool.query(`UPDATE product SET code = 'TWICE' WHERE id = ANY($1)`, [[first.id, second.id]]);
    const { rows: variants } = await pool.query<{ id: number }>(
      `INSERT INTO variant (product_id, position, code, price) VALUES ($1, 7, 'kc 101 blue', 900) RETURNING id`,
      [coded.id],
    );
    const put = async (name: string, colour: string) => (await add(await dotOf(colour), name)).picture.id;
    const code = await put('kc_101-2.png', '#010203');
    const blue = await put('KC-101-Blue.jpg', '#010204');
    const address = await put(`${named.slug}.webp`, '#010205');
    await put('twice.png', '#010206');
    await put('IMG_4711.png', '#010207');
    const used = await put(`${second.slug}.png`, '#010208');
    await pool.query('INSERT INTO product_picture (product_id, position, picture_id) VALUES ($1, 0, $2)', [
      second.id,
      used,
    ]);
    const answer = await store.owner.ask('GET', '/api/pictures/matches');
    const { matches, others } = answer.json<AnswerOf<typeof matchPictures>>();
    const said = matches.map(({ picture, product, variant, place, title }) => ({
      id: picture.id,
      product,
      variant,
      place,
      title,
    }));
    expect(said.sort((a, b) => a.place - b.place || a.product - b.product)).toEqual([
      { id: blue, product: coded.id, variant: variants[0]!.id, place: 0, title: coded.title },
      { id: address, product: named.id, variant: null, place: 0, title: named.title },
      { id: code, product: coded.id, variant: null, place: 2, title: coded.title },
    ]);
    expect(others).toBe((await counts()).unused - 3);
  });
});
