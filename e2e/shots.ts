import { mkdir, readdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium, type Page } from '@playwright/test';
import { makeServer } from '../server/app.ts';
import { buildStudio } from '../server/start/build.ts';
import { listen } from '../server/start/listen.ts';
import { BROWSER } from './browser.ts';
import { mainViews } from './mainViews.ts';
import { quiet } from './quiet.ts';
import { signIn } from './store.ts';
import { startTemplate } from './template.ts';

/** Fresh pictures of the main views, from the demo store, into docs/screenshots. */
const folder = fileURLToPath(new URL('../docs/screenshots', import.meta.url));

/** Waits for the pictures that are in sight, in frames too: one still under way is nothing that has been fetched. */
const pictured = (page: Page) =>
  Promise.all(
    page.frames().map((frame) =>
      frame.waitForFunction(() =>
        [...document.images].every((one) => {
          const { top, bottom, width } = one.getBoundingClientRect();
          return one.complete || width === 0 || bottom < 0 || top > window.innerHeight;
        }),
      ),
    ),
  );

await buildStudio(console.log);
console.log('Making the demo store …');
const template = await startTemplate(1);
try {
  await template.seed();
  const databaseUrl = template.url.replace(/[^/]+$/, template.env.TEST_TEMPLATE!);
  const server = await makeServer({ databaseUrl, picturesFolder: template.env.TEST_PICTURES! });
  const url = await listen(server, '127.0.0.1', 0);
  const browser = await chromium.launch(BROWSER);
  const context = await browser.newContext({ locale: 'en-GB', viewport: { width: 1280, height: 800 } });
  const studio = await context.newPage();
  await signIn(studio, { url });
  await mkdir(folder, { recursive: true });
  for (const file of await readdir(folder)) await rm(join(folder, file));
  for (const view of mainViews) {
    const page: Page = view.width ? await context.newPage() : studio;
    if (view.width) await page.setViewportSize({ width: view.width, height: view.height ?? 800 });
    await page.goto(`${url}${view.path}`);
    await quiet(page);
    await view.prepare?.(page);
    await pictured(page);
    await page.waitForTimeout(700);
    await page.screenshot({ path: join(folder, `${view.name}.png`) });
    if (view.width) await page.close();
    console.log(`  ${view.name}.png`);
  }
  await browser.close();
  await server.stop();
} finally {
  await template.stop();
}
process.exit();
