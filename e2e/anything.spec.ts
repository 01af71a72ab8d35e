import type { Page } from '@playwright/test';
import { numbersFrom, pressAnything } from './pressesAnything.ts';
import { expect, signIn, test, type Store } from './store.ts';

const PLACES = [
  '/studio/arrange/home',
  '/studio/assortments/under-sixty',
  '/studio/arrange/product',
  '/studio/arrange/shop',
];
const ACTS = 11;
const TIMES = Number(process.env.TEST_TIMES ?? 1);

/** Everything that the draft holds, as the server has it. */
async function draftOf({ pool }: Store): Promise<Record<string, unknown>> {
  const { rows } = await pool.query<{ key: string; body: unknown }>(
    'SELECT key, body FROM draft_document WHERE body IS NOT NULL ORDER BY key',
  );
  return Object.fromEntries(rows.map(({ key, body }) => [key, body]));
}

/** Steps back until there is nothing more to take back. */
async function undoAll(page: Page): Promise<void> {
  const undo = page.getByRole('button', { name: 'Undo', exact: true });
  for (let open = 0; open < 4; open += 1) await page.keyboard.press('Escape');
  while (await undo.isEnabled()) await undo.click();
}

/** What the studio says is wrong, but for what it says of a field that was filled in wrongly. */
const alertsOf = (page: Page): Promise<string[]> =>
  page
    .getByRole('alert')
    .evaluateAll((all) =>
      all
        .filter((one) => !one.parentElement?.querySelector('[aria-invalid="true"]'))
        .flatMap((one) => one.textContent.trim() || []),
    );

for (let seed = 1; seed <= 2 * TIMES; seed += 1)
  test(`whoever presses anything, anywhere, meets no fault and steps back to where they began, ${seed}`, async ({
    page,
    store,
  }) => {
    const before = await draftOf(store);
    const wrong: string[] = [];
    const did: string[] = [];
    const told = (what: string) => wrong.push(`${what}; after ${did.slice(-4).join(', ')}`);
    page.on('console', (said) => said.type() === 'error' && told(said.text()));
    page.on('pageerror', (error) => told(error.stack ?? error.message));
    page.on('response', (answer) => answer.status() >= 400 && told(`${answer.status()} of ${answer.url()}`));
    await signIn(page, store);
    await page.goto(store.url + PLACES[seed % PLACES.length]!);
    await expect(page.getByRole('main')).toBeVisible();
    const random = numbersFrom(seed);
    for (let act = 0; act < ACTS; act += 1) {
      did.push(await pressAnything(page, random));
      expect(new URL(page.url()).pathname, did.at(-1)).toMatch(/^\/studio/);
      for (const alert of await alertsOf(page)) told(alert);
    }
    expect(wrong).toEqual([]);
    await undoAll(page);
    await expect.poll(() => draftOf(store)).toEqual(before);
    expect(wrong).toEqual([]);
  });
