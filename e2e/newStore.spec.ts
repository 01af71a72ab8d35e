import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { ensureSetupCode } from '../server/accounts/setupCode.ts';
import { makeServer } from '../server/app.ts';
import { fillCatalogue, testDatabase } from '../server/specimen/database.ts';
import { listen } from '../server/start/listen.ts';

test('a new store goes from its setup code to pages that shoppers see', async ({ page }) => {
  const database = await testDatabase();
  const folder = await mkdtemp(join(tmpdir(), 'new-store-'));
  const code = await ensureSetupCode(database.pool);
  const server = await makeServer({ databaseUrl: database.url, picturesFolder: folder });
  const url = await listen(server, '127.0.0.1', 0);
  try {
    await page.goto(url);
    await expect(page.getByRole('heading', { name: 'This store is not open yet' })).toBeVisible();

    await page.goto(`${url}/studio`);
    await page.getByLabel('Setup code').fill('not the code');
    await page.getByLabel('Your name').fill('Ada');
    await page.getByLabel('Name of your store').fill('Harbour Lamps');
    await page.getByLabel('E-mail').fill('ada@harbour.example');
    await page.getByLabel('Password').fill('long enough it is');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert')).toContainText('not the setup code');
    await page.getByLabel('Setup code').fill(code!);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('main').getByRole('heading', { level: 1 })).toHaveText('Arrange: Home');

    // Every page is there to be arranged, and goods that come later show by themselves.
    await fillCatalogue(database.pool, Date.now());
    await page.reload();
    await expect(
      page.frameLocator('iframe[title^="The page on"]').first().locator('[data-card]').first(),
    ).toBeVisible();
    await page.getByRole('button', { name: /^Publish \d+ changes/ }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog).toContainText('Shoppers see nothing yet.');
    await expect(dialog.getByRole('listitem').filter({ hasText: 'is a new page' })).toHaveCount(18);
    await dialog.getByRole('button', { name: 'Publish now' }).click();
    await expect(page.getByRole('dialog', { name: 'Live' })).toContainText('Release 1');

    await page.goto(url);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Harbour Lamps');
    await expect(page.locator('[data-card]').first()).toBeVisible();
    await page.goto(`${url}/category/some`);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Some');
  } finally {
    await server.stop();
    await database.drop();
    await rm(folder, { recursive: true, force: true });
  }
});
