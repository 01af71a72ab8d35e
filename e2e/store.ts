import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import {
  test as base,
  expect,
  type BrowserContext,
  type FrameLocator,
  type Locator,
  type Page,
} from '@playwright/test';
import pg from 'pg';
import { makeServer } from '../server/app.ts';
import { listen } from '../server/start/listen.ts';
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

interface Running {
  /** Ends at once. */
  kill(): Promise<void>;
}

/** A server in this process, which has read its code already. */
async function startHere(databaseUrl: string, port: number): Promise<Running> {
  const server = await makeServer({
    databaseUrl,
    picturesFolder: process.env.TEST_PICTURES!,
    signInTries: 1000,
  });
  await listen(server, '127.0.0.1', port);
  return { kill: () => server.stop() };
}

/** Tenths of a second: three of them that begin at once read seven hundred files each, on two cores. */
const STARTS_WITHIN = 600;

/** A server that can be ended as a power cut would. */
async function startApart(databaseUrl: string, port: number): Promise<Running> {
  const server = spawn(process.execPath, ['--import', 'tsx', serve], {
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      PORT: String(port),
      PICTURES: process.env.TEST_PICTURES,
    },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  for (let i = 0; i < STARTS_WITHIN; i += 1) {
    if (
      await fetch(`http://127.0.0.1:${port}/health`).then(
        (answer) => answer.ok,
        () => false,
      )
    )
      return {
        async kill() {
          if (server.exitCode !== null) return;
          const ended = new Promise((resolve) => server.once('exit', resolve));
          server.kill('SIGKILL');
          await ended;
        },
      };
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('The server did not answer.');
}

/** @param apart in a process of its own, so that it can be killed */
export async function openStore(apart = true): Promise<Store & { close(): Promise<void> }> {
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
  let server: Running | null = null;
  const start = async () => {
    server = await (apart ? startApart : startHere)(database.href, port);
  };
  const kill = async () => {
    await server?.kill();
    server = null;
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

export const test = base.extend<{ store: Store; apart: boolean }>({
  /** For journeys that kill the server. */
  apart: [false, { option: true }],
  store: async ({ apart }, use) => {
    const store = await openStore(apart);
    await use(store);
    await store.close();
  },
});

export { expect };

/** Signs in as the owner, without the form, and goes to a place with a wall. */
export async function signIn(
  page: Page,
  store: Pick<Store, 'url'>,
  place = '/studio/arrange/home',
): Promise<void> {
  expect((await page.request.post(`${store.url}/api/session`, { data: OWNER })).ok()).toBe(true);
  await page.goto(`${store.url}${place}`);
  await expect(page.getByRole('region', { name: 'Wall' })).toBeVisible();
  await expect(
    page.frameLocator('iframe[title^="The page on"]').first().locator('[data-card]').first(),
  ).toBeVisible();
}

export const saved = (page: Page, timeout?: number) =>
  expect(
    page.getByRole('region', { name: 'Issues of this page and when it was saved' }).getByRole('status'),
  ).toHaveText(/^Saved \d/, { timeout });

/** From now on nothing that is saved reaches the server. */
export const cutOff = (context: BrowserContext) =>
  context.route('**/api/draft', (route) =>
    route.request().method() === 'POST' ? route.abort() : route.continue(),
  );
export const backAgain = (context: BrowserContext) => context.unroute('**/api/draft');

/** A line of the spec, opened. */
export async function openLine(page: Page, name: string): Promise<void> {
  // Its head comes before whatever the line holds, which may be called the same.
  const button = page
    .getByRole('region', { name: 'Spec' })
    .getByRole('button', { name, exact: true })
    .first();
  if ((await button.getAttribute('aria-expanded')) !== 'true') await button.click();
  // Controls are fetched when their line is opened, and what stands under them moves as they come.
  await expect(page.getByText('Opening…')).toHaveCount(0);
}

/** The list of all issues of the page, opened where it is not. */
export async function allIssues(page: Page): Promise<Locator> {
  const list = page.getByRole('list', { name: 'Issues' });
  if (await list.isVisible()) return list;
  await expect(page.getByText(/^\d+ issues?$/)).toBeVisible();
  await page.getByRole('button', { name: /^\d+ more$/ }).click();
  return list;
}

/** The page at one of the widths, brought in sight where it is not. */
export async function frameAt(page: Page, width: string): Promise<FrameLocator> {
  const show = page.getByRole('button', { name: new RegExp(`^${width}.*: show$`) });
  if (await show.isVisible()) await show.click();
  return page.frameLocator(`iframe[title*="on ${width}"]`);
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

/** Adds a bay with nothing in it under the chosen one. */
export async function addEmptyBay(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Add a bay' }).click();
  await page.getByRole('button', { name: 'Start with an empty bay' }).click();
  await page.getByRole('menuitem', { name, exact: true }).click();
}
