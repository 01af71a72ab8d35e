import { chromium, type Page } from '@playwright/test';
import { readAssortment, type StoredAssortment } from '../core/assortment/assortment.ts';
import type { ProductAssortment } from '../core/assortment/products.ts';
import { BROWSER } from '../e2e/browser.ts';
import { OWNER } from '../e2e/store.ts';
import { insertAccount } from '../server/accounts/accountRows.ts';
import { hashPassword } from '../server/accounts/passwords.ts';
import { makeServer } from '../server/app.ts';
import { readRuleCounts } from '../server/assortments/counts.ts';
import type { SqlWorld } from '../server/assortments/statement.ts';
import { inTransaction, type Pool } from '../server/db/pool.ts';
import { writeWholeDraft } from '../server/drafts/draftRows.ts';
import { smallPlan } from '../server/specimen/database.ts';
import { listen } from '../server/start/listen.ts';
import { BENCH_NOW } from './catalogue.ts';
import { distribution, type Figure } from './figure.ts';
import { timeInPage } from './timing.ts';

/** What an owner types into a rule of five clauses, letter by letter. */
const TYPED =
  'amber bowl chalk dish ewer footed heather inkwell jug lichen mug narrow oatmeal peat round tall vase wide'.split(
    ' ',
  );

const withWords = (words: string): StoredAssortment => ({
  of: 'products',
  rule: {
    join: 'all',
    parts: [
      { is: 'words', words },
      { is: 'stock', state: 'in', most: 5 },
      { is: 'price', least: 500, most: 9000 },
      { is: 'sold', least: 1, days: 30 },
      { join: 'any', parts: [{ is: 'reduced', percent: 10 }, { is: 'featured' }] },
    ],
  },
});

async function openTyping(page: Page, url: string): Promise<void> {
  await page.addInitScript('globalThis.__name = (named) => named');
  await page.goto(`${url}/studio/assortments/typed`);
  await page.getByLabel('E-mail').fill(OWNER.email);
  await page.getByLabel('Password').fill(OWNER.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('button', { name: /^with the words/ }).click();
}

/** From a letter to the count after each clause on the screen, at ten thousand products. */
export async function typingFigures(database: { url: string; pool: Pool }, world: SqlWorld): Promise<Figure> {
  await insertAccount(database.pool, {
    email: OWNER.email,
    name: 'Owner',
    role: 'owner',
    passwordHash: await hashPassword(OWNER.password),
  });
  const plan = {
    ...smallPlan(),
    assortments: { typed: { id: 'typed', name: 'Typed', assortment: withWords('') } },
  };
  await inTransaction(database.pool, (client) => writeWholeDraft(client, plan, null));
  const server = await makeServer({
    databaseUrl: database.url,
    picturesFolder: '/nowhere',
    clock: () => BENCH_NOW,
  });
  const url = await listen(server, '127.0.0.1', 0);
  const browser = await chromium.launch(BROWSER);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, bypassCSP: true });
    await openTyping(page, url);
    const field = page.getByRole('textbox', { name: 'Every word begins a word of title, tags or brand' });
    const found: number[] = [];
    let before = '';
    for (const word of TYPED) {
      await field.fill('');
      await page.waitForTimeout(400);
      for (let letters = 1; letters <= word.length; letters += 1) {
        const { parts } = await readRuleCounts(
          database.pool,
          readAssortment(withWords(word.slice(0, letters))) as ProductAssortment,
          world,
        );
        const counts = parts.map(({ count }) => count).join(' ');
        const press = () => page.keyboard.press(word[letters - 1]!);
        // A letter that changes no count leaves nothing to be seen.
        if (counts === before) await press();
        else
          found.push(
            await timeInPage(
              page,
              'keydown',
              `[...document.querySelectorAll('[data-setting="assortment.rule"] [title$=" remain"]')].map((one) => one.textContent.replaceAll(',', '')).join(' ') === '${counts}'`,
              press,
            ),
          );
        before = counts;
      }
    }
    return distribution('From a letter to every count on the screen, 10 000 products', 'ms', found, 150);
  } finally {
    await browser.close();
    await server.stop();
  }
}
