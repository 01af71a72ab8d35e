import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import type pg from 'pg';
import sharp from 'sharp';
import { OWNER } from '../e2e/store.ts';
import { atMost, distribution, quantile, ratioAtLeast, ratioAtMost, type Figure } from './figure.ts';

const CONNECTIONS = 20;
const SAMPLES = 400;
const PAUSE_MS = 8;

interface Flood {
  perSecond: number;
  statuses: Record<string, { count: number }>;
}

/** Others who ask, in a process of their own. */
function flood(
  origin: string,
  kind: string,
  { seconds = 0, amount = 0, more = [] as string[] },
): { done: Promise<Flood>; end(): void } {
  const child = spawn(
    process.execPath,
    [
      '--import',
      'tsx',
      fileURLToPath(new URL('./flood.ts', import.meta.url)),
      ...[origin, kind, String(CONNECTIONS), String(seconds), String(amount), ...more],
    ],
    { stdio: ['ignore', 'pipe', 'inherit'] },
  );
  let said = '';
  child.stdout.on('data', (chunk: Buffer) => (said += chunk.toString()));
  const done = new Promise<Flood>((resolve, reject) =>
    child.once('exit', () =>
      said ? resolve(JSON.parse(said) as Flood) : reject(new Error('The flood said nothing.')),
    ),
  );
  done.catch(() => undefined);
  return { done, end: () => child.kill() };
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** How long /health takes, ms, asked by one who waits for each answer. */
async function healthTimes(origin: string): Promise<number[]> {
  const times: number[] = [];
  for (let i = 0; i < SAMPLES; i += 1) {
    const before = performance.now();
    const answer = await fetch(`${origin}/health`);
    await answer.arrayBuffer();
    times.push(performance.now() - before);
    await pause(PAUSE_MS);
  }
  return times;
}

/** Whether others are still answered while many ask for what nobody asked for before. */
async function healthFigures(origin: string, products: readonly string[]): Promise<Figure[]> {
  await healthTimes(origin);
  const alone = quantile(await healthTimes(origin), 0.99);
  const figures: Figure[] = [];
  for (const [kind, name] of [
    ['nowhere', 'addresses that lead nowhere'],
    ['starts', 'starts of pages'],
    ['variants', 'variants'],
  ] as const) {
    const others = flood(origin, kind, { seconds: 60, more: [...products] });
    await pause(3_000);
    const beside = quantile(await healthTimes(origin), 0.99);
    others.end();
    await others.done.catch(() => undefined);
    console.log(`  /health p99 ${alone.toFixed(1)} ms alone, ${beside.toFixed(1)} beside ${name}`);
    figures.push(ratioAtMost(`Health, p99, beside random ${name}`, beside / alone, 6));
  }
  return figures;
}

/** What a process holds after many addresses that nobody asks for twice. */
async function memoryFigures(origin: string, heldMb: () => Promise<number>): Promise<Figure[]> {
  const before = await heldMb();
  const { statuses } = await flood(origin, 'any', { amount: 100_000 }).done;
  const after = await heldMb();
  console.log(
    `  ${before.toFixed(0)} MB before, ${after.toFixed(0)} MB after; answers ${JSON.stringify(statuses)}`,
  );
  return [atMost('Memory after 100 000 random addresses, more than before', 'MB', after - before, 60)];
}

const WRITES_PER_SECOND = 20;
const SECONDS = 6;

/** A warm home page while products are written: prices and stocks by turns, of any product. */
async function writeFigures(origin: string, db: pg.Pool): Promise<Figure[]> {
  const { rows } = await db.query<{ n: number }>('SELECT max(id) AS n FROM product');
  const products = rows[0]!.n;
  let writing = true;
  const write = async () => {
    for (let i = 0; writing; i += 1) {
      const next = pause(1_000 / WRITES_PER_SECOND);
      const id = 1 + Math.floor(Math.random() * products);
      await db.query(
        i % 2
          ? 'UPDATE variant SET price = price + 1 WHERE product_id = $1'
          : 'UPDATE variant SET stock = greatest(1, stock - 1) WHERE product_id = $1 AND stock IS NOT NULL',
        [id],
      );
      await next;
    }
  };
  const perSecond = async () => (await flood(origin, 'home', { seconds: SECONDS }).done).perSecond;
  const ratios: number[] = [];
  await perSecond();
  for (let round = 0; round < 3; round += 1) {
    const without = await perSecond();
    writing = true;
    const writer = write();
    const during = await perSecond();
    writing = false;
    await writer;
    console.log(
      `  home ${Math.round(without)}/s, ${Math.round(during)}/s during ${WRITES_PER_SECOND} writes a second`,
    );
    ratios.push(during / without);
  }
  return [ratioAtLeast('Home, warm, during twenty product writes a second', quantile(ratios, 0.5), 0.7)];
}

/** Photographs of 12 million pixels and about 2 MB each, no two alike. */
async function photographs(count: number): Promise<Buffer[]> {
  const noise = { type: 'gaussian', mean: 120, sigma: 24 } as const;
  const ground = await sharp({
    create: { width: 4200, height: 3200, channels: 3, background: '#888', noise },
  })
    .blur(0.8)
    .raw()
    .toBuffer();
  return Promise.all(
    Array.from({ length: count }, (_, i) =>
      sharp(ground, { raw: { width: 4200, height: 3200, channels: 3 } })
        .extract({ left: i * 10, top: i * 7, width: 4000, height: 3000 })
        .jpeg({ quality: 82 })
        .toBuffer(),
    ),
  );
}

/** Whether others are still answered while an owner puts pictures in, two on their way at any time as the studio does. */
async function pictureFigures(origin: string): Promise<Figure[]> {
  const files = await photographs(12);
  const signedIn = await fetch(`${origin}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(OWNER),
  });
  const headers = {
    cookie: signedIn.headers.getSetCookie()[0]!.split(';')[0]!,
    'x-csrf-token': ((await signedIn.json()) as { csrf: string }).csrf,
    'content-type': 'application/octet-stream',
  };
  let [sending, sent] = [true, 0];
  const send = async () => {
    while (sending) {
      const body = new Uint8Array(files[sent % files.length]!);
      const answer = await fetch(`${origin}/api/pictures?name=bench`, { method: 'POST', headers, body });
      if (!answer.ok) throw new Error(await answer.text());
      await answer.arrayBuffer();
      sent += 1;
    }
  };
  await healthTimes(origin);
  const senders = [send(), send()];
  const start = performance.now();
  const times: number[] = [];
  while (sent < 40) times.push(...(await healthTimes(origin)));
  sending = false;
  await Promise.all(senders);
  const perPicture = (performance.now() - start) / sent;
  const mb = files.reduce((sum, { length }) => sum + length, 0) / files.length / 2 ** 20;
  console.log(`  ${sent} pictures of ${mb.toFixed(1)} MB, ${perPicture.toFixed(0)} ms each`);
  return [distribution('Health while pictures of 12 million pixels are put in', 'ms', times, 100)];
}

/** Groups of figures of what a server bears. */
export const LOADS = ['health', 'writes', 'memory', 'pictures'] as const;

/**
 * What a server bears, in a process of its own.
 * @param heldMb what that process holds, after a collection
 */
export async function loadFigures(
  origin: string,
  db: pg.Pool,
  heldMb: () => Promise<number>,
  wants: (group: (typeof LOADS)[number]) => boolean,
): Promise<Figure[]> {
  const { rows } = await db.query<{ slug: string }>('SELECT slug FROM product ORDER BY id LIMIT 40');
  const slugs = rows.map(({ slug }) => slug);
  return [
    ...(wants('health') ? await healthFigures(origin, slugs) : []),
    ...(wants('writes') ? await writeFigures(origin, db) : []),
    ...(wants('pictures') ? await pictureFigures(origin) : []),
    ...(wants('memory') ? await memoryFigures(origin, heldMb) : []),
  ];
}
