import { readFileSync } from 'node:fs';
import type { ImportState } from '../core/exchange/importState.ts';
import { OWNER } from '../e2e/store.ts';
import { atMost, quantile, ratioAtMost, type Figure } from './figure.ts';

const ROWS = 100_000;
const SECONDS_TO_COMPARE = ROWS / 20_000;
const SECONDS_TO_WRITE = 60;
const MOST_MEMORY_MB = 300;
const MOST_SLOWER = 2;
const PAUSE_MS = 20;

const HEAD =
  'item_no,name,blurb,description,maker,section,keywords,featured,price,sale_price,qty,ean,supplier_ref,origin,weight,width,height,depth,colour,notes';

/** A file of products with twenty columns, of which a shop's list has many that nobody asked for. */
function file(): string {
  const rows = [HEAD];
  for (let i = 0; i < ROWS; i += 1)
    rows.push(
      `IMP-${i},"Listed thing, ${i}",It stands still ${i % 97}.,"A longer text of the thing with the number ${i}, ""as it is said"".",Maker ${i % 300},Imported > Group ${i % 40} > Shelf ${i % 9},table; set ${i % 200},${i % 20 === 0 ? 'yes' : ''},${5 + (i % 400)}.${10 + (i % 90)},${i % 7 === 0 ? `${4 + (i % 400)}.00` : ''},${i % 120},50${10_000_000_000 + i},S-${i},here,${i % 900} g,${i % 50},${i % 60},${i % 70},blue,none`,
    );
  return rows.join('\n');
}

/** What importing a large file takes, and what shoppers notice of it. @param pid of the server */
export async function importFigures(origin: string, pid: number): Promise<Figure[]> {
  const session = await fetch(`${origin}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(OWNER),
  });
  const { csrf } = (await session.json()) as { csrf: string };
  const cookie = session.headers.get('set-cookie')!.split(';')[0]!;
  const ask = async (path: string, body?: unknown): Promise<ImportState> => {
    const isFile = typeof body === 'string';
    const answer = await fetch(`${origin}/api/import${path}`, {
      ...(body === undefined ? {} : { method: 'POST', body: isFile ? body : JSON.stringify(body) }),
      headers: {
        cookie,
        'x-csrf-token': csrf,
        'content-type': isFile ? 'application/octet-stream' : 'application/json',
      },
    });
    if (!answer.ok) throw new Error(await answer.text());
    return ((await answer.json()) as { state: ImportState }).state;
  };
  const memoryMb = () =>
    Number(/VmRSS:\s+(\d+)/u.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;

  /** Pages that shoppers ask for, one after the other, until it is said that it is enough. */
  const shoppers = async (isEnough: () => boolean): Promise<number[]> => {
    const found: number[] = [];
    for (let i = 0; !isEnough(); i += 1) {
      const before = performance.now();
      await (await fetch(`${origin}${['/', '/shop', `/shop?page=${2 + (i % 8)}`][i % 3]}`)).arrayBuffer();
      found.push(performance.now() - before);
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    }
    return found;
  };
  let most = 0;
  const until = async (is: ImportState['is']): Promise<number> => {
    const before = performance.now();
    for (;;) {
      const state = await ask('');
      most = Math.max(most, memoryMb());
      if (state.is === is) return (performance.now() - before) / 1000;
      if (state.fault) throw new Error(state.fault);
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  };

  let rounds = 0;
  await shoppers(() => (rounds += 1) > 60);
  rounds = 0;
  const alone = await shoppers(() => (rounds += 1) > 300);
  const [text, rest] = [file(), memoryMb()];
  let isDone = false;
  const meanwhile = shoppers(() => isDone);
  const { id } = await ask('/file?name=large.csv', text);
  const compared = await until('compared');
  await ask('/write', { id });
  const written = await until('written');
  isDone = true;
  const during = await meanwhile;
  await ask('/undo', { id });
  const undone = await until('undone');
  console.log(`Undone in ${undone.toFixed(1)} s; at rest ${rest.toFixed(0)} MB.`);
  return [
    atMost('import of 100 000 rows: read and compared', 's', compared, SECONDS_TO_COMPARE),
    atMost('import of 100 000 rows: written', 's', written, SECONDS_TO_WRITE),
    atMost('import of 100 000 rows: memory above rest', 'MB', most - rest, MOST_MEMORY_MB),
    ratioAtMost(
      'pages during an import: p95 to that without',
      quantile(during, 0.95) / quantile(alone, 0.95),
      MOST_SLOWER,
    ),
  ];
}
