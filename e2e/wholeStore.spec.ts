import { readFile } from 'node:fs/promises';
import { expect, type APIRequestContext } from '@playwright/test';
import { beOwner, newStore } from './freshStore.ts';
import { openStore, signIn } from './store.ts';

/** Every page that a store tells search engines of. */
async function pathsOf(request: APIRequestContext, url: string): Promise<string[]> {
  const map = await (await request.get(`${url}/sitemap-1.xml`)).text();
  return [...map.matchAll(/<loc>https?:\/\/[^/<]+([^<]*)<\/loc>/g)].map(([, path]) => path || '/');
}

newStore(
  'a whole store is exported, brought into an empty one, and has equal pages',
  async ({ page, browser, fresh }) => {
    newStore.setTimeout(300_000);
    const store = await openStore(false);
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const from = await context.newPage();
    await signIn(from, store, '/studio/arrange/home');
    await from.getByRole('link', { name: 'Catalogue' }).click();
    await from.getByRole('link', { name: 'Whole store' }).click();
    await expect(from.getByText('A whole store goes into an empty one')).toBeVisible();
    const [download] = await Promise.all([
      from.waitForEvent('download'),
      from.getByRole('link', { name: 'Export the whole store' }).click(),
    ]);
    expect(download.suggestedFilename()).toMatch(/^store-\d{4}-\d\d-\d\d\.zip$/);
    const file = await readFile(await download.path());

    await beOwner(page, fresh);
    await page.getByRole('link', { name: 'Bring it in' }).click();
    const choose = async (name: string, buffer: Buffer) => {
      const [chooser] = await Promise.all([
        page.waitForEvent('filechooser'),
        page.getByRole('button', { name: 'Choose a file' }).click(),
      ]);
      await chooser.setFiles({ name, mimeType: 'application/zip', buffer });
    };
    // One that is cut is said to be, and nothing is lost by it.
    await choose('cut.zip', file.subarray(0, 40_000));
    await expect(page.getByRole('alert')).toContainText('This is no ZIP file, or not all of it.');
    await choose('clayworks.zip', file);
    await expect(
      page.getByText('264 products, 673 pictures, 42 categories, 12 journal entries and 11 pages'),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Bring in Kelverstone Clayworks' }).press('Enter');
    await expect(page.getByRole('status').filter({ hasText: 'Kelverstone Clayworks is here.' })).toBeVisible({
      // All of the work of a store at once, beside two other journeys on two cores.
      timeout: 150_000,
    });
    // Another would be mixed with it.
    await expect(page.getByRole('button', { name: 'Choose a file' })).toBeHidden();
    await expect(page.getByRole('button', { name: 'Nothing to publish' })).toBeVisible();

    const { request } = page;
    const paths = await pathsOf(request, store.url);
    expect(paths.length).toBeGreaterThan(300);
    expect(await pathsOf(request, fresh.url)).toEqual(paths);
    // Of each kind some, and all that are not products.
    const compared = [
      ...paths.filter((path, at) => !path.startsWith('/product/') || at % 40 === 0),
      '/search?q=bowl',
    ];
    for (const path of compared) {
      const [there, here] = await Promise.all(
        [store, fresh].map(async ({ url }) => {
          const answer = await request.get(`${url}${path}`);
          expect(answer.status(), path).toBe(200);
          return (await answer.text()).replaceAll(url, '');
        }),
      );
      expect(here === there, `${path} differs`).toBe(true);
    }

    // It is arranged like any other from here on.
    await page.getByRole('link', { name: 'Arrange its home page' }).click();
    const frame = page.frameLocator('iframe[title^="The page on"]').first();
    await expect(frame.locator('[data-card]').first()).toBeVisible();
    await context.close();
    await store.close();
  },
);
