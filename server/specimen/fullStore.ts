import { readFile } from 'node:fs/promises';
import sharp from 'sharp';
import { typeFamily } from '../../core/text/families/index.ts';
import { typeFile } from '../fonts/typeFile.ts';
import { smallStore, type SmallStore } from './smallStore.ts';
import type { SignedInClient } from './signedIn.ts';

/** Thirty products with something of everything that a store can have. */
export async function fullStore(): Promise<SmallStore> {
  const store = await smallStore(30);
  const run = (sql: string, values: unknown[] = []) => store.database.pool.query(sql, values);
  const put = (url: string, file: Buffer) =>
    store.owner.ask('POST', url, file, {
      headers: {
        cookie: store.owner.cookie,
        'x-csrf-token': store.owner.csrf,
        'content-type': 'application/octet-stream',
      },
    });
  for (const background of ['#336699', '#996633']) {
    const file = await sharp({ create: { width: 40, height: 30, channels: 3, background } })
      .png()
      .toBuffer();
    await put(`/api/pictures?name=Dot ${background.slice(1)}.png`, file);
  }
  await put('/api/typefaces', await readFile(typeFile(typeFamily('oswald'), 'latin', 'upright')));
  await run(`INSERT INTO brand (id, slug, name) VALUES (7, 'moor', 'Moor & Sons')`);
  await run(`INSERT INTO field (id, name, type, unit) VALUES ('weight', 'Weight', 'number', 'g')`);
  await run(`INSERT INTO option (id, name) VALUES (3, 'Size')`);
  await run(
    `INSERT INTO option_value (id, option_id, name, position, colour) VALUES (5, 3, 'Small', 1, '#112233'), (4, 3, 'Large', 0, NULL)`,
  );
  await run(
    `INSERT INTO variant_value (variant_id, option_value_id) SELECT id, 4 + product_id % 2 FROM variant WHERE product_id < 9`,
  );
  await run(
    `UPDATE product SET brand_id = 7, fields = '{"weight": 12.5}', last_sold_at = now(), rating_sum = 9, rating_count = 2 WHERE id < 4`,
  );
  await run(
    `INSERT INTO product_tag (product_id, tag) SELECT id, 'blå & “tag”' FROM product WHERE id % 3 = 0`,
  );
  await run(
    `INSERT INTO product_picture (product_id, position, picture_id, alt) SELECT n, 0, (SELECT min(id) FROM picture), 'A dot' FROM generate_series(1, 5) n`,
  );
  await run(
    `INSERT INTO product_text (product_id, short_text, long_text) VALUES (1, 'In short', E'At\\n\\nlength') ON CONFLICT (product_id) DO UPDATE SET short_text = 'In short'`,
  );
  await run(`UPDATE category SET slug = 'everything' WHERE slug = 'all'`);
  await run(
    `INSERT INTO collection (slug, name, rule) VALUES ('heavy', 'Heavy', '{"join": "all", "parts": [{"is": "tag", "tags": ["blå & “tag”"]}]}')`,
  );
  await run(`INSERT INTO sold_daily (product_id, day, units) VALUES (1, 20000, 3), (2, 20001, 1)`);
  await run(`INSERT INTO bought_together (product_id, other_id, orders) VALUES (1, 2, 1), (2, 1, 1)`);
  await run('UPDATE order_count SET orders = 4 WHERE slot = 2');
  await run('INSERT INTO sample_product (product_id) VALUES (30)');
  await run(`UPDATE journal_entry SET draft = '[]', tags = '{news,blå}'`);
  return store;
}

/** All of a store as one ZIP. */
export const exportedStore = async (owner: SignedInClient): Promise<Buffer> =>
  (await owner.ask('GET', '/api/export/store.zip', undefined)).rawPayload;
