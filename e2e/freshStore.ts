import { expect, test, type Page } from '@playwright/test';
import { fillCatalogue } from '../server/specimen/database.ts';
import { newServer } from '../server/specimen/serverOn.ts';
import { listen } from '../server/start/listen.ts';

/** A server on an empty database, with the code that makes its owner. */
interface FreshStore {
  url: string;
  code: string;
  /** Puts some products in. */
  fill(): Promise<void>;
}

export const newStore = test.extend<{ fresh: FreshStore }>({
  // The name of a fixture is told from how it is taken apart.
  fresh: async ({}, use) => {
    const { server, database, code, stop } = await newServer();
    const url = await listen(server, '127.0.0.1', 0);
    await use({ url, code, fill: () => fillCatalogue(database.pool, Date.now()) });
    await stop();
  },
});

/** Makes the owner of a new store, who is led to its first step. */
export async function beOwner(page: Page, { url, code }: FreshStore): Promise<void> {
  await page.goto(`${url}/studio`);
  await page.getByLabel('Setup code').fill(code);
  await page.getByLabel('Your name').fill('Ada');
  await page.getByLabel('Name of your store').fill('Harbour Lamps');
  await page.getByLabel('E-mail').fill('ada@harbour.example');
  await page.getByLabel('Password').fill('long enough it is');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Your store', exact: true })).toBeVisible();
}
