import { spawn, type ChildProcess } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import { test as base, expect, type Page } from '@playwright/test';
import pg from 'pg';
import { freePort } from '../server/start/postgres.ts';

export const OWNER = { email: 'owner@kelverstone.example', password: 'kiln-and-clay' };

/** The demo store on a database and a port of its own, so that journeys never meet. */
export interface Store {
  url: string;
  pool: pg.Pool;
  /** Ends the server at once, as a power cut would. */
  kill(): Promise<void>;
  start(): Promise<void>;
}

const serve = fileURLToPath(new URL('./serve.ts', import.meta.url));

async function admin(text: string): Promise<void> {
  const client = new pg.Client({ connectionString: process.env.TEST_DATABASE_URL });
  await client.connect();
  await client.query(text).finally(() => client.end());
}

/** Copies the seeded store; the template allows one copy at a time, so others wait and try again. */
async function cloneStore(name: string): Promise<void> {
  for (let tries = 0; ; tries += 1)
    try {
      return await admin(`CREATE DATABASE ${name} TEMPLATE ${process.env.TEST_TEMPLATE}`);
    } catch (error) {
      if (tries > 50) throw error;
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
}

export async function openStore(): Promise<Store & { close(): Promise<void> }> {
  const name = `journey_${randomBytes(5).toString('hex')}`;
  await cloneStore(name);
  const database = new URL(process.env.TEST_DATABASE_URL!);
  database.pathname = `/${name}`;
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const pool = new pg.Pool({ connectionString: database.href, max: 2 });
  // A connection that is still closing when its database is dropped says so; nobody waits for it any more.
  pool.on('connect', (client) => client.on('error', () => undefined));
  pool.on('error', () => undefined);
  let server: ChildProcess | null = null;
  const start = async () => {
    server = spawn(process.execPath, ['--import', 'tsx', serve], {
      env: {
        ...process.env,
        DATABASE_URL: database.href,
        PORT: String(port),
        PICTURES: process.env.TEST_PICTURES,
      },
      stdio: ['ignore', 'ignore', 'inherit'],
    });
    for (let i = 0; i < 200; i += 1) {
      if (
        await fetch(`${url}/health`).then(
          (answer) => answer.ok,
          () => false,
        )
      )
        return;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error('The server did not answer.');
  };
  const kill = async () => {
    const ending = server;
    if (!ending || ending.exitCode !== null) return;
    const ended = new Promise((resolve) => ending.once('exit', resolve));
    ending.kill('SIGKILL');
    await ended;
  };
  await start();
  return {
    url,
    pool,
    kill,
    start,
    async close() {
      await kill();
      await pool.end();
      await admin(`DROP DATABASE ${name} WITH (FORCE)`);
    },
  };
}

export const test = base.extend<{ store: Store }>({
  store: async ({}, use) => {
    const store = await openStore();
    await use(store);
    await store.close();
  },
});

export { expect };

export async function signIn(
  page: Page,
  store: Pick<Store, 'url'>,
  place = '/studio/arrange/home',
): Promise<void> {
  await page.goto(`${store.url}${place}`);
  await page.getByLabel('E-mail').fill(OWNER.email);
  await page.getByLabel('Password').fill(OWNER.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('region', { name: 'Wall' })).toBeVisible();
  await expect(page.frameLocator('iframe').first().locator('[data-card]').first()).toBeVisible();
}

export const saved = (page: Page, timeout?: number) =>
  expect(page.getByRole('contentinfo').getByRole('status')).toHaveText(/^Saved \d/, { timeout });

/** A line of the spec, opened. */
export async function openLine(page: Page, name: string): Promise<void> {
  const button = page.getByRole('region', { name: 'Spec' }).getByRole('button', { name, exact: true });
  if ((await button.getAttribute('aria-expanded')) !== 'true') await button.click();
}

/** How many cards stand in the first row, and which ones are shown. */
export async function measureShelf(page: Page, shelf: string): Promise<{ across: number; ids: number[] }> {
  return page.locator(`[data-shelf="${shelf}"] .cards`).evaluate((list) => {
    const shown = [...list.children].filter((card) => card.getBoundingClientRect().height > 0);
    const top = shown[0]?.getBoundingClientRect().top;
    return {
      across: shown.filter((card) => Math.abs(card.getBoundingClientRect().top - top!) < 2).length,
      ids: shown.map((card) => Number(card.getAttribute('data-card'))),
    };
  });
}
